namespace Nido.Core.Safety.Conditions;

/// <summary>A thing with none of these properties.</summary>
public sealed record HasNoTag(IReadOnlyList<string> Tags) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(!Tags.Any(thing.Holding.Tags.Contains));
}
