namespace Nido.Core.Ideas;

/// <summary>A book of a theme.</summary>
/// <param name="Title">Its title.</param>
/// <param name="OnShelf">It is there.</param>
/// <param name="Minutes">Reading it aloud takes.</param>
/// <param name="Instead">What to tell where it is not there; may be empty.</param>
public sealed record Book(InBoth Title, bool OnShelf, int Minutes, InBoth Instead);
