using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>What would serve instead of an idea that may not lie out.</summary>
/// <param name="Use">The idea in a block where it may lie.</param>
/// <param name="Slot">A place for it, or null where every place it could have is kept by a rule.</param>
/// <param name="MinutesApart">Useful minutes, over the four aims, by which a turn at it differs from a turn at the
/// other.</param>
/// <param name="SameWork">The same way of working with other materials.</param>
/// <param name="SameLadder">Steps of the same ladder.</param>
public sealed record Instead(Use Use, int? Slot, double MinutesApart, bool SameWork, bool SameLadder)
{
    /// <summary>For an idea that nobody of the room may meet: the nearest that may lie out in a block it was for, with
    /// the best place.</summary>
    public static Instead? Of(WeekPlan plan, Idea keptOut)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(keptOut);
        var nearest = Nearest(plan.Problem.Uses.Where(u => keptOut.Technique.Blocks.Contains(u.Block.Kind)), keptOut);
        return nearest is null
            ? null
            : nearest with
            {
                Slot = WhyNot.BestSlot(plan, nearest.Use.Idea.Id).Slot is >= 0 and var slot ? slot : null,
            };
    }

    /// <summary>For an idea that lay in a place and can no longer: the nearest that may lie there now.</summary>
    public static Instead? In(WeekPlan plan, int slot, Idea keptOut)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(keptOut);
        var (day, block, _) = plan.Problem.Slots[slot];
        return
            Nearest(
                plan.Problem.UsesOfBlock[block].Where(u => u.OnDay[day] && plan.State.MayPut(slot, u.Index)),
                keptOut
            )
                is { } nearest
            ? nearest with
            {
                Slot = slot,
            }
            : null;
    }

    /// <summary>First the same way of working, then the same ladder, then the same main aim; of these the one nearest
    /// in what it gives, and with most in reach.</summary>
    private static Instead? Nearest(IEnumerable<Use> uses, Idea keptOut)
    {
        var shares = keptOut.Technique.AimShares();
        var main = Array.IndexOf(shares, shares.Max());
        return uses.Where(u => u.Idea.Id != keptOut.Id)
            .Select(u =>
                (
                    Use: u,
                    Apart: Apart(u.Idea.Technique, shares, keptOut.Technique.Minutes),
                    Work: u.Idea.Technique.Id == keptOut.Technique.Id,
                    Ladder: u.Idea.Technique.Ladder == keptOut.Technique.Ladder
                )
            )
            .OrderBy(x => !x.Work)
            .ThenBy(x => !x.Ladder)
            .ThenBy(x =>
                Array.IndexOf(x.Use.Idea.Technique.AimShares(), x.Use.Idea.Technique.AimShares().Max()) != main
            )
            .ThenBy(x => x.Apart)
            .ThenByDescending(x => x.Use.Fullest.InReach)
            .ThenBy(x => x.Use.Index)
            .Select(x => new Instead(x.Use, null, Math.Round(x.Apart, 1), x.Work, x.Ladder))
            .FirstOrDefault();
    }

    private static double Apart(Technique technique, double[] shares, int minutes) =>
        technique.AimShares().Zip(shares).Sum(x => Math.Abs((x.First * technique.Minutes) - (x.Second * minutes)));
}
