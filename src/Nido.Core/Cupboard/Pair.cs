namespace Nido.Core.Cupboard;

/// <summary>Two roles of a technique whose materials must go together.</summary>
/// <param name="Kind">What the first does to the second.</param>
/// <param name="With">Role of the joiner, marker, tool, part or vessel, or of the thing that differs.</param>
/// <param name="On">Role of what it is done to.</param>
public sealed record Pair(PairKind Kind, string With, string On);
