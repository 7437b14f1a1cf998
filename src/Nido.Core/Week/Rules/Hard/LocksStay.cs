using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>What is locked lies where it is locked.</summary>
internal sealed class LocksStay : HardRule
{
    // The search never touches a locked place, and a teacher who changes it herself may.
    protected override bool HangsOnTheMove => false;

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var problem = ways.Problem;
        for (var s = 0; s < problem.Slots.Count; s++)
        {
            if (problem.LockedUse[s] < 0)
            {
                continue;
            }

            var (day, block, _) = problem.Slots[s];
            var use = problem.Uses[problem.LockedUse[s]];
            var way = ways.All.First(w => w.Uses.Contains(use));
            yield return new(
                new(
                    $"{use.Idea.Title} stays where it is locked",
                    $"{problem.Days[day].Day}, {problem.Blocks[block].Name}",
                    $"Unlock it in Week"
                ),
                [new(problem.CellAt(day, block), way.Index, 1)],
                AtLeast: 1
            );
        }
    }

    /// <summary>Nothing: a plan at hand is what it is, and a lock is only on what lies there.</summary>
    public override IEnumerable<Impossible> Broken(WeekPlan plan) => [];
}
