using Google.OrTools.Sat;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Sharing;

/// <summary>
/// Shares out the cupboard exactly: money comes first, a thing that has to be asked for counting as some; then waste,
/// then
/// how well things stand in. Each stage holds what the one before reached.
/// </summary>
public sealed class SharingModel
{
    /// <summary>What a thing that neither shop nor making can give counts as, in cents: a note to the families is work
    /// and may bring nothing. Our own convention.</summary>
    public const int AskCents = 500;

    private const int PartsOfCent = 10_000;

    private readonly SharingProblem problem;
    private readonly int scale;
    private readonly double[] most;
    private readonly CpModel model = new();
    private readonly BoolVar[][] variant;
    private readonly BoolVar[][][][] option;
    private readonly IntVar[] packs;
    private readonly IntVar[] batches;
    private readonly IntVar[] asked;
    private readonly BoolVar[] isAsked;
    private readonly IntVar[] left;
    private readonly List<LinearExpr> stages = [];

    private SharingModel(SharingProblem problem)
    {
        this.problem = problem;
        variant =
        [
            .. problem.Groups.Select(
                (g, i) => g.Variants.Select((_, v) => model.NewBoolVar($"variant {i} {v}")).ToArray()
            ),
        ];
        option =
        [
            .. problem.Groups.Select(
                (g, i) =>
                    g
                        .Variants.Select(
                            (v, k) =>
                                v
                                    .Roles.Select(
                                        (r, j) =>
                                            r
                                                .Options.Select((_, o) => model.NewBoolVar($"option {i} {k} {j} {o}"))
                                                .ToArray()
                                    )
                                    .ToArray()
                        )
                        .ToArray()
            ),
        ];
        scale = ScaleOf(problem);
        most = SharingReduction.MostWanted(problem);
        packs =
        [
            .. problem.Supplies.Select(
                (s, m) => model.NewIntVar(0, s.PackSize > 0 ? Ceiling(most[m] / s.PackSize) : 0, $"packs {m}")
            ),
        ];
        batches =
        [
            .. problem.Recipes.Select((r, k) => model.NewIntVar(0, Ceiling(most[r.Makes] / r.Amount), $"batches {k}")),
        ];
        asked =
        [
            .. problem.Supplies.Select((s, m) => model.NewIntVar(0, s.PackSize > 0 ? 0 : Units(most[m]), $"asked {m}")),
        ];
        isAsked = [.. problem.Supplies.Select((_, m) => model.NewBoolVar($"is asked {m}"))];
        left =
        [
            .. problem.Supplies.Select(
                (s, m) => model.NewIntVar(0, s.PackSize > 0 ? Units(most[m] + s.PackSize) : 0, $"left {m}")
            ),
        ];
        OneOfEach();
        EnoughOfEverything();
        Goals();
    }

    /// <summary>The best way to share out.</summary>
    /// <param name="problem">What is taken and what is there.</param>
    /// <param name="work">Solver work at most for each of the three stages, in its deterministic seconds.</param>
    /// <param name="stop">Ends the search with the best so far.</param>
    public static SharingResult Solve(SharingProblem problem, double work, CancellationToken stop) =>
        new SharingModel(SharingReduction.Of(problem)).Solve(work, stop);

    private SharingResult Solve(double work, CancellationToken stop)
    {
        var (gap, proven) = (0.0, true);
        CpSolver? last = null;
        foreach (var goal in stages)
        {
            model.Minimize(goal);
            if (last is not null)
            {
                Hint(last);
            }

            var solver = Solving.Solver(work, TimeSpan.FromSeconds(15 + (3.5 * work)));
            using var ending = stop.Register(solver.StopSearch);
            var status = solver.Solve(model);
            if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            {
                // Asking families is always open, so the first stage has an answer; a later one keeps what is there.
                proven = false;
                break;
            }

            if (status != CpSolverStatus.Optimal && proven)
            {
                (proven, gap) = (
                    false,
                    (solver.ObjectiveValue - solver.BestObjectiveBound) / Math.Max(1, solver.ObjectiveValue)
                );
            }

            last = solver;
            model.Add(goal <= (long)Math.Round(solver.ObjectiveValue));
        }

        return last is null
            ? throw new OperationCanceledException("The sharing out was stopped before it had an answer.")
            : Read(last, proven, gap);
    }

    private void Hint(CpSolver solver)
    {
        model.Model.SolutionHint = new PartialVariableAssignment();
        for (var k = 0; k < model.Model.Variables.Count; k++)
        {
            model.Model.SolutionHint.Vars.Add(k);
            model.Model.SolutionHint.Values.Add(solver.Response!.Solution[k]);
        }
    }

    /// <summary>Each placed idea lies out in one variant, and each role of it holds one material.</summary>
    private void OneOfEach()
    {
        for (var g = 0; g < variant.Length; g++)
        {
            model.AddExactlyOne(variant[g]);
            for (var v = 0; v < variant[g].Length; v++)
            {
                foreach (var options in option[g][v])
                {
                    model.Add(LinearExpr.Sum(options) == variant[g][v]);
                }
            }
        }
    }

    /// <summary>At every moment what is taken is there, bought, made or asked for; what is made of takes from the same
    /// shelf.</summary>
    private void EnoughOfEverything()
    {
        var takes = Takes().ToLookup(t => t.Take.Supply);
        for (var m = 0; m < problem.Supplies.Count; m++)
        {
            var supply = problem.Supplies[m];
            var (made, eaten, onHand) = (Making(m, gives: true), Making(m, gives: false), Units(supply.OnHand));
            LinearExpr[] rows = [.. supply.Rows.Select(row => Row(row, takes[m])).OfType<LinearExpr>()];
            foreach (var need in rows.DefaultIfEmpty(LinearExpr.Constant(0)))
            {
                model.Add(need + eaten <= onHand + (packs[m] * Units(supply.PackSize)) + made + asked[m]);
            }

            model.Add(asked[m] <= Units(most[m]) * isAsked[m]);
            if (supply is { PackSize: > 0, Rows.Count: 1 } && rows.Length == 1)
            {
                // Where packs are bought, what is over in the end is left of them. What comes back after use is never
                // left over.
                var over = (packs[m] * Units(supply.PackSize)) + onHand + made - eaten - rows[0];
                var isBought = model.NewBoolVar($"is bought {m}");
                model.Add(packs[m] <= Ceiling(most[m] / supply.PackSize) * isBought);
                model.Add(left[m] >= over - ((onHand + Units(most[m])) * (1 - isBought)));
            }
        }
    }

    private LinearExpr? Row(SupplyRow row, IEnumerable<(BoolVar When, Take Take)> takes)
    {
        var here = takes.Where(t => row.Moments.Contains(t.Take.Moment)).ToArray();
        return here.Length == 0
            ? null
            : LinearExpr.WeightedSum(here.Select(t => t.When), here.Select(t => Units(t.Take.Amount)))
                + Units(row.Lost);
    }

    private LinearExpr Making(int supply, bool gives)
    {
        var parts = problem
            .Recipes.SelectMany(
                (r, k) =>
                    gives
                        ? r.Makes == supply
                            ? [(Batches: batches[k], Amount: r.Amount)]
                            : []
                        : r.From.Where(f => f.Supply == supply).Select(f => (Batches: batches[k], Amount: f.Each))
            )
            .ToArray();
        return parts.Length == 0
            ? LinearExpr.Constant(0)
            : LinearExpr.WeightedSum(parts.Select(p => p.Batches), parts.Select(p => Units(p.Amount)));
    }

    private IEnumerable<(BoolVar When, Take Take)> Takes() =>
        from g in Enumerable.Range(0, problem.Groups.Count)
        from v in Enumerable.Range(0, problem.Groups[g].Variants.Count)
        let of = problem.Groups[g].Variants[v]
        from taken in of
            .Takes.Select(t => (variant[g][v], t))
            .Concat(
                of.Roles.SelectMany(
                    (r, j) => r.Options.SelectMany((o, k) => o.Takes.Select(t => (option[g][v][j][k], t)))
                )
            )
        select taken;

    /// <summary>The three stages, in their order.</summary>
    private void Goals()
    {
        var supplies = problem.Supplies;
        stages.Add(
            LinearExpr.WeightedSum(packs, supplies.Select(s => (long)s.PackCents))
                + (AskCents * LinearExpr.Sum(isAsked))
        );
        // In fine parts of a cent: a unit of a pack is rarely worth a whole one.
        var worth = supplies
            .Select(s => s.PackSize > 0 ? (long)Math.Round(PartsOfCent * (double)s.PackCents / Units(s.PackSize)) : 0)
            .ToArray();
        stages.Add(
            LinearExpr.WeightedSum(left, worth)
                + (PartsOfCent / scale * LinearExpr.Sum(asked))
                // A minute of making counts as a cent: nothing is made only to use up what was bought.
                + LinearExpr.WeightedSum(
                    batches,
                    problem.Recipes.Select(r => (long)Math.Ceiling(r.Minutes * PartsOfCent))
                )
        );
        var points = new List<(IntVar Var, long Cost)>();
        points.AddRange(
            problem.Groups.SelectMany((g, i) => g.Variants.Select((v, k) => ((IntVar)variant[i][k], 100L - v.Score)))
        );
        points.AddRange(
            problem.Groups.SelectMany(
                (g, i) =>
                    g.Variants.SelectMany(
                        (v, k) =>
                            v.Roles.SelectMany(
                                (r, j) => r.Options.Select((o, x) => ((IntVar)option[i][k][j][x], 100L - o.Score))
                            )
                    )
            )
        );
        stages.Add(LinearExpr.WeightedSum(points.Select(p => p.Var), points.Select(p => p.Cost)));
    }

    private SharingResult Read(CpSolver solver, bool proven, double gap)
    {
        var chosen = variant.Select(vs => Array.FindIndex(vs, solver.BooleanValue)).ToArray();
        var options = chosen.SelectMany(
            (v, g) =>
                problem
                    .Groups[g]
                    .Variants[v]
                    .Roles.Select((r, j) => r.Options[Array.FindIndex(option[g][v][j], solver.BooleanValue)])
        );
        return new(
            [.. chosen.Select((v, g) => problem.Groups[g].Variants[v].IdeaId)],
            [.. options.Select(o => o.Swap).OfType<Ideas.Swap>()],
            new(
                isAsked.Count(solver.BooleanValue),
                solver.Value(LinearExpr.WeightedSum(packs, problem.Supplies.Select(s => (long)s.PackCents))),
                solver.Value(stages[1]) / PartsOfCent,
                solver.Value(stages[2])
            ),
            proven,
            gap
        );
    }

    private static long Ceiling(double amount) => (long)Math.Ceiling(amount);

    private long Units(double amount) => (long)Math.Round(amount * scale);

    /// <summary>Whole units where every amount is whole, which the solver finds far easier; hundredths
    /// otherwise.</summary>
    private static int ScaleOf(SharingProblem problem) =>
        problem
            .Supplies.SelectMany(s => s.Rows.Select(r => r.Lost).Append(s.OnHand).Append(s.PackSize))
            .Concat(problem.Recipes.SelectMany(r => r.From.Select(f => f.Each).Append(r.Amount)))
            .Concat(
                problem
                    .Groups.SelectMany(g => g.Variants)
                    .SelectMany(v => v.Takes.Concat(v.Roles.SelectMany(r => r.Options).SelectMany(o => o.Takes)))
                    .Select(t => t.Amount)
            )
            .All(a => Math.Abs(a - Math.Round(a)) < 1e-9)
            ? 1
            : 100;
}
