namespace Nido.Core.Steps;

/// <summary>The step a child is offered in an idea, with the reason.</summary>
/// <param name="Step">Number on the ladder.</param>
/// <param name="Help">Least help with which the child is likely to manage.</param>
/// <param name="Alone">P(alone) at that step.</param>
/// <param name="WithHelp">P(with that help).</param>
/// <param name="Fit">0–1: how right the step is; 0 is out of reach.</param>
/// <param name="Trace">The reason in words.</param>
public sealed record StepOffer(
    int Step, HelpLevel Help, double Alone, double WithHelp, double Fit, IReadOnlyList<string> Trace);
