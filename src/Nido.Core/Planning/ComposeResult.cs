namespace Nido.Core.Planning;

/// <summary>A composed week.</summary>
/// <param name="Plan">The placements.</param>
/// <param name="Score">Its score.</param>
/// <param name="Greedy">Score of the first plan, for comparison.</param>
/// <param name="Bound">Fair-shares objective no plan can go below, in hundredths of a minute.</param>
/// <param name="End">How it ended.</param>
/// <param name="Seconds">How long it took.</param>
public sealed record ComposeResult(
    IReadOnlyList<Placement> Plan, PlanScore Score, PlanScore Greedy, long Bound, ComposeEnd End, double Seconds)
{
    /// <summary>Gap to the bound, 0–1.</summary>
    public double Gap => Score.GapTo(Bound);
}
