namespace Nido.Core.Ideas;

/// <summary>How a theme is opened and told where a house keeps a feast in its own way.</summary>
/// <param name="Greeting">Hello routine.</param>
/// <param name="Farewell">Goodbye routine.</param>
/// <param name="Story">A few sentences to tell.</param>
public sealed record Occasion(InBoth Greeting, InBoth Farewell, InBoth Story);
