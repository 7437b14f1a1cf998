using Nido.Core.Ideas;

namespace Nido.Core.Week.Sharing;

/// <summary>A material in a role, how well it stands in (0–100), and what it takes. No swap: as it is bound
/// now.</summary>
public sealed record RoleOption(Swap? Swap, int Score, IReadOnlyList<Take> Takes);
