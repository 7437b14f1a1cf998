namespace Nido.Core.Group.Steps;

/// <summary>A step that waits for an earlier strand.</summary>
/// <param name="Step">The step that waits.</param>
/// <param name="Earlier">Ladder to work at first.</param>
/// <param name="Reason">In words, with the chance.</param>
public sealed record NotReady(int Step, string Earlier, Said Reason);
