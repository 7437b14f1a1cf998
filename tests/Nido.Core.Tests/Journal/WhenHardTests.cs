using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;

namespace Nido.Core.Tests.Journal;

/// <summary>When it is hard; a milestone not seen; own bests; what a child loves; whom a picture may be shown.</summary>
public sealed class WhenHardTests
{
    private static readonly DateOnly Today = new(2026, 12, 11);
    private static readonly Ladder Scissors = Published.Content.Ladders["scissors"];

    private static Observation Seen(int daysAgo, HelpLevel help, string sign = "", int step = 3) =>
        new(1000 - daysAgo, "Ada", "scissors", step, help, Today.AddDays(-daysAgo), "", "") { Sign = sign };

    private static WhenHard? Of(IEnumerable<Observation> seen, params FollowUp[] begun) =>
        WhenHard.Of(Scissors, [.. seen.OrderBy(o => o.On)], Published.Content.Signs["scissors"], Today, begun);

    [Fact]
    public void Two_not_yet_or_three_times_one_sign_bring_help_and_less_does_not()
    {
        Of([Seen(5, HelpLevel.NotYet)]).ShouldBeNull();
        Of([Seen(5, HelpLevel.NotYet), Seen(4, HelpLevel.NotYet, step: 4)]).ShouldBeNull("of two steps");
        var hard = Of([Seen(5, HelpLevel.NotYet), Seen(4, HelpLevel.NotYet)])!;
        (hard.Step, hard.EasierStep!.Number, hard.LookAgainOn).ShouldBe((3, 2, Today.AddDays(WhenHard.Days)));
        Of([Seen(5, HelpLevel.Hands, "paper-turns"), Seen(4, HelpLevel.Hands, "paper-turns")]).ShouldBeNull();
        var sign = Of([.. Enumerable.Range(1, 3).Select(d => Seen(d, HelpLevel.Shown, "paper-turns"))])!;
        sign.Sign!.Id.ShouldBe("paper-turns");
        $"{sign.Why}".ShouldContain("the paper turns");
    }

    [Fact]
    public void What_was_managed_since_and_what_was_tried_since_start_the_count_anew()
    {
        Of([Seen(5, HelpLevel.NotYet), Seen(4, HelpLevel.NotYet), Seen(3, HelpLevel.Alone)]).ShouldBeNull();
        var tried = new FollowUp(
            1,
            "Ada",
            "scissors",
            3,
            "",
            "thicker paper",
            Today.AddDays(-3),
            Today.AddDays(4),
            null
        );
        Of([Seen(5, HelpLevel.NotYet), Seen(4, HelpLevel.NotYet)], tried).ShouldBeNull();
        Of([Seen(5, HelpLevel.NotYet), Seen(2, HelpLevel.NotYet), Seen(1, HelpLevel.NotYet)], tried).ShouldNotBeNull();
        Of([Seen(200, HelpLevel.NotYet), Seen(199, HelpLevel.NotYet)]).ShouldBeNull("long ago");
    }

    [Fact]
    public void A_published_milestone_is_named_only_well_past_its_age_after_looking_for_a_while()
    {
        var ladder = Published.Content.Ladders.Values.First(l => l.Steps.Any(s => s.Source != "common practice"));
        var step = ladder.Steps.First(s => s.Source != "common practice");
        Observation Looked(int daysAgo, HelpLevel help) =>
            new(1, "Ada", ladder.Id, step.Number, help, Today.AddDays(-daysAgo), "", "");
        Child Aged(int months) => Things.Child("Ada", 1) with { BornOn = Today.AddMonths(-months) };
        Observation[] twice = [Looked(60, HelpLevel.NotYet), Looked(10, HelpLevel.Shown)];
        NotSeenYet.Of(Aged(step.TypicalMonths + NotSeenYet.MonthsPast), ladder, twice, Today)!.Step.ShouldBe(step);
        NotSeenYet.Of(Aged(step.TypicalMonths + NotSeenYet.MonthsPast - 1), ladder, twice, Today).ShouldBeNull();
        NotSeenYet
            .Of(
                Aged(step.TypicalMonths + 12),
                ladder,
                [Looked(20, HelpLevel.NotYet), Looked(10, HelpLevel.NotYet)],
                Today
            )
            .ShouldBeNull("too short a while");
        NotSeenYet
            .Of(Aged(step.TypicalMonths + 12), ladder, [.. twice, Looked(5, HelpLevel.Alone)], Today)
            .ShouldBeNull("it was seen");
        NotSeenYet.Of(Aged(step.TypicalMonths + 12), ladder, [], Today).ShouldBeNull("nobody looked");
    }

    [Fact]
    public void The_game_moves_as_its_calculator_says_and_the_best_is_from_farthest_with_half_hit()
    {
        OwnBest.Of([]).ShouldBeNull();
        Tally Round(long id, int hits, int tries, int? distance) =>
            new(id, "Ada", "throw", Today.AddDays((int)id), hits, tries, distance);
        var own = OwnBest.Of([Round(1, 10, 10, 1000), Round(2, 5, 10, 1250), Round(3, 1, 10, 1500)])!;
        (own.Best.Id, own.NextDistance).ShouldBe((2, 1125), "1 of 10 is too hard: a quarter nearer");
        OwnBest.Of([Round(1, 9, 10, 1000)])!.NextDistance.ShouldBe(1250);
        OwnBest.Of([Round(1, 3, 4, 1000)])!.NextDistance.ShouldBeNull("four tries say too little");
        OwnBest.Of([Round(1, 7, 10, null), Round(2, 9, 10, null)])!.Best.Id.ShouldBe(2);
    }

    [Fact]
    public void What_a_child_loves_is_where_it_stayed_longest_of_its_own()
    {
        Observation Stayed(string idea, int? minutes) =>
            Seen(1, HelpLevel.Alone) with
            {
                IdeaId = $"{idea}.thing",
                Minutes = minutes,
            };
        LovesDoing
            .Two([Stayed("pour", 30), Stayed("pour", 10), Stayed("cut", 25), Stayed("fold", 5), Stayed("look", null)])
            .Select(l => (l.IdeaId, l.Minutes, l.Times))
            .ShouldBe([("cut.thing", 25, 1), ("pour.thing", 40, 2)]);
    }

    [Fact]
    public void A_picture_goes_to_a_family_only_with_its_own_consent_and_that_of_all_others_for_all_families()
    {
        Child With(string id, PictureConsent consent) => Things.Child(id, 40) with { Pictures = consent };
        foreach (var own in Enum.GetValues<PictureConsent>())
        {
            foreach (var other in Enum.GetValues<PictureConsent>())
            {
                Child[] both = [With("Ada", own), With("Ben", other)];
                PictureUse.MayBeKept(both).ShouldBe(own != PictureConsent.None && other != PictureConsent.None);
                PictureUse
                    .MayGoToFamilyOf(both, "Ada")
                    .ShouldBe(own >= PictureConsent.OwnFamily && other == PictureConsent.AllFamilies);
                PictureUse
                    .MayGoToAll(both)
                    .ShouldBe(own == PictureConsent.AllFamilies && other == PictureConsent.AllFamilies);
            }
        }

        PictureUse.MayGoToAll([]).ShouldBeTrue("work and hands only");
    }

    [Fact]
    public void Every_ladder_says_what_is_seen_when_it_goes_wrong_in_both_languages()
    {
        foreach (var ladder in Published.Content.Ladders.Keys)
        {
            var signs = Published.Content.Signs[ladder].ToArray();
            signs.Count(s => s.Technique is null).ShouldBeInRange(3, 6, ladder);
            foreach (var text in signs.SelectMany(s => new[] { s.Seen, s.Change }))
            {
                text.En.ShouldNotBe(text.Es);
                text.NameIn("es").ShouldBe(text.Es);
            }
        }
    }
}
