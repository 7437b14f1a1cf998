namespace Nido.Core.Week.Rules;

/// <summary>A rule that no plan can keep, with the way out.</summary>
/// <param name="Rule">The rule in a teacher's words.</param>
/// <param name="What">What stands against it.</param>
/// <param name="WayOut">What can be done.</param>
public sealed record Impossible(Said Rule, Said What, Said WayOut);
