namespace Nido.Core.Week.Sharing;

/// <summary>A recipe: what a batch gives, takes, and how long it is worked at.</summary>
public sealed record MakeLine(int Makes, double Amount, IReadOnlyList<(int Supply, double Each)> From, double Minutes);
