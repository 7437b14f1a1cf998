using Nido.Core;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;

namespace Nido.Catalog;

/// <summary>Reads what can be seen of work on a ladder: signs that it goes wrong, and ways to hold a tool.</summary>
internal static class SignReader
{
    /// <summary>The signs of a ladder.</summary>
    public static IReadOnlyList<Sign> Signs(ContentFile f)
    {
        var (ladder, source) = (f.Text("id"), f.Text("source"));
        Sign[] signs =
        [
            .. f.Maps("signs")
                .Select(s =>
                {
                    var sign = new Sign(ladder, s.Text("id"), Both(s, "sign"), Both(s, "change"), source);
                    s.NothingElse();
                    return sign;
                }),
        ];
        if (signs.Length is < 3 or > 6 || signs.DistinctBy(s => s.Id).Count() < signs.Length)
        {
            f.Refuse("signs", $"a ladder has 3 to 6 signs, no two of one id; this one {signs.Length}");
        }

        return signs;
    }

    /// <summary>The grips of a ladder, earliest first.</summary>
    public static IReadOnlyList<Grip> Grips(ContentFile f)
    {
        var (ladder, source) = (f.Text("id"), f.Text("source"));
        Grip[] grips =
        [
            .. f.Maps("grips")
                .Select(g =>
                {
                    var grip = new Grip(
                        ladder,
                        g.Text("id"),
                        Both(g, "name"),
                        g.Whole("typical-months", 6, 96),
                        source
                    );
                    g.NothingElse();
                    return grip;
                }),
        ];
        if (grips.Zip(grips.Skip(1)).Any(x => x.First.TypicalMonths > x.Second.TypicalMonths))
        {
            f.Refuse("grips", "grips stand in the order in which children come to them");
        }

        return grips;
    }

    /// <summary>Notes signs and grips of a ladder that there is not, and ladders without signs.</summary>
    public static void StandOnLadders(
        IReadOnlyDictionary<string, Ladder> ladders,
        IReadOnlyList<Sign> signs,
        IReadOnlyList<Grip> grips,
        List<ContentProblem> problems
    ) =>
        problems.AddRange([
            .. signs
                .Select(s => s.Ladder)
                .Distinct()
                .Where(l => !ladders.ContainsKey(l))
                .Select(l => new ContentProblem($"signs/{l}.yaml", 1, $"there is no ladder `{l}`")),
            .. grips
                .Select(s => s.Ladder)
                .Distinct()
                .Where(l => !ladders.ContainsKey(l))
                .Select(l => new ContentProblem($"grips/{l}.yaml", 1, $"there is no ladder `{l}`")),
            .. ladders
                .Keys.Except(signs.Select(s => s.Ladder))
                .Select(l => new ContentProblem(
                    $"ladders/{l}.yaml",
                    1,
                    $"nothing says what is seen when it goes wrong: write signs/{l}.yaml"
                )),
        ]);

    private static InBoth Both(ContentFile f, string key)
    {
        var text = f.Map(key, needed: true);
        var both = new InBoth(text.Text("en"), text.Text("es"));
        text.NothingElse();
        return both;
    }
}
