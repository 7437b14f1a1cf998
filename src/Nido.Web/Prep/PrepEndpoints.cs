using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Prep;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Web.Cupboard;
using Nido.Web.Today;
using Nido.Web.Week;

namespace Nido.Web.Prep;

/// <summary>Prep: what to do on which evening, what to buy, what to ask for, what to lay out.</summary>
public static class PrepEndpoints
{
    /// <summary>Adds the endpoint of the place.</summary>
    public static void MapPrep(this RouteGroupBuilder api) =>
        api.MapGet("/weeks/{weekId}/prep", Get).WithName("getPrep").WithTags("Prep");

    private static async Task<Ok<PrepView>> Get(string weekId, WeekDesk desk, TimeProvider time, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);

        var capacity = plan.Problem.Group.Settings.EveningPrepMinutes;
        var materials = WeekReading.Materials(plan);
        var tasks = PrepTasks
            .Of(plan, DateOnly.FromDateTime(time.GetLocalNow().DateTime))
            .Select((t, k) => (Number: k, Task: t))
            .ToArray();
        return TypedResults.Ok(
            new PrepView(
                [
                    .. tasks
                        .GroupBy(t => t.Task.Evening)
                        .Select(g => new EveningView(
                            g.Key,
                            g.Sum(t => t.Task.EveningMinutes),
                            g.Sum(t => t.Task.Minutes - t.Task.EveningMinutes),
                            capacity,
                            [.. g.Select(t => Task(t.Number, t.Task))]
                        )),
                ],
                [.. materials.Where(m => m.Packs > 0)],
                plan.Problem.Group.Settings.BudgetCents,
                [
                    .. plan.Materials()
                        .Where(l => l.IsToAsk)
                        .Select(l => new AskView(
                            materials.First(m => m.MaterialId == l.Material.Id),
                            CupboardReading.AskFor(l, plan)
                        )),
                ],
                CuttingLayout.Of(plan),
                Paints.Of(plan)?.Trace ?? [],
                [
                    .. plan
                        .Filled.GroupBy(f => f.Placement.Day)
                        .Select(day => new TraysView(
                            plan.Problem.Days[day.Key].Date,
                            [
                                .. day.Where(f => f.Use.On(f.Placement.Day).Demand.Count > 0)
                                    .Select(f => new TrayView(
                                        f.Use.Block.Name,
                                        f.Use.Idea.Title,
                                        [.. f.Use.On(f.Placement.Day).Demand.Select(Thing)],
                                        SetUpOfPlan.StepOfMost(f.Use, f.Placement.Day) is { } step
                                            ? SetUpView.Of(plan, f.Use.Idea, step)
                                            : null
                                    )),
                            ]
                        )),
                ],
                [
                    .. Refreshes
                        .Of(plan)
                        .Select(r => new RefreshOfDay(
                            plan.Problem.Days[r.Day].Date,
                            plan.Problem.Uses[plan.State.Uses[r.Slot]].Idea.Title,
                            RefreshView.Of(r)
                        )),
                ]
            )
        );
    }

    private static TaskView Task(int number, PrepTask t) =>
        new(
            number,
            t.What,
            t.For,
            t.Minutes,
            t.NeededOn,
            t.Latest,
            t.WaitHours,
            t.Before,
            t.IsCritical,
            t.TooLate,
            t.InTheMorning,
            t.KeepsDays,
            t.AdultOnly,
            [.. t.Cautions.Select(CautionView.Of)],
            t.Spared
        );

    /// <summary>"12 × Jar lids" for what is counted, "900 g Rice" for what is measured.</summary>
    private static Said Thing(DemandLine line) =>
        line.Material.Unit is MaterialUnit.Piece or MaterialUnit.Sheet
            ? (Said)$"{line.Amount:0.##} × {line.Material.Name}"
            : $"{line.Amount:0.##} {Said.Word(Data.Formats.CupboardCsv.UnitName(line.Material.Unit))} {line.Material.Name}";
}

/// <summary>The Prep screen.</summary>
public sealed record PrepView(
    IReadOnlyList<EveningView> Evenings,
    IReadOnlyList<MaterialLineView> ToBuy,
    int BudgetCents,
    IReadOnlyList<AskView> ToAsk,
    IReadOnlyList<CuttingLayout> ToCut,
    IReadOnlyList<Said> ToMix,
    IReadOnlyList<TraysView> Trays,
    IReadOnlyList<RefreshOfDay> Refreshes
);

/// <summary>The one thing about a base that is new on a day.</summary>
public sealed record RefreshOfDay(DateOnly Day, Said Title, RefreshView Refresh);

/// <summary>Something to ask families for, and by when the note must go out.</summary>
public sealed record AskView(MaterialLineView Line, AskFamilies Ask);

/// <summary>A day's work: its evening against what an evening holds, and what is done in its morning.</summary>
public sealed record EveningView(
    DateOnly Evening,
    int Minutes,
    int MorningMinutes,
    int Capacity,
    IReadOnlyList<TaskView> Tasks
);

/// <summary>A task of an evening, or of the morning where it does not keep: its number over the week, the last evening
/// it can be begun, what waits for it, how long it keeps, what to mind at it, and the minutes that printing
/// spares.</summary>
public sealed record TaskView(
    int Number,
    Said What,
    Said For,
    int Minutes,
    DateOnly NeededOn,
    DateOnly Latest,
    int WaitHours,
    int? Before,
    bool IsCritical,
    Said? TooLate,
    bool InTheMorning,
    int? KeepsDays,
    bool AdultOnly,
    IReadOnlyList<CautionView> Cautions,
    int Spared
);

/// <summary>What lies out on a day.</summary>
public sealed record TraysView(DateOnly Day, IReadOnlyList<TrayView> Trays);

/// <summary>What belongs to an offer.</summary>
/// <param name="Block">Its block.</param>
/// <param name="Title">The idea.</param>
/// <param name="Things">What is fetched for it.</param>
/// <param name="SetUp">How the step of most children lies there; null where it does not lie on a table.</param>
public sealed record TrayView(string Block, Said Title, IReadOnlyList<Said> Things, SetUpView? SetUp);
