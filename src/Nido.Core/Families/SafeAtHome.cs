using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Safety;
using Nido.Core.Week.Reading;

namespace Nido.Core.Families;

/// <summary>The safety rules as they read at home: a child alone with its family, and the youngest one there.</summary>
internal static class SafeAtHome
{
    private const int MostCautions = 2;

    /// <summary>What the rules say of things and of what is done; a finding that blocks among them keeps it away.</summary>
    /// <param name="plan">The week, with its group and rules.</param>
    /// <param name="things">Materials the things are like; null for what is large and whole.</param>
    /// <param name="actions">What is done with them.</param>
    /// <param name="children">Whose homes. A session, whose children nobody knows, is judged as a whole.</param>
    public static Finding[] Findings(
        WeekPlan plan,
        IEnumerable<Material?> things,
        IReadOnlyList<string> actions,
        IReadOnlyList<Child> children
    )
    {
        var (safety, group) = (plan.Problem.Input.Safety, plan.Problem.Group);
        HandledThing[] handled =
        [
            .. things.SelectMany(t => HandledThing.AtHand(t, null, t is { } m ? safety.Holds.Of(m) : null)),
        ];
        ChildrenGroup[] homes =
            group.Kind == GroupKind.DropIn || children.Count == 0
                ? [group]
                : [.. children.Select(c => group with { Children = WithYoungest(c) })];
        return [.. homes.SelectMany(h => safety.Of(handled, actions, h, plan.Problem.FirstDay))];
    }

    /// <summary>What a family is told to mind, gravest first.</summary>
    public static InBoth[] Cautions(IEnumerable<Finding> found) =>
        [
            .. found
                .Where(f => f.Rule.Severity is Severity.AdultStep or Severity.Watch)
                .OrderBy(f => f.Rule.Severity)
                .Select(f => f.Rule.Message)
                .Distinct()
                .Take(MostCautions),
        ];

    /// <summary>The child, and one who only stands for the youngest at home: of it nothing but the age is known.</summary>
    private static Child[] WithYoungest(Child child) =>
        child.AtHome.YoungestBornOn is { } born && born > child.BornOn
            ? [child, child with { Id = "at-home", BornOn = born, Allergies = [], UnknownAllergies = [], Plans = [] }]
            : [child];
}
