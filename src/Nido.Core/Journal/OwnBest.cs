using Nido.Core.Making;

namespace Nido.Core.Journal;

/// <summary>A child's own best at a game, and from where it plays next. Never beside another child's.</summary>
/// <param name="Best">The best round.</param>
/// <param name="NextDistance">From how far next, mm; null where the game has no distance or too few tries were
/// counted.</param>
/// <param name="Why">Why from there.</param>
public sealed record OwnBest(Tally Best, double? NextDistance, Said? Why)
{
    /// <summary>Nearest and farthest a game is played, mm.</summary>
    public const int Nearest = 300;

    /// <summary>Farthest, mm.</summary>
    public const int Farthest = 6000;

    /// <summary>Fewest tries that say something about the distance.</summary>
    public const int Least = 5;

    /// <summary>What the rounds of one child at one idea come to, or null where there are none.</summary>
    /// <param name="rounds">In the order they were played.</param>
    public static OwnBest? Of(IReadOnlyList<Tally> rounds)
    {
        ArgumentNullException.ThrowIfNull(rounds);
        if (rounds.Count == 0)
        {
            return null;
        }

        var last = rounds[^1];
        var next = last is { Distance: { } from, Tries: >= Least and <= 30 }
            ? TargetGame.Of(new(last.Hits, last.Tries, from, Math.Min(Nearest, from), Math.Max(Farthest, from)))
            : null;
        // From farther away with half of the tries hit says more than many hits from near by.
        var best = rounds
            .OrderByDescending(r => 2 * r.Hits >= r.Tries)
            .ThenByDescending(r => r.Distance ?? 0)
            .ThenByDescending(r => r.Hits / (double)r.Tries)
            .ThenByDescending(r => r.Hits)
            .First();
        return new(best, next?.NextDistance, next?.Why);
    }
}
