using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Data.Rows;

namespace Nido.Data.Demo;

/// <summary>
/// The past of the invented house: six weeks that were planned and went as weeks go. What was seen is drawn from the
/// belief model itself, with an ability for each child and ladder that nobody is told.
/// </summary>
public sealed class DemoPast
{
    /// <summary>Weeks it has.</summary>
    public const int Weeks = 6;

    /// <summary>Spread of what a child can about its age, in months on the age scale.</summary>
    private const double Spread = 6;

    /// <summary>Changes that are tried to make a week fairer: enough for a past, far from what composing does.</summary>
    private const int Steps = 60_000;

    private static readonly string[] Themes = ["night-train", "under-the-hedge"];

    private static readonly string[] AloneNotes =
    [
        "Did the next one without being asked, then showed it to a neighbour.",
        "\u201cI did it all in one go!\u201d",
        "Slow and sure; the tongue helped.",
        "Found another way to hold it, and it worked.",
        "Wanted to take it home for the shelf.",
        "Counted aloud all the while.",
    ];

    private static readonly string[] ShownNotes =
    [
        "Watched twice, then the hands knew.",
        "Asked for the picture card and went by it.",
        "Laughed when it slipped, tried again at once.",
        "Went better on the floor than at the table.",
    ];

    private static readonly string[] HardNotes =
    [
        "Turned away after the second try; came back after the snack.",
        "Tired today. Worked on with larger ones instead.",
        "\u201cMy fingers don't want to.\u201d",
        "Needed a hand on the elbow, then the wrist was free.",
    ];

    private static readonly string[] DayNotes =
    [
        "Rain on the roof all morning: everyone wanted to listen. Kept the circle short.",
        "The scales were the talk of the day. Leave them out tomorrow.",
        "Too many at the paste table; three at a time is enough.",
    ];

    private static readonly string[] Lines =
    [
        "Again on Thursday, they asked for it.",
        "More cloths next time.",
        "Two tables would do better than one.",
        "The little ones only watched, and that was well.",
    ];

    private static readonly HowItWent[] Taps =
    [
        HowItWent.WithJoy,
        HowItWent.WithJoy,
        HowItWent.WithJoy,
        HowItWent.AllRight,
        HowItWent.AllRight,
        HowItWent.NotSo,
    ];

    private readonly SeededChance chance = new(7);
    private readonly Content content;
    private readonly ChildrenGroup group;
    private readonly Dictionary<(string, string), double> ability = [];

    private DemoPast(Content content, ChildrenGroup group) => (this.content, this.group) = (content, group);

    /// <summary>Monday of its first week; the last ends a fortnight before the week that is shown.</summary>
    public static DateOnly First { get; } = DemoScenario.Monday.AddDays(-7 * (Weeks + 2));

    /// <summary>Its weeks.</summary>
    public List<WeekRow> WeekRows { get; } = [];

    /// <summary>What was seen.</summary>
    public List<ObservationRow> Observations { get; } = [];

    /// <summary>Notes on days.</summary>
    public List<NoteRow> Notes { get; } = [];

    /// <summary>Rounds of games.</summary>
    public List<TallyRow> Tallies { get; } = [];

    /// <summary>How ideas went.</summary>
    public List<WentRow> Went { get; } = [];

    /// <summary>What was tried.</summary>
    public List<FollowUpRow> FollowUps { get; } = [];

    /// <summary>Drawings that were kept; their bytes are drawn by whoever has a pen.</summary>
    public List<PictureRow> Pictures { get; } = [];

    /// <summary>Abilities that were put in, by child and ladder, on the age scale: months beyond those of its age.</summary>
    public IReadOnlyDictionary<(string Child, string Ladder), double> Abilities => ability;

    /// <summary>The past of a group.</summary>
    /// <param name="content">The catalogue.</param>
    /// <param name="group">The Wren room.</param>
    /// <param name="newId">Makes opaque ids.</param>
    public static DemoPast Of(Content content, ChildrenGroup group, Func<string> newId)
    {
        ArgumentNullException.ThrowIfNull(content);
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(newId);
        var past = new DemoPast(content, group);
        for (var w = 0; w < Weeks; w++)
        {
            past.Live(w, newId());
        }

        past.Try();
        return past;
    }

    private void Live(int number, string weekId)
    {
        var monday = First.AddDays(7 * number);
        var theme = content.Theme(Themes[number / 2 % Themes.Length])!;
        var onHand = Core.Cupboard.Stock.OnHand(DemoScenario.Cupboard());
        var input = WeekInputs.Of(content, group, theme, monday, onHand) with { CameUp = Away() };
        var (problem, _) = WeekProblem.Build(input);
        var state = GreedyPlan.Of(problem);
        new LocalSearch(problem, new SeededChance(17)).Anneal(
            state,
            p => p.Score().Fair + p.Shares.Missing + p.Beyond(long.MaxValue, 0, long.MaxValue) / 1000,
            Steps,
            hot: 4_000,
            cold: 20,
            CancellationToken.None
        );
        List<Placement> placements =
        [
            .. from slot in Enumerable.Range(0, problem.Slots.Count)
            where state.Uses[slot] >= 0
            let at = problem.Slots[slot]
            select new Placement(
                at.Day,
                problem.Blocks[at.Block].Id,
                at.Offer,
                problem.Uses[state.Uses[slot]].Idea.Id,
                Locked: false
            ),
        ];
        var plan = new WeekPlan(problem, placements);
        WeekRows.Add(
            new()
            {
                Id = weekId,
                GroupId = group.Id,
                ThemeId = theme.Id,
                Monday = monday,
                Sliders = Sliders.Middle,
                Plan = placements,
                CameUp = [.. input.CameUp],
                Otherwise = [.. Otherwise(plan, number)],
            }
        );
        for (var day = 0; day < problem.Days.Count; day++)
        {
            Day(plan, day, weekId);
        }
    }

    private List<CameUp> Away() =>
        [
            .. group
                .Children.Where(_ => chance.Next(9) == 0)
                .Select(c => (Child: c, Day: chance.Next(5)))
                .Select(x => new CameUp(CameUpKind.ChildAway, x.Child.Id, x.Day, x.Day)),
        ];

    private IEnumerable<Otherwise> Otherwise(WeekPlan plan, int number)
    {
        var filled = plan.Filled.ToArray();
        for (var k = 0; k < 2 && filled.Length > 0; k++)
        {
            var (_, p, use) = filled[chance.Next(filled.Length)];
            yield return k == 0
                ? new(OtherwiseKind.LeftOut, p.Day, p.BlockId, p.Offer, null, null, "")
                : new(OtherwiseKind.CutShort, p.Day, p.BlockId, null, Math.Max(1, use.Block.Minutes / 2), null, "");
        }

        if (number == 2)
        {
            yield return new(
                OtherwiseKind.SomethingElse,
                3,
                plan.Problem.Blocks[^1].Id,
                null,
                null,
                null,
                "fire drill"
            );
        }
    }

    private void Day(WeekPlan plan, int day, string weekId)
    {
        var date = plan.Problem.Days[day].Date;
        foreach (var (_, placement, use) in plan.Filled.Where(f => f.Placement.Day == day))
        {
            var there = use.On(day).Children.Where(c => c.InReach && c.Offer is not null).ToArray();
            foreach (var at in there.Where(_ => chance.Next(6) == 0))
            {
                See(at.Child, use.Idea.Id, use.Idea.Technique.Ladder, at.Offer!.Step, date, use.Block.IsFreeChoice);
            }

            if (use.Idea.Technique.Approaches.Contains(Approach.Games) && there.Length > 0 && chance.Next(3) == 0)
            {
                Play(there[chance.Next(there.Length)].Child, use.Idea, date);
            }

            if (chance.Next(5) == 0)
            {
                Went.Add(
                    new()
                    {
                        WeekId = weekId,
                        Day = day,
                        IdeaId = use.Idea.Id,
                        How = Taps[chance.Next(Taps.Length)],
                        Minutes = chance.Next(2) == 0 ? use.Idea.Technique.Minutes + chance.Next(9) - 2 : null,
                        Line = chance.Next(3) == 0 ? Lines[chance.Next(Lines.Length)] : "",
                    }
                );
            }
        }

        if (chance.Next(5) == 0)
        {
            Notes.Add(
                new()
                {
                    GroupId = group.Id,
                    On = date,
                    By = group.Adults[0].Name,
                    Text = DayNotes[chance.Next(DayNotes.Length)],
                }
            );
        }
    }

    private void See(Child child, string ideaId, string ladder, int step, DateOnly on, bool ownChoice)
    {
        if (!ability.TryGetValue((child.Id, ladder), out var beyond))
        {
            ability[(child.Id, ladder)] = beyond = Spread * SeenByChance.Normal(chance);
        }

        var rung = content.Ladders[ladder].Steps[step - 1];
        var help = SeenByChance.Help(chance, AgeScale.Of(child.MonthsOn(on)) + beyond, rung.TypicalMonths);
        var technique = Idea.TechniqueOf(ideaId);
        var signs = content.Signs[ladder].Where(s => s.Technique == technique).ToArray();
        var grips = content.Grips[ladder].Where(g => g.TypicalMonths <= child.MonthsOn(on) + 6).ToArray();
        string[] notes = help switch
        {
            HelpLevel.Alone => AloneNotes,
            HelpLevel.Shown => ShownNotes,
            _ => HardNotes,
        };
        Observations.Add(
            new()
            {
                ChildId = child.Id,
                Ladder = ladder,
                Step = step,
                Help = help,
                On = on,
                By = group.Adults[chance.Next(group.Adults.Count)].Name,
                Note = chance.Next(4) == 0 ? notes[chance.Next(notes.Length)] : "",
                IdeaId = ideaId,
                Minutes =
                    ownChoice && chance.Next(2) == 0
                        ? Math.Clamp((int)Math.Round(12 * Math.Exp(0.6 * SeenByChance.Normal(chance))), 2, 60)
                        : null,
                Sign =
                    help >= HelpLevel.Hands && signs.Length > 0 && chance.Next(3) > 0
                        ? signs[chance.Next(signs.Length)].Id
                        : "",
                Hand = child.Hand == Hand.Undecided ? null : child.Hand,
                Grip = grips.Length > 0 ? grips[^1].Id : "",
            }
        );
        if (
            Pictures.Count < 14
            && ladder is "pencil" or "scissors" or "pattern" or "letters" or "fold"
            && chance.Next(3) == 0
        )
        {
            Pictures.Add(
                new()
                {
                    GroupId = group.Id,
                    On = on,
                    IdeaId = ideaId,
                    Words = help == HelpLevel.Alone ? "Done alone, from the first line to the last." : "",
                    Of = [child.Id],
                }
            );
        }
    }

    private void Play(Child child, Idea idea, DateOnly on)
    {
        var before = Tallies.LastOrDefault(t => t.ChildId == child.Id && t.IdeaId == idea.Id);
        int? distance =
            !idea.Technique.Actions.Contains("throw") ? null
            : before is null ? 1000
            : (int?)OwnBest.Of([before.ToCore()])!.NextDistance ?? before.Distance;
        var likely = Math.Clamp(1.3 - ((distance ?? 1500) / 2500.0), 0.1, 0.9);
        Tallies.Add(
            new()
            {
                ChildId = child.Id,
                IdeaId = idea.Id,
                On = on,
                Tries = 10,
                Hits = Enumerable.Range(0, 10).Count(_ => chance.NextDouble() < likely),
                Distance = distance,
            }
        );
    }

    /// <summary>What was tried where it had been hard: some of it has helped by now.</summary>
    private void Try()
    {
        var hard = Observations
            .Where(o => o.Sign.Length > 0)
            .GroupBy(o => (o.ChildId, o.Ladder, o.Sign))
            .OrderByDescending(g => g.Count())
            .ThenBy(g => g.Min(o => o.On))
            .Take(4);
        foreach (var g in hard)
        {
            var last = g.MaxBy(o => o.On)!;
            FollowUps.Add(
                new()
                {
                    ChildId = last.ChildId,
                    Ladder = last.Ladder,
                    Step = last.Step,
                    Sign = last.Sign,
                    Change = content.Signs[last.Ladder].First(s => s.Id == last.Sign).Change.En,
                    On = last.On,
                    LookAgainOn = last.On.AddDays(WhenHard.Days),
                    Helped = FollowUps.Count switch
                    {
                        0 => true,
                        1 => null,
                        2 => true,
                        _ => false,
                    },
                }
            );
        }
    }
}
