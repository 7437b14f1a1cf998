using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules.Hard;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules;

/// <summary>
/// A rule that no plan may break: whether a move keeps it, its rows in every model, its sentence and its way out, in
/// one file each. The search, the models, the conflict finder, "why not" and the bench ask this list and nothing else.
/// </summary>
public abstract class HardRule
{
    /// <summary>Where another idea is found.</summary>
    protected static readonly Said FromTheBench = $"Choose another idea from the bench";

    /// <summary>Where there is more to choose from.</summary>
    protected static readonly Said InCupboard = $"Add materials in Cupboard";

    private static readonly OnceADay Daily = new();

    /// <summary>Every rule, in the order in which a teacher is told of them.</summary>
    public static IReadOnlyList<HardRule> All { get; } =
    [
        Daily,
        new TakesPlace(),
        new DryDay(),
        new StoryInASession(),
        new NothingGone(),
        new MadeOnADayBefore(),
        new MayBeMet(),
        new HandsRest(),
        new ThreeTimesAWeek(),
        new AdultsBeside(),
        new OffersFilled(),
        new SomethingInReach(),
        new LocksStay(),
    ];

    private static readonly HardRule[] OfTheMove = [.. All.Where(r => r is not DayRule && r.HangsOnTheMove)];

    /// <summary>Whether what may lie in a place hangs on what else lies in the week.</summary>
    protected virtual bool HangsOnTheMove => true;

    /// <summary>Whether every rule lets a use lie in a slot beside what else lies in the week.</summary>
    public static bool AllAllow(PlanState plan, int slot, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(use);
        // The rules of a day were read when the week was built.
        if (!use.OnDay[plan.Problem.Slots[slot].Day])
        {
            return false;
        }

        foreach (var rule in OfTheMove)
        {
            if (!rule.Allows(plan, slot, use))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>The first rule that keeps a use out of a slot; null where none does.</summary>
    public static HardRule? Against(PlanState plan, int slot, Use use)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(use);
        var day = plan.Problem.Slots[slot].Day;
        // The same idea may lie there that day with other adults beside it.
        var here =
            plan.Problem.UsesOfBlock[use.BlockIndex].FirstOrDefault(u => u.IdeaIndex == use.IdeaIndex && u.OnDay[day])
            ?? use;
        return All.FirstOrDefault(r => !r.Allows(plan, slot, here));
    }

    /// <summary>Every row of every rule.</summary>
    public static IEnumerable<RuleRow> RowsOf(WeekWays ways) => All.SelectMany(r => r.Rows(ways));

    /// <summary>Whether the rule lets a use lie in a slot beside what else lies in the week.</summary>
    public virtual bool Allows(PlanState plan, int slot, Use use) => true;

    /// <summary>What stands against a use in a slot, where <see cref="Allows"/> says that it may not lie there.</summary>
    public virtual Said Why(PlanState plan, int slot, Use use) => $"a rule keeps it out";

    /// <summary>Its rows.</summary>
    public abstract IEnumerable<RuleRow> Rows(WeekWays ways);

    /// <summary>Where no plan of a week can keep it, as can be seen before any search.</summary>
    public virtual IEnumerable<Impossible> CannotHold(WeekProblem problem) => [];

    /// <summary>Where a plan breaks it, each with its way out.</summary>
    public virtual IEnumerable<Impossible> Broken(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (problem, state) = (plan.Problem, plan.State);
        return from s in Enumerable.Range(0, problem.Slots.Count)
            where state.Uses[s] >= 0
            let use = problem.Uses[state.Uses[s]]
            where !Allows(state, s, use)
            select new Impossible(
                $"{use.Idea.Title} may lie in {Where(problem, s)}",
                Why(state, s, use),
                $"{FromTheBench}, or move it to another day"
            );
    }

    /// <summary>A place in words.</summary>
    protected static Said Where(WeekProblem problem, int slot) =>
        $"{problem.Blocks[problem.Slots[slot].Block].Name} on {problem.Days[problem.Slots[slot].Day].Day}";
}
