using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>Ideas lie only in blocks that somebody comes to.</summary>
internal sealed class TakesPlace : DayRule
{
    public override bool Holds(WeekProblem problem, Idea idea, int block, int day) =>
        problem.Attendance.TakesPlace(day, block);

    public override Said Why(WeekProblem problem, Idea idea, int block, int day) =>
        problem.Attendance.IsClosed(day, block) ? (Said)$"the house is closed then"
        : problem.Attendance.IsPencilled(day, block) ? (Said)$"the block is something of your own then"
        : $"nobody comes then";

    /// <summary>None: a cell that does not take place is in no model.</summary>
    public override IEnumerable<RuleRow> Rows(WeekWays ways) => [];
}
