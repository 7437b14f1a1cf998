using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Tests.Week;

/// <summary>Every plan of a week small enough: one use a technique stands for those that count the same.</summary>
internal static class EveryPlan
{
    /// <summary>Shows each whole plan that keeps the rules; it is the same object, changed.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="show">Told of each.</param>
    /// <param name="apart">Materials in which the uses of a way must not differ, where money counts.</param>
    public static void Each(WeekProblem problem, Action<PlanState> show, IReadOnlySet<int>? apart = null)
    {
        var ways = Way.Of(problem, apart);
        var state = new PlanState(problem);
        void Fill(int slot)
        {
            if (slot == problem.Slots.Count)
            {
                if (state.Score().Broken == 0)
                {
                    show(state);
                }

                return;
            }

            // An offer that stays was filled with its first day, and where nobody comes nothing lies.
            if (problem.Together[slot][0] != slot || !problem.IsOpen(slot))
            {
                Fill(slot + 1);
                return;
            }

            var together = problem.Together[slot];
            foreach (var way in ways.Where(w => w.Any.BlockIndex == problem.Slots[slot].Block))
            {
                if (
                    way.Uses.FirstOrDefault(u =>
                        together.All(s => state.MayPut(s, u.Index))
                        && (problem.StayingAt[slot]?.Choices.Contains(u) ?? true)
                    ) is
                    { } use
                )
                {
                    Array.ForEach(together, s => state.Put(s, use.Index));
                    Fill(slot + 1);
                    Array.ForEach(together, s => state.Put(s, -1));
                }
            }
        }

        Fill(0);
    }
}
