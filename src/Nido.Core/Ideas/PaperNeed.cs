namespace Nido.Core.Ideas;

/// <summary>A sheet that a technique is worked on or with.</summary>
/// <param name="Sheet">Id of the kind of sheet.</param>
/// <param name="FromStep">First step it serves.</param>
/// <param name="ToStep">Last step it serves.</param>
/// <param name="Each">Every child at these steps has one; else one lies there for all.</param>
/// <param name="On">Role whose material it is printed on; null where it is printed beside what lies there.</param>
public sealed record PaperNeed(string Sheet, int FromStep, int ToStep, bool Each, string? On);
