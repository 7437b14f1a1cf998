namespace Nido.Core.Safety;

/// <summary>A blocking rule that a named adult has lifted for an idea of a week. It is kept for good.</summary>
/// <param name="Id">Opaque.</param>
/// <param name="IdeaId">The idea.</param>
/// <param name="IdeaTitle">Its title at the time.</param>
/// <param name="RuleId">The rule.</param>
/// <param name="RuleMessage">Its words at the time.</param>
/// <param name="Adult">Who answers for it.</param>
/// <param name="Reason">Why, in the adult's own words.</param>
/// <param name="At">When it was lifted.</param>
/// <param name="WithdrawnAt">When the rule was put back; null while it is lifted.</param>
public sealed record RuleOverride(
    string Id,
    string IdeaId,
    string IdeaTitle,
    string RuleId,
    string RuleMessage,
    string Adult,
    string Reason,
    DateTimeOffset At,
    DateTimeOffset? WithdrawnAt
)
{
    /// <summary>The one day it is lifted for; null for the whole week.</summary>
    public DateOnly? Day { get; init; }

    /// <summary>Whether it lifts a rule for an idea on a day. What is never lifted is not, whatever was once
    /// written.</summary>
    public bool Lifts(SafetyRule rule, string ideaId, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(rule);
        return WithdrawnAt is null
            && !rule.IsNeverLifted
            && IdeaId == ideaId
            && RuleId == rule.Id
            && (Day is null || Day == day);
    }
}
