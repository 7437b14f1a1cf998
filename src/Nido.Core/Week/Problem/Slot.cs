namespace Nido.Core.Week.Problem;

/// <summary>A place an idea can lie: indices of day, block and offer.</summary>
public readonly record struct Slot(int Day, int Block, int Offer);
