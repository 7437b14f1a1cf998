using System.Diagnostics;
using Google.OrTools.Sat;

namespace Nido.Core.Planning;

/// <summary>Composes a week: a first plan at once, then choose, place, polish, and last the other wishes.</summary>
/// <param name="problem">The week; must not be impossible.</param>
/// <param name="limits">How much work.</param>
/// <param name="time">Where seconds come from.</param>
public sealed class WeekComposer(WeekProblem problem, ComposeLimits limits, TimeProvider time)
{
    // A short week is searched through sooner than a long one.
    private const int StepsPerSlot = 25_000;
    private const int FairStepsPerSlot = 8_000;
    private readonly long began = time.GetTimestamp();
    private long bound;

    /// <summary>Composes.</summary>
    /// <param name="progress">Told of every stage and every better plan.</param>
    /// <param name="stop">The teacher's "good enough".</param>
    public ComposeResult Compose(IProgress<ComposeProgress>? progress, CancellationToken stop)
    {
        using var clock = new CancellationTokenSource(limits.Guard, time);
        using var either = CancellationTokenSource.CreateLinkedTokenSource(stop, clock.Token);
        // On large weeks the solver comes to a bound late or never; with broken numbers there is one in seconds, worked out
        // beside the search. It says how good a plan is and never which one is found.
        using var bounded = CancellationTokenSource.CreateLinkedTokenSource(either.Token);
        var broken = Task.Run(() => LinearBound.Of(new ChooseModel(problem).Model, limits.Guard / 2, bounded.Token), bounded.Token);
        var plan = GreedyPlan.Of(problem);
        var greedy = plan.Score();
        Tell(progress, ComposeStage.First, plan, show: true);

        var search = new LocalSearch(problem, new SeededChance(7));
        search.Improve(plan, p => p.FairPrice(), limits.Rounds / 4, either.Token);
        // Where shares are still short, descent alone sits in a hollow: a warm walk finds the way out of it.
        search.Anneal(plan, p => p.FairPrice(), AnnealFor(plan), hot: 600, cold: 5, either.Token, enough: 0);
        Tell(progress, ComposeStage.Choose, plan, show: true);

        var chosen = Choose(plan, broken, progress, either.Token);
        if (chosen is not null)
        {
            Tell(progress, ComposeStage.Place, plan, show: false);
            var placed = PlaceModel.Place(problem, chosen.Value.Ways, chosen.Value.Times, 4, either.Token);
            search.Improve(placed, p => p.FairPrice(), limits.Rounds / 2, either.Token, enough: bound);
            plan = placed.FairPrice() < plan.FairPrice() ? placed : plan;
        }

        // A plan that lacks nothing needs no bound.
        bounded.Cancel();
        Known(broken);
        Tell(progress, ComposeStage.Polish, plan, show: true);
        search.Improve(plan, p => p.FairPrice(), limits.Rounds, either.Token, enough: bound);
        Tell(progress, ComposeStage.Wishes, plan, show: true);
        // Chance of its own: how soon a bound ended the search before says nothing about the wishes.
        MeetWishes(plan, new LocalSearch(problem, new SeededChance(13)), either.Token);
        var end = stop.IsCancellationRequested ? ComposeEnd.StoppedByYou
            : clock.IsCancellationRequested ? ComposeEnd.StoppedByTheClock
            : ComposeEnd.Finished;
        Tell(progress, ComposeStage.Done, plan, show: true);
        return new ComposeResult(Placements(plan), plan.Score(), greedy, bound, end, Seconds());
    }

    /// <summary>Placements of a plan, in the order of the week.</summary>
    public IReadOnlyList<Placement> Placements(PlanState plan) =>
    [
        .. plan.Uses.Select((use, s) => (use, slot: problem.Slots[s], s)).Where(x => x.use >= 0)
            .Select(x => new Placement(
                x.slot.Day, problem.Blocks[x.slot.Block].Id, x.slot.Offer, problem.Uses[x.use].Idea.Id, problem.LockedUse[x.s] >= 0)),
    ];

    private (IReadOnlyList<Way> Ways, long[] Times)? Choose(PlanState hint, Task<long?> broken, IProgress<ComposeProgress>? progress, CancellationToken stop)
    {
        // Nothing is below nothing missing: a plan that lacks nothing needs no search.
        if (stop.IsCancellationRequested || hint.FairPrice() == 0)
        {
            return null;
        }

        var model = new ChooseModel(problem);
        if (problem.Empty(hint) == 0)
        {
            model.HintFrom(hint);
        }

        bound = Math.Max(bound, Known(broken) ?? 0);
        Tell(progress, ComposeStage.Choose, hint, show: false);
        var solver = Solving.Solver(limits.ChooseWork, limits.Guard);
        solver.SetBestBoundCallback(b =>
        {
            bound = Math.Max(bound, (long)Math.Ceiling(b - 1e-6));
            Tell(progress, ComposeStage.Choose, hint, show: false);
        });
        using var registration = stop.Register(solver.StopSearch);
        var status = solver.Solve(model.Model);
        bound = Math.Max(bound, (long)Math.Ceiling(solver.BestObjectiveBound - 1e-6));
        Debug.Assert(status != CpSolverStatus.ModelInvalid, model.Model.Validate());
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? (model.Ways, [.. model.Times.Select(t => solver.Value(t))])
            : null;
    }

    private int AnnealFor(PlanState plan) => plan.FairPrice() == 0 ? 0 : Math.Min(limits.AnnealSteps, FairStepsPerSlot * problem.Slots.Count);

    /// <summary>The bound as soon as it is known; null where it was not found in its time or the search was stopped.</summary>
    private static long? Known(Task<long?> broken)
    {
        try
        {
            return broken.GetAwaiter().GetResult();
        }
        catch (OperationCanceledException)
        {
            return null;
        }
    }

    /// <summary>Lowers money, prep and the rest while fair shares stay within the tolerance of the slider.</summary>
    private void MeetWishes(PlanState plan, LocalSearch search, CancellationToken stop)
    {
        var limit = problem.MayBecome(plan.FairPrice());
        search.Anneal(
            plan,
            p => p.WishPrice() + (Math.Max(0, p.FairPrice() - limit) * 1000),
            Math.Min(limits.AnnealSteps, StepsPerSlot * problem.Slots.Count), hot: 250, cold: 1, stop);
    }

    private void Tell(IProgress<ComposeProgress>? progress, ComposeStage stage, PlanState plan, bool show) =>
        progress?.Report(new ComposeProgress(
            stage, Seconds(), plan.FairPrice() / (double)WeekProblem.PerMinute, bound / (double)WeekProblem.PerMinute,
            show ? Placements(plan) : null));

    private double Seconds() => time.GetElapsedTime(began).TotalSeconds;
}
