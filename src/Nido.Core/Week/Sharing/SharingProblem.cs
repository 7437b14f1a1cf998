namespace Nido.Core.Week.Sharing;

/// <summary>
/// Who gets what from the cupboard, as plain numbers. A choice is made of a variant for each group and of an option for
/// each role of the chosen variant; what they take must be covered by what is there, bought, made, or asked for.
/// </summary>
/// <param name="Supplies">Materials.</param>
/// <param name="Recipes">Ways to make one of the other.</param>
/// <param name="Groups">Placed ideas.</param>
public sealed record SharingProblem(
    IReadOnlyList<Supply> Supplies,
    IReadOnlyList<MakeLine> Recipes,
    IReadOnlyList<TakerGroup> Groups
);
