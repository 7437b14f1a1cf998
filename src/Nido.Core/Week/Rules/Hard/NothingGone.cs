using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>Nothing is done with what is gone by then.</summary>
internal sealed class NothingGone : DayRule
{
    public override bool Holds(WeekProblem problem, Idea idea, int block, int day) => Gone(problem, idea, day) is null;

    public override Said Why(WeekProblem problem, Idea idea, int block, int day)
    {
        var gone = Gone(problem, idea, day)!;
        return $"{problem.Input.Materials.FirstOrDefault(m => m.Id == gone)?.Name ?? InBoth.Same(gone)} is gone";
    }

    public override IEnumerable<RuleRow> Rows(WeekWays ways) =>
        None(
            ways,
            (use, day) => Gone(ways.Problem, use.Idea, day) is not null,
            (cell, barred) =>
                new(
                    $"Nothing lies in {ways.Problem.Blocks[ways.Problem.Cells[cell].Block].Name} that is gone by {ways.Problem.Days[ways.Problem.Cells[cell].Day].Day}",
                    $"{barred} kinds of idea there are done with it",
                    $"{InCupboard} that can stand in, or say that it is there again"
                )
        );

    private static string? Gone(WeekProblem problem, Idea idea, int day) =>
        problem
            .Input.CameUp.FirstOrDefault(h =>
                h.Kind == CameUpKind.MaterialGone
                && h.On(day)
                && idea.Steps.Any(s => s.Bindings.Values.Any(b => b.Material.Id == h.Subject))
            )
            ?.Subject;
}
