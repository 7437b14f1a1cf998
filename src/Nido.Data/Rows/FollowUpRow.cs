using Nido.Core.Journal;

namespace Nido.Data.Rows;

/// <summary>A change that was tried because it was hard, as stored.</summary>
public sealed class FollowUpRow
{
    public long Id { get; set; }
    public required string ChildId { get; set; }
    public required string Ladder { get; set; }
    public int Step { get; set; }
    public string Sign { get; set; } = "";
    public required string Change { get; set; }
    public DateOnly On { get; set; }
    public DateOnly LookAgainOn { get; set; }
    public bool? Helped { get; set; }

    /// <summary>As Core sees it.</summary>
    public FollowUp ToCore() => new(Id, ChildId, Ladder, Step, Sign, Change, On, LookAgainOn, Helped);
}
