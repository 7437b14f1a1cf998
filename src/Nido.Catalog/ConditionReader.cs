using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Safety;
using Nido.Core.Safety.Conditions;

namespace Nido.Catalog;

/// <summary>Reads when a rule fires: each key is a condition of its own.</summary>
internal static class ConditionReader
{
    /// <summary>Substances of which an amount is counted.</summary>
    public static IReadOnlySet<string> Substances { get; } =
        new HashSet<string> { "salt", "baking-soda", "cream-of-tartar", "soap", "hand-gel" };

    private static readonly IReadOnlyList<(string Key, Func<ContentFile, ThingCondition> Read)> Known =
    [
        ("any-tags", f => new HasAnyTag(f.Texts("any-tags", MaterialTags.All))),
        ("all-tags", f => new HasAllTags(f.Texts("all-tags", MaterialTags.All))),
        ("no-tags", f => new HasNoTag(f.Texts("no-tags", MaterialTags.All))),
        ("small-part", f => new FitsSmallParts(f.Choice<SmallPartKind>("small-part"))),
        ("squeezed-small", _ => new FitsWhenSqueezed()),
        ("size-unknown", _ => new SizeNotKnown()),
        ("comes-apart", _ => new ComesOff()),
        ("made", _ => new ComesAbout()),
        ("longer-than", f => new LongerThan(f.Number("longer-than") ?? 0)),
        ("heavier-than", f => new HeavierThan(f.Number("heavier-than") ?? 0)),
        ("bought", _ => new IsBoughtAgain()),
        ("cord-over", f => new FreeCordOver(f.Number("cord-over") ?? 0)),
        ("loop-from", f => new LoopFrom(f.Number("loop-from") ?? 0)),
        ("cord-holds", _ => new HoldsFast()),
        ("dose", Dose),
        ("allergen", f => new CarriesAllergenOfChild(f.Choice("allergen", ["true", "by-plan"]) == "by-plan")),
        (
            "published-allergen",
            f => new CarriesPublished(f.Choice("published-allergen", ["kept-out", "let-in"]) == "let-in")
        ),
        ("any-allergen", _ => new CarriesAnything()),
        ("unread-allergy", _ => new MayHoldTheUnread()),
    ];

    // Read as a flag, so that `made: maybe` is refused.
    private static readonly string[] Flags =
    [
        "squeezed-small",
        "size-unknown",
        "comes-apart",
        "made",
        "bought",
        "cord-holds",
        "any-allergen",
        "unread-allergy",
    ];

    /// <summary>When the rule of a file fires.</summary>
    public static RuleWhen Read(ContentFile when) =>
        new(
            [
                .. Known
                    .Where(k => when.Has(k.Key) && (!Flags.Contains(k.Key) || when.Flag(k.Key)))
                    .Select(k => k.Read(when)),
            ],
            when.Texts("actions", Doing.All),
            when.Choices<BlockKind>("places"),
            when.Has("food") ? when.Choice<FoodRule>("food") : null,
            when.Flag("drop-in"),
            when.Has("under-months") ? when.Whole("under-months", 1, 120) : null,
            when.Flag("or-mouths")
        );

    private static DoseFrom Dose(ContentFile when)
    {
        var dose = when.Map("dose", needed: true);
        var substance = dose.Choice("of", [.. Substances]);
        var read = new DoseFrom(substance, dose.Number("grams-per-kg") ?? 0);
        if (read.GramsPerKg <= 0)
        {
            when.Refuse("dose", "`dose: {of: salt, grams-per-kg: 0.5}` needs an amount over 0");
        }

        dose.NothingElse();
        return read;
    }
}
