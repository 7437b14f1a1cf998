using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules;

/// <summary>Rules that can be seen to fail before any search.</summary>
internal static class ImpossibleRules
{
    /// <summary>Every rule that no plan of this problem can keep.</summary>
    public static IEnumerable<Impossible> Of(WeekProblem problem)
    {
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            var block = problem.Blocks[b];
            var uses = problem.UsesOfBlock[b];
            var techniques = uses.Select(u => u.TechniqueIndex).Distinct().Count();
            if (techniques < block.Offers && problem.Attendance.DaysOfBlock(b) > 0)
            {
                yield return new(
                    $"Every offer of {block.Name} is filled",
                    $"{block.Name} has {block.Offers} offers a day and this cupboard carries only {techniques} kinds of idea there",
                    $"Add materials in Cupboard, or lower the offers of the block in Group"
                );
                continue;
            }

            for (var c = 0; c < problem.ChildCount; c++)
            {
                if (problem.Attendance.DaysIn(c, b) > 0 && !uses.Any(u => u.IsMetBy(c)))
                {
                    yield return new(
                        $"Everyone has something in reach in {block.Name}",
                        $"nothing there is in reach of {problem.Group.Children[c].Name}",
                        $"Add softer or larger materials in Cupboard, or change the small-parts rule in Group settings"
                    );
                }
            }

            for (var d = 0; d < problem.Days.Count; d++)
            {
                var day = d;
                if (!problem.Attendance.TakesPlace(d, b))
                {
                    continue;
                }

                var least = uses.Where(u => u.OnDay[day]).Select(u => u.Adults).DefaultIfEmpty(0).Min();
                if (least * block.Offers > problem.AdultsThere[d][b])
                {
                    yield return new(
                        $"Every offer of {block.Name} has the adults it needs",
                        $"on {problem.Days[d].Day} {least * block.Offers} adults are needed and {problem.AdultsThere[d][b]} are there",
                        $"Add an adult for that time in Group, or lower the offers of the block"
                    );
                }
            }
        }
    }
}
