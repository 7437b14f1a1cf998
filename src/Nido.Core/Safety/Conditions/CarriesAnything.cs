namespace Nido.Core.Safety.Conditions;

/// <summary>A thing that holds any allergen at all.</summary>
public sealed record CarriesAnything : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(thing.Holding.Allergens.Count > 0);
}
