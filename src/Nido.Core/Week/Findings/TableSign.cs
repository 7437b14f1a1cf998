using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Findings;

/// <summary>What a sign says of the allergens on a table, for those whose allergies nobody knows.</summary>
/// <param name="Where">The place; null for the sign at the door, which speaks of all tables.</param>
/// <param name="Title">Title of the idea; null at the door.</param>
/// <param name="Allergens">Ids of what lies there, may or once did, by how.</param>
public sealed record TableSign(Placement? Where, InBoth? Title, IReadOnlyList<HeldAllergen> Allergens)
{
    /// <summary>The sign for the door and one for each table of a plan, in the order of the session.</summary>
    public static IReadOnlyList<TableSign> Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        TableSign[] tables =
        [
            .. plan.Filled.Select(f => new TableSign(
                f.Placement,
                f.Use.Idea.Title,
                AtTable(plan, f.Use, f.Placement.Day)
            )),
        ];
        return
        [
            new(null, null, [.. tables.SelectMany(t => t.Allergens).OrderBy(a => a.How).DistinctBy(a => a.Allergen)]),
            .. tables,
        ];
    }

    private static HeldAllergen[] AtTable(WeekPlan plan, Use use, int day) =>
        [
            .. WeekProblem
                .StepsInUse(use.Idea, use.On(day).Children)
                .SelectMany(s => plan.Problem.Input.Safety.Things(use.Idea, s, plan.Problem.Group))
                .SelectMany(t => t.Holding.Allergens)
                .OrderBy(a => a.How)
                .DistinctBy(a => a.Allergen),
        ];
}
