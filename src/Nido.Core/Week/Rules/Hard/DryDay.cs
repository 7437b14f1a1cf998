using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>What needs a dry day lies out on one.</summary>
internal sealed class DryDay : DayRule
{
    public override bool Holds(WeekProblem problem, Idea idea, int block, int day) =>
        problem.Days[day].Dry || !idea.Technique.DryWeather;

    public override Said Why(WeekProblem problem, Idea idea, int block, int day) => $"it needs a dry day";

    public override IEnumerable<RuleRow> Rows(WeekWays ways) =>
        None(
            ways,
            (use, day) => !Holds(ways.Problem, use.Idea, use.BlockIndex, day),
            (cell, barred) =>
                new(
                    $"What needs a dry day does not lie in {ways.Problem.Blocks[ways.Problem.Cells[cell].Block].Name} in the rain",
                    $"{barred} kinds of idea there need a dry day, and {ways.Problem.Days[ways.Problem.Cells[cell].Day].Day} is wet",
                    $"{InCupboard} for what can be done in the rain, or take the rain back"
                )
        );
}
