using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Rules.Hard;

namespace Nido.Core.Week.Problem;

/// <summary>Finds in which blocks and on which days an idea may lie, who works there at which step, and what it
/// takes.</summary>
/// <param name="problem">The week, with its days and children.</param>
internal sealed class UseFinder(WeekProblem problem)
{
    private readonly WeekInput input = problem.Input;
    private readonly ChildrenGroup group = problem.Group;
    private readonly DateOnly day = problem.FirstDay;
    private readonly HelpManner[] manners = [.. problem.Group.Children.Select(c => problem.Input.Ways.For(c).Help)];
    private readonly bool[][][] there =
    [
        .. problem.Days.Select((_, d) => problem.Blocks.Select((_, b) => problem.Attendance.In(d, b)).ToArray()),
    ];
    private readonly Ladder? touch = problem.Input.Ladders.GetValueOrDefault("touch");

    /// <summary>An idea in a block, on the days where safety treats it alike.</summary>
    internal sealed record Found(
        int IdeaIndex,
        int BlockIndex,
        bool[] Days,
        ChildAtIdea[] Children,
        Wanted[] OnDay,
        IReadOnlyList<Finding> Cautions,
        int Adults
    );

    /// <summary>Where an idea may lie; where nowhere, the safety finding that keeps it out, or null where something
    /// else does.</summary>
    public (IReadOnlyList<Found> Found, Finding? KeptOut) Of(int ideaIndex) => Of(input.Ideas[ideaIndex], ideaIndex);

    /// <summary>As the other one, for an idea with other materials in it.</summary>
    public (IReadOnlyList<Found> Found, Finding? KeptOut) Of(Idea idea, int ideaIndex)
    {
        // What can be met at a step, what of it is kept out, and what it tells are worked out once for all blocks and
        // days.
        IReadOnlyList<HandledThing>[] things = [.. idea.Steps.Select(step => input.Safety.Things(idea, step, group))];
        IReadOnlyList<Hazard>[] hazards = [.. things.Select(t => input.Safety.Hazards(idea, t, group, day))];
        var found = new List<Found>();
        Finding? bar = null;
        for (var b = 0; b < problem.Blocks.Count; b++)
        {
            var block = problem.Blocks[b];
            foreach (
                var (days, keptOut) in idea.Technique.Blocks.Contains(block.Kind) ? DaysAlike(idea, hazards, b) : []
            )
            {
                var children = Whom(idea, keptOut);
                bar ??= children.Select(c => c.KeptOutBy).FirstOrDefault(f => f is not null);
                var wanted = OnDays(idea, b, children);
                bool[] fit =
                [
                    .. days.Select(
                        (may, d) =>
                            may && wanted[d].Children.Any(c => c.InReach) && !wanted[d].Demand.Any(IsOutOfQuestion)
                    ),
                ];
                if (fit.Contains(true))
                {
                    found.AddRange(WithAdults(idea, ideaIndex, b, fit, things, hazards, children, wanted));
                }
            }
        }

        return (found, found.Count == 0 ? bar : null);
    }

    /// <summary>Who is there, day by day, and what they take.</summary>
    private Wanted[] OnDays(Idea idea, int b, ChildAtIdea[] children)
    {
        var alike = new Dictionary<string, Wanted>();
        Wanted Of(int day)
        {
            var present = there[day][b];
            var key = string.Concat(present.Select(p => p ? 'x' : '-'));
            if (!alike.TryGetValue(key, out var known))
            {
                ChildAtIdea[] who = [.. children.Where((_, c) => present[c])];
                alike[key] = known = new(
                    who,
                    present,
                    who.Any(c => c.InReach) ? Demand.Of(idea, problem.Blocks[b], who) : []
                );
            }

            return known;
        }

        return [.. problem.Days.Select((_, d) => Of(d))];
    }

    /// <summary>
    /// An idea on the days on which it asks the same number of adults beside it: a rule that asks one for the youngest
    /// asks nobody
    /// on the days they stay at home.
    /// </summary>
    private IEnumerable<Found> WithAdults(
        Idea idea,
        int ideaIndex,
        int b,
        bool[] days,
        IReadOnlyList<HandledThing>[] things,
        IReadOnlyList<Hazard>[] hazards,
        ChildAtIdea[] children,
        Wanted[] wanted
    )
    {
        var steps = WeekProblem.StepsInUse(idea, children);
        var told = input.Safety.Telling(
            idea,
            idea.Steps.Zip(things).Where(x => steps.Contains(x.First)).SelectMany(x => x.Second),
            problem.Blocks[b],
            group,
            day
        );
        Hazard[] met = [.. idea.Steps.Zip(hazards).Where(x => steps.Contains(x.First)).SelectMany(x => x.Second)];
        // Only what asks for an adult can tell days apart here.
        Hazard[] asking = [.. told.Where(h => h.Rule.Adults > 0)];
        IReadOnlyList<Finding> On(int d) =>
            asking.Length == 0 ? [] : input.Safety.Present(idea, asking, group, problem.Days[d].Date, there[d][b]);
        return Enumerable
            .Range(0, days.Length)
            .Where(d => days[d])
            .GroupBy(d => Math.Max(idea.Technique.Adults, SafetyCheck.AdultsAsked(met, On(d), there[d][b])))
            .Select(same => new Found(
                ideaIndex,
                b,
                [.. days.Select((_, d) => same.Contains(d))],
                children,
                wanted,
                input.Safety.Present(
                    idea,
                    told,
                    group,
                    problem.Days[same.First()].Date,
                    [.. group.Children.Select((_, c) => same.Any(d => there[d][b][c]))]
                ),
                same.Key
            ));
    }

    /// <summary>
    /// So much more than there is, or can be made, of something that no shop sells that asking families would not help.
    /// A little short
    /// is left to the teacher: to ask, to share, or to swap.
    /// </summary>
    private bool IsOutOfQuestion(DemandLine line) =>
        !line.Material.IsSold
        && input.Recipes.All(r => r.Makes != line.Material.Id)
        && line.Amount
            > 1.5
                * (
                    input.OnHand.GetValueOrDefault(line.Material.Id) + input.Chains.Most(line.Material.Id, input.OnHand)
                );

    /// <summary>
    /// The days an idea may lie in a block, those on which safety keeps out the same children taken together: who is
    /// in the room decides. Finding by step and child.
    /// </summary>
    private IEnumerable<(bool[] Days, Finding?[][] KeptOut)> DaysAlike(
        Idea idea,
        IReadOnlyList<Hazard>[] hazards,
        int b
    )
    {
        bool[] fit = [.. problem.Days.Select((_, d) => DayRule.OthersHold(problem, idea, b, d))];
        if (!fit.Contains(true))
        {
            return [];
        }

        if (hazards.All(h => h.Count == 0))
        {
            return [(fit, [.. hazards.Select(_ => new Finding?[problem.ChildCount])])];
        }

        return Enumerable
            .Range(0, fit.Length)
            .Where(d => fit[d])
            .Select(d => (Day: d, KeptOut: KeptOut(idea, hazards, b, d)))
            .GroupBy(x => string.Concat(x.KeptOut.SelectMany(step => step.Select(f => f is null ? '-' : 'x'))))
            .Select(g => ((bool[])[.. fit.Select((_, d) => g.Any(x => x.Day == d))], g.First().KeptOut));
    }

    private Finding?[][] KeptOut(Idea idea, IReadOnlyList<Hazard>[] hazards, int b, int onDay) =>
        [
            .. hazards.Select(h =>
                input.Safety.KeptOut(idea, h, problem.Blocks[b], group, problem.Days[onDay].Date, there[onDay][b])
            ),
        ];

    /// <summary>The step each child is offered among those safety allows.</summary>
    private ChildAtIdea[] Whom(Idea idea, Finding?[][] keptOut)
    {
        var ladder = input.Ladders[idea.Technique.Ladder];
        Prerequisite[] needs = [.. ladder.Needs, .. input.Ways.Needs(ladder.Id)];
        string?[] feels = [.. idea.Steps.Select(s => s.Feel(idea.Technique.Actions))];
        return
        [
            .. group.Children.Select(
                (child, c) =>
                {
                    int[] safe = [.. Enumerable.Range(0, idea.Steps.Count).Where(s => keptOut[s][c] is null)];
                    var waits = safe.ToDictionary(s => s, s => NotReady(child, idea.Steps[s].Number, needs, feels[s]));
                    StepOffer? Among(IEnumerable<int> steps) =>
                        input.Evidence.Offer(
                            child,
                            ladder,
                            day,
                            steps.Select(s => ladder.Steps[idea.Steps[s].Number - 1]),
                            manners[c]
                        );
                    var offer = Among(safe.Where(s => waits[s] is null));
                    var otherwise = waits.Values.All(w => w is null) ? offer : Among(safe);
                    return new ChildAtIdea(child, offer, offer is null && safe.Length == 0 ? keptOut[0][c] : null)
                    {
                        // Only what would be offered now, were it not for the earlier strand, is worth a word.
                        Waits =
                            otherwise is { Fit: > 0 } && otherwise.Step != offer?.Step
                                ? waits.First(w => idea.Steps[w.Key].Number == otherwise.Step).Value
                                : null,
                    };
                }
            ),
        ];
    }

    private NotReady? NotReady(Child child, int step, Prerequisite[] needs, string? feel) =>
        Readiness.Of(child, step, needs, day, input.Evidence, input.Ladders)
        ?? (touch is null ? null : Readiness.ForTouch(child, step, feel, touch, day, input.Evidence));
}
