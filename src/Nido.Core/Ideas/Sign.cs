namespace Nido.Core.Ideas;

/// <summary>What can be seen when work on a ladder goes wrong, and the one change that is tried first.</summary>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Id">Short name, unique on its ladder.</param>
/// <param name="Seen">What is seen.</param>
/// <param name="Change">What to change.</param>
/// <param name="Source">Where this comes from, or "common practice".</param>
public sealed record Sign(string Ladder, string Id, InBoth Seen, InBoth Change, string Source)
{
    /// <summary>Id of the way of working it belongs to; null where it is met at every one on its ladder.</summary>
    public string? Technique { get; init; }
}
