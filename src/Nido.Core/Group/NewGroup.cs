namespace Nido.Core.Group;

/// <summary>What a group begins with before anyone has said more: two adults, a timetable, and for a drop-in group who
/// may come.</summary>
public static class NewGroup
{
    /// <summary>Headcounts a drop-in group begins with (common practice of a library's Saturday: most are two to
    /// five).</summary>
    public static IReadOnlyList<ExpectedBand> UsualBands { get; } =
    [new(12, 24, 6), new(24, 48, 8), new(48, 60, 7), new(60, 72, 3)];

    /// <summary>A group with its beginnings.</summary>
    /// <param name="name">Name of the room or class.</param>
    /// <param name="place">Name of the house; may be empty.</param>
    /// <param name="kind">Whether the children are known.</param>
    /// <param name="timetable">Id of a timetable, or null for the usual one of its kind.</param>
    /// <param name="newId">Makes opaque ids.</param>
    /// <param name="tongue">Language it begins in: blocks and adults are named in it, and letters are learned in
    /// it.</param>
    public static ChildrenGroup Of(
        string name,
        string place,
        GroupKind kind,
        string? timetable,
        Func<string> newId,
        Tongue tongue
    )
    {
        ArgumentNullException.ThrowIfNull(newId);
        ArgumentNullException.ThrowIfNull(tongue);
        var dropIn = kind == GroupKind.DropIn;
        var days = dropIn ? WeekDays.Saturday : WeekDays.MondayToFriday;
        Adult Whole(string name) => new(newId(), tongue.Speak(Said.Word(name)), days, new(8, 0), new(16, 0));
        return new(
            newId(),
            name,
            place,
            days,
            [],
            [Whole("Lead"), Whole("Assistant")],
            Timetable.Of(timetable ?? (dropIn ? "single-session" : "full-day")).In(tongue).Blocks,
            GroupSettings.Default with
            {
                LettersIn = tongue.Language,
            }
        )
        {
            Kind = kind,
            Expected = dropIn ? UsualBands : [],
        };
    }
}
