namespace Nido.Core.Week.Sharing;

/// <summary>An idea with a leading material: what it takes in any case, and roles where there is a choice.</summary>
public sealed record Variant(string IdeaId, int Score, IReadOnlyList<Take> Takes, IReadOnlyList<RoleChoice> Roles);
