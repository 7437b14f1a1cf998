using Nido.Core;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data.Formats;

namespace Nido.Web.Week;

/// <summary>Ideas as the screens read them.</summary>
public static class IdeaReading
{
    /// <summary>Every idea of the week, those already placed first.</summary>
    public static IReadOnlyList<IdeaName> List(WeekPlan plan)
    {
        var placed = plan.Filled.GroupBy(f => f.Use.IdeaIndex).ToDictionary(g => g.Key, g => g.Count());
        return
        [
            .. plan
                .Problem.Uses.GroupBy(u => u.IdeaIndex)
                .Select(g =>
                {
                    var idea = g.First().Idea;
                    int[] steps =
                    [
                        .. g.SelectMany(u => u.Fullest.Children)
                            .Where(c => c.InReach)
                            .Select(c => c.Offer!.Step)
                            .Order(),
                    ];
                    return new IdeaName(
                        idea.Id,
                        idea.Title,
                        idea.Technique.Name,
                        idea.Technique.Id,
                        idea.Lead?.Name,
                        idea.Technique.AimShares(),
                        [.. g.Select(u => u.Block.Id)],
                        idea.Technique.Minutes,
                        idea.Technique.Mess,
                        steps[0],
                        steps[^1],
                        g.Max(u => u.Fullest.InReach),
                        plan.Problem.ChildCount,
                        placed.GetValueOrDefault(g.Key),
                        [.. idea.Technique.Strands.Where(s => s.Value >= StrandShows).Select(s => s.Key)],
                        [
                            .. idea
                                .Steps.SelectMany(s => s.Bindings.Values)
                                .Select(b => b.Material)
                                .DistinctBy(m => m.Id)
                                .Select(m => (Said)m.Name),
                        ],
                        [.. g.Select(u => u.Block.Kind).Distinct()],
                        Typical(plan, idea).Min(),
                        Typical(plan, idea).Max(),
                        g.Any(u =>
                            u.Fullest.Demand.All(d =>
                                plan.Problem.Input.OnHand.GetValueOrDefault(d.Material.Id) >= d.Amount
                            )
                        )
                    );
                })
                .OrderByDescending(i => i.PlacedTimes > 0)
                .ThenBy(i => Common.Speaking.Now.Speak(i.Title), StringComparer.Ordinal)
                .ThenBy(i => i.IdeaId, StringComparer.Ordinal),
        ];
    }

    /// <summary>A strand of at least this share of an idea, percent, is one of those it is looked for by.</summary>
    private const int StrandShows = 15;

    /// <summary>Ages at which half of children manage its steps, months.</summary>
    private static IEnumerable<int> Typical(WeekPlan plan, Idea idea) =>
        idea.Steps.Select(s => plan.Problem.Input.Ladders[idea.Technique.Ladder].Steps[s.Number - 1].TypicalMonths);

    /// <summary>The card of an idea in a block: of a day with those who are there, else of the day with most of
    /// them.</summary>
    public static IdeaCard Card(WeekPlan plan, Use use, int? day = null)
    {
        ArgumentNullException.ThrowIfNull(use);
        var on = day is { } that ? use.On(that) : use.Fullest;
        var idea = use.Idea;
        var technique = idea.Technique;
        var ladder = plan.Problem.Input.Ladders[technique.Ladder];
        var inUse = WeekProblem.StepsInUse(idea, on.Children);
        return new(
            idea.Id,
            idea.Title,
            technique.Name,
            technique.Ladder,
            idea.Lead?.Name,
            technique.AimShares(),
            [
                .. technique
                    .Strands.Select(s => new StrandShare(s.Key, Strand.Find(s.Key)!.Aim, s.Value))
                    .OrderByDescending(s => s.Percent),
            ],
            use.Block.Id,
            use.Block.Name,
            technique.Minutes,
            technique.MinutesWritten,
            technique.CleanUpMinutes,
            technique.Mess,
            $"{technique.HandLoad}".ToLowerInvariant(),
            use.Adults,
            [.. technique.Instructions.Select(idea.Theme.Fill)],
            [.. inUse.Select(s => Step(plan, s, ladder.Steps[s.Number - 1], use, on))],
            [.. on.Children.Where(c => !c.InReach).Select(c => Who(plan, use, c))],
            [
                .. on.Demand.Select(d => new QuantityView(
                    d.Material.Id,
                    d.Material.Name,
                    CupboardCsv.UnitName(d.Material.Unit),
                    d.Amount,
                    plan.Problem.Input.OnHand.GetValueOrDefault(d.Material.Id),
                    d.Trace
                )),
            ],
            [.. use.Cautions.Select(CautionView.Of)],
            [.. plan.Problem.Input.Ways.Cues(technique).Select(c => new CueView(c.At, idea.Theme.Fill(c.Say)))],
            TalkOf(use),
            [
                .. Demand
                    .Kits(idea, on.Children)
                    .Select(k => new KitView(
                        k.Step,
                        k.Expected,
                        k.Count,
                        [
                            .. k.Holds.Select(h =>
                                (Said)
                                    $"{h.Each:0.##} {Said.Word(CupboardCsv.UnitName(h.Material.Unit))} {h.Material.Name}"
                            ),
                        ],
                        NamesOf(plan, k.Holds.SelectMany(h => plan.Problem.Input.Safety.Holds.Of(h.Material).Allergens))
                    )),
            ],
            [
                .. idea.PrepIn(plan.Problem.Group.Settings)
                    .Select(p =>
                        (Said)$"{idea.Theme.Fill(p.What)}, {p.Minutes} min{Said.When(p.AdultOnly, $", adult only")}"
                    ),
            ],
            [.. technique.Signs.Select(s => new GoesWrongView(s.Id, s.Seen, s.Change))]
        );
    }

    /// <summary>Allergens as they stand on a sign, each once, in both languages.</summary>
    public static IReadOnlyList<AllergenName> NamesOf(WeekPlan plan, IEnumerable<Core.Safety.HeldAllergen> held)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var book = plan.Problem.Input.Safety.Book;
        return
        [
            .. held.OrderBy(h => h.How)
                .DistinctBy(h => h.Allergen)
                .Select(h => new AllergenName(
                    h.Allergen,
                    h.How,
                    book.NameOf(h.Allergen),
                    book.NameOf(h.Allergen, "es")
                )),
        ];
    }

    /// <summary>What would serve instead, as the screens read it.</summary>
    public static InsteadView? InsteadOf(WeekPlan plan, Instead? instead)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (instead is null)
        {
            return null;
        }

        var place = instead.Slot is { } slot ? plan.Problem.Slots[slot] : (Slot?)null;
        return new(
            instead.Use.Idea.Id,
            instead.Use.Idea.Title,
            instead.Use.Idea.Lead?.Name,
            instead.SameWork,
            instead.SameLadder,
            place?.Day,
            place is { } p ? plan.Problem.Days[p.Day].Date : null,
            place is { } b ? plan.Problem.Blocks[b.Block].Id : null,
            place is { } n ? plan.Problem.Blocks[n.Block].Name : null,
            place?.Offer
        );
    }

    private static StepView Step(WeekPlan plan, IdeaStep step, LadderStep rung, Use use, UseOnDay on) =>
        new(
            step.Number,
            rung.Name,
            step.Do,
            step.Say,
            step.Easier,
            step.Harder,
            step.Seen,
            rung.Size?.InWords,
            WordsForStep.Of(use.Idea.Technique.Ladder, step.Number, plan.Problem.Input.Words.Value, use.Idea.Theme),
            [
                .. step.Bindings.Select(b => new BoundView(
                    Said.Word(b.Key),
                    b.Value.Material.Id,
                    b.Value.Material.Name,
                    b.Value.Score,
                    b.Value.Reasons
                )),
                .. step
                    .Left.Where(_ =>
                        on.Children.Any(c =>
                            c.InReach && c.Offer!.Step == step.Number && c.Child.Hand == Core.Group.Hand.Left
                        )
                    )
                    .Select(b => new BoundView(
                        $"{Said.Word(b.Key)}, {Said.Word("left hand")}",
                        b.Value.Material.Id,
                        b.Value.Material.Name,
                        b.Value.Score,
                        b.Value.Reasons
                    )),
            ],
            [.. on.Children.Where(c => c.InReach && c.Offer!.Step == step.Number).Select(c => Who(plan, use, c))],
            SetUpView.Of(plan, use.Idea, step)
        );

    private static WhoView Who(WeekPlan plan, Use use, ChildAtIdea at)
    {
        var input = plan.Problem.Input;
        var technique = use.Idea.Technique;
        var objective = input.Evidence.Objectives.FirstOrDefault(o =>
            o.ChildId == at.Child.Id && o.Ladder == technique.Ladder
        );
        IReadOnlyList<Said> why = at.KeptOutBy is { } f
            ? [f.Rule.Message, $"Source: {Said.Word(f.Rule.Source)}"]
            : at.Offer?.Trace ?? [];
        return new(
            at.Child.Id,
            at.Child.Name,
            Percent(at.Offer?.Alone ?? 0),
            at.Offer?.Help,
            Math.Round(at.Fit, 2),
            why,
            at.Waits is { } w ? (Said)$"Step {w.Step} waits. {w.Reason}" : null,
            [.. Supports.At(at, technique)],
            // Only what differs for this child; the group's lines stand on the card already.
            at.Child.Ways.Count == 0
                ? []
                :
                [
                    .. input
                        .Ways.For(at.Child)
                        .Cues(technique)
                        .Except(input.Ways.Cues(technique))
                        .Select(c => (Said)use.Idea.Theme.Fill(c.Say)),
                ],
            objective is null
                ? null
                : new(objective.Step, input.Ladders[objective.Ladder].Steps[objective.Step - 1].Name, objective.By)
        );
    }

    /// <summary>What is said and read: at a circle the theme's greeting, rhyme and books, elsewhere words to use and a
    /// question.</summary>
    private static TalkView TalkOf(Use use)
    {
        var theme = use.Idea.Theme;
        return use.Block.Kind == Core.Group.BlockKind.Circle
            ? new(
                [.. theme.Sayings.Select(s => (Said)s)],
                [.. theme.Questions.Select(q => (Said)q)],
                theme.Greeting,
                theme.Farewell,
                [.. theme.Rhyme.Select(l => (Said)l)],
                [.. theme.Books],
                theme.Story
            )
            : new(
                [.. theme.Sayings.Select(s => (Said)s)],
                [.. theme.Questions.Skip(use.TechniqueIndex % theme.Questions.Count).Take(1).Select(q => (Said)q)],
                null,
                null,
                [],
                [],
                null
            );
    }

    private static int Percent(double share) => (int)Math.Round(100 * share);
}
