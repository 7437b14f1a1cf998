using Nido.Core.Group.Expecting;

namespace Nido.Core.Group;

/// <summary>A class of named children with its adults, its days and its timetable.</summary>
/// <param name="Id">Opaque.</param>
/// <param name="Name">Name of the room or class.</param>
/// <param name="Place">Name of the house.</param>
/// <param name="Days">Days the group meets.</param>
/// <param name="Children">Youngest first.</param>
/// <param name="Adults">In the order entered.</param>
/// <param name="Blocks">In the order of the day.</param>
/// <param name="Settings">The group's own decisions.</param>
public sealed record ChildrenGroup(
    string Id,
    string Name,
    string Place,
    WeekDays Days,
    IReadOnlyList<Child> Children,
    IReadOnlyList<Adult> Adults,
    IReadOnlyList<Block> Blocks,
    GroupSettings Settings
)
{
    /// <summary>Whether the children are known.</summary>
    public GroupKind Kind { get; init; } = GroupKind.Class;

    /// <summary>Who is expected, where the children are not known; youngest first.</summary>
    public IReadOnlyList<ExpectedBand> Expected { get; init; } = [];

    /// <summary>How many came to its sessions, where the children are not known; by day.</summary>
    public IReadOnlyList<CountAtDoor> Counts { get; init; } = [];

    /// <summary>Children put together by adults, or kept apart, where groups are formed.</summary>
    public IReadOnlyList<GroupingWish> Wishes { get; init; } = [];

    /// <summary>Who is expected of a band on a day: as it was said, and as counting before that day has taught.</summary>
    public Expectation Expecting(ExpectedBand band, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(band);
        return Expectation.Of(
            band.Children,
            Settings.HowSure,
            [.. Counts.Where(c => c.FromMonths == band.FromMonths && c.On < day).Select(c => c.Children)]
        );
    }

    /// <summary>Who is expected in all on a day; sessions count that were counted in every band.</summary>
    public Expectation ExpectingAll(DateOnly day)
    {
        var bands = Expected.Select(b => b.FromMonths).ToHashSet();
        return Expectation.Of(
            Expected.Sum(b => b.Children),
            Settings.HowSure,
            [
                .. Counts
                    .Where(c => c.On < day && bands.Contains(c.FromMonths))
                    .GroupBy(c => c.On)
                    .Where(g => g.Count() == bands.Count)
                    .OrderBy(g => g.Key)
                    .Select(g => g.Sum(c => c.Children)),
            ]
        );
    }

    /// <summary>The group as planning sees it in the week of a day: without who has left or is yet to come; where
    /// children are not known, stand-ins of the expected ages.</summary>
    public ChildrenGroup On(DateOnly day) =>
        Kind == GroupKind.Class
            ? Children.All(c => c.IsHereInWeekOf(day))
                ? this
                : this with
                {
                    Children = [.. Children.Where(c => c.IsHereInWeekOf(day))],
                }
            : this with
            {
                Children =
                [
                    .. Expected
                        .SelectMany(b => b.StandIns(day, Days, Expecting(b, day), Settings.RunOutPercent / 100.0))
                        .OrderByDescending(c => c.BornOn),
                ],
            };
}
