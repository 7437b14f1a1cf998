using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>Puts ideas where they go together: into one slot, or into all days of an offer that stays all
/// week.</summary>
internal static class Moves
{
    /// <summary>What may be chosen for a slot.</summary>
    public static IReadOnlyList<Use> Choices(this WeekProblem problem, int slot) =>
        problem.StayingAt[slot]?.Choices ?? problem.UsesOfBlock[problem.Slots[slot].Block];

    /// <summary>Whether a slot is the one by which its offer is filled; of an offer that stays that is its
    /// first.</summary>
    public static bool Leads(this WeekProblem problem, int slot) => problem.Together[slot][0] == slot;

    /// <summary>Whether what lies in a slot counts as a thing chosen: of an offer that stays only what lies there
    /// first.</summary>
    public static bool IsChosen(this WeekProblem problem, int slot) =>
        problem.StayingAt[slot] is not { } stays || stays.All[0] == slot;

    /// <summary>Whether a use may lie there.</summary>
    public static bool MayPutTogether(this PlanState plan, int[] slots, int use)
    {
        foreach (var slot in slots)
        {
            if (!plan.MayPut(slot, use))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Puts a use there.</summary>
    public static void PutTogether(this PlanState plan, int[] slots, int use)
    {
        foreach (var slot in slots)
        {
            plan.Put(slot, use);
        }
    }

    /// <summary>Puts back what was there.</summary>
    public static void PutBack(this PlanState plan, int[] slots, ReadOnlySpan<int> uses)
    {
        for (var k = 0; k < slots.Length; k++)
        {
            plan.Put(slots[k], uses[k]);
        }
    }

    /// <summary>What lies there now.</summary>
    public static void Read(this PlanState plan, int[] slots, Span<int> into)
    {
        for (var k = 0; k < slots.Length; k++)
        {
            into[k] = plan.Uses[slots[k]];
        }
    }

    /// <summary>Lays a whole week.</summary>
    public static void Lay(this PlanState plan, int[] uses)
    {
        for (var s = 0; s < uses.Length; s++)
        {
            plan.Put(s, uses[s]);
        }
    }
}
