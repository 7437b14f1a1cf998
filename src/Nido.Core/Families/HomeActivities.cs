using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Reading;

namespace Nido.Core.Families;

/// <summary>
/// Chooses what a family can do at home: household things only, kept to what the safety rules let the child meet, at its step,
/// towards what fell short in the week or what it is working on, no two of one ladder, never the same two weeks running.
/// </summary>
public static class HomeActivities
{
    /// <summary>On a page, at most.</summary>
    public const int Most = 4;

    // What a strand counts for: any, one the week misses, the one of an objective, and a share that is short.
    private const double Any = 1;
    private const double Missed = 2;
    private const double Objective = 3;
    private const double Short = 4;

    /// <summary>Below this part of an even share an aim is named as the reason.</summary>
    private const double ShortFrom = 0.95;

    /// <summary>The activities of a page, most useful first.</summary>
    /// <param name="plan">The week.</param>
    /// <param name="theme">Its theme, for its words.</param>
    /// <param name="techniques">Every way of working.</param>
    /// <param name="kinds">What a family can tick of its home.</param>
    /// <param name="child">Whom the page is for; null for every family of the group.</param>
    /// <param name="most">How many at most.</param>
    /// <param name="things">Only those that take a thing, for a bag.</param>
    /// <param name="weekOf">The week it is done in; the plan's own where null.</param>
    public static IReadOnlyList<HomeActivity> For(
        WeekPlan plan,
        Theme theme,
        IReadOnlyList<Technique> techniques,
        IReadOnlyList<HomeKind> kinds,
        Child? child,
        int most = Most,
        DateOnly? weekOf = null,
        bool things = false
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(theme);
        ArgumentNullException.ThrowIfNull(techniques);
        ArgumentNullException.ThrowIfNull(kinds);
        var children = child is null ? plan.Problem.Group.Children : [child];
        var has = Has(kinds, child);
        var needs = NeedOfStrand.Of(plan, children);
        var weight = Strand.All.ToDictionary(s => s.Id, s => Any + needs[s.Id].Weight);
        var left = OfTheWeek(techniques, weekOf ?? plan.Problem.FirstDay)
            .Select(t => (Technique: t, Things: HomeUse.Of(t.Home!, has)))
            .Where(x => x.Things is not null && (!things || x.Things.Any(u => u.Thing.Like is not null)))
            .Select(x => (x.Technique, x.Things, Cautions: Cautions(plan, x.Technique, x.Things!, children)))
            .Where(x => x.Cautions is not null)
            .ToDictionary(x => x.Technique, x => (Things: x.Things!, Cautions: x.Cautions!));
        var chosen = new List<HomeActivity>();
        while (chosen.Count < most && left.Count > 0)
        {
            var best = left
                .Keys.OrderByDescending(t => Score(t, weight))
                .ThenBy(t => t.Id, StringComparer.Ordinal)
                .First();
            chosen.Add(
                Of(plan, theme, best, child, needs) with
                {
                    Things = left[best].Things,
                    Mind = left[best].Cautions,
                }
            );
            foreach (var same in left.Keys.Where(t => t.Ladder == best.Ladder).ToArray())
            {
                left.Remove(same);
            }

            // What is practised once is wanted half as much.
            foreach (var strand in best.Strands.Keys)
            {
                weight[strand] /= 2;
            }
        }

        return chosen;
    }

    /// <summary>Those whose turn it is: of each ladder every second one, the others the week after, so that no page asks
    /// again what the last one asked.</summary>
    public static IEnumerable<Technique> OfTheWeek(IEnumerable<Technique> techniques, DateOnly monday)
    {
        var week = monday.DayNumber / 7;
        return techniques
            .Where(t => t.Home is not null)
            .GroupBy(t => t.Ladder)
            .OrderBy(g => g.Key, StringComparer.Ordinal)
            .SelectMany(
                (g, ladder) =>
                    g.OrderBy(t => t.Id, StringComparer.Ordinal).Where((_, i) => (i + ladder + week) % 2 == 0)
            );
    }

    /// <summary>Kinds of thing a home has: as the family ticked them, else what a usual home has.</summary>
    public static IReadOnlySet<string> Has(IReadOnlyList<HomeKind> kinds, Child? child) =>
        child?.AtHome.Things?.ToHashSet() ?? kinds.Where(k => k.IsUsual).Select(k => k.Id).ToHashSet();

    /// <summary>What the safety rules say of its things and of what is done, for each child alone with its family
    /// and the youngest one there; null where one of them keeps it away.</summary>
    private static InBoth[]? Cautions(
        WeekPlan plan,
        Technique technique,
        IReadOnlyList<HomeUse> uses,
        IReadOnlyList<Child> children
    )
    {
        var found = SafeAtHome.Findings(plan, uses.Select(u => u.Thing.Like), technique.Actions, children);
        return found.Any(f => f.Rule.Severity == Severity.Block) ? null : SafeAtHome.Cautions(found);
    }

    private static double Score(Technique technique, Dictionary<string, double> weight) =>
        technique.Strands.Sum(s => s.Value * weight[s.Key]);

    private static HomeActivity Of(
        WeekPlan plan,
        Theme theme,
        Technique technique,
        Child? child,
        IReadOnlyDictionary<string, NeedOfStrand> needs
    )
    {
        var ladder = plan.Problem.Input.Ladders[technique.Ladder];
        var steps = technique.Steps.Select(s => ladder.Steps[s.Step - 1]).ToArray();
        var offer = child is null
            ? null
            : plan.Problem.Input.Evidence.Offer(child, ladder, plan.Problem.FirstDay, steps);
        var at = offer is null ? null : technique.Steps.First(s => s.Step == offer.Step);
        return new(
            technique,
            theme.Fill(technique.Home!.Do),
            at is null ? null : new(offer!.Of, theme.Fill(at.Easier), theme.Fill(at.Harder)),
            offer is null ? null : ladder.Steps.FirstOrDefault(s => s.Number == offer.Step + 1),
            technique
                .Strands.OrderByDescending(s => s.Value * needs[s.Key].Weight)
                .Select(s => needs[s.Key])
                .First()
                .Why
        );
    }

    /// <summary>How much a strand is wanted at home, and why.</summary>
    private sealed record NeedOfStrand(double Weight, Said Why)
    {
        public static Dictionary<string, NeedOfStrand> Of(WeekPlan plan, IReadOnlyList<Child> children)
        {
            var all = plan.Problem.Group.Children.Select((c, i) => (Child: c, At: i)).ToArray();
            int[] at = [.. all.Where(x => children.Contains(x.Child)).Select(x => x.At)];
            var missing = at.SelectMany(c => StrandsMissing.Of(plan, c)).ToLookup(s => s.Id);
            var objectives = plan
                .Problem.Input.Evidence.Objectives.Where(o => children.Any(c => c.Id == o.ChildId))
                .ToLookup(o => plan.Problem.Input.Ladders[o.Ladder].Strand.Id);
            return Strand.All.ToDictionary(s => s.Id, s => One(plan, at, s, missing[s.Id].Count(), objectives));
        }

        private static NeedOfStrand One(
            WeekPlan plan,
            int[] at,
            Strand strand,
            int missed,
            ILookup<string, Group.Steps.Objective> objectives
        )
        {
            var many = Math.Max(1, at.Length);
            var share = at.Length == 0 ? 1 : at.Average(c => ShareOf(plan, c, strand.Aim));
            var towards = objectives[strand.Id].ToArray();
            var weight =
                (Missed * missed / many) + (Objective * towards.Length / many) + (Short * Math.Max(0, 1 - share));
            var name = Said.Word(strand.Words);
            return new(
                weight,
                towards.Length > 0
                        ? $"towards an objective: {plan.Problem.Input.Ladders[towards[0].Ladder].Steps[towards[0].Step - 1].Name}"
                    : missed > 0 && many == 1 ? $"{name}: not met this week"
                    : missed > 0 ? $"{name}: not met this week by {missed} of {many} children"
                    : share < ShortFrom ? (Said)$"{name}: its aim has {100 * share:0}% of an even share this week"
                    : $"{name}, as in the week"
            );
        }

        private static double ShareOf(WeekPlan plan, int child, Aim aim)
        {
            var k = (child * 4) + (int)aim;
            return plan.Problem.EvenShare[k] == 0
                ? 1
                : Math.Min(1, (double)plan.State.Dose[k] / plan.Problem.EvenShare[k]);
        }
    }
}
