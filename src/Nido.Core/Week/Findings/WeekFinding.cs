using Nido.Core.Safety;
using Nido.Core.Week.Rules;

namespace Nido.Core.Week.Findings;

/// <summary>Something the safety of a week asks for: what, whom, where, why, whose word it is, and what to
/// do.</summary>
/// <param name="Id">The same for the same finding.</param>
/// <param name="RuleId">The rule, or "ratio".</param>
/// <param name="Severity">What it asks.</param>
/// <param name="Message">In plain words.</param>
/// <param name="What">Things or actions that made it fire.</param>
/// <param name="Whom">Children it is about; empty for everyone.</param>
/// <param name="Where">Places of the week, in its order.</param>
/// <param name="Why">What was measured or counted.</param>
/// <param name="Source">Published source or "common practice".</param>
/// <param name="DeferTo">Whose word counts more than ours.</param>
/// <param name="Lifted">By whom and why the rule is lifted here, or null.</param>
/// <param name="WaysOut">Best first; empty where it only asks to be minded.</param>
public sealed record WeekFinding(
    string Id,
    string RuleId,
    Severity Severity,
    Said Message,
    IReadOnlyList<Said> What,
    IReadOnlyList<string> Whom,
    IReadOnlyList<FindingPlace> Where,
    IReadOnlyList<Said> Why,
    Said Source,
    Said DeferTo,
    RuleOverride? Lifted,
    IReadOnlyList<WayOut> WaysOut
)
{
    /// <summary>Adults it asks beside the offer.</summary>
    public int Adults { get; init; }
}
