using Nido.Core;
using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads a safety rule and holds it to its own examples.</summary>
internal static class SafetyReader
{
    /// <summary>The rule of a file.</summary>
    public static SafetyRule Read(ContentFile f, AllergenBook book)
    {
        var when = f.Map("when", needed: true);
        var rule = new SafetyRule(
            f.Text("id"),
            f.Choice<Severity>("severity"),
            f.Both("message"),
            f.Text("source"),
            f.Both("defer-to"),
            ConditionReader.Read(when),
            f.Flag("room"),
            f.Flag("watched-table-lifts"),
            f.Whole("adults", 0, 3, 0),
            [.. Examples(f, "fires", true), .. Examples(f, "quiet", false)]
        )
        {
            IsNeverLifted = f.Flag("never-lifted"),
            IsForOwnThings = f.Flag("for-own-things"),
        };
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
                f.Refuse(
                    key,
                    $"a rule needs an example on which it {(fires ? "fires" : "just does not fire")}: `{key}: [{{…}}]`"
                );
            }

            foreach (var (example, i) in cases.Select((e, i) => (e, i)).Where(x => x.e.IsMetBy(rule, book) != fires))
            {
                f.Refuse(key, $"the rule {(fires ? "does not fire" : "fires")} on example {i + 1} of `{key}`");
            }
        }

        return rule;
    }

    private static RuleExample[] Examples(ContentFile f, string key, bool fires) =>
        [
            .. f.Maps(key)
                .Select(e =>
                {
                    var months = e.Whole("months", 0, 120, 60);
                    var child = new Child(
                        "child",
                        "The child",
                        default,
                        WeekDays.MondayToFriday,
                        e.Flag("mouths"),
                        Hand.Undecided,
                        false,
                        e.Texts("allergies"),
                        "en",
                        ""
                    )
                    {
                        UnknownAllergies = e.Texts("unknown-allergies"),
                        Plans = e.Flag("by-plan") ? [new("thing", "An adult", default, "as the plan says")] : [],
                    };
                    var example = new RuleExample(
                        fires,
                        Thing(e),
                        e.Has("makes") ? Made(e.Map("makes")) : null,
                        e.Texts("actions", Doing.All),
                        e.Choice<BlockKind>("place", BlockKind.Table),
                        child,
                        months,
                        GroupSettings.Default with
                        {
                            Food = e.Choice<FoodRule>("food", FoodRule.WithAllergyCheck),
                            LetIn = e.Texts("let-in"),
                        },
                        e.Flag("drop-in"),
                        e.Number("amount"),
                        e.Flag("fixed")
                    );
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

        var sold = e.Flag("sold");
        return new Material(
            "thing",
            InBoth.Same("The thing"),
            "shelf",
            e.Choice<MaterialUnit>("unit", MaterialUnit.Piece)
        )
        {
            Body = e.Has("shape") ? BodyReader.Read(e) : new Body(Shape.Box, 100, 80, 60),
            Tags = e.Texts("tags", MaterialTags.All).ToHashSet(),
            Weight = new(e.Number("mass"), null),
            Contents = new()
            {
                Allergens = e.Texts("contains"),
                MayContain = e.Texts("may-contain"),
                Held = e.Texts("held"),
                Grams = GramsOf(e),
            },
            Keeping = new(sold),
            Pack = sold ? new(1, 100) : null,
            Parts = Parts(e),
            Cord = CordOf(e),
        };
    }

    /// <summary>The cord a thing is or has: `cord: {length: 900, loop: 400, breaks-open: true}`, or `cord:
    /// by-the-metre`.</summary>
    public static Cord? CordOf(ContentFile f)
    {
        if (!f.Has("cord"))
        {
            return null;
        }

        if (f.IsText("cord"))
        {
            f.Choice("cord", ["by-the-metre"]);
            return Cord.ByTheMetre;
        }

        var cord = f.Map("cord", needed: true);
        var read = new Cord(cord.Number("length") ?? 0, cord.Number("loop"), cord.Flag("breaks-open"));
        if (read.Length <= 0)
        {
            f.Refuse("cord", "a cord without length: `cord: {length: 900}` in mm, or `cord: by-the-metre`");
        }

        cord.NothingElse();
        return read;
    }

    /// <summary>Grams of substances in a unit, where much of them harms: `grams: {salt: 0.22}`.</summary>
    public static IReadOnlyDictionary<string, double> GramsOf(ContentFile f)
    {
        var grams = f.Map("grams");
        foreach (var unknown in grams.Keys().Where(k => !ConditionReader.Substances.Contains(k)))
        {
            f.Refuse("grams", $"`{unknown}` is not counted; known are {string.Join(", ", ConditionReader.Substances)}");
        }

        return grams.Keys().ToDictionary(k => k, k => grams.Number(k) ?? 0);
    }

    /// <summary>Parts that come off a thing.</summary>
    public static IReadOnlyList<Part> Parts(ContentFile f) =>
        [
            .. f.Maps("parts")
                .Select(p =>
                {
                    var part = new Part(p.Both("name"), BodyReader.Read(p)) { IsBittenOff = p.Flag("bitten-off") };
                    p.NothingElse();
                    return part;
                }),
        ];

    /// <summary>A piece made of the material in a role; a box without a height is as thick as the material.</summary>
    public static MadePiece Made(ContentFile f)
    {
        var piece = new MadePiece(f.Both("name"), f.Text("from", "piece"), BodyReader.Read(f, "height"));
        f.NothingElse();
        return piece;
    }
}
