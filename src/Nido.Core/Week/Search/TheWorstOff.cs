using Nido.Core.Week.Problem;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Week.Search;

/// <summary>
/// Raises the share of the child and aim that are worst off, then the next, as far as the slider lets the sum of fair shares
/// pay for it; no strand that was met is lost and no cent more is spent. What children work towards may cost some of it. Where
/// the slider stands at the top, as long as the smallest share may be more than a few points from the best it is raised
/// anew from where it stood, and the bound is sought nearer.
/// </summary>
/// <param name="problem">The week.</param>
/// <param name="limits">How much work.</param>
/// <param name="isDear">Whether the best week without regard to money costs more than there is.</param>
internal sealed class TheWorstOff(WeekProblem problem, ComposeLimits limits, bool isDear)
{
    /// <summary>What a strand that a child never meets is worth, in millionths of a share: a tenth of a point for its two
    /// minutes.</summary>
    private const long StrandShare = 1_000 / PlanState.StrandCost;

    /// <summary>Times it is raised at the slider's top at most, two side by side.</summary>
    private const int Times = 16;
    private const ulong Seed = 11;

    /// <summary>Nearer to the best than this, in millionths of a share, more work is not worth a teacher's waiting.</summary>
    private const long NearEnough = 40_000;

    /// <summary>Rounds of pricing for each choice of what stays.</summary>
    private const int RoundsAChoice = 12;

    private readonly SideBySide annealing = new(problem, limits.FairSteps(problem), hot: 3_000, cold: 20);

    /// <summary>Raises it; returns what no plan goes above that misses no strand more and, where this one keeps to the budget,
    /// keeps to it too: in millionths of an even share, null where nothing is known.</summary>
    /// <param name="plan">Changed in place; never worse than it was.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    public long? Raise(PlanState plan, CancellationToken stop)
    {
        if (stop.IsCancellationRequested)
        {
            return null;
        }

        int[] begun = [.. plan.Uses];
        var missing = plan.Shares.Missing;
        var price = PriceFrom(plan, () => missing);
        plan.Lay(annealing.Best(begun, price, [Seed], stop).Uses);
        // Where the budget could not be kept, what is possible within it would say too little.
        var withinBudget = plan.OverBudget() == 0;
        missing = plan.Shares.Missing;
        if (withinBudget && ByTheWholeWeek(plan, price, stop) is { } proven)
        {
            return Math.Max(proven, plan.Shares.Smallest());
        }

        using var columns = new WeekColumns(problem, Goal.SmallestShare, plan, isDear && withinBudget);
        if (columns.Bound(limits.Pricings, WeekColumns.Near, stop) is not { } least)
        {
            return null;
        }

        if (problem.Input.Sliders.IsFairSharesFirst)
        {
            RaiseAnew(plan, begun, price, -least, stop);
            least = columns.BoundByWhatStays(
                least,
                -(plan.Shares.Smallest() + NearEnough),
                RoundsAChoice,
                WeekColumns.Near,
                stop
            );
        }

        return Math.Max((long)Math.Ceiling(-least + 1), plan.Shares.Smallest());
    }

    /// <summary>Again and again from where it began, each time by other chances, until one is near enough to what is
    /// possible.</summary>
    private void RaiseAnew(
        PlanState plan,
        int[] begun,
        Func<PlanState, long> price,
        double atMost,
        CancellationToken stop
    )
    {
        var best = price(plan);
        for (
            var time = 1;
            time < Times && plan.Shares.Smallest() + NearEnough < atMost && !stop.IsCancellationRequested;
            time += 2
        )
        {
            var (uses, reached) = annealing.Best(begun, price, [Seed + (ulong)time, Seed + (ulong)time + 1], stop);
            if (reached < best)
            {
                plan.Lay(uses);
                best = reached;
            }
        }
    }

    /// <summary>What is made small: the worst off, as far as it costs no more than a plan that stood before may give up for
    /// them.</summary>
    private Func<PlanState, long> PriceFrom(PlanState before, Func<long> missing)
    {
        var (limit, over, lacking) = (
            problem.MayBecomeForTheWorstOff(before.FairPrice()),
            before.OverBudget(),
            before.Wishes.ObjectivesLacking
        );
        var sliders = problem.Input.Sliders;
        return plan =>
            -plan.Shares.WorstOff()
            + (plan.Shares.Missing * StrandShare)
            + (plan.Wishes.ObjectivesLacking * sliders.ShareForAnObjective)
            + plan.Beyond(
                limit + (Math.Max(0, lacking - plan.Wishes.ObjectivesLacking) * sliders.MinutesForAnObjective),
                over,
                missing()
            );
    }

    /// <summary>What no plan of a small week goes above; where the model that proves it found a better plan, that is taken.</summary>
    private long? ByTheWholeWeek(PlanState plan, Func<PlanState, long> price, CancellationToken stop)
    {
        if (WeekModel.Of(problem, Goal.SmallestShare, mayMiss: plan.Shares.StrandsMissing) is not { } model)
        {
            return null;
        }

        var (found, least) = model.Solve(plan, limits.WholeWork, limits.Guard, stop);
        if (found is not null && price(found) < price(plan))
        {
            plan.Lay([.. found.Uses]);
        }

        return least is { } proven ? (long)Math.Ceiling(-proven) : null;
    }
}
