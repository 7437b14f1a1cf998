using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Safety;

/// <summary>
/// What a child can meet at a step: the one answer that planner, board, bench, Prep, Today, sheets and kits ask for.
/// Everything
/// bound is in it, for the right hand and the left, with its parts, the pieces that come about, what each is made of
/// along the
/// whole chain, what is added to a base that day, and what was made for it on a day before.
/// </summary>
/// <param name="holds">What things hold.</param>
public sealed class WhatCanBeMet(WhatItHolds holds)
{
    /// <summary>Everything at hand at a step of an idea.</summary>
    /// <param name="idea">The idea.</param>
    /// <param name="step">One of its steps.</param>
    /// <param name="group">Who is there: what only a left-handed child uses lies out only where there is one.</param>
    /// <param name="added">What is added to it that day; empty where nothing is.</param>
    public IReadOnlyList<HandledThing> At(
        Idea idea,
        IdeaStep step,
        ChildrenGroup group,
        IReadOnlyList<Material>? added = null
    )
    {
        ArgumentNullException.ThrowIfNull(idea);
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(group);
        var things = new List<HandledThing>();
        foreach (var (name, bound) in step.Bindings)
        {
            var role = idea.Technique.Roles.FirstOrDefault(r => r.Name == name);
            things.AddRange(Of(idea, step, role, name, bound.Material));
        }

        if (group.Children.Any(c => c.Hand == Hand.Left))
        {
            foreach (var (name, bound) in step.Left)
            {
                things.AddRange(
                    Of(idea, step, idea.Technique.Roles.FirstOrDefault(r => r.Name == name), name, bound.Material)
                );
            }
        }

        things.AddRange(idea.MadeOf.Concat(added ?? []).SelectMany(m => HandledThing.AtHand(m, null, holds.Of(m))));
        return [.. things.DistinctBy(t => (t.Name, t.Body, t.Amount, t.IsFixed))];
    }

    private IEnumerable<HandledThing> Of(Idea idea, IdeaStep step, Role? role, string name, Material material)
    {
        var pieces = step.Makes.Where(m => m.From == name).Cast<MadePiece?>().DefaultIfEmpty();
        var amount = role is null ? (double?)null : step.Each(role, "");
        return pieces.SelectMany(made =>
            HandledThing.AtHand(material, made, holds.Of(material), amount, role?.Fixed == true)
        );
    }
}
