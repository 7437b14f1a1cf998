namespace Nido.Core.Group;

/// <summary>A line of a group's own ratio table.</summary>
/// <param name="FromMonths">Holds from this age on, in whole months.</param>
/// <param name="Children">Children one adult may have, 1–30.</param>
public sealed record RatioBand(int FromMonths, int Children);
