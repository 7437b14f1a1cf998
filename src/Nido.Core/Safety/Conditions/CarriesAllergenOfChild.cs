using Nido.Core.Allergens;

namespace Nido.Core.Safety.Conditions;

/// <summary>A thing that holds an allergen of the child, itself or through what it is made of; a written plan for this
/// material takes it out, or is what is asked for.</summary>
/// <param name="ByPlan">Only what the child's written plan allows, instead of what it does not.</param>
public sealed record CarriesAllergenOfChild(bool ByPlan) : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfEachChild => true;

    /// <inheritdoc />
    public override bool MayMeet(HandledThing thing) => thing.Holding.Allergens.Count > 0;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Child is not { Watched.Count: > 0 } child || thing.Holding.Allergens.Count == 0)
        {
            return null;
        }

        HeldAllergen[] met =
        [
            .. thing.Holding.Allergens.Where(h => child.Watched.Any(a => asked.Book.Meets(a, h.Allergen))),
        ];
        var plan = met.Length > 0 ? child.PlanFor(thing.Material.Id) : null;
        return met.Length == 0 || (plan is not null) != ByPlan ? null
            : plan is null ? InWords(thing, met, asked.Book)
            : $"{InWords(thing, met, asked.Book)}; for {child.Child.Name} by the plan of "
                + $"{plan.On:yyyy-MM-dd}: {plan.Wording} (entered by {plan.Adult})";
    }

    internal static Said InWords(HandledThing thing, IReadOnlyList<HeldAllergen> met, AllergenBook book) =>
        Said.Join(
            "; ",
            met.GroupBy(m => (m.How, Through: Said.Join(" ‹ ", m.Through)))
                .Select(g =>
                    Said.That(
                        $"{thing.Name} {Verb(g.Key.How)} "
                            + $"{g.Select(m => book.Called(m.Allergen))}{Said.When(!g.Key.Through.IsNone, $", through {g.Key.Through}")}"
                    )
                )
        );

    private static Said Verb(HeldHow how) =>
        how switch
        {
            HeldHow.MayContain => $"may hold",
            HeldHow.Held => $"once held",
            _ => $"carries",
        };
}
