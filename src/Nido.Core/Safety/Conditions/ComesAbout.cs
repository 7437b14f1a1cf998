namespace Nido.Core.Safety.Conditions;

/// <summary>A piece that comes about while the step is worked.</summary>
public sealed record ComesAbout : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfPieces => true;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(thing.IsMade);
}
