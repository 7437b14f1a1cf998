using Nido.Core.Steps;

namespace Nido.Data.Rows;

/// <summary>An observation as stored.</summary>
public sealed class ObservationRow
{
    public long Id { get; set; }
    public required string ChildId { get; set; }
    public required string Ladder { get; set; }
    public int Step { get; set; }
    public HelpLevel Help { get; set; }
    public DateOnly On { get; set; }
    public required string By { get; set; }
    public required string Note { get; set; }

    /// <summary>The observation as Core sees it.</summary>
    public Observation ToCore() => new(Id, ChildId, Ladder, Step, Help, On, By, Note);
}
