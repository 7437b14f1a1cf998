namespace Nido.Core.Safety.Conditions;

/// <summary>A thing with one of these properties, its own or of what it is made of.</summary>
public sealed record HasAnyTag(IReadOnlyList<string> Tags) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) => If(Any(thing.Holding.Tags));

    private bool Any(IReadOnlySet<string> tags)
    {
        foreach (var tag in Tags)
        {
            if (tags.Contains(tag))
            {
                return true;
            }
        }

        return false;
    }
}
