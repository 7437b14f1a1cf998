using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Rules;

/// <summary>The rules a plan breaks, each where it is broken and with its way out; for a week whose best plan still
/// breaks one.</summary>
public static class WhatIsBroken
{
    /// <summary>Every rule broken: places empty, ideas that may not lie where they lie, children with nothing in
    /// reach.</summary>
    public static IReadOnlyList<Impossible> Of(WeekPlan plan) => [.. HardRule.All.SelectMany(r => r.Broken(plan))];
}
