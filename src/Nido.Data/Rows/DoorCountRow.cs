using Nido.Core.Group.Expecting;

namespace Nido.Data.Rows;

/// <summary>A count at the door of a session, as stored.</summary>
public sealed class DoorCountRow
{
    public required string GroupId { get; set; }
    public DateOnly On { get; set; }
    public int FromMonths { get; set; }
    public int Children { get; set; }
    public int? Kits { get; set; }
    public int? KitsBack { get; set; }

    /// <summary>The count as Core sees it.</summary>
    public CountAtDoor ToCore() => new(On, FromMonths, Children, Kits, KitsBack);
}
