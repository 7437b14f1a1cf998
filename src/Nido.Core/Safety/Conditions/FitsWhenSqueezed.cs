namespace Nido.Core.Safety.Conditions;

/// <summary>A soft thing that counts as a small part only when it is squeezed to half.</summary>
public sealed record FitsWhenSqueezed : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfPieces => true;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        thing.Holding.Tags.Contains("soft")
        && thing.CanBePickedUp
        && thing.Body.IsMeasured
        && !SmallPart.Is(thing.Body)
        && SmallPart.Is(SmallPart.Squeezed(thing.Body))
            ? (Said)$"{thing.Name}, {thing.Body.InWords}, counts as a small part when squeezed to half"
            : null;
}
