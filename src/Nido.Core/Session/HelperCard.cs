using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Session;

/// <summary>A card for whoever sits beside a child at a table of a session: what to say and do at each age, and what to
/// mind.</summary>
/// <param name="Use">The idea that lies there.</param>
/// <param name="Steps">Its steps, youngest children first.</param>
/// <param name="Mind">What to mind, by the safety rules.</param>
/// <param name="Kits">Kits that lie there.</param>
public sealed record HelperCard(
    Use Use,
    IReadOnlyList<HelperStep> Steps,
    IReadOnlyList<InBoth> Mind,
    IReadOnlyList<Kit> Kits
)
{
    private const int MostCautions = 3;

    /// <summary>The cards of a session, in the order of its tables; none for its circle.</summary>
    public static IReadOnlyList<HelperCard> Of(WeekPlan plan, int day)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return
        [
            .. plan
                .Filled.Where(f => f.Placement.Day == day && f.Use.Block.Kind != Group.BlockKind.Circle)
                .Select(f => Of(plan, f.Use, day)),
        ];
    }

    private static HelperCard Of(WeekPlan plan, Use use, int day)
    {
        var date = plan.Problem.Days[day].Date;
        var there = use.On(day).Children;
        return new(
            use,
            [
                .. there
                    .Where(c => c.InReach)
                    .GroupBy(c => c.Offer!.Step)
                    .Select(g =>
                        (From: g.Min(c => c.Child.MonthsOn(date)), Step: use.Idea.Steps.First(s => s.Number == g.Key))
                    )
                    .OrderBy(x => x.From)
                    .ThenBy(x => x.Step.Number)
                    .Select(x => new HelperStep(x.From, x.Step)),
            ],
            [
                .. use
                    .Cautions.Where(c => c.Rule.Severity is Severity.AdultStep or Severity.Watch)
                    .Select(c => c.Rule.Message)
                    .Distinct()
                    .Take(MostCautions),
            ],
            Demand.Kits(use.Idea, there)
        );
    }
}

/// <summary>What a child of an age does at a table.</summary>
/// <param name="FromMonths">Age of the youngest who does it so, in whole months.</param>
/// <param name="Step">The step.</param>
public sealed record HelperStep(int FromMonths, IdeaStep Step);
