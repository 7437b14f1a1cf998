using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>An idea that cannot be, because nothing at hand goes together for it.</summary>
/// <param name="Technique">The technique.</param>
/// <param name="Lead">Its leading material.</param>
/// <param name="Title">Title it would have had.</param>
/// <param name="Reasons">What does not go with what, and why.</param>
public sealed record Unsuited(Technique Technique, Material Lead, InBoth Title, IReadOnlyList<Said> Reasons);
