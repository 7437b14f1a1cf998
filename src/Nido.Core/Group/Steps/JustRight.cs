namespace Nido.Core.Group.Steps;

/// <summary>Which step is just right for a child, and how well it fits.</summary>
public static class JustRight
{
    /// <summary>P(alone) from which a step counts as one the child can be offered alone.</summary>
    public const double AloneFrom = 0.55;

    /// <summary>P(alone) asked where an easier step done alone is wanted rather than a harder one with help.</summary>
    public const double EasierFrom = 0.70;

    /// <summary>Below this chance even with the most help, a step is out of reach.</summary>
    public const double ReachFrom = 0.30;

    /// <summary>
    /// Fit of a step: 1 for P(alone) 0.55–0.90, falling to 0.35 at 0.99 and staying; below 0.55,
    /// 0.8 × P(with the offered help); 0 where even the most help gives under 0.30.
    /// </summary>
    public static double Fit(double alone, double withHelp, double withMostHelp) =>
        alone >= AloneFrom ? (alone <= 0.90 ? 1 : Math.Max(0.35, 1 - (0.65 * (alone - 0.90) / 0.09)))
        : withMostHelp < ReachFrom ? 0
        : 0.8 * withHelp;

    /// <summary>
    /// The highest allowed step with P(alone) ≥ 0.55; if none, the lowest allowed with the least help that brings
    /// it to 0.55, else the most help. Null where no step is allowed.
    /// </summary>
    /// <param name="belief">Belief on this ladder.</param>
    /// <param name="ageMonths">Age on the day.</param>
    /// <param name="allowed">Steps the cupboard can equip and safety allows; any order.</param>
    /// <param name="manner">When help comes.</param>
    public static StepOffer? Offer(
        AbilityBelief belief,
        int ageMonths,
        IEnumerable<LadderStep> allowed,
        HelpManner manner = HelpManner.LeastThatWorks
    )
    {
        var from = manner == HelpManner.EasierStep ? EasierFrom : AloneFrom;
        LadderStep? lowest = null;
        LadderStep? best = null;
        foreach (var step in allowed.OrderBy(s => s.Number))
        {
            lowest ??= step;
            if (belief.Chance(HelpLevel.Alone, step.TypicalMonths, ageMonths) >= from)
            {
                best = step;
            }
        }

        if (lowest is null)
        {
            return null;
        }

        return At(belief, ageMonths, best ?? lowest, isHighest: best is not null, manner: manner);
    }

    /// <summary>The offer of one step: least help that brings it to 0.55, and how well it fits.</summary>
    /// <param name="belief">Belief on this ladder.</param>
    /// <param name="ageMonths">Age on the day.</param>
    /// <param name="offered">The step.</param>
    /// <param name="isHighest">It is the highest the child can probably do alone.</param>
    /// <param name="chosen">Number of the step an adult has chosen.</param>
    /// <param name="manner">When help comes.</param>
    public static StepOffer At(
        AbilityBelief belief,
        int ageMonths,
        LadderStep offered,
        bool isHighest = false,
        int? chosen = null,
        HelpManner manner = HelpManner.LeastThatWorks
    )
    {
        ArgumentNullException.ThrowIfNull(belief);
        ArgumentNullException.ThrowIfNull(offered);
        double Chance(HelpLevel help) => belief.Chance(help, offered.TypicalMonths, ageMonths);
        var alone = Chance(HelpLevel.Alone);
        var help =
            alone >= AloneFrom ? HelpLevel.Alone
            : manner != HelpManner.HandsAtOnce && (manner == HelpManner.NoHands || Chance(HelpLevel.Shown) >= AloneFrom)
                ? HelpLevel.Shown
            : HelpLevel.Hands;
        var withHelp = Chance(help);
        var fit = Fit(alone, withHelp, Chance(manner == HelpManner.NoHands ? HelpLevel.Shown : HelpLevel.Hands));
        return new StepOffer(offered, isHighest, help, alone, withHelp, fit)
        {
            ChosenStep = chosen,
            AskedAlone = manner == HelpManner.EasierStep ? EasierFrom : AloneFrom,
        };
    }
}
