using FsCheck.Xunit;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Safety;

/// <summary>What must hold for the rules of any room.</summary>
public class SafetyLawsTests
{
    private static readonly Block Table = new("table", "Table", BlockKind.Table, new(9, 0), 20, 2);
    private static readonly Block Stations = new("stations", "Stations", BlockKind.Stations, new(10, 0), 45, 3);
    private static readonly IReadOnlyList<Idea> Ideas = Things.Week(Things.Group([Things.Child("One", 40)])).Ideas;

    [Property(MaxTest = 30)]
    public bool Another_child_in_the_room_never_lets_anyone_in(byte which, byte[] ages, byte more, bool watched)
    {
        var idea = Ideas[which % Ideas.Count];
        Child[] few = [.. ages.Append((byte)60).Take(4).Select((a, i) => Things.Child($"C{i}", 15 + (a % 60)))];
        var before = Room(few, watched);
        var after = Room(
            [.. few, Things.Child("New", 15 + (more % 60), mouths: more % 3 == 0, allergies: "wheat")],
            watched
        );
        return idea.Steps.All(step =>
        {
            var was = Things.Safety.KeptOut(idea, step, Stations, before, Things.Monday);
            var now = Things.Safety.KeptOut(idea, step, Stations, after, Things.Monday);
            return was.Select((f, c) => f is null || now[c] is not null).All(kept => kept);
        });
    }

    [Property(MaxTest = 30)]
    public bool A_child_who_stays_at_home_keeps_nobody_out_but_itself(byte which, byte age, bool watched)
    {
        var idea = Ideas[which % Ideas.Count];
        var room = Room([Things.Child("Young", 15 + (age % 20), mouths: true), Things.Child("Older", 60)], watched);
        var alone = Room([Things.Child("Older", 60)], watched);
        return idea.Steps.All(step =>
            (Things.Safety.KeptOut(idea, step, Stations, room, Things.Monday, [false, true])[1] is null)
            == (Things.Safety.KeptOut(idea, step, Stations, alone, Things.Monday)[0] is null)
        );
    }

    [Property(MaxTest = 30)]
    public bool A_month_older_is_never_kept_out_of_more(byte which, byte age)
    {
        var idea = Ideas[which % Ideas.Count];
        var months = 12 + (age % 60);
        return idea.Steps.All(step => Alone(idea, step, months) || !Alone(idea, step, months + 1));

        static bool Alone(Idea idea, IdeaStep step, int months) =>
            Things.Safety.KeptOut(idea, step, Table, Room([Things.Child("Child", months)], false), Things.Monday)[0]
                is not null;
    }

    [Property(MaxTest = 20)]
    public bool A_lifted_rule_keeps_nobody_out_no_other_goes_with_it_and_what_is_never_lifted_stays(
        byte which,
        byte age
    )
    {
        var idea = Ideas[which % Ideas.Count];
        var room = Room([Things.Child("Child", 14 + (age % 40), mouths: true)], false);
        foreach (var step in idea.Steps)
        {
            foreach (var hazard in Things.Safety.Hazards(idea, step, room, Things.Monday))
            {
                var lifted = Things.Safety.With([
                    new(
                        "o",
                        idea.Id,
                        idea.Title.En,
                        hazard.Rule.Id,
                        "",
                        "Lead",
                        "reason",
                        DateTimeOffset.UnixEpoch,
                        null
                    ),
                ]);
                var now = lifted.KeptOut(idea, step, Stations, room, Things.Monday)[0];
                if (hazard.Rule.IsNeverLifted)
                {
                    if (
                        lifted.Cautions(idea, [step], Stations, room, Things.Monday).Any(c => c.Rule == hazard.Rule)
                        || now is null
                    )
                    {
                        return false;
                    }

                    continue;
                }

                if (
                    now?.Rule.Id == hazard.Rule.Id
                    || !lifted
                        .Cautions(idea, [step], Stations, room, Things.Monday)
                        .Any(c => c.Rule == hazard.Rule && c.Lifted is not null)
                    || lifted.Hazards(idea, step, room, Things.Monday).Count
                        != Things.Safety.Hazards(idea, step, room, Things.Monday).Count
                )
                {
                    return false;
                }
            }
        }

        return true;
    }

    [Fact]
    public void The_same_override_on_another_idea_lifts_nothing_here()
    {
        var room = Room([Things.Child("Child", 20)], false);
        var (idea, step) = Ideas
            .SelectMany(i => i.Steps.Select(s => (i, s)))
            .First(x => Things.Safety.KeptOut(x.i, x.s, Stations, room, Things.Monday)[0] is not null);
        var rule = Things.Safety.KeptOut(idea, step, Stations, room, Things.Monday)[0]!.Rule;
        var other = Things.Safety.With([
            new("o", "another.idea", "", rule.Id, "", "Lead", "reason", DateTimeOffset.UnixEpoch, null),
        ]);
        other.KeptOut(idea, step, Stations, room, Things.Monday)[0]!.Rule.ShouldBe(rule);
    }

    [Fact]
    public void Cautions_about_a_child_of_the_room_come_before_those_about_everyone()
    {
        var room = Room([Things.Child("Young", 30), Things.Child("Older", 60)], true);
        var cut = Ideas.First(i => i.Technique.Id == "snip-and-cut");
        var cautions = Things.Safety.Cautions(cut, [.. cut.Steps], Table, room, Things.Monday);
        cautions.Select(c => c.Rule.Severity).ShouldBeInOrder();
        var watch = cautions.Where(c => c.Rule.Severity == Severity.Watch).Select(c => c.Whom.Count == 0).ToArray();
        watch.ShouldBe(watch.Order());
        cautions.Single(c => c.Rule.Id == "blade-under-3").Whom.ShouldBe(["Young"]);
    }

    [Fact]
    public void Cutting_with_a_child_under_three_asks_an_adult_beside_it_and_without_one_does_not()
    {
        int Adults(int months)
        {
            var room = Room([Things.Child("Child", months)], true);
            var cut = Ideas.First(i => i.Technique.Id == "snip-and-cut");
            return SafetyCheck.AdultsAsked([], Things.Safety.Cautions(cut, [.. cut.Steps], Table, room, Things.Monday));
        }

        Adults(35).ShouldBe(1);
        Adults(36).ShouldBe(0);
    }

    [Fact]
    public void A_watched_table_counts_an_adult_only_where_someone_could_choke()
    {
        var beads = Things.Thing("bead", Shape.Sphere, 0, 20, 0, tags: "wood");
        var step = new IdeaStep(
            1,
            InBoth.Same(""),
            1,
            new Dictionary<string, StandIn> { ["piece"] = new(beads, 90, []) },
            []
        );
        var idea = Ideas[0] with { Technique = Ideas[0].Technique with { Actions = [] }, Steps = [step] };
        SafetyCheck
            .AdultsAsked(
                Things.Safety.Hazards(
                    idea,
                    step,
                    Room([Things.Child("Young", 20), Things.Child("Older", 60)], true),
                    Things.Monday
                ),
                []
            )
            .ShouldBe(1);
        SafetyCheck
            .AdultsAsked(Things.Safety.Hazards(idea, step, Room([Things.Child("Older", 60)], true), Things.Monday), [])
            .ShouldBe(0);
    }

    [Fact]
    public void What_is_told_of_a_material_is_told_once_and_not_of_its_parts_and_pieces()
    {
        var pen = Published.Content.Material("felt-pens")!;
        var wash = Published.Content.SafetyRules.Single(r => r.Id == "wash-before-eating").When;
        HandledThing.AtHand(pen, null).Count(t => wash.MetBy(t, Things.Asked) is not null).ShouldBe(1);
        var apart = Published.Content.SafetyRules.Single(r => r.Id == "comes-apart").When;
        HandledThing
            .AtHand(pen, null)
            .Where(t => apart.MetBy(t, Things.Asked) is not null)
            .Single()
            .Name.ShouldBe("Felt pens, cap");
    }

    [Fact]
    public void An_unsafe_idea_of_the_whole_week_is_listed_with_the_rule_that_keeps_it_out()
    {
        var (problem, _) = WeekProblem.Build(Things.Week(Weeks.Six));
        problem.KeptOut.ShouldNotBeEmpty();
        problem.KeptOut.ShouldAllBe(b => b.Finding.Rule.Severity == Severity.Block && b.Finding.Whom.Count > 0);
        problem.KeptOut.Select(b => b.Idea.Id).Intersect(problem.Uses.Select(u => u.Idea.Id)).ShouldBeEmpty();
    }

    [Fact]
    public void Why_an_idea_can_no_longer_lie_there_is_told_apart()
    {
        var input = Things.Week(Weeks.Six);
        var problem = Weeks.Build(input with { Days = [input.Days[0] with { Dry = false }, .. input.Days.Skip(1)] });
        var chalk = input.Ideas.First(i => i.Technique.DryWeather);
        string Reason(Placement p) => new WeekPlan(problem, [p]).Lost.Single().Reason.ToString();
        Reason(new(0, "outdoors", 0, chalk.Id, false)).ShouldBe("it needs a dry day");
        Reason(new(9, "outdoors", 0, chalk.Id, false)).ShouldBe("the week has no such place any more");
        Reason(new(0, "outdoors", 0, "nothing.there", false)).ShouldBe("the cupboard no longer carries it");
        Reason(new(0, "circle", 0, chalk.Id, false)).ShouldBe("it does not suit Circle");
    }

    private static ChildrenGroup Room(IReadOnlyList<Child> children, bool watched) =>
        Things.Group(
            children,
            [Table, Stations],
            smallParts: watched ? SmallPartsRule.WatchedTable : SmallPartsRule.Never
        );
}
