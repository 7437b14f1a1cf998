using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>Every offer of a block that somebody comes to is filled.</summary>
internal sealed class OffersFilled : HardRule
{
    protected override bool HangsOnTheMove => false;

    /// <summary>Whether a block has enough kinds of idea for its offers.</summary>
    public static bool CanBe(WeekProblem problem, int block) => Kinds(problem, block) >= problem.Blocks[block].Offers;

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var problem = ways.Problem;
        foreach (var cell in ways.Cells)
        {
            var (block, day) = (problem.Blocks[problem.Cells[cell].Block], problem.Days[problem.Cells[cell].Day].Day);
            RowTerm[] terms = [.. ways.In(cell).Select(w => new RowTerm(cell, w.Index, 1))];
            yield return new(
                new(
                    $"Every offer of {block.Name} is filled on {day}",
                    $"{block.Offers} of {terms.Length} kinds of idea that may lie there",
                    $"{InCupboard}, or lower the offers of {block.Name} in Group"
                ),
                terms,
                block.Offers,
                block.Offers
            );
        }
    }

    public override IEnumerable<Impossible> CannotHold(WeekProblem problem) =>
        from b in Enumerable.Range(0, problem.Blocks.Count)
        let block = problem.Blocks[b]
        where !CanBe(problem, b) && problem.Attendance.DaysOfBlock(b) > 0
        select new Impossible(
            $"Every offer of {block.Name} is filled",
            $"{block.Name} has {block.Offers} offers a day and this cupboard carries only {Kinds(problem, b)} kinds of idea there",
            $"Add materials in Cupboard, or lower the offers of the block in Group"
        );

    public override IEnumerable<Impossible> Broken(WeekPlan plan) =>
        from s in Enumerable.Range(0, plan.Problem.Slots.Count)
        where plan.State.Uses[s] < 0 && plan.Problem.IsOpen(s)
        select new Impossible(
            $"Every offer of {plan.Problem.Blocks[plan.Problem.Slots[s].Block].Name} is filled",
            $"{Where(plan.Problem, s)} has a place empty",
            $"{FromTheBench}, add materials in Cupboard, or lower the offers in Group"
        );

    private static int Kinds(WeekProblem problem, int block) =>
        problem.UsesOfBlock[block].Select(u => u.TechniqueIndex).Distinct().Count();
}
