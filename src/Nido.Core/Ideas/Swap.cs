namespace Nido.Core.Ideas;

/// <summary>Another material in a role of an idea, chosen for a week by an adult or by sharing out the
/// cupboard.</summary>
/// <param name="IdeaId">The idea.</param>
/// <param name="Role">The role.</param>
/// <param name="From">Id of the material it is bound to otherwise.</param>
/// <param name="To">Id of the material it is bound to this week.</param>
public sealed record Swap(string IdeaId, string Role, string From, string To);
