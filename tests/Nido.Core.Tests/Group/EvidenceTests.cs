using FsCheck.Xunit;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Tests.Week;

namespace Nido.Core.Tests.Group;

public class EvidenceTests
{
    private static readonly Ladder Scissors = Published.Content.Ladders["scissors"];
    private static readonly Child Hina = Things.Child("Hina", 45);
    private static readonly DateOnly Day = Things.Monday;

    [Fact]
    public void Without_anything_seen_it_is_the_age_that_speaks()
    {
        Evidence.None.IsSeen("Hina", "scissors").ShouldBeFalse();
        Evidence.None.Belief(Hina, Scissors).Mean.ShouldBe(0, 1e-9);
    }

    [Fact]
    public void Alone_far_up_moves_the_step_offered_up_and_not_yet_moves_it_down()
    {
        var now = Offered(Of());
        Offered(Of(Seen(6, HelpLevel.Alone), Seen(7, HelpLevel.Alone))).ShouldBeGreaterThan(now);
        Offered(Of(Seen(2, HelpLevel.NotYet), Seen(3, HelpLevel.NotYet))).ShouldBeLessThan(now);
    }

    [Fact]
    public void Only_the_first_try_of_a_step_on_a_day_counts_for_the_belief()
    {
        var first = Mean(Of(Seen(4, HelpLevel.Shown)));
        Mean(Of(Seen(4, HelpLevel.Shown), Seen(4, HelpLevel.Alone), Seen(4, HelpLevel.Alone))).ShouldBe(first, 1e-12);
        Mean(Of(Seen(4, HelpLevel.Shown), Seen(5, HelpLevel.Alone))).ShouldBeGreaterThan(first);
        Mean(Of(Seen(4, HelpLevel.Shown), Seen(4, HelpLevel.Alone, 1))).ShouldBeGreaterThan(first);
    }

    [Fact]
    public void An_adult_who_knows_better_sets_the_belief_there_and_what_was_seen_since_counts_on()
    {
        var known = new Evidence(
            [Seen(2, HelpLevel.NotYet, -7)],
            [new("Hina", "scissors", 6, Day, KnowsBetter: true)],
            Day
        );
        known.Belief(Hina, Scissors).MonthsLike(45).ShouldBe(Scissors.Steps[5].TypicalMonths, 0.6);
        new Evidence(
            [Seen(6, HelpLevel.NotYet, 1)],
            [new("Hina", "scissors", 6, Day, KnowsBetter: true)],
            Day.AddDays(1)
        )
            .Belief(Hina, Scissors)
            .Mean.ShouldBeLessThan(known.Belief(Hina, Scissors).Mean);
    }

    [Fact]
    public void A_step_only_chosen_to_work_at_is_offered_and_leaves_the_belief_alone()
    {
        var chosen = new Evidence([], [new("Hina", "scissors", 6, Day, KnowsBetter: false)], Day);
        chosen.Belief(Hina, Scissors).Mean.ShouldBe(0, 1e-9);
        var offer = chosen.Offer(Hina, Scissors, Day, Scissors.Steps)!;
        (offer.Step, offer.IsChosen).ShouldBe((6, true));
        offer.Trace[0].ShouldContain("chosen by an adult");
        // What is not at hand cannot be offered: the nearest below is, and failing that the lowest.
        chosen.Offer(Hina, Scissors, Day, Scissors.Steps.Take(3))!.Step.ShouldBe(3);
        chosen.Offer(Hina, Scissors, Day, Scissors.Steps.Skip(6))!.Step.ShouldBe(7);
        chosen.Offer(Hina, Scissors, Day, []).ShouldBeNull();
    }

    [Fact]
    public void The_spread_grows_by_a_quarter_a_week_and_the_mean_stays()
    {
        var belief = AbilityBelief.Normal(3, 4);
        foreach (var weeks in (double[])[0.5, 1, 4, 26])
        {
            var later = belief.Later(weeks);
            Variance(later).ShouldBe(Variance(belief) + (0.25 * weeks), 1e-6);
            later.Mean.ShouldBe(belief.Mean, 1e-6);
        }
    }

    [Fact]
    public void Eighty_percent_of_a_normal_belief_lie_within_1_28_of_its_spread()
    {
        // 1.2816 is the 90% quantile of the standard normal (any table of it).
        var belief = AbilityBelief.Normal(0, 8);
        belief.Quantile(0.9).ShouldBe(1.2816 * 8, 0.1);
        belief.Quantile(0.1).ShouldBe(-1.2816 * 8, 0.1);
        belief.Quantile(0.5).ShouldBe(0, 0.05);
    }

    [Property(MaxTest = 60)]
    public void Quantiles_do_not_fall_and_the_interval_holds_the_mean(int seed)
    {
        var chance = new SeededChance((ulong)seed);
        var belief = Enumerable
            .Range(0, 6)
            .Aggregate(
                AbilityBelief.FromAge(),
                (b, _) => b.After((HelpLevel)chance.Next(4), 20 + chance.Next(50), 45).Later(chance.Next(3))
            );
        double[] at = [.. Enumerable.Range(1, 9).Select(k => belief.Quantile(k / 10.0))];
        at.ShouldBe(at.Order());
        belief.Mean.ShouldBeInRange(belief.Quantile(0.02), belief.Quantile(0.98));
    }

    [Theory]
    [InlineData(StepRule.TwoDays, "A0 A1", 5)]
    [InlineData(StepRule.TwoDays, "A0 A0", null)]
    [InlineData(StepRule.TwoDays, "N0 N1", 3)]
    [InlineData(StepRule.TwoDays, "N0 A1 N2", null)]
    [InlineData(StepRule.TwoDays, "A0 S1 A4", 5)]
    [InlineData(StepRule.EightyPercent, "A0 A0 A0 A0 A1 A1 A1 A1 S2 N2", 5)]
    [InlineData(StepRule.EightyPercent, "A0 A0 A0 A0 A1 A1 A1 S1 S2 N2", null)]
    [InlineData(StepRule.EightyPercent, "A0 A1", null)]
    [InlineData(StepRule.EightyPercent, "N0 N0 S0 S0 A1 A1 A1 S1 S2 N2", 3)]
    [InlineData(StepRule.EightyPercent, "N0 N0 N0 N0 N0 A0 A0 A1 A1 A1 A1 A1 A1 S2 A2", 5)]
    public void A_step_is_proposed_by_the_rule_of_the_group(StepRule rule, string trials, int? to)
    {
        Observation[] seen =
        [
            .. trials
                .Split(' ')
                .Select(
                    (t, k) =>
                        Seen(
                            4,
                            t[0] switch
                            {
                                'A' => HelpLevel.Alone,
                                'S' => HelpLevel.Shown,
                                _ => HelpLevel.NotYet,
                            },
                            t[1] - '0',
                            k
                        )
                ),
        ];
        StepProposal.Of(rule, 4, 7, seen, Day.AddDays(9), null)?.To.ShouldBe(to!.Value);
        (StepProposal.Of(rule, 4, 7, seen, Day.AddDays(9), null) is null).ShouldBe(to is null);
    }

    [Fact]
    public void Above_the_top_and_below_the_bottom_nothing_is_proposed()
    {
        StepProposal
            .Of(StepRule.TwoDays, 7, 7, [Seen(7, HelpLevel.Alone), Seen(7, HelpLevel.Alone, 1)], Day.AddDays(2), null)
            .ShouldBeNull();
        StepProposal
            .Of(StepRule.TwoDays, 1, 7, [Seen(1, HelpLevel.NotYet), Seen(1, HelpLevel.NotYet, 1)], Day.AddDays(2), null)
            .ShouldBeNull();
        StepProposal
            .Of(StepRule.TwoDays, 2, 7, [Seen(5, HelpLevel.Alone), Seen(5, HelpLevel.Alone, 1)], Day.AddDays(2), null)!
            .To.ShouldBe(6);
    }

    /// <summary>Old failures say nothing of a child who does a harder step alone today, and a way back is one
    /// step.</summary>
    [Theory]
    [InlineData(5, "2N0 2N1 5A300", 301, null)]
    [InlineData(5, "2N0 2N1", 300, null)]
    [InlineData(5, "2N0 2N1", 2, 4)]
    [InlineData(3, "4A0 4A1 2N2", 3, null)]
    [InlineData(3, "3A0 3A1 3N2", 3, 4)]
    [InlineData(3, "2N0 3A1 3A2", 3, 4)]
    [InlineData(3, "3A0 3A1", 200, null)]
    public void A_proposal_looks_at_when_things_were_seen(int now, string trials, int on, int? to)
    {
        Observation[] seen =
        [
            .. trials
                .Split(' ')
                .Select(
                    (t, k) =>
                        Seen(
                            t[0] - '0',
                            t[1] == 'A' ? HelpLevel.Alone : HelpLevel.NotYet,
                            int.Parse(t[2..], System.Globalization.CultureInfo.InvariantCulture),
                            k
                        )
                ),
        ];
        (StepProposal.Of(StepRule.TwoDays, now, 7, seen, Day.AddDays(on), null)?.To).ShouldBe(to);
    }

    [Fact]
    public void The_same_trials_change_a_step_once()
    {
        // Up from 2, down from 3: four trials, two changes, and then nothing more to say.
        Observation[] seen =
        [
            Seen(2, HelpLevel.Alone, 0, 0),
            Seen(2, HelpLevel.Alone, 1, 1),
            Seen(3, HelpLevel.NotYet, 2, 2),
            Seen(3, HelpLevel.NotYet, 3, 3),
        ];
        StepProposal.Of(StepRule.TwoDays, 2, 7, seen[..2], Day.AddDays(1), null)!.To.ShouldBe(3);
        StepProposal.Of(StepRule.TwoDays, 3, 7, seen, Day.AddDays(3), Day.AddDays(1))!.To.ShouldBe(2);
        StepProposal.Of(StepRule.TwoDays, 2, 7, seen, Day.AddDays(3), Day.AddDays(3)).ShouldBeNull();
        StepProposal.Of(StepRule.TwoDays, 2, 7, seen, Day.AddDays(30), Day.AddDays(3)).ShouldBeNull();
    }

    [Fact]
    public void Planning_takes_the_evidence()
    {
        var input = Things.Week(
            Things.Group([Hina, Things.Child("Other", 45)]),
            days: 2,
            only: t => t.Id is "snip-and-cut" or "fill-to-number" or "letter-match"
        );
        int StepAt(Evidence evidence) =>
            Weeks
                .Build(input with { Evidence = evidence })
                .Uses.First(u => u.Idea.Technique.Id == "snip-and-cut" && u.Idea.Lead!.Id == "card-a4")
                .Children.First(c => c.Child.Name == "Hina")
                .Offer!.Step;
        StepAt(Of(Seen(6, HelpLevel.Alone), Seen(7, HelpLevel.Alone))).ShouldBeGreaterThan(StepAt(Evidence.None));
    }

    private static Observation Seen(int step, HelpLevel help, int day = 0, int id = 0) =>
        new(id, "Hina", "scissors", step, help, Day.AddDays(day), "", "");

    private static Evidence Of(params Observation[] seen) => new(seen, [], Day.AddDays(1));

    private static int Offered(Evidence evidence) => evidence.Offer(Hina, Scissors, Day, Scissors.Steps)!.Step;

    private static double Mean(Evidence evidence) => evidence.Belief(Hina, Scissors).Mean;

    private static double Variance(AbilityBelief b) =>
        b.Weights.Select((w, i) => w * Math.Pow(i - AbilityBelief.Reach - b.Mean, 2)).Sum();
}
