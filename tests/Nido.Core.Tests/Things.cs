using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Data;

namespace Nido.Core.Tests;

/// <summary>Small made-up things to test with.</summary>
internal static class Things
{
    public static DateOnly Monday { get; } = new(2026, 12, 7);

    public static Material Thing(
        string id,
        Shape shape = Shape.Box,
        double length = 80,
        double width = 60,
        double height = 40,
        double? hole = null,
        double? opening = null,
        string tags = "stiff",
        bool consumable = false,
        double? pack = null,
        int? cents = null,
        string colours = "",
        string allergens = ""
    ) =>
        new(id, InBoth.Same(id), "Shelf", MaterialUnit.Piece)
        {
            Body = new(shape, length, width, height),
            Tags = Split(tags).ToHashSet(),
            Colours = Split(colours),
            Hollow = new(hole, opening),
            Contents = new() { Allergens = Split(allergens) },
            Keeping = new(consumable),
            Pack = pack is null && cents is null ? null : new(pack, cents),
        };

    public static Material Ball(double diameter) => Thing("ball", Shape.Sphere, 0, diameter, 0, tags: "soft rolls");

    public static RoleNeeds Needs(
        string all = "",
        string any = "",
        string none = "",
        string prefer = "",
        SizeRange? width = null,
        double? over = null,
        string? overRole = null
    ) => new(Split(all), Split(any), Split(none), Split(prefer), width, null, null, null, over, overRole);

    public static Child Child(
        string name,
        int months,
        WeekDays days = WeekDays.MondayToFriday,
        bool mouths = false,
        params string[] allergies
    ) => new(name, name, Monday.AddMonths(-months), days, mouths, Hand.Undecided, false, allergies, "en", "");

    public static ChildrenGroup Group(
        IReadOnlyList<Child> children,
        IReadOnlyList<Block>? blocks = null,
        int adults = 3,
        SmallPartsRule smallParts = SmallPartsRule.Never
    ) =>
        new(
            "g",
            "Test room",
            "",
            WeekDays.MondayToFriday,
            children,
            [
                .. Enumerable
                    .Range(0, adults)
                    .Select(i => new Adult($"a{i}", $"Adult {i}", WeekDays.MondayToFriday, new(8, 0), new(16, 0))),
            ],
            blocks ?? [new("table", "Table", BlockKind.Table, new(9, 0), 20, 2)],
            GroupSettings.Default with
            {
                SmallParts = smallParts,
            }
        );

    /// <summary>A real week of the shipped catalogue for made-up children.</summary>
    public static WeekInput Week(
        ChildrenGroup group,
        int days = 5,
        Func<Technique, bool>? only = null,
        IReadOnlyDictionary<string, double>? onHand = null
    )
    {
        var input = WeekInputs.Of(
            Published.Content,
            group,
            Published.Content.Theme("under-the-hedge")!,
            Monday,
            onHand ?? Plenty
        );
        return input with
        {
            Days = [.. input.Days.Take(days)],
            Ideas = [.. input.Ideas.Where(i => only?.Invoke(i.Technique) ?? true)],
        };
    }

    /// <summary>A thousand of everything.</summary>
    public static IReadOnlyDictionary<string, double> Plenty { get; } =
        Published.Content.Materials.ToDictionary(m => m.Id, _ => 1000.0);

    /// <summary>The shipped rules, in a house that has written down nothing as made.</summary>
    public static SafetyCheck Safety { get; } = WeekInputs.Safety(Published.Content, new HashSet<string>());

    /// <summary>What a material by itself is asked by a rule, for nobody in particular.</summary>
    public static Nido.Core.Safety.Conditions.Asked Asked { get; } =
        new(Published.Content.Allergens, GroupSettings.Default, null);

    private static string[] Split(string words) => words.Split(' ', StringSplitOptions.RemoveEmptyEntries);
}
