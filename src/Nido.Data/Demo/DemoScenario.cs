using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Data.Demo;

/// <summary>The invented house everything is shown with: the Wren room, its children, adults, blocks and
/// cupboard.</summary>
public static class DemoScenario
{
    /// <summary>Monday of the week shown.</summary>
    public static DateOnly Monday { get; } = new(2026, 12, 7);

    /// <summary>Theme of the week shown.</summary>
    public const string ThemeId = "little-post-office";

    /// <summary>The Wren room.</summary>
    /// <param name="newId">Makes opaque ids.</param>
    public static ChildrenGroup WrenRoom(Func<string> newId) =>
        new(
            newId(),
            "Wren room",
            "Quill Street Children's Library and Nursery",
            WeekDays.MondayToFriday,
            [.. Children(newId)],
            [.. Adults(newId)],
            Blocks,
            GroupSettings.Default with
            {
                SmallParts = SmallPartsRule.WatchedTable,
                Approaches = new Dictionary<Approach, int>
                {
                    [Approach.GuidedMake] = 2,
                    [Approach.PreparedShelf] = 3,
                    [Approach.OpenProvision] = 1,
                    [Approach.GradedPractice] = 2,
                    [Approach.Games] = 2,
                },
            }
        );

    /// <summary>What is on the shelves: enough of most things, of some too little to be comfortable.</summary>
    public static IReadOnlyList<Movement> Cupboard() =>
        [
            .. Counts.Select(c => new Movement(
                c.Material,
                Monday.AddDays(-10),
                MovementKind.Counted,
                c.Amount,
                "first count"
            )),
            new("stickers-round", Monday.AddDays(-5), MovementKind.Used, -24, "name day"),
            new("felt-pens", Monday.AddDays(-4), MovementKind.Lost, -6, "dried out"),
            new("envelopes-small", Monday.AddDays(-3), MovementKind.Found, 40, "from families"),
        ];

    /// <summary>The day has five blocks.</summary>
    public static IReadOnlyList<Block> Blocks { get; } = Timetable.Of("full-day").Blocks;

    /// <summary>A single session: arriving at trays, a circle, then tables.</summary>
    public static IReadOnlyList<Block> SessionBlocks { get; } = Timetable.Of("single-session").Blocks;

    /// <summary>The second group: whoever comes on Saturday.</summary>
    /// <param name="newId">Makes opaque ids.</param>
    public static ChildrenGroup SaturdayNestlings(Func<string> newId) =>
        new(
            newId(),
            "Saturday nestlings",
            "Quill Street Children's Library and Nursery",
            WeekDays.Saturday,
            [],
            [.. SaturdayAdults.Select(n => new Adult(newId(), n, WeekDays.Saturday, new(9, 30), new(11, 30)))],
            SessionBlocks,
            GroupSettings.Default with
            {
                SmallParts = SmallPartsRule.Never,
            }
        )
        {
            Kind = GroupKind.DropIn,
            Expected = NewGroup.UsualBands,
        };

    private static readonly string[] SaturdayAdults =
    [
        "Librarian",
        "Assistant",
        "Helper",
        "Second helper",
        "Family adult",
        "Second family adult",
    ];

    private static IEnumerable<Child> Children(Func<string> newId)
    {
        const WeekDays All = WeekDays.MondayToFriday;
        Child Of(
            string name,
            int year,
            int month,
            int day,
            WeekDays days = All,
            bool mouths = false,
            Hand hand = Hand.Undecided,
            bool avoidsTouch = false,
            string[]? allergies = null,
            string language = "en",
            string note = ""
        ) =>
            new(newId(), name, new(year, month, day), days, mouths, hand, avoidsTouch, allergies ?? [], language, note);

        yield return Of("Anouk", 2025, 3, 19, mouths: true);
        yield return Of("Bao", 2024, 12, 28);
        yield return Of("Ciro", 2024, 8, 23, language: "es") with
        {
            Supports = [Support.HomeWords],
        };
        yield return Of("Delphine", 2024, 4, 11, avoidsTouch: true, note: "Sticky things with a tool first.");
        yield return Of("Emeka", 2023, 12, 20);
        yield return Of("Farah", 2023, 9, 14, WeekDays.Tuesday | WeekDays.Wednesday | WeekDays.Thursday);
        yield return Of("Gustav", 2023, 6, 25, hand: Hand.Left);
        yield return Of("Hina", 2023, 2, 17, hand: Hand.Right);
        yield return Of("Ivo", 2022, 11, 24, hand: Hand.Right, allergies: ["wheat", "gluten"], note: "Coeliac.");
        yield return Of("Junia", 2022, 8, 15, hand: Hand.Right, language: "es");
        yield return Of("Kofi", 2022, 4, 21, hand: Hand.Right, allergies: ["peanut", "tree-nut"]);
        yield return Of("Lumi", 2022, 1, 13, hand: Hand.Right, note: "Walks with a frame; long standing is hard.") with
        {
            Supports = [Support.Seat, Support.Frame],
        };
        yield return Of("Mateus", 2021, 9, 18, hand: Hand.Right);
        yield return Of("Zoë", 2021, 4, 30, hand: Hand.Right);
    }

    private static IEnumerable<Adult> Adults(Func<string> newId)
    {
        foreach (var name in (string[])["Lead", "Assistant", "Trainee"])
        {
            yield return new(newId(), name, WeekDays.MondayToFriday, new(8, 30), new(15, 0));
        }

        yield return new(newId(), "Volunteer", WeekDays.Tuesday | WeekDays.Thursday, new(9, 30), new(11, 30));
    }

    private static readonly (string Material, double Amount)[] Counts =
    [
        ("envelopes-small", 120),
        ("envelopes-large", 30),
        ("card-a4", 36),
        ("paper-a4", 60),
        ("newspaper", 60),
        ("postcards-old", 40),
        ("index-cards", 25),
        ("paper-strips", 40),
        ("letter-cards", 36),
        ("letter-squares", 90),
        ("numeral-cards", 30),
        ("picture-cards", 30),
        ("picture-story", 5),
        ("stickers-round", 150),
        ("stickers-large", 9),
        ("paper-tape", 22),
        ("string", 30),
        ("laces", 6),
        ("glue-sticks", 6),
        ("pegs-wooden", 40),
        ("pegs-large", 10),
        ("lidded-boxes", 5),
        ("small-boxes", 26),
        ("egg-cartons-used", 7),
        ("jars-plastic", 9),
        ("jar-lids", 40),
        ("yoghurt-pots", 20),
        ("bowls", 10),
        ("trays", 6),
        ("crate", 2),
        ("slot-boxes", 2),
        ("washing-basin", 1),
        ("hole-punch", 1),
        ("scissors-child", 9),
        ("scissors-left", 1),
        ("balance-scale", 2),
        ("spoons", 14),
        ("scoops", 5),
        ("tongs-big", 3),
        ("tweezers", 5),
        ("sponges", 5),
        ("cloths", 6),
        ("dice", 4),
        ("shakers", 5),
        ("stamps-foam", 6),
        ("wooden-blocks", 40),
        ("pom-poms-large", 30),
        ("beads-large", 40),
        ("beads-small", 80),
        ("buttons-coat", 24),
        ("pretend-coins", 30),
        ("parcels-light", 12),
        ("parcels-heavy", 8),
        ("bean-bags", 10),
        ("rice", 1500),
        ("salt", 800),
        ("dough-corn", 900),
        ("wheat-flour", 1000),
        ("water", 50_000),
        ("lavender-bags", 5),
        ("felt-pens", 10),
        ("ready-paint", 180),
        ("scarves", 8),
        ("cloth-squares", 14),
        ("shirts-old", 4),
        ("lace-cards", 5),
        ("cardboard-boxes-big", 2),
        ("soft-balls", 5),
        ("sacks", 2),
        ("chalk", 12),
        ("rope", 4),
        ("address-cards", 14),
    ];
}
