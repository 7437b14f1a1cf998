using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>Why an idea does not lie out: the best place it could have and what that would change, or the rules that
/// keep it out of every place.</summary>
/// <param name="Slot">The best place it may lie, or null where it may lie nowhere.</param>
/// <param name="Instead">What lies there now, or null where nothing does.</param>
/// <param name="Change">What it would change there, the rest of the week held; null where it may lie nowhere.</param>
/// <param name="WishPoints">Change of the wishes (theme, money, prep, freshness) in points; positive is worse.</param>
/// <param name="Rules">What keeps it out of the places it may not lie, each once.</param>
public sealed record WhyNot(int? Slot, Use? Instead, Alternative? Change, long WishPoints, IReadOnlyList<Said> Rules)
{
    /// <summary>The answer for an idea.</summary>
    public static WhyNot Of(WeekPlan plan, string ideaId)
    {
        var (slot, wish, rules) = BestSlot(plan, ideaId);
        Said[] each = [.. rules.Distinct().Take(5)];
        return slot < 0
            ? new(null, null, null, 0, each)
            : new(
                slot,
                plan.State.Uses[slot] < 0 ? null : plan.Problem.Uses[plan.State.Uses[slot]],
                WhatIf.Alternatives(plan, slot).First(a => a.Use.Idea.Id == ideaId),
                wish,
                each
            );
    }

    /// <summary>The place an idea could take with least loss, or −1, with the points of wishes that changes, and what
    /// keeps it out of others.</summary>
    internal static (int Slot, long Wish, IReadOnlyList<Said> Rules) BestSlot(WeekPlan plan, string ideaId)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (problem, state) = (plan.Problem, plan.State);
        var (fair, wishes) = (state.FairPrice(), state.WishPrice());
        var best = (Fair: long.MaxValue, Wish: long.MaxValue, Slot: -1);
        var rules = new List<Said>();
        foreach (var use in problem.Uses.Where(u => u.Idea.Id == ideaId))
        {
            for (var slot = 0; slot < problem.Slots.Count; slot++)
            {
                // What stays all week is not broken up for one day, and where it lies already nothing is asked.
                if (
                    (state.Uses[slot] >= 0 && problem.Uses[state.Uses[slot]].IdeaIndex == use.IdeaIndex)
                    || problem.Slots[slot].Block != use.BlockIndex
                    || !problem.IsOpen(slot)
                    || plan.Stays(slot)
                )
                {
                    continue;
                }

                if (WhatIf.RuleAgainst(plan, slot, use) is { } rule)
                {
                    rules.Add(rule);
                    continue;
                }

                // The idea lies there that day with other adults beside it: it is tried as that use.
                if (!state.MayPut(slot, use.Index))
                {
                    continue;
                }

                var before = state.Put(slot, use.Index);
                var tried = (Fair: Math.Max(0, state.FairPrice() - fair), Wish: state.WishPrice() - wishes, Slot: slot);
                state.Put(slot, before);
                best = (tried.Fair, tried.Wish).CompareTo((best.Fair, best.Wish)) < 0 ? tried : best;
            }
        }

        return (best.Slot, best.Wish, rules);
    }
}
