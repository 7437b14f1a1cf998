namespace Nido.Core.Week.Sharing;

/// <summary>A role of which one option is taken.</summary>
public sealed record RoleChoice(IReadOnlyList<RoleOption> Options);
