namespace Nido.Core.Group;

/// <summary>A way of working. A group has a mix; the planner weighs ideas by it.</summary>
public enum Approach
{
    /// <summary>Everyone makes one thing, an adult shows each stage.</summary>
    GuidedMake,

    /// <summary>Real work on trays, shown one to one, chosen and repeated freely.</summary>
    PreparedShelf,

    /// <summary>The same base stays out; one thing about it changes each day.</summary>
    OpenProvision,

    /// <summary>Small measured steps on a named skill.</summary>
    GradedPractice,

    /// <summary>Races, dice, tallies, beat-your-own-best.</summary>
    Games,
}
