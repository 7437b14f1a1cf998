namespace Nido.Core.Week.Wishes;

/// <summary>What a wish pays for one thing, child, day or idea.</summary>
/// <param name="About">Which.</param>
/// <param name="Amount">How much of it, in the unit of the wish.</param>
/// <param name="Points">What it pays; lower is better.</param>
public sealed record WishLine(Said About, double Amount, long Points);
