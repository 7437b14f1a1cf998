using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>
/// What lies out may be met by somebody who is in the room that day: no safety rule keeps it from everyone, a step is
/// in somebody's reach, and there is enough of it or enough can be had.
/// </summary>
internal sealed class MayBeMet : DayRule
{
    public override bool Holds(WeekProblem problem, Idea idea, int block, int day) =>
        problem.UsesOfBlock[block].Any(u => u.Idea.Id == idea.Id && u.OnDay[day])
        || !OthersHold(problem, idea, block, day);

    public override Said Why(WeekProblem problem, Idea idea, int block, int day)
    {
        var keptOut = KeptOut(problem, idea, block, day);
        return keptOut.Count > 0 ? Said.Join("; ", keptOut.SelectMany(f => f.Why.Count > 0 ? f.Why : [f.Rule.Message]))
            : problem.UsesOfBlock[block].FirstOrDefault(u => u.Idea.Id == idea.Id) is { } use
            && use.On(day).InReach == 0
                ? (Said)$"it is in reach of nobody who comes that day"
            : $"there is too little of what it needs, and no shop sells it";
    }

    public override IEnumerable<RuleRow> Rows(WeekWays ways) =>
        None(
            ways,
            (use, day) => !Holds(ways.Problem, use.Idea, use.BlockIndex, day),
            (cell, barred) =>
                new(
                    $"What lies in {ways.Problem.Blocks[ways.Problem.Cells[cell].Block].Name} may be met by those who come on {ways.Problem.Days[ways.Problem.Cells[cell].Day].Day}",
                    $"{barred} kinds of idea are out of reach, kept out by a safety rule or short of something that day",
                    $"Add softer or larger materials in Cupboard, or change the small-parts rule in Group"
                )
        );

    /// <summary>
    /// The safety rules that keep an idea from everyone there, each once; none where somebody there could do it at some
    /// step, because then it is not for a rule that it does not lie out.
    /// </summary>
    public static IReadOnlyList<Finding> KeptOut(WeekProblem problem, Idea idea, int block, int day)
    {
        bool[] present = problem.Attendance.In(day, block);
        Finding?[][] bySteps =
        [
            .. idea.Steps.Select(step =>
                problem
                    .Input.Safety.KeptOut(
                        idea,
                        step,
                        problem.Blocks[block],
                        problem.Group,
                        problem.Days[day].Date,
                        present
                    )
                    .ToArray()
            ),
        ];
        var children = Enumerable.Range(0, present.Length).Where(c => present[c]).ToArray();
        return children.Any(c => bySteps.Any(s => s[c] is null))
            ? []
            : [.. children.SelectMany(c => bySteps.Select(s => s[c]!)).DistinctBy(f => f.Rule.Id)];
    }
}
