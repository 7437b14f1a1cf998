using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Data;

/// <summary>What a composition reached. Minutes, money in cents.</summary>
/// <param name="FairMinutes">Fair-shares objective of the plan.</param>
/// <param name="BoundMinutes">What no plan can go below.</param>
/// <param name="Gap">Distance to the bound, 0–1.</param>
/// <param name="FirstMinutes">Fair-shares objective of the first plan.</param>
/// <param name="Seconds">How long it took.</param>
/// <param name="End">How it ended.</param>
public sealed record ComposeReport(
    double FairMinutes,
    double BoundMinutes,
    double Gap,
    double FirstMinutes,
    double Seconds,
    ComposeEnd End
)
{
    /// <summary>What no plan's smallest share goes above, in percent of an even one; null where it was not
    /// found.</summary>
    public double? AtMostShare { get; init; }

    /// <summary>Of which week the bounds are; another week's say nothing of a plan.</summary>
    public string? Mark { get; init; }

    /// <summary>The report of a result.</summary>
    /// <param name="result">The result.</param>
    /// <param name="mark">Of the week as it is kept; see <see cref="WeekProblem.Mark"/>.</param>
    public static ComposeReport Of(ComposeResult result, long mark) =>
        new(
            result.Score.Fair / (double)WeekProblem.PerMinute,
            result.Bound / (double)WeekProblem.PerMinute,
            Math.Round(result.Gap, 4),
            result.Greedy.Fair / (double)WeekProblem.PerMinute,
            Math.Round(result.Seconds, 1),
            result.End
        )
        {
            Mark = MarkOf(mark),
            AtMostShare = result.AtMostShare is { } most ? Math.Round(most / 1e4, 1) : null,
        };

    /// <summary>A mark as it is kept: JSON numbers do not hold all of it.</summary>
    public static string MarkOf(long mark) => mark.ToString("x16", System.Globalization.CultureInfo.InvariantCulture);
}
