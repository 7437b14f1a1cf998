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
    GroupSettings Settings);
