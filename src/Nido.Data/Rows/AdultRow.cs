using Nido.Core.Group;

namespace Nido.Data.Rows;

/// <summary>An adult as stored.</summary>
public sealed class AdultRow
{
    public required string Id { get; set; }
    public required string GroupId { get; set; }
    public int Order { get; set; }
    public required string Name { get; set; }
    public WeekDays Days { get; set; }
    public TimeOnly From { get; set; }
    public TimeOnly To { get; set; }

    /// <summary>The adult as the rules see them.</summary>
    public Adult ToCore() => new(Id, Name, Days, From, To);
}
