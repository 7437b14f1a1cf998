namespace Nido.Core.Journal;

/// <summary>A way to hold a tool, on a ladder of its own: what comes later is told apart, not better.</summary>
/// <param name="Ladder">Ladder on which it is looked at: pencil or scissors.</param>
/// <param name="Id">Short name, unique on its ladder.</param>
/// <param name="Name">What is seen.</param>
/// <param name="TypicalMonths">Age in months at which about half of children hold it so.</param>
/// <param name="Source">Where the age comes from, or "common practice".</param>
public sealed record Grip(string Ladder, string Id, InBoth Name, int TypicalMonths, string Source);
