using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Rules;

/// <summary>The rules a plan breaks, each where it is broken and with its way out; for a week whose best plan still
/// breaks one.</summary>
public static class WhatIsBroken
{
    private static readonly Said FromTheBench = $"Choose another idea from the bench";

    /// <summary>Every rule broken: places empty, ideas that may not lie where they lie, children with nothing in
    /// reach.</summary>
    public static IReadOnlyList<Impossible> Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (problem, state) = (plan.Problem, plan.State);
        var found = new List<Impossible>();
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            var (day, block, _) = problem.Slots[s];
            var where = $"{problem.Blocks[block].Name} on {problem.Days[day].Day}";
            if (state.Uses[s] < 0 && problem.IsOpen(s))
            {
                found.Add(
                    new(
                        $"Every offer of {problem.Blocks[block].Name} is filled",
                        $"{where} has a place empty",
                        $"{FromTheBench}, add materials in Cupboard, or lower the offers in Group"
                    )
                );
            }
            else if (state.Uses[s] >= 0 && !state.MayPut(s, state.Uses[s]))
            {
                var use = problem.Uses[state.Uses[s]];
                found.Add(
                    new(
                        $"{use.Idea.Title} may lie in {where}",
                        WhatIf.RuleAgainst(plan, s, use),
                        $"{FromTheBench}, or move it to another day"
                    )
                );
            }
        }

        foreach (var cell in problem.Cells)
        {
            string[] without =
            [
                .. Enumerable
                    .Range(0, problem.ChildCount)
                    .Where(c =>
                        problem.Attendance.Is(c, cell.Day, cell.Block) && state.InReach(cell.Day, cell.Block, c) == 0
                    )
                    .Select(c => problem.Group.Children[c].Name),
            ];
            if (without.Length > 0)
            {
                found.Add(
                    new(
                        $"Everyone has something in reach in {problem.Blocks[cell.Block].Name}",
                        $"nothing in reach of {without} on {problem.Days[cell.Day].Day}",
                        $"Choose an easier idea from the bench, or add softer or larger materials in Cupboard"
                    )
                );
            }
        }

        return found;
    }
}
