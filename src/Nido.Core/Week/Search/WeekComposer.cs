using Nido.Core.Week.Problem;
using Nido.Core.Week.Search.Columns;

namespace Nido.Core.Week.Search;

/// <summary>
/// Composes a week: a first plan at once, then fair shares with their bound, then the worst off, and last the other
/// wishes.
/// </summary>
/// <param name="problem">The week; must not be impossible.</param>
/// <param name="limits">How much work.</param>
/// <param name="time">Where seconds come from.</param>
public sealed class WeekComposer(WeekProblem problem, ComposeLimits limits, TimeProvider time)
{
    // A short week is searched through sooner than a long one.
    private const int StepsPerSlot = 25_000;

    // Uses weighed in all rounds of descent together, so that a large week gets fewer of them.
    private const int WeighedInRounds = 100_000;

    // Where wishes and fair shares begin, the best of a few goes on.
    private static readonly ulong[] ForFairShares = [7, 8, 9, 10];
    private static readonly ulong[] ForWishes = [13, 14];

    // Within six hundredths of what no plan goes below, putting columns together anew comes to nothing more.
    private const double WorthPuttingTogether = 1.06;

    // What was bought with fair shares is not sold again for a lighter evening.
    private const long ObjectiveCost = 5_000;

    private readonly long began = time.GetTimestamp();

    // What no plan goes below; and what none does that keeps to the budget, which is what the search is held against.
    private long fairBound;
    private long bound;

    // Whether what would be best without money costs more than there is: then money is counted.
    private bool isDear;

    /// <summary>Composes.</summary>
    /// <param name="progress">Told of every stage and every better plan.</param>
    /// <param name="stop">The teacher's "good enough".</param>
    public ComposeResult Compose(IProgress<ComposeProgress>? progress, CancellationToken stop)
    {
        using var clock = new CancellationTokenSource(limits.Guard, time);
        using var either = CancellationTokenSource.CreateLinkedTokenSource(stop, clock.Token);
        var plan = GreedyPlan.Of(problem);
        var greedy = plan.Score();
        Tell(progress, ComposeStage.First, plan, show: true);
        var search = new LocalSearch(problem, new SeededChance(7));
        plan = FairShares(plan, search, progress, either.Token);
        var reached = plan.Score().Fair;
        Tell(progress, ComposeStage.Polish, plan, show: true);
        var atMost = new TheWorstOff(problem, limits, isDear).Raise(plan, either.Token);
        Tell(progress, ComposeStage.Wishes, plan, show: true);
        MeetWishes(plan, either.Token);
        var end =
            stop.IsCancellationRequested ? ComposeEnd.StoppedByYou
            : clock.IsCancellationRequested ? ComposeEnd.StoppedByTheClock
            : ComposeEnd.Finished;
        Tell(progress, ComposeStage.Done, plan, show: true);
        return new ComposeResult(Placements(plan), plan.Score(), greedy, fairBound, end, Seconds())
        {
            SmallestShare = plan.Shares.Smallest(),
            AtMostShare = atMost,
            Reached = reached,
            BoundWithinBudget = bound > fairBound && plan.OverBudget() == 0 ? bound : null,
        };
    }

    /// <summary>The best plan for fair shares: the better of our search and of the columns, each improved from where it
    /// stands.</summary>
    private PlanState FairShares(
        PlanState plan,
        LocalSearch search,
        IProgress<ComposeProgress>? progress,
        CancellationToken stop
    )
    {
        // Where the whole week is solved the columns only say what could be had without the budget.
        plan = AsAWhole(plan, search, stop);
        plan.Lay(
            new SideBySide(problem, AnnealFor(plan), hot: 2_000, cold: 50)
                .Best(plan.Uses, p => p.FairAndPaid(), ForFairShares, stop, enough: bound)
                .Uses
        );
        SomethingForEveryone.Bring(problem, plan, stop);
        WithinBudget.Bring(problem, plan, stop);
        Tell(progress, ComposeStage.Choose, plan, show: true);
        // Nothing is below nothing missing: a plan that lacks nothing needs no bound.
        if (plan.FairAndPaid() == 0 || stop.IsCancellationRequested)
        {
            return plan;
        }

        (var better, isDear) = ByColumns(plan, withMoney: false, search, progress, stop);
        if (isDear)
        {
            // What the columns would do costs more than there is: then they are asked again, and pay for it.
            (better, _) = ByColumns(better, withMoney: true, search, progress, stop);
        }

        WithinBudget.Trade(problem, better, stop);
        search.Improve(better, p => p.FairAndPaid(), Rounds(), stop, enough: bound);
        return better;
    }

    /// <summary>The better of a plan and of what columns come to; and whether that would go over the budget.</summary>
    private (PlanState Plan, bool IsDear) ByColumns(
        PlanState plan,
        bool withMoney,
        LocalSearch search,
        IProgress<ComposeProgress>? progress,
        CancellationToken stop
    )
    {
        using var columns = new WeekColumns(problem, Goal.FairShares, plan, withMoney);
        columns.Bound(
            limits.Pricings,
            WeekColumns.Near,
            stop,
            found =>
            {
                var least = (long)Math.Ceiling(found - 1e-3);
                bound = Math.Max(bound, least);
                fairBound = withMoney ? fairBound : Math.Max(fairBound, least);
                Tell(progress, ComposeStage.Choose, plan, show: false);
            }
        );
        Tell(progress, ComposeStage.Place, plan, show: false);
        // A mix buys parts of packs, so that diving from it overspends: with money only the model of whole packs decides.
        if (!withMoney && plan.FairAndPaid() > bound && columns.Dive(stop) is { } dived)
        {
            var dear = dived.OverBudget() > 0;
            plan = Better(plan, dived, search, stop);
            if (dear)
            {
                return (plan, true);
            }
        }

        return
            plan.FairAndPaid() > bound * WorthPuttingTogether
            && columns.Put(plan, limits.ChooseWork * Size(), limits.Guard, stop) is { } put
            ? (Better(plan, put, search, stop), false)
            : (plan, false);
    }

    /// <summary>The better of a plan and of what the model of the whole week finds, where that is small; with what it proves.</summary>
    private PlanState AsAWhole(PlanState plan, LocalSearch search, CancellationToken stop)
    {
        if (
            plan.FairAndPaid() == 0
            || stop.IsCancellationRequested
            || WeekModel.Of(problem, Goal.FairShares) is not { } model
        )
        {
            return plan;
        }

        var (found, atLeast) = model.Solve(plan, limits.WholeWork, limits.Guard, stop);
        bound = Math.Max(bound, (long)Math.Ceiling((atLeast ?? 0) - 1e-3));
        return found is null ? plan : Better(plan, found, search, stop);
    }

    private PlanState Better(PlanState plan, PlanState other, LocalSearch search, CancellationToken stop)
    {
        SomethingForEveryone.Bring(problem, other, stop);
        WithinBudget.Bring(problem, other, stop);
        search.Anneal(other, p => p.FairAndPaid(), AnnealFor(other) / 2, hot: 60, cold: 2, stop, enough: bound);
        WithinBudget.Bring(problem, other, stop);
        return other.FairAndPaid() < plan.FairAndPaid() ? other : plan;
    }

    /// <summary>Placements of a plan, in the order of the week.</summary>
    public IReadOnlyList<Placement> Placements(PlanState plan) =>
        [
            .. plan
                .Uses.Select((use, s) => (use, slot: problem.Slots[s], s))
                .Where(x => x.use >= 0)
                .Select(x => new Placement(
                    x.slot.Day,
                    problem.Blocks[x.slot.Block].Id,
                    x.slot.Offer,
                    problem.Uses[x.use].Idea.Id,
                    problem.LockedUse[x.s] >= 0
                )),
        ];

    // Putting columns together takes more work the more children and cells there are, up to twice that of our demo.
    private double Size() => Math.Clamp(problem.ChildCount * problem.Cells.Count / 300.0, 1, 2);

    private int Rounds()
    {
        var weighedInOne = Enumerable.Range(0, problem.Slots.Count).Sum(s => problem.Choices(s).Count);
        return Math.Clamp(WeighedInRounds / Math.Max(1, weighedInOne), 0, limits.Rounds / 8);
    }

    private int AnnealFor(PlanState plan) => plan.FairAndPaid() == 0 ? 0 : limits.FairSteps(problem);

    /// <summary>Lowers money, prep and the rest while fair shares stay within the tolerance of the slider and no strand is
    /// lost.</summary>
    private void MeetWishes(PlanState plan, CancellationToken stop)
    {
        var (limit, over, missing) = (problem.MayBecome(plan.FairPrice()), plan.OverBudget(), plan.Shares.Missing);
        var lacking = plan.Wishes.ObjectivesLacking;
        var least = plan.Shares.Smallest() - problem.Input.Sliders.ShareTolerance;
        plan.Lay(
            new SideBySide(
                problem,
                Math.Min(limits.AnnealSteps, StepsPerSlot * problem.Slots.Count),
                hot: 250,
                cold: 50
            )
                .Best(
                    [.. plan.Uses],
                    p =>
                        p.WishPrice()
                        + p.Beyond(limit, over, missing)
                        + Math.Max(0, least - p.Shares.Smallest())
                        + (Math.Max(0, p.Wishes.ObjectivesLacking - lacking) * ObjectiveCost),
                    ForWishes,
                    stop
                )
                .Uses
        );
    }

    private void Tell(IProgress<ComposeProgress>? progress, ComposeStage stage, PlanState plan, bool show) =>
        progress?.Report(
            new ComposeProgress(
                stage,
                Seconds(),
                plan.FairPrice() / (double)WeekProblem.PerMinute,
                bound / (double)WeekProblem.PerMinute,
                show ? Placements(plan) : null
            )
            {
                Filled = show
                    ?
                    [
                        .. problem.Group.Children.Select(
                            (c, k) =>
                                new ChildFilled(c.Id, [.. Enum.GetValues<Aim>().Select(aim => plan.Share(k, aim))])
                        ),
                    ]
                    : [],
            }
        );

    private double Seconds() => time.GetElapsedTime(began).TotalSeconds;
}
