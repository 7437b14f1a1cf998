using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>The circle of a session is for a story or a rhyme: what one child after another takes a turn at keeps two-year-olds
/// and seven-year-olds who do not know each other waiting.</summary>
internal sealed class StoryInASession : DayRule
{
    public override bool Holds(WeekProblem problem, Idea idea, int block, int day) =>
        problem.Group.Kind != GroupKind.DropIn
        || problem.Blocks[block].Kind != BlockKind.Circle
        || idea.Technique.InSession is not null;

    public override Said Why(WeekProblem problem, Idea idea, int block, int day) =>
        $"the circle of a session is for a story or a rhyme";

    public override IEnumerable<RuleRow> Rows(WeekWays ways) =>
        None(
            ways,
            (use, day) => !Holds(ways.Problem, use.Idea, use.BlockIndex, day),
            (cell, barred) =>
                new(
                    $"The circle of a session is for a story or a rhyme",
                    $"{barred} kinds of idea there are neither",
                    $"{InCupboard} for a story, such as a picture book, or make the block one of tables in Group"
                )
        );
}
