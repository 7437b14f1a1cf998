using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>Every child that is there has something in reach in every block.</summary>
internal sealed class SomethingInReach : HardRule
{
    protected override bool HangsOnTheMove => false;

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var problem = ways.Problem;
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            var block = b;
            Way[] there = [.. ways.All.Where(w => w.Any.BlockIndex == block)];
            for (var c = 0; c < problem.ChildCount; c++)
            {
                var child = c;
                if (there.All(w => w.Any.Reach[child]))
                {
                    continue;
                }

                var says = new Impossible(
                    $"{problem.Group.Children[c].Name} has something in reach in {problem.Blocks[b].Name}",
                    $"{there.Count(w => w.Any.Reach[child])} of {there.Length} kinds of idea are",
                    $"Add softer or larger materials in Cupboard, or change the small-parts rule in Group"
                );
                foreach (
                    var cell in ways.Cells.Where(x =>
                        problem.Cells[x].Block == block && problem.Attendance.Is(child, problem.Cells[x].Day, block)
                    )
                )
                {
                    yield return new(
                        says,
                        [.. ways.In(cell).Where(w => w.Any.Reach[child]).Select(w => new RowTerm(cell, w.Index, 1))],
                        AtLeast: 1
                    )
                    {
                        Within = cell,
                    };
                }
            }
        }
    }

    public override IEnumerable<Impossible> CannotHold(WeekProblem problem) =>
        from b in Enumerable.Range(0, problem.Blocks.Count)
        where OffersFilled.CanBe(problem, b)
        from c in Enumerable.Range(0, problem.ChildCount)
        where problem.Attendance.DaysIn(c, b) > 0 && !problem.UsesOfBlock[b].Any(u => u.IsMetBy(c))
        select new Impossible(
            $"Everyone has something in reach in {problem.Blocks[b].Name}",
            $"nothing there is in reach of {problem.Group.Children[c].Name}",
            $"Add softer or larger materials in Cupboard, or change the small-parts rule in Group settings"
        );

    public override IEnumerable<Impossible> Broken(WeekPlan plan)
    {
        var (problem, state) = (plan.Problem, plan.State);
        return from cell in problem.Cells
            let without = (string[])
                [
                    .. Enumerable
                        .Range(0, problem.ChildCount)
                        .Where(c =>
                            problem.Attendance.Is(c, cell.Day, cell.Block)
                            && state.InReach(cell.Day, cell.Block, c) == 0
                        )
                        .Select(c => problem.Group.Children[c].Name),
                ]
            where without.Length > 0
            select new Impossible(
                $"Everyone has something in reach in {problem.Blocks[cell.Block].Name}",
                $"nothing in reach of {without} on {problem.Days[cell.Day].Day}",
                $"Choose an easier idea from the bench, or add softer or larger materials in Cupboard"
            );
    }
}
