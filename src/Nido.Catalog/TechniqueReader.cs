using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Paper;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads ways of working.</summary>
internal static class TechniqueReader
{
    /// <summary>The way of working of a file.</summary>
    public static Technique Read(
        ContentFile f,
        IReadOnlyDictionary<string, Ladder> ladders,
        IReadOnlyList<HomeThing> homeThings
    )
    {
        var ladder = f.Choice("ladder", [.. ladders.Keys]);
        var strands = f.Map("strands", needed: true);
        var shares = strands
            .Keys()
            .Where(k => ContentReader.StrandOf(strands, k, k).Id == k)
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
            f.Both("name"),
            Slotted(f, "title"),
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
            f.Texts("actions", Doing.All),
            f.Choices<Approach>("approaches"),
            f.Whole("theme-link", 0, 3),
            roles,
            steps,
            [.. f.Maps("prep").Select(PrepReader.Read)],
            [.. f.Boths("instructions", least: 2).Select(i => Filled(f, "instructions", i))]
        )
        {
            Traits = f.Texts("traits", Traits.All),
            Signs = SignReader.OfTechnique(f, ladder),
            Home = f.Has("home") ? HomeOf(f.Map("home", needed: true), homeThings) : null,
            Paper = [.. f.Maps("paper").Select(p => PaperOf(p, roles))],
            InSession = f.Has("in-session") ? f.Choice<SessionPart>("in-session") : null,
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
    public static string Sheet(ContentFile f, string key)
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
            Slotted(f, "do"),
            f.Whole("count", 1, 100, 1),
            overrides,
            [.. f.Maps("makes").Select(SafetyReader.Made)]
        )
        {
            Making = StepMakingReader.Read(f),
            Say = Slotted(f, "say"),
            Easier = Slotted(f, "easier"),
            Harder = Slotted(f, "harder"),
            Seen = Slotted(f, "seen"),
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

    private static HomeWay HomeOf(ContentFile f, IReadOnlyList<HomeThing> known)
    {
        var named = f.Texts("things", known.Select(t => t.Id).ToHashSet());
        var home = new HomeWay(
            Filled(f, "en", new(f.Text("en"), f.Text("es"))),
            f.Whole("minutes", 3, 30),
            [.. named.Select(id => known.First(t => t.Id == id))]
        );
        f.NothingElse();
        return home;
    }

    private static InBoth Slotted(ContentFile f, string key) => Filled(f, key, f.Both(key));

    /// <summary>A text whose braces every theme fills.</summary>
    internal static InBoth Filled(ContentFile f, string key, InBoth text)
    {
        foreach (var brace in Theme.NotFilled(text))
        {
            f.Refuse(key, $"no theme fills the braces of `{{{brace}}}`");
        }

        return text;
    }
}
