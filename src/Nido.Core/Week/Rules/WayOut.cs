using Nido.Core.Group;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Rules;

/// <summary>Something that resolves a finding and can be applied in one press.</summary>
/// <param name="Kind">What it does.</param>
/// <param name="Say">What it does, in words.</param>
/// <param name="At">The place it is about, or null.</param>
/// <param name="IdeaId">The idea to put there, or the one whose rule is lifted.</param>
/// <param name="To">The place to change with.</param>
/// <param name="Adult">The adult to ask, with the day and the time.</param>
/// <param name="RuleId">The rule to lift.</param>
public sealed record WayOut(
    WayOutKind Kind,
    Said Say,
    Placement? At,
    string? IdeaId = null,
    Placement? To = null,
    Adult? Adult = null,
    string? RuleId = null
);
