using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Core.Prep;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;

namespace Nido.Web.Week;

/// <summary>Puts a plan into the shapes the screens read. Nothing is decided here.</summary>
public static class WeekReading
{
    /// <summary>The Week screen.</summary>
    public static WeekView View(
        WeekRow row,
        WeekPlan plan,
        Theme theme,
        bool composing,
        IReadOnlyDictionary<int, Said> changeNames,
        IReadOnlyList<CameUpView> happenings,
        DateTime now
    )
    {
        var lines = plan.Materials();
        var lacking = lines.Where(l => l.Packs > 0 || l.IsToAsk).Select(l => l.Material.Id).ToHashSet();
        var loom =
            plan.Problem.Group.Kind == GroupKind.DropIn ? ByBand(Loom(plan)) : WithMet(Loom(plan), plan, row, now);
        StripView[] strips = [.. plan.Filled.Select(f => Strip(plan, f.Placement, f.Use, lacking))];
        return new(
            row.Id,
            row.Version,
            row.GroupId,
            plan.Problem.Group.Name,
            plan.Problem.Group.Kind,
            plan.Problem.Group.Settings.Currency,
            ThemeOf(theme),
            row.Monday,
            [
                .. plan.Problem.Days.Select(
                    (d, i) =>
                        new DayView(
                            d.Date,
                            d.Date.DayOfWeek,
                            d.Dry,
                            [
                                .. plan
                                    .Problem.Blocks.Where((_, b) => !plan.Problem.Attendance.TakesPlace(i, b))
                                    .Select(b => b.Id),
                            ],
                            [
                                .. plan
                                    .Problem.Blocks.Where(
                                        (_, b) =>
                                            !plan.Problem.Attendance.TakesPlace(i, b)
                                            && !plan.Problem.Attendance.IsClosed(i, b)
                                            && !plan.Problem.Attendance.IsPencilled(i, b)
                                    )
                                    .Select(b => b.Id),
                            ]
                        )
                ),
            ],
            plan.Problem.Blocks,
            strips,
            loom,
            Truth(plan, lines, loom, row.Report),
            happenings,
            row.Sliders,
            row.Report,
            [
                .. plan.Lost.Select(l => new KeptOutView(
                    l.Placement.Day,
                    l.Placement.BlockId,
                    l.Placement.Offer,
                    l.Placement.IdeaId,
                    l.Title,
                    l.Reason,
                    l.KeptOut.Count > 0
                )),
            ],
            changeNames.GetValueOrDefault(row.ChangesInForce),
            changeNames.GetValueOrDefault(row.ChangesInForce + 1),
            composing
        )
        {
            Carried =
            [
                .. from child in plan.Problem.Group.Children
                where plan.Problem.Input.Carried.ContainsKey(child.Id)
                from aim in Enum.GetValues<Aim>()
                let lacked = plan.Problem.Input.Carried[child.Id][(int)aim]
                where lacked > 0
                select new CarriedOver(child.Name, aim, Math.Round(lacked / (double)WeekProblem.PerMinute, 1)),
            ],
            Strands = [.. Strand.All.Select(s => new StrandHead(s.Id, s.Aim))],
            Pencilled = plan.Pencilled,
            Colour = row.Colour,
        };
    }

    /// <summary>The line of truth of a plan that may never be saved.</summary>
    public static TruthView TruthOf(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return Truth(plan, plan.Materials(), Loom(plan), null);
    }

    /// <summary>The theme as the screens read it.</summary>
    public static ThemeView ThemeOf(Theme t) =>
        new(
            t.Id,
            t.Name,
            t.Letter,
            t.Sound,
            t.LetterWord,
            t.SecondLetter,
            t.NumbersTo,
            t.OlderNumbersTo,
            [.. t.Shapes.Select(Said.Word)],
            t.Colours,
            t.Words
        );

    /// <summary>The bench of a slot.</summary>
    public static BenchView Bench(WeekPlan plan, int slot)
    {
        var now = plan.Filled.FirstOrDefault(f => f.Slot == slot);
        var why = WhatIf.WhyHere(plan, slot);
        return new(
            now.Use is null ? null : Strip(plan, now.Placement, now.Use, []),
            why is null
                ? null
                : new(
                    Math.Round(why.ShortfallMinutes, 1),
                    [.. why.Falls.Take(6)],
                    [.. why.StrandsLost.Select(s => new StrandLost(s.Strand, s.Children))]
                ),
            [
                .. WhatIf
                    .Alternatives(plan, slot)
                    .Select(a => new AlternativeView(
                        a.Use.Idea.Id,
                        a.Use.Idea.Title,
                        a.Use.Idea.Lead?.Name,
                        a.Use.Idea.Technique.AimShares(),
                        [.. a.MinutesByAim.Select(m => Math.Round(m, 1))],
                        a.ChildrenByAim,
                        a.Cents,
                        a.PrepMinutes,
                        Math.Round(a.ShortfallMinutes, 1),
                        a.OutOfReach,
                        a.KeptFromSlot
                    )),
            ]
        );
    }

    /// <summary>The materials of the week.</summary>
    public static IReadOnlyList<MaterialLineView> Materials(WeekPlan plan) =>
        [
            .. plan.Materials()
                .Select(l => new MaterialLineView(
                    l.Material.Id,
                    l.Material.Name,
                    Said.Word(l.Material.Shelf),
                    CupboardCsv.UnitName(l.Material.Unit),
                    l.Have,
                    l.Used,
                    l.ByDay,
                    l.Lacking,
                    l.Packs,
                    l.Cents,
                    l.Trace,
                    WaysOf(l),
                    l.Colours
                )),
        ];

    /// <summary>How what is missing is made or mixed, a sentence a step.</summary>
    public static IReadOnlyList<Said> WaysOf(MaterialLine line)
    {
        ArgumentNullException.ThrowIfNull(line);
        return line.Mix is { } mix
            ?
            [
                $"{mix.Recipe.Name}, {mix.Scaled.BatchYield:0} {Said.Word(mix.Recipe.YieldUnit)}: "
                    + $"{mix.Scaled.Ingredients.Select(i => (Said)$"{i.ShownAmount:0.###} {Said.Word(i.Unit)} {i.Name}")}",
                .. mix.Scaled.Trace.TakeLast(1),
            ]
            : MakeInWords(line.Make);
    }

    /// <summary>How something is made, a sentence a step.</summary>
    public static IReadOnlyList<Said> MakeInWords(MakeWay? make) =>
        make is null
            ? []
            :
            [
                .. make.Steps.Select(s =>
                    (Said)$"{s.Recipe.Do}: {s.Batches}×, {Math.Ceiling(s.Batches * s.Recipe.Minutes):0} min"
                ),
            ];

    private static StripView Strip(WeekPlan plan, Placement placement, Use use, HashSet<string> lacking)
    {
        int[] steps = [.. use.On(placement.Day).Children.Where(c => c.InReach).Select(c => c.Offer!.Step).Order()];
        return new(
            placement.Day,
            placement.BlockId,
            placement.Offer,
            use.Idea.Id,
            use.Idea.Title,
            use.Idea.Lead?.Name,
            use.Idea.Technique.AimShares(),
            steps[0],
            steps[^1],
            placement.Locked,
            use.Cautions.Count(c => c.Rule.Severity != Severity.Tell),
            use.Cautions.Any(c => c.Lifted is not null),
            use.On(placement.Day).Demand.FirstOrDefault(d => lacking.Contains(d.Material.Id))?.Material.Id,
            use.Adults,
            [
                .. use.On(placement.Day)
                    .Children.Where(c => c.InReach)
                    .Select(c => c.Child.StandsFor is null ? c.Child.Id : ExpectedBand.BandOf(c.Child.Id))
                    .Distinct(),
            ],
            plan.SlotOf(placement.Day, placement.BlockId, placement.Offer) is { } slot && plan.Stays(slot)
        )
        {
            OwnTitle = placement.Words,
        };
    }

    /// <summary>A row a child, worst off first.</summary>
    private static LoomRow[] Loom(WeekPlan plan)
    {
        var problem = plan.Problem;
        var day = problem.FirstDay;
        return
        [
            .. Enumerable
                .Range(0, problem.ChildCount)
                .Where(c => problem.Attendance.DaysOf(c) > 0)
                .Select(c => new LoomRow(
                    problem.Group.Children[c].Id,
                    problem.Group.Children[c].Name,
                    Age.Written(problem.Group.Children[c].MonthsOn(day)),
                    [
                        .. Enum.GetValues<Aim>()
                            .Select(aim => new LoomCell(
                                aim,
                                Math.Round(plan.State.Dose[(c * 4) + (int)aim] / (double)WeekProblem.PerMinute, 1),
                                Math.Round(problem.Target[(c * 4) + (int)aim] / (double)WeekProblem.PerMinute, 1),
                                plan.Share(c, aim)
                            )),
                    ],
                    Enum.GetValues<Aim>().Min(aim => plan.Share(c, aim)),
                    [.. StrandsMissing.Of(plan, c).Select(s => s.Id)]
                )
                {
                    Days =
                    [
                        .. problem.Days.Select(
                            (_, d) =>
                                problem.Attendance.OnDay(c, d) ? Math.Round(plan.MinutesOn(d, c), 1) : (double?)null
                        ),
                    ],
                    Strands =
                    [
                        .. plan.StrandTimes(c)
                            .Select(
                                (times, s) =>
                                    times > 0 || problem.StrandOpen[(c * Strand.All.Count) + s] ? times : (int?)null
                            ),
                    ],
                })
                .OrderBy(r => r.Worst)
                .ThenBy(r => r.Name, StringComparer.Ordinal),
        ];
    }

    /// <summary>Beside what is planned, what was met of it until now.</summary>
    private static LoomRow[] WithMet(LoomRow[] rows, WeekPlan plan, WeekRow row, DateTime now)
    {
        if (WhatWasMet.Over(plan.Problem, now) == 0)
        {
            return rows;
        }

        var met = WhatWasMet.Of(plan, row.Otherwise, now);
        var index = plan.Problem.Group.Children.Select((c, i) => (c.Id, i)).ToDictionary(x => x.Id, x => x.i);
        int Percent(string child, Aim aim)
        {
            var at = (index[child] * 4) + (int)aim;
            return plan.Problem.EvenShare[at] is var even and > 0 ? (int)Math.Floor(100.0 * met[at] / even) : 100;
        }

        return
        [
            .. rows.Select(r => r with { Aims = [.. r.Aims.Select(a => a with { Met = Percent(r.ChildId, a.Aim) })] }),
        ];
    }

    /// <summary>Nobody is named at a drop-in session: a row an age, its smallest share first.</summary>
    private static LoomRow[] ByBand(LoomRow[] rows) =>
        [
            .. rows.GroupBy(r => ExpectedBand.BandOf(r.ChildId))
                .Select(g => new LoomRow(
                    g.Key,
                    $"{g.First().Name.Split(',')[0]} · {g.Count()}",
                    "",
                    [
                        .. Enum.GetValues<Aim>()
                            .Select(aim => new LoomCell(
                                aim,
                                Math.Round(g.Average(r => r.Aims[(int)aim].Minutes), 1),
                                Math.Round(g.Average(r => r.Aims[(int)aim].Target), 1),
                                g.Min(r => r.Aims[(int)aim].Percent)
                            )),
                    ],
                    g.Min(r => r.Worst),
                    []
                )
                {
                    Days = [.. Enumerable.Range(0, g.First().Days.Count).Select(d => g.Average(r => r.Days[d]))],
                    Strands = [.. Enumerable.Range(0, g.First().Strands.Count).Select(s => g.Min(r => r.Strands[s]))],
                })
                .OrderBy(r => r.Worst),
        ];

    private static int Strips(WeekPlan plan, string materialId) =>
        plan.Filled.Count(f => f.Use.On(f.Placement.Day).Demand.Any(d => d.Material.Id == materialId));

    private static TruthView Truth(
        WeekPlan plan,
        IReadOnlyList<MaterialLine> lines,
        LoomRow[] loom,
        ComposeReport? report
    )
    {
        var problem = plan.Problem;
        var worst = loom.FirstOrDefault();
        var everywhere = Enumerable
            .Range(0, problem.ChildCount)
            .Count(c =>
                problem.Attendance.DaysOf(c) > 0
                && problem.Cells.All(cell =>
                    !problem.Attendance.Is(c, cell.Day, cell.Block) || plan.State.InReach(cell.Day, cell.Block, c) > 0
                )
            );
        var prep = PrepTasks.Of(plan);
        var evenings = prep.GroupBy(t => t.Evening).Select(g => g.Sum(t => t.EveningMinutes));
        var findings = WeekFindings.Of(plan);
        // A report belongs to the week it was made for: with other children, things or locks its bounds say nothing.
        var holds = report?.Holds(problem, plan.Filled.Select(f => f.Placement).Where(p => p.Locked)) == true;
        // By hand an offer that should stay may be broken up, which no bound reckons with: what it says must hold of
        // what is seen.
        var (shortBy, share) = (
            plan.State.Score().Fair / (double)WeekProblem.PerMinute,
            plan.State.Shares.Smallest() / 1e4
        );
        var over = Math.Max(0, lines.Sum(l => l.Cents) - problem.Group.Settings.BudgetCents);
        var atLeast = holds ? report!.AtLeast(problem, over) : 0;
        return new(
            Enumerable.Range(0, problem.ChildCount).Count(c => problem.Attendance.DaysOf(c) > 0),
            everywhere,
            worst?.Worst ?? 0,
            worst?.Name,
            worst?.Aims.MinBy(a => a.Percent)?.Aim,
            lines.Count(l => l.Packs > 0),
            lines.Sum(l => l.Cents),
            lines.Count(l => l.IsToAsk),
            prep.Sum(t => t.Minutes),
            evenings.DefaultIfEmpty(0).Max(),
            findings.Count(f => f.Severity == Severity.Block && f.Lifted is null),
            findings.Count(f => f.Severity is Severity.Watch or Severity.AdultStep),
            findings.Count(f => f.Lifted is not null),
            problem.Empty(plan.State)
        )
        {
            ShortMinutes = Math.Round(shortBy, 1),
            AtLeastMinutes = holds && atLeast <= shortBy ? Math.Round(atLeast, 1) : null,
            AtMostShare = holds && report!.AtMostShare >= Math.Floor(share) ? report.AtMostShare : null,
            Changed = report?.Mark is not null && !holds,
            CutShort = holds && report!.End == ComposeEnd.StoppedByTheClock,
            OverBudget = over,
            Dearest =
                over == 0
                    ? []
                    :
                    [
                        .. lines
                            .Where(l => l.Cents > 0)
                            .OrderByDescending(l => l.Cents)
                            .Take(3)
                            .Select(l => new OverBudgetView(l.Material.Id, l.Material.Name, l.Cents)),
                    ],
            MissingMost =
                over == 0 && problem.Empty(plan.State) == 0
                    ? null
                    : lines
                        .Where(l => l.Lacking > 0)
                        .Select(l => new MissingView(l.Material.Id, l.Material.Name, Strips(plan, l.Material.Id)))
                        .MaxBy(m => m.Strips),
            WouldHelp =
                over == 0 && problem.Empty(plan.State) == 0 ? null
                : OneThing.Of(problem) is { } thing ? new(thing.Material.Id, thing.Material.Name, thing.Ways)
                : null,
            Unread =
            [
                .. problem
                    .Input.Safety.Room(problem.Group, problem.FirstDay)
                    .SelectMany(c => c.Unread.Select(w => new UnreadView(w, c.Child.Name))),
            ],
        };
    }
}
