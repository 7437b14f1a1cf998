using FsCheck.Xunit;
using MathNet.Numerics.Distributions;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Expecting;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Group;

/// <summary>A group of whoever comes: headcounts by age, a spread of steps, kits.</summary>
public class DropInTests
{
    private static readonly ChildrenGroup Nestlings = Data.Demo.DemoScenario.SaturdayNestlings(() => "id");

    [Fact]
    public void Those_expected_stand_in_with_ages_spread_over_their_band()
    {
        var there = Nestlings.On(Things.Monday);
        there.Children.Count.ShouldBe(24);
        foreach (var band in Nestlings.Expected)
        {
            var of = there.Children.Where(c => ExpectedBand.BandOf(c.Id) == $"age-{band.FromMonths}").ToArray();
            of.Length.ShouldBe(band.Children);
            of.ShouldAllBe(c =>
                c.MonthsOn(Things.Monday) >= band.FromMonths && c.MonthsOn(Things.Monday) < band.ToMonths
            );
            of.ShouldAllBe(c =>
                c.StandsFor!.RunOut == 0.05
                && c.StandsFor.Size == null
                && c.StandsFor.Children == 1
                && c.Allergies.Count == 0
            );
        }

        there.Children.Select(c => c.Id).ShouldBeUnique();
        Nestlings.Children.ShouldBeEmpty("nobody is known");
    }

    [Property(MaxTest = 80)]
    public bool The_ages_of_a_band_are_in_it_whatever_its_size(byte from, byte width, byte children)
    {
        var band = new ExpectedBand(12 + (from % 60), 13 + (from % 60) + (width % 36), children % 101);
        var ages = band.StandIns(Things.Monday, WeekDays.Saturday, Said(band.Children), 0.05)
            .Select(c => c.MonthsOn(Things.Monday))
            .ToArray();
        return ages.Length == band.Children && ages.All(a => a >= band.FromMonths && a < band.ToMonths);
    }

    [Theory]
    [InlineData(12, 24, "1;0–1;11")]
    [InlineData(24, 48, "2;0–3;11")]
    [InlineData(60, 72, "5;0–5;11")]
    [InlineData(18, 30, "1;6–2;5")]
    public void A_band_is_named_from_its_youngest_to_its_oldest(int from, int to, string name) =>
        new ExpectedBand(from, to, 3).Name.ShouldBe(name);

    [Theory]
    [InlineData(0.05)]
    [InlineData(0.2)]
    [InlineData(0.001)]
    public void Kits_are_the_poisson_quantile_of_a_reference_library(double chance)
    {
        foreach (var expected in (double[])[0.3, 1, 2.5, 7, 24, 60.5, 140, 400])
        {
            var kits = DropInKits.For(expected, chance);
            Poisson.CDF(expected, kits).ShouldBeGreaterThanOrEqualTo(1 - chance - 1e-9, $"{expected}");
            (kits == 0 ? 0 : Poisson.CDF(expected, kits - 1)).ShouldBeLessThan(1 - chance + 1e-9, $"{expected}");
        }
    }

    [Fact]
    public void One_kit_for_all_of_24_expected_is_32()
    {
        // All at one step: Poisson of 24 is over 32 in at most 5% of sessions.
        var kits = Demand.Kits(Idea(), [.. Expected(24)]);
        kits.Single().ShouldSatisfyAllConditions(k => k.Expected.ShouldBe(24), k => k.Count.ShouldBe(32));
        Demand.Of(Idea(), Table, [.. Expected(24)]).Single().Amount.ShouldBe(32 * 3);
        kits.Single().Holds.Single().Each.ShouldBe(3);
    }

    [Fact]
    public void Kits_that_differ_are_packed_each_by_itself_and_named_children_need_none()
    {
        var two = Expected(12, 1).Concat(Expected(12, 2)).ToArray();
        var kits = Demand.Kits(Idea(2), two);
        kits.Count.ShouldBe(2);
        kits.ShouldAllBe(k => k.Count == DropInKits.For(12, 0.05));
        kits.Sum(k => k.Count).ShouldBeGreaterThan(DropInKits.For(24, 0.05), "two kinds need more spare than one");
        Demand.Of(Idea(2), Table, two).Single().Trace.Single().ShouldContain("runs out in at most 5%");
        Demand.Kits(Idea(), [new ChildAtIdea(Things.Child("Ada", 40), Offer(1), null)]).ShouldBeEmpty();
    }

    [Fact]
    public void A_session_composes_like_any_week()
    {
        var problem = Weeks.Build(WeekInputs(Nestlings));
        var result = Weeks.Compose(problem);
        result.Score.Broken.ShouldBe(0);
        result.Plan.Count.ShouldBe(problem.Slots.Count);
        result.Score.StrandsMissing.ShouldBe(0, "one session is not blamed for strands it cannot hold");
    }

    private static WeekInput WeekInputs(ChildrenGroup group) =>
        Data.WeekInputs.Of(
            Published.Content,
            group,
            Published.Content.Theme("under-the-hedge")!,
            Things.Monday,
            Things.Plenty
        );

    private static Expectation Said(int children) => Expectation.Of(children, HowSure.Sure, []);

    private static readonly Block Table = new("table", "Table", BlockKind.Table, new(10, 0), 25, 1);

    private static StepOffer Offer(int step) =>
        new(
            new LadderStep(step, InBoth.Same("step"), 40, InBoth.Same(""), InBoth.Same(""), InBoth.Same(""), ""),
            true,
            HelpLevel.Alone,
            0.7,
            0.7,
            1
        );

    private static IEnumerable<ChildAtIdea> Expected(int count, int step = 1) =>
        new ExpectedBand(24, 48, count)
            .StandIns(Things.Monday, WeekDays.Saturday, Said(count), 0.05)
            .Select(c => new ChildAtIdea(c, Offer(step), null));

    private static Idea Idea(int steps = 1)
    {
        var role = new Role("piece", Things.Needs(), Per.Child, QuantityRule.Parse("3")!, 0, Optional: false);
        var binding = new Dictionary<string, StandIn>
        {
            ["piece"] = new(Things.Thing("paper", consumable: true), 90, []),
        };
        return new(
            "i",
            Published.Content.Techniques[0] with
            {
                Roles = [role],
            },
            Published.Content.Themes[0],
            InBoth.Same(""),
            null,
            [.. Enumerable.Range(1, steps).Select(s => new IdeaStep(s, InBoth.Same(""), 1, binding, []))]
        );
    }
}
