namespace Nido.Core.Ideas;

/// <summary>A way of working as a family does it, without an adult's special skill.</summary>
/// <param name="Do">What to do, with theme slots.</param>
/// <param name="Minutes">About so long.</param>
/// <param name="Things">What a home needs for it.</param>
public sealed record HomeWay(InBoth Do, int Minutes, IReadOnlyList<HomeThing> Things);
