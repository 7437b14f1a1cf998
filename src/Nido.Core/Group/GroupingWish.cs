namespace Nido.Core.Group;

/// <summary>Two children an adult wants together, or apart.</summary>
/// <param name="ChildId">One.</param>
/// <param name="OtherId">The other.</param>
/// <param name="Together">False: apart.</param>
public sealed record GroupingWish(string ChildId, string OtherId, bool Together);
