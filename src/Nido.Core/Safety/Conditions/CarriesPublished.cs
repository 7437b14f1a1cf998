namespace Nido.Core.Safety.Conditions;

/// <summary>A thing that holds an allergen of the published lists which the group does not let in, or which it
/// does.</summary>
/// <param name="LetIn">Only what is let in, instead of what is not.</param>
public sealed record CarriesPublished(bool LetIn) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        HeldAllergen[] met =
        [
            .. thing.Holding.Allergens.Where(h =>
                asked.Book.IsPublished(h.Allergen)
                && asked.Settings.LetIn.Any(l => asked.Book.Covers(l, h.Allergen)) == LetIn
            ),
        ];
        return met.Length == 0 ? null : CarriesAllergenOfChild.InWords(thing, met, asked.Book);
    }
}
