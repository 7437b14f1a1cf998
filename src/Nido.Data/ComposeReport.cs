using Nido.Core.Planning;

namespace Nido.Data;

/// <summary>What a composition reached. Minutes, money in cents.</summary>
/// <param name="FairMinutes">Fair-shares objective of the plan.</param>
/// <param name="BoundMinutes">What no plan can go below.</param>
/// <param name="Gap">Distance to the bound, 0–1.</param>
/// <param name="FirstMinutes">Fair-shares objective of the first plan.</param>
/// <param name="Seconds">How long it took.</param>
/// <param name="End">How it ended.</param>
public sealed record ComposeReport(
    double FairMinutes, double BoundMinutes, double Gap, double FirstMinutes, double Seconds, ComposeEnd End)
{
    /// <summary>The report of a result.</summary>
    public static ComposeReport Of(ComposeResult result) => new(
        result.Score.Fair / (double)WeekProblem.PerMinute, result.Bound / (double)WeekProblem.PerMinute, Math.Round(result.Gap, 4),
        result.Greedy.Fair / (double)WeekProblem.PerMinute, Math.Round(result.Seconds, 1), result.End);
}
