namespace Nido.Core.Safety.Conditions;

/// <summary>A loop of so many mm round or more, through which a head passes.</summary>
public sealed record LoopFrom(double Mm) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        !thing.IsFixed && thing.Holding.Cord?.Loop is { } loop && loop >= Mm
            ? (Said)$"{thing.Name}: a loop {loop:0.#} mm round"
            : null;
}
