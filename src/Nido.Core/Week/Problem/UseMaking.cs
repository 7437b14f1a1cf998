using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Wishes;

namespace Nido.Core.Week.Problem;

/// <summary>Makes of an idea that was found for a block all that planning counts of it.</summary>
/// <param name="problem">The week.</param>
/// <param name="materials">Index of each material, by id.</param>
internal sealed class UseMaking(WeekProblem problem, Dictionary<string, int> materials)
{
    // Of what gets less than a tenth of the minutes a child hardly meets anything.
    private const int Met = 10;

    /// <summary>The use.</summary>
    /// <param name="index">Its index among the uses.</param>
    /// <param name="found">Where it may lie, for whom.</param>
    /// <param name="technique">Index of its technique.</param>
    public Use Make(int index, UseFinder.Found found, int technique)
    {
        var idea = problem.Input.Ideas[found.IdeaIndex];
        var block = problem.Blocks[found.BlockIndex];
        return new Use
        {
            Index = index,
            Idea = idea,
            IdeaIndex = found.IdeaIndex,
            TechniqueIndex = technique,
            Block = block,
            BlockIndex = found.BlockIndex,
            Children = found.Children,
            Reach = [.. found.Children.Select(c => c.InReach)],
            Dose = [.. Enumerable.Range(1, block.Offers).Select(among => Dose(idea, block, found.Children, among))],
            Strands = [.. idea.Technique.Strands.Where(s => s.Value >= Met).Select(s => IndexOf(s.Key))],
            HasLetters = Meets(idea, "letters", "letter-sounds", "forming-letters"),
            HasNumbers = Meets(idea, "numerals", "counting"),
            Adults = found.Adults,
            OnDay = found.Days,
            Days = UseOnDay.Of(found, materials, problem.LadderIndex),
            Cautions = found.Cautions,
            Ladder = problem.LadderIndex(idea.Technique.Ladder),
            PrepMinutes = idea.PrepIn(problem.Group.Settings).Sum(p => p.Minutes),
            WishCosts = [.. IdeaCost.All.Select(c => c.Points(idea, problem.Input))],
        };
    }

    private static bool Meets(Idea idea, params string[] strands) =>
        idea.Technique.Strands.Any(s => s.Value >= Met && strands.Contains(s.Key));

    private static int IndexOf(string strand) => Strand.All.Select((s, i) => (s, i)).First(x => x.s.Id == strand).i;

    /// <summary>Dose of child × aim where this many offers of the block are in the child's reach.</summary>
    private int[] Dose(Idea idea, Block block, ChildAtIdea[] children, int among)
    {
        var shares = idea.Technique.AimShares();
        var dose = new int[children.Length * 4];
        for (var c = 0; c < children.Length; c++)
        {
            var minutes = Minutes.Received(
                block,
                idea.Technique,
                among,
                children[c].Child.MonthsOn(problem.FirstDay),
                problem.Group.Settings
            );
            for (var m = 0; m < 4; m++)
            {
                dose[(c * 4) + m] = (int)Math.Round(WeekProblem.PerMinute * minutes * shares[m] * children[c].Fit);
            }
        }

        return dose;
    }
}
