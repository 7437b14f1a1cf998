using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Core.Paper;

namespace Nido.Catalog;

/// <summary>Reads the content folder into the types of Core and says everything that is wrong with it.</summary>
public static class ContentReader
{
    /// <summary>Reads a folder; the content is only to be used when there are no problems.</summary>
    public static (Content Content, IReadOnlyList<ContentProblem> Problems) Read(string folder)
    {
        var problems = new List<ContentProblem>();
        var book = AllergenReader.Together(Each(folder, "allergens", problems, AllergenReader.Read), problems);
        var ladders = Each(folder, "ladders", problems, LadderReader.Read);
        var tables = Each(folder, "goes-with", problems, PairReader.Table);
        var materials = Each(folder, "materials", problems, f => MaterialReader.Read(f, tables, book));
        var rules = Each(folder, "safety", problems, f => SafetyReader.Read(f, book));
        var questions = Each(folder, "questions", problems, f => QuestionReader.Read(f, book));
        var themes = Each(folder, "themes", problems, ThemeOf);
        var differences = Each(folder, "differences", problems, DifferenceReader.Read);
        var tongues = Each(folder, "tongues", problems, TongueReader.Read);
        var byId = ladders.ToDictionary(l => l.Id);
        LadderReader.NeedsStandOnLadders(byId, differences, problems);
        Sign[] signs = [.. Each(folder, "signs", problems, SignReader.Signs).SelectMany(s => s)];
        Grip[] grips = [.. Each(folder, "grips", problems, SignReader.Grips).SelectMany(g => g)];
        SignReader.StandOnLadders(byId, signs, grips, problems);
        var known = materials.Select(m => m.Id).ToHashSet();
        var makeFrom = Each(folder, "make-from", problems, f => MakeFromReader.Read(f, known));
        MakeFromReader.NoCircle(makeFrom, problems);
        var recipes = Each(folder, "recipes", problems, f => RecipeReader.Read(f, materials, book));
        var techniques = Each(folder, "techniques", problems, f => TechniqueOf(f, byId));
        Contradictions.Between(materials, recipes, makeFrom, problems);
        problems.AddRange(
            techniques
                .Where(t => t.MadeBy is { } by && (by == t.Id || techniques.All(x => x.Id != by)))
                .Select(t => new ContentProblem(
                    $"techniques/{t.Id}.yaml",
                    1,
                    $"`made-by: {t.MadeBy}` is not another technique"
                ))
        );
        return (
            new Content(
                byId,
                [
                    .. materials
                        .OrderBy(m => m.Shelf, StringComparer.Ordinal)
                        .ThenBy(m => m.Name, StringComparer.Ordinal),
                ],
                techniques,
                [.. themes.OrderBy(t => t.Name, StringComparer.Ordinal)],
                [.. rules.OrderBy(r => r.Severity).ThenBy(r => r.Id, StringComparer.Ordinal)],
                [.. recipes.OrderBy(r => r.Family, StringComparer.Ordinal).ThenBy(r => r.Name, StringComparer.Ordinal)],
                new MakeChains(makeFrom),
                new GoesWith(tables.ToDictionary(t => t.Id))
            )
            {
                Differences = [.. differences.OrderBy(d => d.Order)],
                Allergens = book,
                Questions = [.. questions.OrderBy(q => q.Order)],
                MakeFrom = makeFrom,
                Tongues = tongues,
                Signs = signs.ToLookup(s => s.Ladder),
                Grips = grips.ToLookup(g => g.Ladder),
            },
            problems
        );
    }

    private static List<T> Each<T>(string root, string kind, List<ContentProblem> problems, Func<ContentFile, T> make)
    {
        var folder = Path.Combine(root, kind);
        if (!Directory.Exists(folder))
        {
            problems.Add(new(kind, 1, "the folder is missing"));
            return [];
        }

        // Files do not know of each other: they are read side by side, and told of in their order.
        var read = Directory
            .EnumerateFiles(folder, "*.yaml")
            .Order(StringComparer.Ordinal)
            .AsParallel()
            .AsOrdered()
            .Select(path => One(root, path, make))
            .ToArray();
        problems.AddRange(read.SelectMany(r => r.Problems));
        return [.. read.SelectMany(r => r.Things)];
    }

    private static (T[] Things, List<ContentProblem> Problems) One<T>(
        string root,
        string path,
        Func<ContentFile, T> make
    )
    {
        var problems = new List<ContentProblem>();
        if (ContentFile.Open(root, path, problems) is not { } file)
        {
            return ([], problems);
        }

        if (file.Text("id") is { Length: > 0 } id && id != Path.GetFileNameWithoutExtension(path))
        {
            file.Refuse("id", $"`id: {id}` must be the file's name, {Path.GetFileNameWithoutExtension(path)}");
        }

        var thing = make(file);
        file.NothingElse();
        return ([thing], problems);
    }

    internal static Strand StrandOf(ContentFile f, string key, string id)
    {
        if (Strand.Find(id) is { } strand)
        {
            return strand;
        }

        f.Refuse(key, $"strand `{id}` is not known; known are {string.Join(", ", Strand.All.Select(s => s.Id))}");
        return Strand.All[0];
    }

    private static Theme ThemeOf(ContentFile f)
    {
        var numbers = f.Map("numbers", needed: true);
        var slots = f.Map("slots", needed: true);
        var occasions = f.Map("occasions");
        foreach (var missing in Theme.RequiredSlots.Where(s => !slots.Has(s)))
        {
            f.Refuse("slots", $"the slot `{missing}` is missing");
        }

        var theme = new Theme(
            f.Text("id"),
            f.Text("name"),
            f.Text("letter"),
            f.Text("sound"),
            f.Text("letter-word"),
            f.Text("second-letter"),
            numbers.Whole("to", 1, 20),
            numbers.Whole("older-to", 1, 100),
            f.Texts("shapes", least: 1),
            f.Texts("colours", least: 1),
            slots.Keys().ToDictionary(k => k, k => slots.Text(k)),
            f.Texts("words", least: 25),
            f.Text("story"),
            f.Texts("rhyme", least: 2),
            f.Texts("questions", least: 2),
            f.Text("greeting"),
            f.Text("farewell")
        )
        {
            Prep = [.. f.Maps("prep").Select(PrepOf)],
            Books = [.. f.Maps("books").Select(BookOf)],
            Sayings = f.Texts("sayings"),
            StoryParts = StoryOf(f),
            Occasions = occasions.Keys().ToDictionary(k => k, k => OccasionOf(occasions.Map(k, needed: true))),
        };
        numbers.NothingElse();
        return theme;
    }

    /// <summary>Five parts, one for each day a full week has.</summary>
    private static InBoth[] StoryOf(ContentFile f)
    {
        InBoth[] parts =
        [
            .. f.Maps("story-parts")
                .Select(p =>
                {
                    var part = new InBoth(p.Text("en"), p.Text("es"));
                    p.NothingElse();
                    return part;
                }),
        ];
        if (parts.Length != 5)
        {
            f.Refuse("story-parts", $"a story has five parts, one a day; this one {parts.Length}");
        }

        return parts;
    }

    private static Book BookOf(ContentFile f)
    {
        var book = new Book(f.Text("title"), f.Flag("on-shelf"), f.Whole("minutes", 1, 60), f.Text("instead", ""));
        f.NothingElse();
        return book;
    }

    private static Occasion OccasionOf(ContentFile f)
    {
        var occasion = new Occasion(f.Text("greeting"), f.Text("farewell"), f.Text("story"));
        f.NothingElse();
        return occasion;
    }

    private static Technique TechniqueOf(ContentFile f, IReadOnlyDictionary<string, Ladder> ladders)
    {
        var ladder = f.Choice("ladder", [.. ladders.Keys]);
        var strands = f.Map("strands", needed: true);
        var shares = strands
            .Keys()
            .Where(k => StrandOf(strands, k, k).Id == k)
            .ToDictionary(k => k, k => strands.Whole(k, 1, 100));
        if (shares.Values.Sum() != 100)
        {
            f.Refuse("strands", $"the shares add up to {shares.Values.Sum()}, not 100");
        }

        Role[] roles = [.. f.Maps("roles").Select(RoleOf)];
        var steps = f.Maps("steps").Select(s => StepOf(s, ladders[ladder], roles)).ToArray();
        if (steps.Length == 0)
        {
            f.Refuse("steps", "at least one step is wanted");
        }

        return new Technique(
            f.Text("id"),
            f.Text("name"),
            f.Text("title"),
            ladder,
            shares,
            f.Choices<BlockKind>("blocks"),
            f.Flag("led"),
            f.Whole("adults", 0, 3, 0),
            f.Whole("minutes", 3, 60),
            f.Whole("clean-up", 0, 20),
            f.Whole("mess", 0, 3, 0),
            f.Choice<HandLoad>("hand-load"),
            f.Flag("warm-up"),
            f.Flag("whole-arm"),
            f.Flag("dry-weather"),
            f.Texts("actions", SafetyReader.Actions),
            f.Choices<Approach>("approaches"),
            f.Whole("theme-link", 0, 3),
            roles,
            steps,
            [.. f.Maps("prep").Select(PrepOf)],
            f.Texts("instructions", least: 2)
        )
        {
            Traits = f.Texts("traits", Traits.All),
            Paper = [.. f.Maps("paper").Select(p => PaperOf(p, roles))],
            MadeBy = f.Has("made-by") ? f.Text("made-by") : null,
            Pairs = PairReader.Pairs(f, [.. roles.Select(r => r.Name)]),
        };
    }

    private static PaperNeed PaperOf(ContentFile f, Role[] roles)
    {
        var steps = Range(f, "steps");
        var need = new PaperNeed(
            Sheet(f, "sheet"),
            (int)(steps?.Least ?? 1),
            (int)(steps?.Most ?? 99),
            f.Choice("per", ["child", "group"]) == "child",
            f.Has("on") ? f.Text("on") : null
        );
        if (need.On is { } on && roles.All(r => r.Name != on))
        {
            f.Refuse("on", $"`{on}` is no role of the technique");
        }

        f.NothingElse();
        return need;
    }

    /// <summary>The id of a kind of sheet.</summary>
    internal static string Sheet(ContentFile f, string key)
    {
        var sheet = f.Text(key);
        if (SheetKinds.Find(sheet) is null)
        {
            f.Refuse(
                key,
                $"`{sheet}` is no kind of sheet; these are: {string.Join(", ", SheetKinds.All.Select(k => k.Id))}"
            );
        }

        return sheet;
    }

    private static Role RoleOf(ContentFile f)
    {
        var name = f.Text("name");
        var quantity = QuantityRule.Parse(f.Text("quantity"));
        if (quantity is null)
        {
            f.Refuse(
                "quantity",
                $"`{f.Text("quantity")}` is not a number, `2 x count` or one of {string.Join(", ", QuantityRule.Words.Keys)}"
            );
        }

        var left = f.Map("left");
        var role = new Role(
            name,
            Needs(f),
            f.Choice<Per>("per"),
            quantity ?? new QuantityRule(QuantityKind.Fixed, 1),
            f.Number("spare") ?? 0,
            f.Flag("optional")
        )
        {
            Loose = f.Number("loose"),
            Fixed = f.Flag("fixed"),
            Left = f.Has("left") ? Needs(left) : null,
        };
        left.NothingElse();
        f.NothingElse();
        return role;
    }

    private static RoleNeeds Needs(ContentFile f)
    {
        var over = f.Text("opening-over", "").Split(" x ", 2);
        double? factor = null;
        if (over.Length == 2 && double.TryParse(over[0], System.Globalization.CultureInfo.InvariantCulture, out var n))
        {
            factor = n;
        }
        else if (f.Has("opening-over"))
        {
            f.Refuse("opening-over", "wanted is a factor and a role, for example `1.25 x piece`");
        }

        return new RoleNeeds(
            f.Texts("all", MaterialTags.All),
            f.Texts("any", MaterialTags.All),
            f.Texts("none", MaterialTags.All),
            f.Texts("prefer", MaterialTags.All),
            Range(f, "width"),
            Range(f, "length"),
            Range(f, "hole"),
            Range(f, "opening"),
            factor,
            factor is null ? null : over[1]
        );
    }

    private static SizeRange? Range(ContentFile f, string key)
    {
        if (!f.Has(key))
        {
            f.Text(key, "");
            return null;
        }

        var ends = f.Text(key).Split("..");
        if (
            ends.Length == 2
            && double.TryParse(ends[0], System.Globalization.CultureInfo.InvariantCulture, out var least)
            && double.TryParse(ends[1], System.Globalization.CultureInfo.InvariantCulture, out var most)
            && least <= most
        )
        {
            return new SizeRange(least, most);
        }

        f.Refuse(key, $"`{key}: {f.Text(key)}` is not a range of mm, for example 12..60");
        return null;
    }

    private static TechniqueStep StepOf(ContentFile f, Ladder ladder, Role[] roles)
    {
        var number = f.Whole("step", 1, ladder.Steps.Count);
        var overrides = new Dictionary<string, RoleNeeds?>();
        var with = f.Map("with");
        foreach (var role in with.Keys())
        {
            var needs = with.Map(role, needed: true);
            overrides[role] = Needs(needs);
            needs.NothingElse();
        }

        foreach (var role in f.Texts("without"))
        {
            overrides[role] = null;
        }

        foreach (var unknown in overrides.Keys.Where(r => roles.All(x => x.Name != r)))
        {
            f.Refuse("step", $"step {number} speaks of the role `{unknown}`, which the technique does not have");
        }

        var step = new TechniqueStep(
            number,
            f.Text("do"),
            f.Whole("count", 1, 100, 1),
            overrides,
            [.. f.Maps("makes").Select(SafetyReader.Made)]
        )
        {
            Making = StepMakingReader.Read(f),
        };
        foreach (var unknown in step.Makes.Where(m => roles.All(r => r.Name != m.From)))
        {
            f.Refuse(
                "makes",
                $"step {number} makes {unknown.Name} from `{unknown.From}`, which is no role of the technique"
            );
        }

        f.NothingElse();
        return step;
    }

    private static Printing PrintingOf(ContentFile f)
    {
        var printing = new Printing(f.Text("what"), f.Whole("minutes", 1, 240));
        f.NothingElse();
        return printing;
    }

    internal static PrepNeed PrepOf(ContentFile f)
    {
        var prep = new PrepNeed(
            f.Text("what"),
            f.Whole("minutes", 1, 240),
            f.Whole("wait-hours", 0, 96, 0),
            f.Flag("adult-only"),
            f.Texts("actions", SafetyReader.Actions)
        )
        {
            KeepsDays = f.Has("keeps-days") ? f.Whole("keeps-days", 0, 365) : null,
            Kind = f.Has("kind") ? f.Choice("kind", ["lines", "model", "print"]) : null,
            Print = f.Has("print") ? PrintingOf(f.Map("print")) : null,
        };
        f.NothingElse();
        return prep;
    }
}
