namespace Nido.Core.Safety.Conditions;

/// <summary>A thing heavier than so many g.</summary>
public sealed record HeavierThan(double Grams) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        thing.Material.Mass > Grams ? (Said)$"{thing.Name} weighs {thing.Material.Mass:0.#} g" : null;
}
