namespace Nido.Core.Group.Steps;

/// <summary>What was seen of a child at a step on a day.</summary>
/// <param name="Id">Opaque; grows in the order things were written down.</param>
/// <param name="ChildId">The child.</param>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Step">Number on it.</param>
/// <param name="Help">How much help it took.</param>
/// <param name="On">Day.</param>
/// <param name="By">Who saw it; may be empty.</param>
/// <param name="Note">In the adult's words; may be empty.</param>
public sealed record Observation(
    long Id,
    string ChildId,
    string Ladder,
    int Step,
    HelpLevel Help,
    DateOnly On,
    string By,
    string Note
)
{
    /// <summary>Minutes the child chose to stay at it, where someone looked at the clock.</summary>
    public int? Minutes { get; init; }
}
