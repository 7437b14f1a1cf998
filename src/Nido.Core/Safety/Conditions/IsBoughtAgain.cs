namespace Nido.Core.Safety.Conditions;

/// <summary>A thing used up and sold, so that a new pack may differ from the last.</summary>
public sealed record IsBoughtAgain : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        If(thing.Material.IsSold && thing.Material.Consumable);
}
