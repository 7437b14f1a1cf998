using Nido.Core.Group.Steps;

namespace Nido.Data.Rows;

/// <summary>An objective as stored; one a child and ladder.</summary>
public sealed class ObjectiveRow
{
    public required string ChildId { get; set; }
    public required string Ladder { get; set; }
    public int Step { get; set; }
    public DateOnly By { get; set; }

    /// <summary>The objective as Core sees it.</summary>
    public Objective ToCore() => new(ChildId, Ladder, Step, By);
}
