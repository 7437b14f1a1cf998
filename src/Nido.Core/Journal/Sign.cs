namespace Nido.Core.Journal;

/// <summary>What can be seen when work on a ladder goes wrong, and the one change that is tried first.</summary>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Id">Short name, unique on its ladder.</param>
/// <param name="Seen">What is seen.</param>
/// <param name="Change">What to change.</param>
/// <param name="Source">Where this comes from, or "common practice".</param>
public sealed record Sign(string Ladder, string Id, InBoth Seen, InBoth Change, string Source);
