namespace Nido.Core.Group;

/// <summary>An adult of the group and when the adult is there.</summary>
/// <param name="Id">Opaque.</param>
/// <param name="Name">Name or role shown on the plan.</param>
/// <param name="Days">Days present.</param>
/// <param name="From">First minute present, on those days.</param>
/// <param name="To">Last minute present.</param>
public sealed record Adult(string Id, string Name, WeekDays Days, TimeOnly From, TimeOnly To)
{
    /// <summary>Whether the adult is there for the whole of a block on a day.</summary>
    public bool IsThere(WeekDays day, Block block) =>
        Days.HasFlag(day) && From <= block.Starts && To >= block.Starts.AddMinutes(block.Minutes);
}
