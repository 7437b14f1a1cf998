namespace Nido.Core.Safety;

/// <summary>A rule that fires on an idea, with what made it fire.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="What">Things or actions that made it fire.</param>
/// <param name="Whom">Children it is about; empty where it is about everyone.</param>
/// <param name="Why">What was measured or read, a sentence a thing.</param>
/// <param name="Lifted">Who has lifted it here, or null.</param>
public sealed record Finding(
    SafetyRule Rule,
    IReadOnlyList<Said> What,
    IReadOnlyList<string> Whom,
    IReadOnlyList<Said> Why,
    RuleOverride? Lifted
);
