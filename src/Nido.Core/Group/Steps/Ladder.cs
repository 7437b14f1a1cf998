namespace Nido.Core.Group.Steps;

/// <summary>Ordered steps of one strand.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">Long name.</param>
/// <param name="Head">One word for a table head.</param>
/// <param name="Strand">The strand it belongs to.</param>
/// <param name="Steps">Lowest first; typical months do not fall.</param>
public sealed record Ladder(string Id, InBoth Name, InBoth Head, Strand Strand, IReadOnlyList<LadderStep> Steps)
{
    /// <summary>What is measurable and moves from step to step: piece, opening, range.</summary>
    public IReadOnlyList<string> Moves { get; init; } = [];

    /// <summary>What should be managed on other ladders first.</summary>
    public IReadOnlyList<Prerequisite> Needs { get; init; } = [];

    /// <summary>On the touch ladder, the step at which things of a feel (damp, sticky) are borne.</summary>
    public IReadOnlyDictionary<string, int> Feels { get; init; } = new Dictionary<string, int>();
}
