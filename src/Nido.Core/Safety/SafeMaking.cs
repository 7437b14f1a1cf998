using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Making;

namespace Nido.Core.Safety;

/// <summary>
/// Ways of making that may be offered to a group. A way that would bring a blocking rule upon somebody who comes in
/// that week, on
/// whatever day, is left out everywhere at once: nothing that plans, shares out, prepares or mixes can find it.
/// </summary>
/// <param name="Makes">Ways to make a material of others.</param>
/// <param name="Recipes">What can be mixed.</param>
/// <param name="LeftOut">What is left out, each with the rule.</param>
public sealed record SafeMaking(
    IReadOnlyList<MakeFrom> Makes,
    IReadOnlyList<Recipe> Recipes,
    IReadOnlyList<LeftOutWay> LeftOut
)
{
    /// <summary>The ways that may be offered.</summary>
    /// <param name="makes">Every way to make a material of others.</param>
    /// <param name="recipes">Everything that can be mixed.</param>
    /// <param name="materials">Every known material.</param>
    /// <param name="ideas">Ideas of the week: what is done with a thing may matter.</param>
    /// <param name="safety">The rules, and what things hold in this house.</param>
    /// <param name="group">The room.</param>
    /// <param name="day">The day ages are taken on.</param>
    public static SafeMaking For(
        IReadOnlyList<MakeFrom> makes,
        IReadOnlyList<Recipe> recipes,
        IReadOnlyList<Material> materials,
        IReadOnlyList<Idea> ideas,
        SafetyCheck safety,
        ChildrenGroup group,
        DateOnly day
    )
    {
        ArgumentNullException.ThrowIfNull(ideas);
        ArgumentNullException.ThrowIfNull(safety);
        var byId = materials.ToDictionary(m => m.Id);
        var actions = ideas
            .SelectMany(i =>
                i.Steps.SelectMany(s => s.Bindings.Values.Concat(s.Left.Values))
                    .SelectMany(b => i.Technique.Actions.Select(a => (b.Material.Id, Action: a)))
            )
            .Distinct()
            .ToLookup(x => x.Id, x => x.Action);
        string[] Done(string id) => [.. actions[id]];
        var leftOut = new List<LeftOutWay>();
        bool Kept(string makes, InBoth way, Func<Material, Holding> holding)
        {
            // What no table of this room may hold, watched or not, is not made for it either.
            if (
                byId.TryGetValue(makes, out var made)
                && (
                    safety.RuleAgainstMaking(made, holding(made), Done(makes), group, day)
                    ?? (safety.KeepsOff(made, group, day) is { WatchedTableLifts: false } off ? off : null)
                )
                    is { } rule
            )
            {
                leftOut.Add(new(makes, way, rule));
                return false;
            }

            return true;
        }

        return new(
            [.. makes.Where(w => Kept(w.Makes, w.Do, m => safety.Holds.Of(m, w)))],
            [.. recipes.Where(r => r.Makes is null || Kept(r.Makes, r.Name, m => safety.Holds.Of(m, r)))],
            leftOut
        );
    }
}
