namespace Nido.Core.Safety.Conditions;

/// <summary>A thing that fits the test cylinder, or is a small ball, or whose size is not known.</summary>
/// <param name="Kind">Which things are looked at.</param>
public sealed record FitsSmallParts(SmallPartKind Kind) : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfPieces => true;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        KindOf(thing) != Kind || !thing.CanBePickedUp || !SmallPart.Is(thing.Body) ? null
        : thing.Body.IsMeasured ? (Said)$"{thing.Name}, {thing.Body.InWords}, counts as a small part"
        : $"{thing.Name}: the size is not known, so it is taken as a small part";

    private static SmallPartKind KindOf(HandledThing thing) =>
        thing.IsBittenOff ? SmallPartKind.BittenOff
        : thing.IsThinPaper ? SmallPartKind.ThinPaper
        : SmallPartKind.True;
}
