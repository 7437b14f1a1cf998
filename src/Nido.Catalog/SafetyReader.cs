using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads a safety rule and holds it to its own examples.</summary>
internal static class SafetyReader
{
    /// <summary>What a technique, a prep task or a rule may say that is done.</summary>
    public static IReadOnlySet<string> Actions { get; } = new HashSet<string>
    {
        "blow", "build", "clean", "climb", "cook", "craft-knife", "cut", "dig", "drill", "gather", "glue", "hammer", "hang", "heat", "laminate", "lift",
        "paint", "pour", "punch", "roll", "run", "saw", "screw", "sew", "smell", "spray", "stack", "suck", "taste", "throw", "tie", "tunnel", "water", "wear",
    };

    /// <summary>The rule of a file.</summary>
    public static SafetyRule Read(ContentFile f)
    {
        var when = f.Map("when", needed: true);
        var rule = new SafetyRule(
            f.Text("id"), f.Choice<Severity>("severity"), f.Text("message"), f.Text("source"), f.Text("defer-to"), When(when),
            f.Flag("room"), f.Flag("watched-table-lifts"), f.Whole("adults", 0, 3, 0),
            [.. Examples(f, "fires", true), .. Examples(f, "quiet", false)]);
        when.NothingElse();
        if (!rule.When.AsksThing && rule.When.Actions.Count == 0 && rule.When.Places.Count == 0)
        {
            f.Refuse("when", "the rule would fire on everything: name tags, actions, places, small-part or allergen");
        }

        foreach (var (key, fires) in ((string, bool)[])[("fires", true), ("quiet", false)])
        {
            var cases = rule.Examples.Where(e => e.Fires == fires).ToArray();
            if (cases.Length == 0)
            {
                f.Refuse(key, $"a rule needs an example on which it {(fires ? "fires" : "just does not fire")}: `{key}: [{{…}}]`");
            }

            foreach (var (example, i) in cases.Select((e, i) => (e, i)).Where(x => x.e.IsMetBy(rule) != fires))
            {
                f.Refuse(key, $"the rule {(fires ? "does not fire" : "fires")} on example {i + 1} of `{key}`");
            }
        }

        return rule;
    }

    private static RuleWhen When(ContentFile when) => new(
        when.Texts("any-tags", MaterialTags.All), when.Texts("all-tags", MaterialTags.All), when.Texts("no-tags", MaterialTags.All),
        when.Flag("small-part"), when.Flag("squeezed-small"), when.Flag("size-unknown"), when.Flag("comes-apart"), when.Flag("made"),
        when.Flag("allergen"), when.Flag("any-allergen"), when.Number("longer-than"), when.Number("heavier-than"), when.Flag("bought"),
        when.Texts("actions", Actions), when.Choices<BlockKind>("places"), when.Has("food") ? when.Choice<FoodRule>("food") : null,
        when.Has("under-months") ? when.Whole("under-months", 1, 120) : null, when.Flag("or-mouths"));

    private static RuleExample[] Examples(ContentFile f, string key, bool fires) =>
    [
        .. f.Maps(key).Select(e =>
        {
            var example = new RuleExample(
                fires, Thing(e), e.Has("makes") ? Made(e.Map("makes")) : null, e.Texts("actions", Actions),
                e.Choice<BlockKind>("place", BlockKind.Table), e.Whole("months", 0, 120, 60), e.Flag("mouths"), e.Texts("allergies"),
                e.Choice<FoodRule>("food", FoodRule.WithAllergyCheck));
            e.NothingElse();
            return example;
        }),
    ];

    /// <summary>The thing of an example: tags, and shape, mass, allergens, parts where they matter.</summary>
    private static Material? Thing(ContentFile e)
    {
        if (!e.Has("tags"))
        {
            return null;
        }

        var body = e.Has("shape") ? BodyReader.Read(e) : new Body(Shape.Box, 100, 80, 60);
        var sold = e.Flag("sold");
        return new Material(
            "thing", "The thing", "shelf", e.Choice<MaterialUnit>("unit", MaterialUnit.Piece), body.Shape, body.Length, body.Width, body.Height,
            null, null, e.Number("mass"), null, e.Texts("tags", MaterialTags.All).ToHashSet(), [], e.Texts("allergens"),
            sold, 0, sold ? 1 : null, sold ? 100 : null, Parts(e));
    }

    /// <summary>Parts that come off a thing.</summary>
    public static IReadOnlyList<Part> Parts(ContentFile f) => [.. f.Maps("parts").Select(p =>
    {
        var part = new Part(p.Text("name"), BodyReader.Read(p));
        p.NothingElse();
        return part;
    })];

    /// <summary>A piece made of the material in a role; a box without a height is as thick as the material.</summary>
    public static MadePiece Made(ContentFile f)
    {
        var piece = new MadePiece(f.Text("name"), f.Text("from", "piece"), BodyReader.Read(f, "height"));
        f.NothingElse();
        return piece;
    }
}
