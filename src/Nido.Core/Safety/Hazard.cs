namespace Nido.Core.Safety;

/// <summary>A blocking rule that a step meets wherever it lies, and whom of the group it is about.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="What">Things or actions that meet it.</param>
/// <param name="Why">What was measured or read.</param>
/// <param name="About">Child of the group, in order: the rule is about this child.</param>
public sealed record Hazard(
    SafetyRule Rule,
    IReadOnlyList<Said> What,
    IReadOnlyList<Said> Why,
    IReadOnlyList<bool> About
);
