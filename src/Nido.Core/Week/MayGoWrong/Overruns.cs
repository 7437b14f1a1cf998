namespace Nido.Core.Week.MayGoWrong;

/// <summary>A block that may take longer than it has.</summary>
/// <param name="Day">Index of the day.</param>
/// <param name="Block">Index of the block.</param>
/// <param name="Share">In this share of weeks; 0–1.</param>
/// <param name="Minutes">Longer by so much in one week of ten.</param>
/// <param name="Longest">Title of the offer that takes longest to clear away.</param>
public sealed record Overruns(int Day, int Block, double Share, double Minutes, InBoth Longest);
