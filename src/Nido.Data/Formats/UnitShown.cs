namespace Nido.Data.Formats;

/// <summary>A child was shown a piece of work, one to one.</summary>
/// <param name="ChildId">Who.</param>
/// <param name="TechniqueId">Which way of working.</param>
/// <param name="On">When.</param>
public sealed record UnitShown(string ChildId, string TechniqueId, DateOnly On);
