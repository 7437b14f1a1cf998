using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>How a technique is done at a step of its ladder.</summary>
/// <param name="Step">Number on the ladder.</param>
/// <param name="Do">What the child does.</param>
/// <param name="Count">The count quantities refer to; 1 where none is said.</param>
/// <param name="Overrides">Roles whose needs differ at this step; null means the role is not used.</param>
/// <param name="Makes">Pieces that come about while it is worked.</param>
public sealed record TechniqueStep(
    int Step,
    InBoth Do,
    int Count,
    IReadOnlyDictionary<string, RoleNeeds?> Overrides,
    IReadOnlyList<MadePiece> Makes
)
{
    /// <summary>What the adult says or shows, here and nowhere else.</summary>
    public InBoth Say { get; init; } = InBoth.None;

    /// <summary>One change at the table that makes it easier.</summary>
    public InBoth Easier { get; init; } = InBoth.None;

    /// <summary>One change at the table that makes it harder.</summary>
    public InBoth Harder { get; init; } = InBoth.None;

    /// <summary>What counts as done alone.</summary>
    public InBoth Seen { get; init; } = InBoth.None;

    /// <summary>What is built or laid, for the calculators.</summary>
    public StepMaking Making { get; init; } = StepMaking.None;
}
