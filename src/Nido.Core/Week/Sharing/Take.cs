namespace Nido.Core.Week.Sharing;

/// <summary>Units of a supply taken at a moment (the index of a block of a day).</summary>
public readonly record struct Take(int Supply, int Moment, double Amount);
