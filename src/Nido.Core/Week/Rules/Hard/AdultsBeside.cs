using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>The offers of a block have the adults they need, of those who are there.</summary>
internal sealed class AdultsBeside : HardRule
{
    public override bool Allows(PlanState plan, int slot, Use use)
    {
        var (day, block, _) = plan.Problem.Slots[slot];
        return plan.LiesOut.Adults(day, block) - (plan.At(slot)?.Adults ?? 0) + use.Adults
            <= plan.Problem.AdultsThere[day][block];
    }

    public override Said Why(PlanState plan, int slot, Use use)
    {
        var (day, block, _) = plan.Problem.Slots[slot];
        return $"needs {use.Adults} more at a table, and {plan.Problem.AdultsThere[day][block]} adults are there";
    }

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var problem = ways.Problem;
        foreach (var cell in ways.Cells)
        {
            var (day, block) = (problem.Cells[cell].Day, problem.Cells[cell].Block);
            Way[] asking = [.. ways.In(cell).Where(w => w.Any.Adults > 0)];
            if (asking.Length > 0)
            {
                yield return new(
                    new(
                        $"The offers of {problem.Blocks[block].Name} on {problem.Days[day].Day} have the adults they need",
                        $"{problem.AdultsThere[day][block]} adults are there",
                        $"Ask an adult to come on {problem.Days[day].Day}, in Group"
                    ),
                    [.. asking.Select(w => new RowTerm(cell, w.Index, w.Any.Adults))],
                    AtMost: problem.AdultsThere[day][block]
                );
            }
        }
    }

    public override IEnumerable<Impossible> CannotHold(WeekProblem problem) =>
        from cell in problem.Cells
        let block = problem.Blocks[cell.Block]
        let uses = problem.UsesOfBlock[cell.Block]
        where problem.Attendance.TakesPlace(cell.Day, cell.Block) && OffersFilled.CanBe(problem, cell.Block)
        let needed = uses.Where(u => u.OnDay[cell.Day]).Select(u => u.Adults).DefaultIfEmpty(0).Min() * block.Offers
        where needed > problem.AdultsThere[cell.Day][cell.Block]
        select new Impossible(
            $"Every offer of {block.Name} has the adults it needs",
            $"on {problem.Days[cell.Day].Day} {needed} adults are needed and {problem.AdultsThere[cell.Day][cell.Block]} are there",
            $"Add an adult for that time in Group, or lower the offers of the block"
        );
}
