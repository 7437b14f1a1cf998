using Nido.Core.Group;

namespace Nido.Core.Ideas.Ways;

/// <summary>Which techniques something is about. Every list that is not empty must be met by one of its
/// words.</summary>
/// <param name="Ladders">Ids of ladders.</param>
/// <param name="Actions">Actions.</param>
/// <param name="Strands">Ids of strands.</param>
/// <param name="Approaches">Approaches.</param>
/// <param name="Traits">Traits.</param>
/// <param name="WithoutTraits">Traits it must not have.</param>
/// <param name="In">Kinds of block it can lie in.</param>
public sealed record TechniqueMatch(
    IReadOnlyList<string> Ladders,
    IReadOnlyList<string> Actions,
    IReadOnlyList<string> Strands,
    IReadOnlyList<Approach> Approaches,
    IReadOnlyList<string> Traits,
    IReadOnlyList<string> WithoutTraits,
    IReadOnlyList<BlockKind> In
)
{
    /// <summary>Whether a technique is meant.</summary>
    public bool Meets(Technique technique)
    {
        ArgumentNullException.ThrowIfNull(technique);
        return One(Actions, technique.Actions)
            && One(Approaches, technique.Approaches)
            && One(In, technique.Blocks)
            && (Strands.Count == 0 || Strands.Any(technique.Strands.ContainsKey))
            && !WithoutTraits.Any(technique.Traits.Contains)
            // A ladder or a trait: what has to do with letters may stand on either.
            && (
                Ladders.Count + Traits.Count == 0
                || Ladders.Contains(technique.Ladder)
                || Traits.Any(technique.Traits.Contains)
            );
    }

    private static bool One<T>(IReadOnlyList<T> wanted, IReadOnlyList<T> has) =>
        wanted.Count == 0 || wanted.Any(has.Contains);
}
