namespace Nido.Core.Week.MayGoWrong;

/// <summary>A child who may get under three quarters of an aim.</summary>
/// <param name="Child">Index of the child.</param>
/// <param name="Aim">The aim.</param>
/// <param name="Share">In this share of weeks; 0–1.</param>
/// <param name="Fix">The change of one strip that gives the child most of this aim without costing others, or
/// null.</param>
public sealed record FallsShort(int Child, Aim Aim, double Share, SimulatedFix? Fix);
