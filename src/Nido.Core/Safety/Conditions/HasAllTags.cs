namespace Nido.Core.Safety.Conditions;

/// <summary>A thing with all of these properties.</summary>
public sealed record HasAllTags(IReadOnlyList<string> Tags) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(Tags.All(thing.Holding.Tags.Contains));
}
