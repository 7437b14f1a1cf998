namespace Nido.Core.Safety.Conditions;

/// <summary>A thing with a cord that does not break open when it is pulled.</summary>
public sealed record HoldsFast : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(thing.Holding.Cord is { BreaksOpen: false });
}
