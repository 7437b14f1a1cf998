namespace Nido.Core.Safety.Conditions;

/// <summary>A thing that can be picked up and of which a side is not known.</summary>
public sealed record SizeNotKnown : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfPieces => true;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(thing.CanBePickedUp && !thing.Body.IsMeasured);
}
