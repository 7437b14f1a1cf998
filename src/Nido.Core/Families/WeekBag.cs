using Nido.Core.Ideas;

namespace Nido.Core.Families;

/// <summary>A bag with what two activities of the week need at home, for a home that has none of it.</summary>
public static class WeekBag
{
    /// <summary>Activities in a bag.</summary>
    public const int Activities = 2;

    /// <summary>Days at home.</summary>
    public const int Days = 7;

    // Every tap has it.
    private const string Tap = "water";

    /// <summary>The bag for a child.</summary>
    /// <param name="theme">What the week is about.</param>
    /// <param name="home">Activities chosen for a home that has everything, most useful first.</param>
    public static Bag Of(Theme theme, IReadOnlyList<HomeActivity> home)
    {
        ArgumentNullException.ThrowIfNull(theme);
        ArgumentNullException.ThrowIfNull(home);
        HomeActivity[] taken = [.. home.Take(Activities)];
        return new(
            BagKind.Week,
            BagWords.WeekOf(theme),
            Days,
            [
                .. taken
                    .SelectMany(a => a.Things)
                    .Select(u => u.Thing)
                    .Where(t => t.Like is { } like && like.Id != Tap)
                    .DistinctBy(t => t.Id)
                    .Select(t => new BagThing(t.Like!.Id, t.Name, 1, ComesBack: !t.Like.Consumable)),
            ],
            [],
            [.. taken.SelectMany(Lines)],
            [.. taken.SelectMany(a => a.Mind).Distinct()],
            []
        );
    }

    private static IEnumerable<InBoth> Lines(HomeActivity activity)
    {
        yield return BagWords.Way(activity);
        if (activity.Step is { } step)
        {
            yield return BagWords.Changes(step);
        }
    }
}
