using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Core.Planning;

/// <summary>An idea in a kind of block where it may lie, with all that planning counts. Money in cents, dose in hundredths of a minute.</summary>
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

    /// <summary>Every child of the group at this idea in this block.</summary>
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

    /// <summary>Material index and amount taken.</summary>
    public required (int Material, double Amount)[] Takes { get; init; }

    /// <summary>What it takes, in words.</summary>
    public required IReadOnlyList<DemandLine> Demand { get; init; }

    /// <summary>Tires the hands.</summary>
    public bool IsHeavy => Idea.Technique.HandLoad == HandLoad.Heavy;

    /// <summary>Letters or their sounds are met in it.</summary>
    public required bool HasLetters { get; init; }

    /// <summary>Numbers are met in it.</summary>
    public required bool HasNumbers { get; init; }

    /// <summary>Index of its ladder, by id.</summary>
    public required int Ladder { get; init; }

    /// <summary>Ladders that children wait for here, with how many of them.</summary>
    public required (int Ladder, int Children)[] Earlier { get; init; }

    /// <summary>Preparation in minutes.</summary>
    public required int PrepMinutes { get; init; }

    /// <summary>Points for everything that is wished but not fair shares: theme, freshness, approach; lower is better.</summary>
    public required int WishCost { get; init; }
}
