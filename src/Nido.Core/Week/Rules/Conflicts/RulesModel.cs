using Google.OrTools.Sat;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Conflicts;

/// <summary>The hard rules alone, each of which can be left out: which ways lie out on which day.</summary>
internal sealed class RulesModel
{
    private static readonly Said InCupboard = $"Add materials in Cupboard";
    private readonly WeekProblem problem;
    private readonly CpModel model = new();
    private readonly IReadOnlyList<Way> ways;
    private readonly BoolVar?[][] on;
    private readonly List<RuleOfWeek> rules = [];

    public RulesModel(WeekProblem problem)
    {
        this.problem = problem;
        ways = Way.Of(problem);
        on =
        [
            .. ways.Select(w =>
                problem.Days.Select((_, d) => w.Any.OnDay[d] ? model.NewBoolVar($"on {w.Index} {d}") : null).ToArray()
            ),
        ];
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                if (problem.Attendance.TakesPlace(d, b))
                {
                    OffersFilled(b, d);
                    AdultsBeside(b, d);
                }
            }

            InReach(b);
        }

        NotTheSame();
        HandsRest();
        MadeBefore();
        Locks();
    }

    /// <summary>Every rule.</summary>
    public IReadOnlyList<RuleOfWeek> Rules => rules;

    /// <summary>Whether these rules can all hold; null where it was not decided. Where they cannot, some of them that
    /// cannot.</summary>
    public bool? CanHold(
        IReadOnlyCollection<RuleOfWeek> among,
        double work,
        TimeSpan limit,
        CancellationToken stop,
        out IReadOnlyList<RuleOfWeek> core
    )
    {
        model.Model.Assumptions.Clear();
        model.AddAssumptions(among.Select(r => (ILiteral)r.Holds));
        // Only one worker tells which assumptions it used.
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                System.Globalization.CultureInfo.InvariantCulture,
                $"num_workers:1 random_seed:7 max_deterministic_time:{work:0.###} max_time_in_seconds:{limit.TotalSeconds:0.###}"
            ),
        };
        using var registration = stop.Register(solver.StopSearch);
        var status = solver.Solve(model);
        core = [.. among];
        if (status == CpSolverStatus.Infeasible)
        {
            var used = solver.SufficientAssumptionsForInfeasibility().ToHashSet();
            core = used.Count == 0 ? core : [.. among.Where(r => used.Contains(r.Holds.GetIndex()))];
        }

        return status switch
        {
            CpSolverStatus.Infeasible => false,
            CpSolverStatus.Optimal or CpSolverStatus.Feasible => true,
            _ => null,
        };
    }

    private BoolVar Rule(Said rule, Said what, Said wayOut)
    {
        var holds = model.NewBoolVar(rule.Key);
        rules.Add(new(new Impossible(rule, what, wayOut), holds));
        return holds;
    }

    private BoolVar[] In(int block, int day, Func<Way, bool>? only = null) =>
        [
            .. ways.Where(w => w.Any.BlockIndex == block && on[w.Index][day] is not null && only?.Invoke(w) != false)
                .Select(w => on[w.Index][day]!),
        ];

    private void OffersFilled(int b, int d)
    {
        var (block, day) = (problem.Blocks[b], problem.Days[d].Day);
        model
            .Add(LinearExpr.Sum(In(b, d)) == block.Offers)
            .OnlyEnforceIf(
                Rule(
                    $"Every offer of {block.Name} is filled on {day}",
                    $"{block.Offers} of {In(b, d).Length} kinds of idea that may lie there",
                    $"{InCupboard}, or lower the offers of {block.Name} in Group"
                )
            );
    }

    private void AdultsBeside(int b, int d)
    {
        Way[] asking = [.. ways.Where(w => w.Any.BlockIndex == b && w.Any.Adults > 0 && on[w.Index][d] is not null)];
        if (asking.Length > 0)
        {
            model
                .Add(
                    LinearExpr.WeightedSum(asking.Select(w => on[w.Index][d]!), asking.Select(w => (long)w.Any.Adults))
                        <= problem.AdultsThere[d][b]
                )
                .OnlyEnforceIf(
                    Rule(
                        $"The offers of {problem.Blocks[b].Name} on {problem.Days[d].Day} have the adults they need",
                        $"{problem.AdultsThere[d][b]} adults are there",
                        $"Ask an adult to come on {problem.Days[d].Day}, in Group"
                    )
                );
        }
    }

    private void InReach(int b)
    {
        foreach (
            var (child, c) in problem
                .Group.Children.Select((child, c) => (child, c))
                .Where(x => problem.Attendance.DaysIn(x.c, b) > 0)
        )
        {
            if (ways.All(w => w.Any.BlockIndex != b || w.Any.Reach[c]))
            {
                continue;
            }

            var rule = Rule(
                $"{child.Name} has something in reach in {problem.Blocks[b].Name}",
                $"{ways.Count(w => w.Any.BlockIndex == b && w.Any.Reach[c])} of {ways.Count(w => w.Any.BlockIndex == b)} kinds of idea are",
                $"Add softer or larger materials in Cupboard, or change the small-parts rule in Group"
            );
            for (var d = 0; d < problem.Days.Count; d++)
            {
                if (problem.Attendance.Is(c, d, b))
                {
                    model.Add(LinearExpr.Sum(In(b, d, w => w.Any.Reach[c])) >= 1).OnlyEnforceIf(rule);
                }
            }
        }
    }

    private void NotTheSame()
    {
        var daily = Rule(
            $"The same way of working once a day",
            $"on every day",
            $"{InCupboard} that carry other ways of working, or lower the offers of a block"
        );
        var weekly = Rule(
            $"An idea at most {WeekProblem.MostPerIdea} times a week, if it is not one that stays",
            $"over the week",
            $"{InCupboard} for more ideas"
        );
        foreach (var technique in ways.GroupBy(w => w.Any.TechniqueIndex))
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                model
                    .Add(
                        LinearExpr.Sum(technique.Where(w => on[w.Index][d] is not null).Select(w => on[w.Index][d]!))
                            <= 1
                    )
                    .OnlyEnforceIf(daily);
            }

            foreach (var way in technique)
            {
                model.Add(LinearExpr.Sum(on[way.Index].OfType<BoolVar>()) <= way.Most).OnlyEnforceIf(weekly);
            }
        }
    }

    private void HandsRest()
    {
        var rests = Rule(
            $"Hands rest between two heavy pieces of work",
            $"among stations, and from one block to the next",
            $"{InCupboard} for lighter work, or lower the offers of the stations"
        );
        for (var d = 0; d < problem.Days.Count; d++)
        {
            BoolVar[] mustBeHeavy = [.. problem.Blocks.Select((block, b) => model.NewBoolVar($"heavy{b}on{d}"))];
            for (var b = 0; b < problem.Blocks.Count; b++)
            {
                var (block, heavy) = (problem.Blocks[b], LinearExpr.Sum(In(b, d, w => w.Any.IsHeavy)));
                // Where children choose, they must only when every offer is heavy; elsewhere one is enough.
                model.Add(heavy <= (block.IsFreeChoice ? block.Offers - 1 : 0) + (mustBeHeavy[b] * block.Offers));
                if (block.Kind == BlockKind.Stations)
                {
                    model.Add(heavy <= 1).OnlyEnforceIf(rests);
                }

                if (b > 0)
                {
                    model.Add(mustBeHeavy[b - 1] + mustBeHeavy[b] <= 1).OnlyEnforceIf(rests);
                }
            }
        }
    }

    private void MadeBefore()
    {
        foreach (
            var (technique, maker) in problem.MadeBefore.Where(m => ways.Any(w => w.Any.TechniqueIndex == m.Technique))
        )
        {
            var idea = ways.First(w => w.Any.TechniqueIndex == technique).Any.Idea;
            var rule = Rule(
                $"What \u201c{idea.Technique.Name}\u201d is done with is made on a day before",
                Said.Name(idea.Title),
                $"Unlock it, or lock what makes it on an earlier day"
            );
            for (var d = 0; d < problem.Days.Count; d++)
            {
                var made = LinearExpr.Sum(
                    ways.Where(w => w.Any.TechniqueIndex == maker)
                        .SelectMany(w => on[w.Index].Take(d))
                        .OfType<BoolVar>()
                );
                foreach (var way in ways.Where(w => w.Any.TechniqueIndex == technique && on[w.Index][d] is not null))
                {
                    model.Add(on[way.Index][d]! <= made).OnlyEnforceIf(rule);
                }
            }
        }
    }

    private void Locks()
    {
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            if (problem.LockedUse[s] >= 0)
            {
                var (day, block, _) = problem.Slots[s];
                var use = problem.Uses[problem.LockedUse[s]];
                var way = ways.First(w => w.Uses.Contains(use));
                model
                    .Add(on[way.Index][day]! == 1)
                    .OnlyEnforceIf(
                        Rule(
                            $"{use.Idea.Title} stays where it is locked",
                            $"{problem.Days[day].Day}, {problem.Blocks[block].Name}",
                            $"Unlock it in Week"
                        )
                    );
            }
        }
    }
}
