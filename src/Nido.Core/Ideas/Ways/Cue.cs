namespace Nido.Core.Ideas.Ways;

/// <summary>A line for the adult on the cards it fits.</summary>
/// <param name="At">When it is read.</param>
/// <param name="Say">The line; theme slots in braces.</param>
/// <param name="Where">Cards it stands on.</param>
public sealed record Cue(CueAt At, InBoth Say, TechniqueMatch Where);
