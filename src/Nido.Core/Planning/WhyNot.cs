namespace Nido.Core.Planning;

/// <summary>Why an idea does not lie out: the best place it could have and what that would change, or the rules that keep it out of every place.</summary>
/// <param name="Slot">The best place it may lie, or null where it may lie nowhere.</param>
/// <param name="Instead">What lies there now, or null where nothing does.</param>
/// <param name="Change">What it would change there, the rest of the week held; null where it may lie nowhere.</param>
/// <param name="WishPoints">Change of the wishes (theme, money, prep, freshness) in points; positive is worse.</param>
/// <param name="Rules">What keeps it out of the places it may not lie, each once.</param>
public sealed record WhyNot(int? Slot, Use? Instead, Alternative? Change, long WishPoints, IReadOnlyList<string> Rules)
{
    /// <summary>The answer for an idea.</summary>
    public static WhyNot Of(WeekPlan plan, string ideaId)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (problem, state) = (plan.Problem, plan.State);
        var (fair, wishes) = (state.FairPrice(), state.WishPrice());
        var best = (Fair: long.MaxValue, Wish: long.MaxValue, Slot: -1);
        var rules = new List<string>();
        foreach (var use in problem.Uses.Where(u => u.Idea.Id == ideaId))
        {
            for (var slot = 0; slot < problem.Slots.Count; slot++)
            {
                // What stays all week is not broken up for one day.
                if (problem.Slots[slot].Block != use.BlockIndex || !problem.IsOpen(slot) || plan.Stays(slot))
                {
                    continue;
                }

                if (!state.MayPut(slot, use.Index))
                {
                    rules.Add(WhatIf.RuleAgainst(plan, slot, use));
                    continue;
                }

                var before = state.Put(slot, use.Index);
                var tried = (Fair: Math.Max(0, state.FairPrice() - fair), Wish: state.WishPrice() - wishes, Slot: slot);
                state.Put(slot, before);
                best = (tried.Fair, tried.Wish).CompareTo((best.Fair, best.Wish)) < 0 ? tried : best;
            }
        }

        string[] each = [.. rules.Distinct().Take(5)];
        return best.Slot < 0 ? new(null, null, null, 0, each)
            : new(
                best.Slot, state.Uses[best.Slot] < 0 ? null : problem.Uses[state.Uses[best.Slot]],
                WhatIf.Alternatives(plan, best.Slot).First(a => a.Use.Idea.Id == ideaId), best.Wish, each);
    }
}
