using Nido.Core.Group;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Week;

/// <summary>On weeks small enough to try every plan, choosing and placing together must come to the very
/// best.</summary>
public class BruteForceTests
{
    [Theory]
    [InlineData(
        1,
        2,
        "fill-to-number",
        "sort-by-kind",
        "letter-match",
        "counting-rhyme",
        "hand-warm-up",
        "clap-the-word"
    )]
    [InlineData(2, 2, "fill-to-number", "sort-by-kind", "tear-and-crumple", "story-with-things", "position-words")]
    [InlineData(2, 3, "own-name", "fold-letters", "feel-bag", "picture-pairs", "counting-rhyme")]
    [InlineData(1, 3, "snip-and-cut", "thread-string", "pattern-row", "hand-warm-up", "sound-guess", "counting-rhyme")]
    public void Composing_equals_trying_everything(int tableOffers, int days, params string[] techniques)
    {
        var problem = Weeks.Tiny(tableOffers, days, techniques);
        var best = Best(problem);
        var result = Weeks.Compose(problem);
        result.Score.Broken.ShouldBe(0);
        result.Reached.ShouldBe(best);
        result.Score.Fair.ShouldBeInRange(best, MayBecome(problem));
        result.Bound.ShouldBeLessThanOrEqualTo(best);
    }

    [Theory]
    [InlineData(
        Approach.PreparedShelf,
        "pour-and-measure",
        "tear-and-crumple",
        "fold-letters",
        "letter-match",
        "picture-pairs"
    )]
    [InlineData(
        Approach.OpenProvision,
        "dough-shapes",
        "stack-and-build",
        "fold-letters",
        "letter-match",
        "picture-pairs"
    )]
    public void With_an_offer_that_stays_composing_equals_trying_everything(
        Approach approach,
        params string[] techniques
    )
    {
        var kind = approach == Approach.PreparedShelf ? BlockKind.Shelf : BlockKind.Table;
        var group = Things.Group(
            [Things.Child("Young", 26), Things.Child("Older", 60, WeekDays.Monday | WeekDays.Wednesday)],
            [new("work", "Work", kind, new(9, 0), 30, 2)]
        );
        var problem = Weeks.Build(
            Things.Week(
                group with
                {
                    Settings = group.Settings with
                    {
                        Approaches = new Dictionary<Approach, int> { [approach] = 1, [Approach.GuidedMake] = 3 },
                    },
                },
                3,
                t => techniques.Contains(t.Id)
            )
        );
        problem.Staying.ShouldHaveSingleItem();
        var result = Weeks.Compose(problem);
        result.Score.Fair.ShouldBeInRange(Best(problem), MayBecome(problem));
        result.Bound.ShouldBeLessThanOrEqualTo(Best(problem));
        result.Plan.Where(p => p.Offer == 0).Select(p => p.IdeaId).Distinct().ShouldHaveSingleItem();
    }

    [Fact]
    public void What_is_made_before_it_is_used_composing_equals_trying_everything()
    {
        var problem = Weeks.Tiny(
            1,
            3,
            "fold-letters",
            "deliver-letters",
            "sort-by-kind",
            "hand-warm-up",
            "sound-guess",
            "counting-rhyme"
        );
        var result = Weeks.Compose(problem);
        result.Score.Broken.ShouldBe(0);
        result.Score.Fair.ShouldBeInRange(Best(problem), MayBecome(problem));
    }

    [Fact]
    public void With_fair_shares_at_ten_they_are_given_up_for_the_worst_off_only()
    {
        var problem = Weeks.Tiny(
            2,
            2,
            "fill-to-number",
            "sort-by-kind",
            "tear-and-crumple",
            "story-with-things",
            "position-words"
        );
        var strict = Weeks.Build(problem.Input with { Sliders = Sliders.Middle with { FairShares = 10 } });
        var result = Weeks.Compose(strict);
        result.Reached.ShouldBe(Best(strict));
        result.Score.Fair.ShouldBeInRange(Best(strict), strict.MayBecomeForTheWorstOff(Best(strict)));
    }

    /// <summary>Fair-shares price of the best of all plans.</summary>
    private static long Best(WeekProblem problem)
    {
        var best = long.MaxValue;
        EveryPlan.Each(problem, plan => best = Math.Min(best, plan.FairPrice()));
        return best;
    }

    /// <summary>What the other stages may make of the best.</summary>
    private static long MayBecome(WeekProblem problem) =>
        problem.MayBecome(problem.MayBecomeForTheWorstOff(Best(problem)));
}
