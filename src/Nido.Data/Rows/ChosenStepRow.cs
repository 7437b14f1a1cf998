using Nido.Core.Group.Steps;

namespace Nido.Data.Rows;

/// <summary>A step chosen by an adult, as stored: one a child and ladder.</summary>
public sealed class ChosenStepRow
{
    public required string ChildId { get; set; }
    public required string Ladder { get; set; }
    public int Step { get; set; }
    public DateOnly On { get; set; }
    public bool KnowsBetter { get; set; }

    /// <summary>The choice as Core sees it.</summary>
    public ChosenStep ToCore() => new(ChildId, Ladder, Step, On, KnowsBetter);
}
