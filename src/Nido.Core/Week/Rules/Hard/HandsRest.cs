using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>Hands rest between two heavy pieces of work: of stations that everyone meets one is heavy at most, and no
/// child has to do heavy work in two blocks in a row.</summary>
internal sealed class HandsRest : HardRule
{
    /// <summary>Whether a child in a block cannot but meet a heavy idea: where it may choose, only when all
    /// are.</summary>
    /// <param name="block">The block.</param>
    /// <param name="heavy">How many of its offers are heavy.</param>
    public static bool CannotBut(Block block, int heavy) => block.IsFreeChoice ? heavy == block.Offers : heavy > 0;

    public override bool Allows(PlanState plan, int slot, Use use)
    {
        if (!use.IsHeavy)
        {
            return true;
        }

        var (day, block, _) = plan.Problem.Slots[slot];
        var blocks = plan.Problem.Blocks;
        bool Beside(int b) => b >= 0 && b < blocks.Count && CannotBut(blocks[b], plan.LiesOut.Heavy(day, b));
        var heavy = plan.LiesOut.Heavy(day, block) + (plan.At(slot)?.IsHeavy == true ? 0 : 1);
        return !(blocks[block].Kind == BlockKind.Stations && heavy > 1)
            && (!CannotBut(blocks[block], heavy) || !(Beside(block - 1) || Beside(block + 1)));
    }

    public override Said Why(PlanState plan, int slot, Use use)
    {
        var (day, block, _) = plan.Problem.Slots[slot];
        var near = plan.Others(slot)
            .First(o => o.Use.IsHeavy && o.Day == day && Math.Abs(o.Use.BlockIndex - block) <= 1)
            .Use;
        return $"hands would have no rest: {near.Idea.Title} is heavy work too, in {near.Block.Name}";
    }

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var problem = ways.Problem;
        var says = new Impossible(
            $"Hands rest between two heavy pieces of work",
            $"among stations, and from one block to the next",
            $"{InCupboard} for lighter work, or lower the offers of the stations"
        );
        foreach (var cell in ways.Cells)
        {
            if (problem.Blocks[problem.Cells[cell].Block].Kind == BlockKind.Stations)
            {
                yield return new(
                    says,
                    [.. ways.In(cell).Where(w => w.Any.IsHeavy).Select(w => new RowTerm(cell, w.Index, 1))],
                    AtMost: 1
                );
            }

            if (problem.Cells[cell].Block + 1 < problem.Blocks.Count && ways.Cells.Contains(cell + 1))
            {
                yield return new(says, [], AtMost: 1) { HeavyCells = [cell, cell + 1] };
            }
        }
    }
}
