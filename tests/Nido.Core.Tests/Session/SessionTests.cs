using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Session;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rules;
using Nido.Data.Demo;

namespace Nido.Core.Tests.Session;

/// <summary>A session from welcome to farewell, and the cards for who helps.</summary>
public class SessionTests
{
    private static readonly ChildrenGroup Nestlings = DemoScenario.SaturdayNestlings(() => "id");
    private static readonly Theme Theme = Published.Content.Theme("little-post-office")!;
    private static readonly Lazy<WeekPlan> Composed = new(() =>
    {
        var problem = Weeks.Build(Input(Nestlings));
        return new(problem, Weeks.Compose(problem).Plan);
    });

    /// <summary>A law: whatever the blocks, the parts begin where the ones before end and their minutes are the blocks'.</summary>
    [Fact]
    public void The_parts_fill_the_minutes_of_the_blocks()
    {
        for (var seed = 0; seed < 15; seed++)
        {
            var chance = new SeededChance((ulong)seed);
            var (blocks, at) = (new List<Block>(), new TimeOnly(10, 0));
            for (var b = 0; b <= chance.Next(4); b++)
            {
                var kind = ((BlockKind[])[BlockKind.Shelf, BlockKind.Circle, BlockKind.Table, BlockKind.Outdoors])[
                    chance.Next(4)
                ];
                blocks.Add(new($"b{b}", $"B{b}", kind, at, 5 + chance.Next(40), 1));
                at = at.AddMinutes(blocks[^1].Minutes);
            }

            // In every third one a block is something of one's own; it has its minutes all the same.
            IReadOnlyList<Placement> written =
                seed % 3 == 0 && blocks.Count > 1
                    ? Pencilled.Into([], 0, blocks[chance.Next(blocks.Count)].Id, "Photograph")
                    : [];
            var input = Input(Nestlings with { Blocks = blocks }) with { Pencilled = Pencilled.In(written) };
            var plan = new WeekPlan(WeekProblem.Build(input).Problem, written);
            var parts = SessionOutline.Of(plan, Theme, 0);
            parts.Count(p => $"{p.What}" == "Photograph").ShouldBe(written.Count, $"seed {seed}");
            parts.Sum(p => p.Minutes).ShouldBe(blocks.Sum(b => b.Minutes), $"seed {seed}");
            parts.ShouldAllBe(p => p.Minutes > 0);
            parts[0].From.ShouldBe(new TimeOnly(10, 0));
            foreach (var (one, next) in parts.Zip(parts.Skip(1)))
            {
                next.From.ShouldBe(one.From.AddMinutes(one.Minutes), $"seed {seed}");
            }

            var story = parts.Single(p => p.Kind == PartKind.Story);
            story.Minutes.ShouldBeLessThanOrEqualTo(
                (int)Math.Ceiling(SessionOutline.Listens(plan.Problem.Group, Things.Monday))
            );
            story.Lines.ShouldNotBeEmpty("a question at least");
        }
    }

    [Fact]
    public void A_session_has_all_five_parts_and_nobody_hunts_letters_in_its_circle()
    {
        var parts = SessionOutline.Of(Composed.Value, Theme, 0);
        parts.Select(p => p.Kind).Distinct().ShouldBe(Enum.GetValues<PartKind>());
        parts.Sum(p => p.Minutes).ShouldBe(45);
        parts[^1].Kind.ShouldBe(PartKind.Farewell);
        Composed
            .Value.Filled.Where(f => f.Use.Block.Kind == BlockKind.Circle)
            .ShouldAllBe(f => f.Use.Idea.Technique.InSession != null);
    }

    [Fact]
    public void What_is_neither_story_nor_rhyme_is_kept_out_of_the_circle_of_a_session_and_only_there()
    {
        var rule = HardRule.All.Single(r => r.GetType().Name == "StoryInASession");
        bool Holds(ChildrenGroup group, string technique)
        {
            var problem = WeekProblem.Build(Input(group)).Problem;
            var circle = Enumerable
                .Range(0, problem.Blocks.Count)
                .First(b => problem.Blocks[b].Kind == BlockKind.Circle);
            var idea = problem.Input.Ideas.First(i => i.Technique.Id == technique);
            var kept = (Core.Week.Rules.Hard.DayRule)rule;
            kept.Why(problem, idea, circle, 0).ShouldContain("story or a rhyme");
            kept.Holds(problem, idea, circle, 0)
                .ShouldBe(problem.Uses.Any(u => u.Idea.Technique.Id == technique && u.BlockIndex == circle));
            return kept.Holds(problem, idea, circle, 0);
        }

        Holds(Nestlings, "clap-the-word").ShouldBeFalse();
        Holds(Nestlings, "finger-rhyme").ShouldBeTrue();
        Holds(DemoScenario.WrenRoom(() => $"{Guid.NewGuid()}"), "clap-the-word").ShouldBeTrue();
    }

    [Fact]
    public void Every_table_has_a_card_that_begins_with_the_youngest()
    {
        var cards = HelperCard.Of(Composed.Value, 0);
        cards.Count.ShouldBe(Composed.Value.Filled.Count(f => f.Use.Block.Kind != BlockKind.Circle));
        foreach (var card in cards)
        {
            card.Steps.ShouldNotBeEmpty();
            card.Steps.Select(s => s.FromMonths).ShouldBeInOrder();
            card.Steps.ShouldAllBe(s => s.Step.Do.En.Length > 0 && s.Step.Say.Es.Length > 0);
        }
    }

    [Fact]
    public void A_room_of_known_children_is_no_session()
    {
        var room = DemoScenario.WrenRoom(() => $"{Guid.NewGuid()}");
        var plan = new WeekPlan(WeekProblem.Build(Input(room)).Problem, []);
        SessionOutline.Of(plan, Theme, 0).ShouldBeEmpty();
    }

    [Fact]
    public void Only_what_is_on_the_shelf_and_short_enough_is_read()
    {
        var plan = new WeekPlan(WeekProblem.Build(Input(Nestlings)).Problem, []);
        Book[] books =
        [
            new(new("Long", "Largo"), OnShelf: true, 20, InBoth.None),
            new(new("Away", "Fuera"), OnShelf: false, 3, InBoth.None),
            new(new("Short", "Corto"), OnShelf: true, 4, InBoth.None),
        ];
        PartOfSession Story(params Book[] of) =>
            SessionOutline.Of(plan, Theme with { Books = of }, 0).Single(p => p.Kind == PartKind.Story);
        Story(books).What.ShouldContain("Short");
        Story(books[..2]).What.ShouldContain("Tell the story");
    }

    private static WeekInput Input(ChildrenGroup group) =>
        Data.WeekInputs.Of(Published.Content, group, Theme, Things.Monday, Things.Plenty);
}
