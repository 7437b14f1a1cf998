namespace Nido.Core.Week.Rota;

/// <summary>A child as groups are formed.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Level">Age in months at which half of children can what this one is believed to, over the ladders of
/// the stations.</param>
/// <param name="AdultShare">Part of an adult the child takes by the ratio table; 0–1.</param>
public sealed record Member(string ChildId, double Level, double AdultShare);
