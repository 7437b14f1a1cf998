namespace Nido.Core.Week.Problem;

/// <summary>A block on a day.</summary>
/// <param name="Day">Index of the day.</param>
/// <param name="Block">Index of the block.</param>
/// <param name="FirstSlot">Index of its first slot.</param>
/// <param name="Offers">Slots it has.</param>
/// <param name="StartsAt">Minutes since midnight before the first day.</param>
/// <param name="EndsAt">Minutes since midnight before the first day.</param>
public readonly record struct Cell(int Day, int Block, int FirstSlot, int Offers, int StartsAt, int EndsAt);
