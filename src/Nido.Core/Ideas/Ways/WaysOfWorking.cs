using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Making;

namespace Nido.Core.Ideas.Ways;

/// <summary>How a group works: its choice in each difference, and what follows for cards, steps and plan.</summary>
/// <param name="differences">All there are.</param>
/// <param name="chosen">Choice by difference; one left out is the first.</param>
public sealed class WaysOfWorking(IReadOnlyList<Difference> differences, IReadOnlyDictionary<string, string> chosen)
{
    // Tags of what is worked with, not on: a preference for small or real tools is about these roles only.
    private static readonly HashSet<string> Tools =
    [
        "tongs",
        "tweezers",
        "spoon",
        "scoop",
        "dropper",
        "scissors",
        "punch",
        "brush",
        "marker",
        "broom",
        "cloth",
    ];

    private readonly DifferenceChoice[] choices = [.. differences.Select(d => Choice(d, chosen))];
    private readonly Effect[] effects = [.. differences.SelectMany(d => Choice(d, chosen).Effects)];

    /// <summary>No differences at all.</summary>
    public static WaysOfWorking None { get; } = new([], new Dictionary<string, string>());

    /// <summary>The choice of each difference.</summary>
    public IEnumerable<(Difference Difference, DifferenceChoice Choice)> Chosen => differences.Zip(choices);

    /// <summary>The letter of the week is written small.</summary>
    public bool SmallLetters => effects.Any(e => e.SmallLetters);

    /// <summary>The choice of a difference by its id, or null where there is no such difference.</summary>
    public string? ChoiceOf(string difference) => Chosen.FirstOrDefault(c => c.Difference.Id == difference).Choice?.Id;

    /// <summary>The ways with those a child has of its own.</summary>
    public WaysOfWorking For(Child child)
    {
        ArgumentNullException.ThrowIfNull(child);
        string[] own = [.. differences.Where(d => d.OfChild && child.Ways.ContainsKey(d.Id)).Select(d => d.Id)];
        return own.Length == 0
            ? this
            : new(
                differences,
                chosen
                    .Where(c => !own.Contains(c.Key))
                    .Concat(child.Ways.Where(w => own.Contains(w.Key)))
                    .ToDictionary()
            );
    }

    /// <summary>When help comes.</summary>
    public HelpManner Help =>
        effects.Select(e => e.Help).FirstOrDefault(h => h is not null) ?? HelpManner.LeastThatWorks;

    /// <summary>Lines for the cards of a technique, in the order they are read.</summary>
    public IEnumerable<Cue> Cues(Technique technique) =>
        choices.SelectMany(c => c.Cues).Where(c => c.Where.Meets(technique)).OrderBy(c => c.At);

    /// <summary>Points against a technique.</summary>
    public int CostOf(Technique technique) =>
        effects.Where(e => e.Cost > 0 && e.Where.Meets(technique)).Sum(e => e.Cost);

    /// <summary>Prerequisites of a ladder beyond its own.</summary>
    public IEnumerable<Prerequisite> Needs(string ladder) =>
        effects.Where(e => e.Needs?.Ladder == ladder).Select(e => e.Needs!.Value.Need);

    /// <summary>Why a technique is not offered, or null.</summary>
    public Said? KeptOut(Technique technique) =>
        Chosen
            .Where(c => c.Choice.Effects.Any(e => e.KeepsOut && e.Where.Meets(technique)))
            .Select(c => (Said)$"{c.Difference.Name}: {InSentence(c.Choice.Name)}. {c.Choice.Reason}")
            .FirstOrDefault();

    private static InBoth InSentence(InBoth name) => new(name.En.ToLowerInvariant(), name.Es.ToLowerInvariant());

    /// <summary>A technique as this group does it: steps passed over, tools preferred, preparation and sheets left out
    /// or added.</summary>
    public Technique Adapt(Technique technique)
    {
        ArgumentNullException.ThrowIfNull(technique);
        Effect[] met = [.. effects.Where(e => e.Where.Meets(technique))];
        int[] without =
        [
            .. met.Where(e => e.Without?.Ladder == technique.Ladder).SelectMany(e => e.Without!.Value.Steps),
        ];
        TechniqueStep[] steps = [.. technique.Steps.Where(s => !without.Contains(s.Step))];
        string[] prefer = [.. met.SelectMany(e => e.Prefer)],
            skip = [.. met.SelectMany(e => e.SkipPrep)];
        return technique with
        {
            // Passed over or not, something must be left to do.
            Steps = steps.Length > 0 ? steps : technique.Steps,
            Roles = prefer.Length == 0 ? technique.Roles : [.. technique.Roles.Select(r => Preferring(r, prefer))],
            // Where no line is drawn none is printed; where there are no sheets for children, cards and strips for all
            // still lie there.
            Paper =
            [
                .. technique.Paper.Where(p =>
                    !(skip.Contains("lines") && p.On is not null) && !(p.Each && ChoiceOf("sheets") == "none")
                ),
            ],
            Prep =
            [
                .. technique.Prep.Where(p => p.Kind is null || !skip.Contains(p.Kind)),
                .. met.Select(e => e.AddPrep).OfType<PrepNeed>(),
            ],
        };
    }

    private static Role Preferring(Role role, string[] tags) =>
        role.Needs.All.Concat(role.Needs.Any).Any(Tools.Contains)
            ? role with
            {
                Needs = role.Needs with { Prefer = [.. role.Needs.Prefer, .. tags] },
            }
            : role;

    private static DifferenceChoice Choice(Difference difference, IReadOnlyDictionary<string, string> chosen) =>
        chosen.TryGetValue(difference.Id, out var id)
        && difference.Choices.FirstOrDefault(c => c.Id == id) is { } choice
            ? choice
            : difference.Choices[0];
}
