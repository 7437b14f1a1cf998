namespace Nido.Core.Safety.Conditions;

/// <summary>A child has an allergy in a word that nothing can be watched for by.</summary>
public sealed record MayHoldTheUnread : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfEachChild => true;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        return asked.Child is not { Unread.Count: > 0 } child
            ? null
            : Said.That(
                $"Nido cannot watch for {string.Join(", ", child.Unread.Select(w => $"\u201c{w}\u201d"))} of "
                    + $"{child.Child.Name}. Say which materials hold it; until then ask about {thing.Name}"
            );
    }
}
