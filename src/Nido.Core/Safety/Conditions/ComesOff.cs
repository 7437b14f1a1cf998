namespace Nido.Core.Safety.Conditions;

/// <summary>A part that comes off a thing in use.</summary>
public sealed record ComesOff : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfPieces => true;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(thing.IsPart && !thing.IsBittenOff);
}
