using Nido.Catalog;
using Nido.Core.Group;

namespace Nido.Core.Tests.Catalog;

public class ContentTests
{
    private static readonly Content Content = Published.Content;

    [Fact]
    public void The_shipped_catalogue_is_as_large_as_it_should_be()
    {
        Content.Techniques.Count.ShouldBeGreaterThanOrEqualTo(24);
        Content.Materials.Count.ShouldBeGreaterThanOrEqualTo(80);
        Content.Ladders.Count.ShouldBeGreaterThanOrEqualTo(8);
        Content.Themes.ShouldAllBe(t => t.Words.Count >= 25);
        Content.Techniques.Count(t => t.WholeArm).ShouldBeGreaterThanOrEqualTo(4);
        Content.Techniques.Count(t => t.WarmUp).ShouldBeGreaterThanOrEqualTo(1);
    }

    [Fact]
    public void Every_block_kind_has_many_techniques_and_every_strand_is_reached()
    {
        foreach (var kind in Enum.GetValues<BlockKind>())
        {
            Content.Techniques.Count(t => t.Blocks.Contains(kind)).ShouldBeGreaterThanOrEqualTo(8, $"{kind}");
        }

        Strand.All.Select(s => s.Id).Except(Content.Techniques.SelectMany(t => t.Strands.Keys)).ShouldBeEmpty();
    }

    [Fact]
    public void Shares_add_up_and_every_technique_starts_low_and_goes_high()
    {
        foreach (var technique in Content.Techniques)
        {
            technique.AimShares().Sum().ShouldBe(1, 1e-9, technique.Id);
            technique.Steps.Count.ShouldBeGreaterThanOrEqualTo(3, technique.Id);
            technique.Steps.Select(s => s.Step).ShouldBeInOrder(SortDirection.Ascending, technique.Id);
            technique.Instructions.Count.ShouldBeGreaterThanOrEqualTo(2, technique.Id);
        }
    }

    [Theory]
    [InlineData("strands: {pinch: 60, counting: 40}", "strands: {pinch: 60, counting: 30}", "add up to 90")]
    [InlineData("ladder: carry", "ladder: karry", "is not one of")]
    [InlineData("minutes: 10", "minutes: ten", "is not a number")]
    [InlineData("blocks: [table]", "blocks: [tabel]", "`tabel` in `blocks` is not known")]
    [InlineData("clean-up: 1", "cleanup: 1", "`cleanup` is not known here")]
    [InlineData("quantity: count", "quantity: lots", "`lots` is not a number")]
    [InlineData("any: [soft]", "any: [fluffy]", "`fluffy` in `any` is not known")]
    [InlineData("width: 30..60", "width: 60..30", "is not a range")]
    [InlineData("- {step: 1,", "- {step: 12,", "from 1 to 7")]
    [InlineData("name: {en: Test, es: Prueba}", "name: [", "")]
    [InlineData("name: {en: Test, es: Prueba}", "name: Test", "stands in one language only")]
    [InlineData("es: \"Probar {el-small}\"", "es: \"\"", "`es` is missing or empty")]
    [InlineData("{el-small}", "{el-smal}", "no theme fills the braces of `{el-smal}`")]
    [InlineData("{small}", "{el-small}", "no theme fills the braces of `{el-small}`")]
    [InlineData(", seen: {en: two, es: dos}", "", "`seen` must be a mapping")]
    [InlineData("sign: {en: drops, es: cae}", "sign: {en: \"{small}\", es: cae}", "kept in the journal")]
    [InlineData("{id: b,", "{id: a,", "no two of one id")]
    public void A_wrong_technique_is_refused_with_file_line_and_reason(string right, string wrong, string reason)
    {
        using var folder = new ContentCopy();
        folder.Write("techniques/test.yaml", Technique);
        ContentReader.Read(folder.Path).Problems.ShouldBeEmpty();

        folder.Write("techniques/test.yaml", Technique.Replace(right, wrong, StringComparison.Ordinal));
        var problem = ContentReader
            .Read(folder.Path)
            .Problems.First(p => p.Reason.Contains(reason, StringComparison.Ordinal));
        problem.File.ShouldBe(System.IO.Path.Combine("techniques", "test.yaml"));
        problem.Line.ShouldBeGreaterThan(0);
        problem.ToString().ShouldMatch(@"test\.yaml\(\d+\): error NIDO: .+");
    }

    [Fact]
    public void The_line_is_that_of_the_mistake()
    {
        using var folder = new ContentCopy();
        folder.Write(
            "techniques/test.yaml",
            Technique.Replace("minutes: 10", "minutes: ten", StringComparison.Ordinal)
        );
        ContentReader
            .Read(folder.Path)
            .Problems[0]
            .Line.ShouldBe(
                Technique.Split('\n').ToList().FindIndex(l => l.StartsWith("minutes", StringComparison.Ordinal)) + 1
            );
    }

    [Theory]
    [InlineData("materials/beads-small.yaml", "shape: sphere", "shape: ball", "is not one of")]
    [InlineData("materials/beads-small.yaml", "diameter: 16", "diameter: 0", "needs `diameter`")]
    [InlineData("materials/beads-small.yaml", "id: beads-small", "id: beads", "must be the file's name")]
    [InlineData("ladders/arm.yaml", "typical-months: 20", "typical-months: 10", "lower typical age")]
    [InlineData(
        "themes/night-train.yaml",
        "  holder: {en: \"luggage van\", es: \"el vagón de equipajes\"}\n",
        "",
        "slot `holder` is missing"
    )]
    [InlineData("safety/blade.yaml", "when: {any-tags: [blade]}", "when: {}", "fire on everything")]
    [InlineData("safety/pins.yaml", "under-months: 36,", "under-months: 40,", "the rule fires on example 1 of `quiet`")]
    [InlineData("safety/pins.yaml", "months: 35", "months: 36", "the rule does not fire on example 1 of `fires`")]
    [InlineData(
        "safety/cord.yaml",
        "quiet:\n  - {tags: [wood]}\n",
        "",
        "needs an example on which it just does not fire"
    )]
    [InlineData(
        "safety/cord.yaml",
        "severity: watch",
        "severity: worry",
        "is not one of block, adult-step, watch, tell"
    )]
    [InlineData(
        "materials/felt-pens.yaml",
        "{name: {en: \"cap\", es: \"capuchón\"}, shape: rod, size: {length: 45, diameter: 13}}",
        "{name: {en: \"cap\", es: \"capuchón\"}, shape: rod, size: {length: 45}}",
        "a rod needs `diameter`"
    )]
    [InlineData(
        "make-from/straw-pieces-of-straws.yaml",
        "from: {straws: 1}",
        "from: {strews: 1}",
        "material `strews` is not known"
    )]
    [InlineData("make-from/straw-pieces-of-straws.yaml", "piece: 60", "piece: 600", "a batch gives something")]
    [InlineData("make-from/short-tubes-of-long.yaml", "amount: 2", "amount: 0", "a batch gives something")]
    [InlineData(
        "make-from/parcels-light-of-boxes.yaml",
        "small-boxes: 1",
        "parcels-heavy: 1",
        "made of each other in a circle"
    )]
    [InlineData("recipes/bubbles.yaml", "amount: 870", "amount: 0", "`water` needs an amount over 0")]
    [InlineData(
        "recipes/bubbles.yaml",
        "unit: mL, density: 1.03",
        "unit: jug, density: 1.03",
        "`unit: jug` is not one of"
    )]
    [InlineData(
        "techniques/snip-and-cut.yaml",
        "name: {en: \"snips\", es: \"recortes\"}, from: sheet",
        "name: {en: \"snips\", es: \"recortes\"}, from: paper",
        "which is no role of the technique"
    )]
    [InlineData(
        "goes-with/joiners.yaml",
        "glue-stick: {paper: yes, ",
        "glue-stick: {",
        "the row `glue-stick` says nothing of `paper`"
    )]
    [InlineData("goes-with/markers.yaml", "wax: {paper: yes", "wax: {paper: perhaps", "is not one of")]
    [InlineData("materials/glue-sticks.yaml", "joins: glue-stick", "joins: chewing-gum", "is not one of")]
    [InlineData("materials/beads-small.yaml", "cream: 20", "cream: 50", "add up to 130, not 100")]
    [InlineData("techniques/glue-guide.yaml", "{holds: glue, on: base}", "{holds: glue, on: wall}", "is not one of")]
    [InlineData(
        "techniques/glue-guide.yaml",
        "{holds: glue, on: base}",
        "{sticks: glue, on: base}",
        "a pair says one of"
    )]
    [InlineData(
        "techniques/braid-three.yaml",
        "{name: strand,",
        "{name: plait,",
        "`plait` has no word in tongues/es.yaml"
    )]
    [InlineData(
        "themes/little-post-office.yaml",
        "without-picture: [seal]",
        "without-picture: [walrus]",
        "is not among the words"
    )]
    [InlineData("techniques/build-frames.yaml", "frame: cube", "frame: castle", "castle")]
    [InlineData("techniques/arc-picture.yaml", "{radius: 60,", "{radius: 0,", "outerRadius")]
    [InlineData("techniques/tray-writing.yaml", "quantity: tray layer", "quantity: a handful", "or one of count")]
    [InlineData("recipes/dough-cornstarch.yaml", "makes: dough-corn", "makes: dough-moon", "is not one of")]
    public void Wrong_files_of_other_kinds(string file, string right, string wrong, string reason)
    {
        using var folder = new ContentCopy();
        var text = File.ReadAllText(System.IO.Path.Combine(folder.Path, file));
        text.ShouldContain(right);
        folder.Write(file, text.Replace(right, wrong, StringComparison.Ordinal));
        var (_, problems) = ContentReader.Read(folder.Path);
        problems.ShouldContain(p => p.Reason.Contains(reason) && (p.File == file || p.File.StartsWith("make-from")));
    }

    [Fact]
    public void A_wrong_catalogue_is_not_read_at_all()
    {
        using var folder = new ContentCopy();
        folder.Write(
            "techniques/test.yaml",
            Technique.Replace("minutes: 10", "minutes: ten", StringComparison.Ordinal)
        );
        Should.Throw<ContentException>(() => Content.Read(folder.Path)).Problems.ShouldNotBeEmpty();
    }

    [Fact]
    public void Titles_of_a_week_can_be_told_apart() =>
        Content.Techniques.Select(t => Content.Themes[0].Fill(t.Title)).ShouldBeUnique();

    [Fact]
    public void Recipes_come_in_families_with_one_for_every_allergy()
    {
        Content.Recipes.Count.ShouldBeGreaterThanOrEqualTo(12);
        foreach (var family in Content.Recipes.GroupBy(r => r.Family).Where(f => f.Count() > 1))
        {
            foreach (var allergen in family.SelectMany(r => r.Allergens).Distinct())
            {
                family.ShouldContain(r => !r.Allergens.Contains(allergen), $"{family.Key} without {allergen}");
            }
        }

        Content.Recipes.Where(r => r.Actions.Contains("heat")).ShouldAllBe(r => r.AdultOnly);
        Content.Recipes.ShouldAllBe(r =>
            r.Ingredients.Sum(i => i.Unit == "g" || i.Unit == "mL" ? i.Amount : 0) >= 0.85 * r.Yield
        );
    }

    [Fact]
    public void A_thing_may_have_an_unknown_size_and_says_so()
    {
        using var folder = new ContentCopy();
        var text = File.ReadAllText(System.IO.Path.Combine(folder.Path, "materials/beads-small.yaml"));
        folder.Write(
            "materials/beads-small.yaml",
            System.Text.RegularExpressions.Regex.Replace(text, "(?m)^size: .*$", "size: unknown")
        );
        var (content, problems) = ContentReader.Read(folder.Path);
        problems.ShouldBeEmpty();
        content.Material("beads-small")!.SizeInWords.ShouldBe("size not known");
        Nido.Core.Safety.SmallPart.Is(content.Material("beads-small")!.Body).ShouldBeTrue();
    }

    private const string Technique = """
        id: test
        name: {en: Test, es: Prueba}
        title: {en: "Test the {small}", es: "Probar {el-small}"}
        ladder: carry
        strands: {pinch: 60, counting: 40}
        blocks: [table]
        minutes: 10
        clean-up: 1
        hand-load: light
        theme-link: 1
        approaches: [games]
        roles:
          - {name: piece, any: [soft], width: 30..60, per: child, quantity: count}
        steps:
          - {step: 1, do: {en: Carry, es: Lleva}, say: {en: Look, es: Mira}, easier: {en: Near, es: Cerca}, harder: {en: Far, es: Lejos}, seen: {en: two, es: dos}}
        goes-wrong:
          - {id: a, sign: {en: drops, es: cae}, try: {en: Near, es: Cerca}}
          - {id: b, sign: {en: throws, es: lanza}, try: {en: Slow, es: Lento}}
          - {id: c, sign: {en: leaves, es: se va}, try: {en: Fewer, es: Menos}}
        instructions:
          - {en: One., es: Uno.}
          - {en: Two., es: Dos.}
        """;

    private sealed class ContentCopy : IDisposable
    {
        public ContentCopy()
        {
            foreach (
                var file in Directory.EnumerateFiles(
                    System.IO.Path.Combine(Published.Root, "content"),
                    "*.yaml",
                    SearchOption.AllDirectories
                )
            )
            {
                // Pointed at, not copied: hundreds of small files a test are slow to write.
                var path = System.IO.Path.Combine(
                    Path,
                    System.IO.Path.GetRelativePath(System.IO.Path.Combine(Published.Root, "content"), file)
                );
                Directory.CreateDirectory(System.IO.Path.GetDirectoryName(path)!);
                File.CreateSymbolicLink(path, file);
            }
        }

        public string Path { get; } = Directory.CreateTempSubdirectory("nido-content").FullName;

        public void Write(string file, string text)
        {
            var path = System.IO.Path.Combine(Path, file);
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(path)!);
            File.Delete(path);
            File.WriteAllText(path, text);
        }

        public void Dispose() => Directory.Delete(Path, recursive: true);
    }
}
