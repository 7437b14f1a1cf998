namespace Nido.Core.Safety;

/// <summary>A way of making that a rule keeps from a group.</summary>
/// <param name="Makes">Id of the material it would make.</param>
/// <param name="Way">In words.</param>
/// <param name="Rule">The rule.</param>
public sealed record LeftOutWay(string Makes, InBoth Way, SafetyRule Rule);
