namespace Nido.Core.Journal;

/// <summary>A round of a game that was counted.</summary>
/// <param name="Id">Grows in the order they were written down.</param>
/// <param name="ChildId">Who.</param>
/// <param name="IdeaId">At which idea.</param>
/// <param name="On">Day.</param>
/// <param name="Hits">Of the tries.</param>
/// <param name="Tries">1 or more.</param>
/// <param name="Distance">From how far, mm; null where it has none.</param>
public sealed record Tally(long Id, string ChildId, string IdeaId, DateOnly On, int Hits, int Tries, int? Distance);
