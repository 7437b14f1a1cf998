using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Ideas;

/// <summary>A way of working with the hands that gets a theme and materials and becomes an idea.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">What the technique is called.</param>
/// <param name="Title">Title of its ideas, with theme slots in braces.</param>
/// <param name="Ladder">Id of the ladder its steps stand on.</param>
/// <param name="Strands">Percent of the minutes each strand gets; sums to 100.</param>
/// <param name="Blocks">Kinds of block it can lie in.</param>
/// <param name="Led">An adult leads it, so that the attention rule caps its minutes where groups are led.</param>
/// <param name="Adults">Adults the offer needs beside it.</param>
/// <param name="Minutes">Usual length.</param>
/// <param name="CleanUpMinutes">Usual clean-up.</param>
/// <param name="Mess">0 none – 3 a floor to mop.</param>
/// <param name="HandLoad">How tiring.</param>
/// <param name="WarmUp">Readies hands for what follows.</param>
/// <param name="WholeArm">Whole arm and body, wanted before finger work.</param>
/// <param name="DryWeather">Needs dry weather outdoors.</param>
/// <param name="Actions">What is done, for the safety rules (cut, throw, water, heat…).</param>
/// <param name="Approaches">Ways of working it suits.</param>
/// <param name="ThemeLink">0–3: how much of the theme's words it carries.</param>
/// <param name="Roles">The first role is the leading one: its material varies between ideas.</param>
/// <param name="Steps">Lowest first.</param>
/// <param name="Prep">Work beforehand.</param>
/// <param name="Instructions">In order, with theme slots.</param>
public sealed record Technique(
    string Id,
    InBoth Name,
    InBoth Title,
    string Ladder,
    IReadOnlyDictionary<string, int> Strands,
    IReadOnlyList<BlockKind> Blocks,
    bool Led,
    int Adults,
    int Minutes,
    int CleanUpMinutes,
    int Mess,
    HandLoad HandLoad,
    bool WarmUp,
    bool WholeArm,
    bool DryWeather,
    IReadOnlyList<string> Actions,
    IReadOnlyList<Approach> Approaches,
    int ThemeLink,
    IReadOnlyList<Role> Roles,
    IReadOnlyList<TechniqueStep> Steps,
    IReadOnlyList<PrepNeed> Prep,
    IReadOnlyList<InBoth> Instructions
)
{
    /// <summary>What else ways of working ask about it.</summary>
    public IReadOnlyList<string> Traits { get; init; } = [];

    /// <summary>Id of the technique that makes, on a day before, what this one is done with; null where nothing of the
    /// kind is needed.</summary>
    public string? MadeBy { get; init; }

    /// <summary>What is seen when it goes wrong, with one change each; empty where its ladder's own signs do.</summary>
    public IReadOnlyList<Sign> Signs { get; init; } = [];

    /// <summary>What it is in the circle of a session; null where it has no place there.</summary>
    public SessionPart? InSession { get; init; }

    /// <summary>How it is done at home with what a home has; null where it is nothing for a home.</summary>
    public HomeWay? Home { get; init; }

    /// <summary>Sheets it is worked on or with.</summary>
    public IReadOnlyList<PaperNeed> Paper { get; init; } = [];

    /// <summary>Roles whose materials must go together.</summary>
    public IReadOnlyList<Pair> Pairs { get; init; } = [];

    /// <summary>Minutes the catalogue says, where this group's own stand in their place; else null.</summary>
    public int? MinutesWritten { get; init; }

    /// <summary>The same, planned with the minutes it takes in this group.</summary>
    public Technique Taking(int minutes) => this with { Minutes = minutes, MinutesWritten = MinutesWritten ?? Minutes };

    /// <summary>Share of the minutes each aim gets, fine motor first; sums to 1.</summary>
    public double[] AimShares()
    {
        var shares = new double[4];
        foreach (var (strand, percent) in Strands)
        {
            shares[(int)Strand.Find(strand)!.Aim] += percent / 100.0;
        }

        return shares;
    }
}
