namespace Nido.Core.Group;

/// <summary>A day to begin a group's timetable from; every block of it can be changed.</summary>
/// <param name="Id">Short word.</param>
/// <param name="Blocks">In the order of the day.</param>
public sealed record Timetable(string Id, IReadOnlyList<Block> Blocks)
{
    /// <summary>Those there are: a full day, a half day, one session, a day of trays only.</summary>
    public static IReadOnlyList<Timetable> All { get; } =
    [
        new(
            "full-day",
            [
                new("welcome", "Welcome", BlockKind.Shelf, new(9, 0), 20, 3),
                new("circle", "Circle", BlockKind.Circle, new(9, 30), 15, 1),
                new("stations", "Stations", BlockKind.Stations, new(10, 0), 45, 3),
                new("outdoors", "Outdoors", BlockKind.Outdoors, new(11, 10), 25, 1),
                new("table", "Table", BlockKind.Table, new(14, 0), 20, 2),
            ]
        ),
        new(
            "half-day",
            [
                new("welcome", "Welcome", BlockKind.Shelf, new(8, 45), 25, 3),
                new("circle", "Circle", BlockKind.Circle, new(9, 15), 15, 1),
                new("stations", "Stations", BlockKind.Stations, new(9, 35), 45, 3),
                new("outdoors", "Outdoors", BlockKind.Outdoors, new(10, 50), 30, 1),
            ]
        ),
        new(
            "single-session",
            [
                new("arrive", "Arriving", BlockKind.Shelf, new(10, 0), 10, 2),
                new("circle", "Circle", BlockKind.Circle, new(10, 10), 10, 1),
                new("tables", "Tables", BlockKind.Table, new(10, 20), 25, 3),
            ]
        ),
        new(
            "shelf-only",
            [
                new("morning", "Morning work", BlockKind.Shelf, new(8, 45), 90, 6),
                new("circle", "Circle", BlockKind.Circle, new(10, 20), 10, 1),
                new("outdoors", "Outdoors", BlockKind.Outdoors, new(10, 40), 30, 1),
                new("afternoon", "Afternoon work", BlockKind.Shelf, new(13, 30), 60, 5),
            ]
        ),
    ];

    /// <summary>With its blocks named in a language.</summary>
    public Timetable In(Tongue tongue)
    {
        ArgumentNullException.ThrowIfNull(tongue);
        return this with { Blocks = [.. Blocks.Select(b => b with { Name = tongue.Speak(Said.Word(b.Name)) })] };
    }

    /// <summary>The timetable of this id.</summary>
    public static Timetable Of(string id) => All.First(t => t.Id == id);
}
