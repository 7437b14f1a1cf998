using Nido.Core.Ideas;

namespace Nido.Core.Families;

/// <summary>A thing of a home as an activity uses it.</summary>
/// <param name="Thing">What is taken.</param>
/// <param name="InPlaceOf">What it stands in for; null where it is the thing itself.</param>
public sealed record HomeUse(HomeThing Thing, HomeThing? InPlaceOf)
{
    /// <summary>What a home takes for a way of working; null where it has neither a thing nor what stands in for it.</summary>
    /// <param name="way">The way of working at home.</param>
    /// <param name="has">Ids of the kinds of thing it has.</param>
    public static IReadOnlyList<HomeUse>? Of(HomeWay way, IReadOnlySet<string> has)
    {
        ArgumentNullException.ThrowIfNull(way);
        ArgumentNullException.ThrowIfNull(has);
        var uses = way.Things.Select(t => Of(t, has)).ToArray();
        return uses.Any(u => u is null) ? null : [.. uses.OfType<HomeUse>()];
    }

    private static HomeUse? Of(HomeThing thing, IReadOnlySet<string> has) =>
        IsThere(thing, has) ? new(thing, null)
        : thing.Instead is { } other && IsThere(other, has) ? new(other, thing)
        : null;

    private static bool IsThere(HomeThing thing, IReadOnlySet<string> has) =>
        thing.Kind is not { } kind || has.Contains(kind);
}
