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
    /// <summary>What the smallest share of no plan goes above that misses no strand more, in percent of an even one; null where it was not
    /// found.</summary>
    public double? AtMostShare { get; init; }

    /// <summary>Of which week the bounds are; another week's say nothing of a plan.</summary>
    public string? Mark { get; init; }

    /// <summary>What no plan that keeps to the budget can go below; null where money did not bind.</summary>
    public double? WithinBudgetMinutes { get; init; }

    /// <summary>Of which cupboard and budget that is.</summary>
    public string? MoneyMark { get; init; }

    /// <summary>The report of a result.</summary>
    /// <param name="result">The result.</param>
    /// <param name="kept">The week as it is kept.</param>
    /// <param name="locked">What is locked in it.</param>
    public static ComposeReport Of(ComposeResult result, WeekProblem kept, IEnumerable<Placement> locked) =>
        new(
            result.Score.Fair / (double)WeekProblem.PerMinute,
            result.Bound / (double)WeekProblem.PerMinute,
            Math.Round(result.Gap, 4),
            result.Greedy.Fair / (double)WeekProblem.PerMinute,
            Math.Round(result.Seconds, 1),
            result.End
        )
        {
            Mark = Written(WeekMark.Of(kept, locked)),
            WithinBudgetMinutes = result.BoundWithinBudget / (double)WeekProblem.PerMinute,
            MoneyMark = result.BoundWithinBudget is null ? null : Written(WeekMark.OfMoney(kept)),
            AtMostShare = result.AtMostShare is { } most ? Math.Round(most / 1e4, 1) : null,
        };

    /// <summary>Whether its bounds are those of a week.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="locked">What is locked in it.</param>
    public bool Holds(WeekProblem problem, IEnumerable<Placement> locked) =>
        Mark is not null && Mark == Written(WeekMark.Of(problem, locked));

    /// <summary>What no plan of a week for which it holds can go below, in minutes: with money in it where the plan
    /// keeps to the budget and nothing was bought or counted since.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="overBudget">Cents the plan at hand is over the budget.</param>
    public double AtLeast(WeekProblem problem, int overBudget) =>
        WithinBudgetMinutes is { } within && overBudget == 0 && MoneyMark == Written(WeekMark.OfMoney(problem))
            ? Math.Max(within, BoundMinutes)
            : BoundMinutes;

    /// <summary>A mark as it is kept: JSON numbers do not hold all of it.</summary>
    private static string Written(long mark) => mark.ToString("x16", System.Globalization.CultureInfo.InvariantCulture);
}
