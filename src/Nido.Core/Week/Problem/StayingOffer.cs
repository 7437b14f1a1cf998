using Nido.Core.Group;
using Nido.Core.Ideas;

namespace Nido.Core.Week.Problem;

/// <summary>
/// An offer of a block that is the same all week, because the group works that way: a tray of a prepared shelf, or the
/// base
/// of an open provision about which one thing changes each day.
/// </summary>
/// <param name="Block">Index of the block.</param>
/// <param name="Offer">Index of the offer in it.</param>
/// <param name="Approach">Whose way of working it is.</param>
/// <param name="All">Its slots on every open day, in the order of the week.</param>
/// <param name="Slots">Those of them that are not locked.</param>
/// <param name="Choices">Uses that may lie there on every one of these days.</param>
public sealed record StayingOffer(
    int Block,
    int Offer,
    Approach Approach,
    IReadOnlyList<int> All,
    IReadOnlyList<int> Slots,
    IReadOnlyList<Use> Choices
)
{
    private readonly HashSet<int> may = [.. Choices.Select(u => u.Index)];

    /// <summary>Whether a use may stay there all week.</summary>
    public bool Has(Use use) => may.Contains(use.Index);

    // On fewer days than this there is nothing to come back to.
    private const int FewestDays = 3;

    /// <summary>The offers that stay, by the group's mix of approaches.</summary>
    public static IEnumerable<StayingOffer> Of(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var table = Enumerable
            .Range(0, problem.Blocks.Count)
            .FirstOrDefault(b => problem.Blocks[b].Kind == BlockKind.Table, -1);
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            Approach? approach =
                problem.Blocks[b].Kind == BlockKind.Shelf ? Approach.PreparedShelf
                : b == table ? Approach.OpenProvision
                : null;
            for (
                var o = 0;
                approach is { } way
                    && problem.Attendance.DaysOfBlock(b) >= FewestDays
                    && o < HowMany(problem.Blocks[b], way, problem.Group.Settings);
                o++
            )
            {
                if (At(problem, b, o, way) is { } offer)
                {
                    yield return offer;
                }
            }
        }
    }

    /// <summary>
    /// Offers of a block that stay: the approach's part of the mix of all offers, and one at least where the group
    /// works that
    /// way at all and another offer is left to change.
    /// </summary>
    public static int HowMany(Block block, Approach approach, GroupSettings settings)
    {
        ArgumentNullException.ThrowIfNull(block);
        ArgumentNullException.ThrowIfNull(settings);
        var (part, all) = (settings.Approaches.GetValueOrDefault(approach), settings.Approaches.Values.Sum());
        return part <= 0 || block.Offers < 2
            ? 0
            : Math.Clamp(
                (int)Math.Round(block.Offers * part / (double)all, MidpointRounding.AwayFromZero),
                1,
                block.Offers
            );
    }

    /// <summary>A tray is any work of a prepared shelf; a base is what a group calls one: dough, blocks, water,
    /// something to pour.</summary>
    private static bool Suits(Technique technique, Approach approach) =>
        technique.Approaches.Contains(approach)
        && (approach != Approach.OpenProvision || technique.Traits.Contains("base"))
        && technique.MadeBy is null;

    private static StayingOffer? At(WeekProblem problem, int block, int offer, Approach approach)
    {
        var slots = Enumerable
            .Range(0, problem.Days.Count)
            .Where(d => problem.Attendance.TakesPlace(d, block))
            .Select(d => problem.SlotAt(d, block, offer))
            .ToArray();
        var free = slots.Where(s => problem.LockedUse[s] < 0).ToArray();
        var locked = slots
            .Select(s => problem.LockedUse[s])
            .Where(u => u >= 0)
            .Select(u => problem.Uses[u].IdeaIndex)
            .Distinct()
            .ToArray();
        Use[] fits =
        [
            .. problem
                .UsesOfBlock[block]
                .Where(u => Suits(u.Idea.Technique, approach) && free.All(s => u.OnDay[problem.Slots[s].Day])),
        ];
        // What was locked on some of the days stays on the others too, where it may.
        Use[] same =
        [
            .. problem
                .UsesOfBlock[block]
                .Where(u => locked is [var one] && u.IdeaIndex == one && free.All(s => u.OnDay[problem.Slots[s].Day])),
        ];
        return free.Length == 0 || (fits.Length == 0 && same.Length == 0)
            ? null
            : new(block, offer, approach, slots, free, same.Length > 0 ? same : fits);
    }
}
