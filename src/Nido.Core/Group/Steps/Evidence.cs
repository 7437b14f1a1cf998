namespace Nido.Core.Group.Steps;

/// <summary>
/// What is known of the children of a group: beliefs from age, what was seen and what adults know, and the steps they
/// chose.
/// Beliefs are worked out once for each child and ladder.
/// </summary>
/// <param name="observations">In the order they were made.</param>
/// <param name="chosen">Steps chosen by adults, in the order they were chosen; the last of a child and ladder
/// counts.</param>
/// <param name="on">The day asked about.</param>
public sealed class Evidence(IReadOnlyList<Observation> observations, IReadOnlyList<ChosenStep> chosen, DateOnly on)
{
    /// <summary>Spread of the belief where an adult says where a child is, in months.</summary>
    public const double KnownSpread = 4;

    private readonly ILookup<(string, string), Observation> seen = observations.ToLookup(o => (o.ChildId, o.Ladder));
    private readonly Dictionary<(string, string), ChosenStep> chosen = chosen
        .GroupBy(c => (c.ChildId, c.Ladder))
        .ToDictionary(g => g.Key, g => g.Last());
    private readonly System.Collections.Concurrent.ConcurrentDictionary<(string, string), AbilityBelief> beliefs =
        new();
    private readonly AbilityBelief prior = AbilityBelief.FromAge();

    /// <summary>Nothing seen and nothing chosen: all from age.</summary>
    public static Evidence None { get; } = new([], [], DateOnly.MinValue);

    /// <summary>Whether anything was seen or said of a child on a ladder.</summary>
    public bool IsSeen(string childId, string ladder) =>
        seen.Contains((childId, ladder)) || chosen.ContainsKey((childId, ladder));

    /// <summary>What was seen of a child on a ladder, in the order it was seen.</summary>
    public IReadOnlyList<Observation> Seen(string childId, string ladder) =>
        [.. seen[(childId, ladder)].OrderBy(o => o.On).ThenBy(o => o.Id)];

    /// <summary>Everything seen, in the order it was written down.</summary>
    public IReadOnlyList<Observation> Observations => observations;

    /// <summary>Every step adults chose, one a child and ladder.</summary>
    public IReadOnlyList<ChosenStep> AllChosen => [.. chosen.Values];

    /// <summary>What children are working towards.</summary>
    public IReadOnlyList<Objective> Objectives { get; init; } = [];

    /// <summary>How long a child stays at work of its own choice.</summary>
    public OwnMinutes Own(string childId) =>
        OwnMinutes.Of([
            .. observations.Where(o => o.ChildId == childId && o.Minutes is > 0).Select(o => o.Minutes!.Value),
        ]);

    /// <summary>The step an adult has chosen, or null.</summary>
    public ChosenStep? Chosen(string childId, string ladder) => chosen.GetValueOrDefault((childId, ladder));

    /// <summary>The belief of a child on a ladder.</summary>
    /// <param name="child">The child.</param>
    /// <param name="ladder">The ladder.</param>
    public AbilityBelief Belief(Group.Child child, Ladder ladder)
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(ladder);
        return IsSeen(child.Id, ladder.Id)
            ? beliefs.GetOrAdd((child.Id, ladder.Id), _ => Believe(child, ladder))
            : prior;
    }

    /// <summary>The step offered: the highest allowed one up to what an adult chose, else what is just right by
    /// belief.</summary>
    /// <param name="child">The child.</param>
    /// <param name="ladder">The ladder.</param>
    /// <param name="day">For the age.</param>
    /// <param name="allowed">Steps the cupboard can equip and safety allows.</param>
    /// <param name="manner">When help comes.</param>
    public StepOffer? Offer(
        Group.Child child,
        Ladder ladder,
        DateOnly day,
        IEnumerable<LadderStep> allowed,
        HelpManner manner = HelpManner.LeastThatWorks
    )
    {
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(ladder);
        var belief = Belief(child, ladder);
        if (Chosen(child.Id, ladder.Id) is not { } step)
        {
            return JustRight.Offer(belief, child.MonthsOn(day), allowed, manner);
        }

        LadderStep[] all = [.. allowed];
        var nearest = all.Where(s => s.Number <= step.Step).MaxBy(s => s.Number) ?? all.MinBy(s => s.Number);
        return nearest is null
            ? null
            : JustRight.At(belief, child.MonthsOn(day), nearest, chosen: step.Step, manner: manner);
    }

    /// <summary>
    /// From the prior, or from where an adult says the child is, through what was seen since: only the first try of a
    /// step on a day, different steps multiplied, the spread growing with the weeks between.
    /// </summary>
    private AbilityBelief Believe(Group.Child child, Ladder ladder)
    {
        var known = Chosen(child.Id, ladder.Id) is { KnowsBetter: true } c ? c : null;
        var belief = known is null
            ? prior
            : AbilityBelief.Normal(
                AgeScale.Of(ladder.Steps[known.Step - 1].TypicalMonths) - AgeScale.Of(child.MonthsOn(known.On)),
                KnownSpread
            );
        var last = known?.On;
        var firsts = Seen(child.Id, ladder.Id)
            .Where(o => known is null || o.On >= known.On)
            .GroupBy(o => (o.On, o.Step))
            .Select(g => g.First());
        foreach (var o in firsts)
        {
            belief = last is { } before ? belief.Later((o.On.DayNumber - before.DayNumber) / 7.0) : belief;
            belief = belief.After(o.Help, ladder.Steps[o.Step - 1].TypicalMonths, child.MonthsOn(o.On));
            last = o.On;
        }

        return last is { } end && end < on ? belief.Later((on.DayNumber - end.DayNumber) / 7.0) : belief;
    }
}
