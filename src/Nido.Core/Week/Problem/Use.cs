using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Wishes;

namespace Nido.Core.Week.Problem;

/// <summary>An idea in a kind of block where it may lie, with all that planning counts. Money in cents, dose in
/// hundredths of a minute.</summary>
public sealed class Use
{
    /// <summary>Index among the uses of the problem.</summary>
    public required int Index { get; init; }

    /// <summary>The idea.</summary>
    public required Idea Idea { get; init; }

    /// <summary>Index of the idea.</summary>
    public required int IdeaIndex { get; init; }

    /// <summary>Index of the technique.</summary>
    public required int TechniqueIndex { get; init; }

    /// <summary>The block.</summary>
    public required Block Block { get; init; }

    /// <summary>Index of the block in the day.</summary>
    public required int BlockIndex { get; init; }

    /// <summary>Every child of the group at this idea in this block, whether it comes that day or not; <see cref="On"/>
    /// has those who do.</summary>
    public required IReadOnlyList<ChildAtIdea> Children { get; init; }

    /// <summary>Whether each child is within reach.</summary>
    public required bool[] Reach { get; init; }

    /// <summary>Dose by number of offers in reach (1 first), then child × aim, in hundredths of a minute.</summary>
    public required int[][] Dose { get; init; }

    /// <summary>Indices of the strands that get at least a tenth of the minutes.</summary>
    public required int[] Strands { get; init; }

    /// <summary>Adults needed beside it, a watched table included.</summary>
    public required int Adults { get; init; }

    /// <summary>Days it may lie there: the weather and who is in the room decide.</summary>
    public required bool[] OnDay { get; init; }

    /// <summary>What to tell, watch or do as an adult, and what an adult has lifted; most severe first.</summary>
    public required IReadOnlyList<Finding> Cautions { get; init; }

    /// <summary>By day, who is there for it and what they need, whether it may lie there that day or not.</summary>
    public required IReadOnlyList<UseOnDay> Days { get; init; }

    /// <summary>Who is there for it on a day and what they need.</summary>
    public UseOnDay On(int day) => Days[day];

    /// <summary>As <see cref="On"/>, of the day it may lie there on which most children are there for it.</summary>
    public UseOnDay Fullest => Days.Where((_, d) => OnDay[d]).MaxBy(d => d.InReach)!;

    /// <summary>Whether a child is there on some day it may lie out, and has it in reach.</summary>
    public bool IsMetBy(int child) => Reach[child] && Days.Where((d, k) => OnDay[k] && d.IsThere[child]).Any();

    /// <summary>Tires the hands.</summary>
    public bool IsHeavy => Idea.Technique.HandLoad == HandLoad.Heavy;

    /// <summary>Letters or their sounds are met in it.</summary>
    public required bool HasLetters { get; init; }

    /// <summary>Numbers are met in it.</summary>
    public required bool HasNumbers { get; init; }

    /// <summary>Index of its ladder, by id.</summary>
    public required int Ladder { get; init; }

    /// <summary>Preparation in minutes.</summary>
    public required int PrepMinutes { get; init; }

    /// <summary>Points of what is wished of an idea by itself, in the order of <see cref="IdeaCost.All"/>; lower is
    /// better.</summary>
    public required int[] WishCosts { get; init; }

    /// <summary>All of them together.</summary>
    public int WishCost => WishCosts.Sum();
}
