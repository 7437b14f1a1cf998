using System.Collections.Concurrent;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Rules.Conflicts;
using Nido.Core.Week.Search;
using Nido.Data;
using Nido.Web.Common;
using Nido.Web.Cupboard;

namespace Nido.Web.Week;

/// <summary>Composes weeks in the background, one composition a week at a time.</summary>
/// <param name="scopes">For a database of its own.</param>
/// <param name="limits">How much work.</param>
/// <param name="writer">Waits for its turn to save.</param>
/// <param name="time">The clock.</param>
/// <param name="log">Says how it went, without anything about children.</param>
public sealed partial class Compositions(
    IServiceScopeFactory scopes,
    ComposeLimits limits,
    OneWriter writer,
    TimeProvider time,
    ILogger<Compositions> log
) : IHostedService
{
    private static readonly TimeSpan LookForConflict = TimeSpan.FromSeconds(10);
    private readonly ConcurrentDictionary<string, (Composition Composition, Task Running)> byWeek = new();

    /// <summary>Whether a week is being composed now.</summary>
    public bool IsComposing(string weekId) => byWeek.TryGetValue(weekId, out var known) && !known.Running.IsCompleted;

    /// <summary>The newest composition of a week, or null.</summary>
    public Composition? Of(string weekId) => byWeek.TryGetValue(weekId, out var known) ? known.Composition : null;

    /// <summary>Begins to compose, or joins the composition under way.</summary>
    public Composition Begin(string weekId)
    {
        lock (byWeek)
        {
            if (IsComposing(weekId))
            {
                return byWeek[weekId].Composition;
            }

            var composition = new Composition();
            byWeek[weekId] = (composition, Task.Run(() => RunAsync(weekId, composition)));
            return composition;
        }
    }

    /// <summary>Waits until a week's composition has ended.</summary>
    public Task WhenEnded(string weekId) =>
        byWeek.TryGetValue(weekId, out var known) ? known.Running : Task.CompletedTask;

    /// <inheritdoc />
    public Task StartAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    /// <summary>Before the house closes nothing goes on in the background: the files are nobody's afterwards.</summary>
    public Task StopAsync(CancellationToken cancellationToken)
    {
        foreach (var (composition, running) in byWeek.Values)
        {
            if (!running.IsCompleted)
            {
                composition.Leave();
            }
        }

        return Task.WhenAll(byWeek.Values.Select(c => c.Running)).WaitAsync(cancellationToken);
    }

    private static Said Closed =>
        $"The house was closed while the week was being composed. Your week is as it was; compose again.";

    private async Task RunAsync(string weekId, Composition composition)
    {
        try
        {
            var (problem, rules) = await ComposeAsync(weekId, composition);
            composition.End(problem, rules);
        }
        catch (DbUpdateException)
        {
            composition.End(
                $"The week was changed by someone while it was being composed. Their change stays; compose again to build on it."
            );
        }
#pragma warning disable CA1031 // A background task has nobody to throw to: the teacher and the log are told instead.
        catch (Exception e)
#pragma warning restore CA1031
        {
            Failed(log, e);
            composition.End($"Composing failed. Your week is as it was; the log says more.");
        }
        finally
        {
            Memory.GiveBack();
        }
    }

    private async Task<(Said? Problem, IReadOnlyList<FieldProblem> Rules)> ComposeAsync(
        string weekId,
        Composition composition
    )
    {
        await using var scope = scopes.CreateAsyncScope();
        var desk = scope.ServiceProvider.GetRequiredService<WeekDesk>();
        var problems = scope.ServiceProvider.GetRequiredService<WeekProblems>();
        var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
        var row = await desk.RowAsync(weekId, default);
        var held = await desk.PlanAsync(row, default);
        // A new week starts from the materials as they are bound by themselves; what is locked keeps its swaps.
        var locked = row.Plan.Where(p => p.Locked && !p.IsPencilled).ToArray();
        var input = await problems.InputAsync(row, [.. locked.SelectMany(p => p.Swaps).Distinct()], db, default);
        if (composition.IsLeft)
        {
            return (Closed, []);
        }

        var (problem, impossible) = WeekProblem.Build(input with { Locked = locked });
        if (impossible.Count > 0)
        {
            return ($"This week cannot be composed yet", Fields(impossible));
        }

        var result = new WeekComposer(problem, limits, time).Compose(composition, composition.Stop);
        if (composition.IsLeft)
        {
            return (Closed, []);
        }

        Composed(log, result.Seconds, result.Score.Fair, result.Bound, result.End);
        var swaps = locked.ToLookup(p => p.IdeaId, p => p.Swaps);
        var composed = Pencilled.Kept(
            row.Plan,
            result.Plan.Select(p => p with { Swaps = swaps[p.IdeaId].FirstOrDefault() ?? [] })
        );
        var plan = SharedOut(new WeekPlan(problem, composed), composed);
        var found = Sharing.Planned(
            new WeekPlan(problem, composed),
            plan,
            id => input.Materials.FirstOrDefault(m => m.Id == id)
        );
        var kept = held.State.Score();
        // If the new search is worse than the plan at hand, the plan at hand stays.
        var stays =
            kept.Broken == 0
            && held.Lost.Count == 0
            && kept.Fair <= found.State.Score().Fair
            && kept.Wishes <= found.State.Score().Wishes
            && held.State.OverBudget() <= found.State.OverBudget()
            && held.State.Shares.Smallest() >= found.State.Shares.Smallest();
        // What was found of the week holds whichever plan it keeps; its bounds are those of the week as it is kept,
        // materials shared out.
        var swapped = (stays ? row.Plan : plan).SelectMany(p => p.Swaps).Distinct().ToArray();
        var asKept = WeekProblem.Build(await problems.InputAsync(row, swapped, db, default)).Problem;
        using (await writer.TurnAsync(default))
        {
            row.Report = ComposeReport.Of(result, asKept, locked);
            if (stays)
            {
                await db.SaveChangesAsync(default);
                return (null, []);
            }

            await desk.History.ChangeAsync(row, $"Compose the week", plan, default);
        }

        return found.State.Score().Broken == 0
            ? (null, [])
            : Why(problem, new WeekPlan(problem, composed), composition.Stop);
    }

    /// <summary>Why the best plan still breaks a rule: a smallest set of rules no week can keep together.</summary>
    private static (Said Problem, IReadOnlyList<FieldProblem> Rules) Why(
        WeekProblem problem,
        WeekPlan best,
        CancellationToken stop
    )
    {
        var conflict = Conflict.Of(problem, LookForConflict, stop);
        return conflict.Rules.Count == 0
            ? (
                $"No week was found that keeps every rule. This is the best there was; what it breaks stands here",
                Fields(WhatIsBroken.Of(best))
            )
            : (
                conflict.IsSmallest
                    ? (Said)$"No week can keep all of these at once; without any one of them the others could be kept"
                    : $"No week can keep all of these at once",
                Fields(conflict.Rules)
            );
    }

    private static FieldProblem[] Fields(IReadOnlyList<Impossible> rules) =>
        [.. rules.Select(i => new FieldProblem(i.Rule, i.What, i.WayOut))];

    /// <summary>The composed plan with the cupboard shared out; as composed where that found no answer in its
    /// time.</summary>
    private static IReadOnlyList<Placement> SharedOut(WeekPlan plan, IReadOnlyList<Placement> composed)
    {
        try
        {
            return Sharing.Out(plan, composed, default).After;
        }
        catch (OperationCanceledException)
        {
            return composed;
        }
    }

    [LoggerMessage(
        Level = LogLevel.Information,
        Message = "Composed in {Seconds:0.0} s, fair shares {Fair} against a bound of {Bound}, {End}"
    )]
    private static partial void Composed(ILogger log, double seconds, long fair, long bound, ComposeEnd end);

    [LoggerMessage(Level = LogLevel.Error, Message = "Composing failed")]
    private static partial void Failed(ILogger log, Exception e);
}
