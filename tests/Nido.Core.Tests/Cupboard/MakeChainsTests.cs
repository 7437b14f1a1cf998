using FsCheck.Xunit;
using Nido.Core.Cupboard;
using Nido.Core.Prep;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Cupboard;

public class MakeChainsTests
{
    private static readonly MakeChains Chains = new([
        Recipe("cut", "piece", 3, 0.5, ("straw", 1)),
        Recipe("cut-slow", "piece", 3, 2, ("tube", 1)),
        Recipe("bundle", "bundle", 1, 1, ("piece", 4), ("band", 1)),
    ]);

    // Common practice: a straw of 197 mm gives three pieces of 60 mm and 17 mm are left.
    [Theory]
    [InlineData(197, 60, 0, 3, 17)]
    [InlineData(300, 25, 1, 11, 15)]
    [InlineData(60, 60, 2, 1, 0)]
    [InlineData(59, 60, 0, 0, 59)]
    public void Pieces_of_a_length(double length, double piece, double loss, int pieces, double left)
    {
        var cut = MakeFrom.Cut(length, piece, loss);
        cut.Pieces.ShouldBe(pieces);
        cut.Left.ShouldBe(left, 1e-9);
    }

    [Fact]
    public void A_chain_makes_first_what_it_needs_and_takes_no_more_than_is_there()
    {
        var way = Chains.Way("bundle", 2, There(("straw", 5), ("band", 2), ("piece", 1)))!;
        way.Steps.Select(s => (s.Recipe.Id, s.Batches)).ShouldBe([("cut", 3), ("bundle", 2)]);
        way.Takes.ShouldBe(There(("piece", 1), ("straw", 3), ("band", 2)), ignoreOrder: true);
        way.Minutes.ShouldBe(4);
        Chains.Way("bundle", 2, There(("straw", 2), ("band", 2))).ShouldBeNull();
        Chains.Way("bundle", 1, There(("straw", 9))).ShouldBeNull();
    }

    [Fact]
    public void The_quickest_of_several_recipes_is_taken_and_another_where_its_things_are_missing()
    {
        Chains.Way("piece", 6, There(("straw", 2), ("tube", 9)))!.Steps.Single().Recipe.Id.ShouldBe("cut");
        Chains.Way("piece", 6, There(("tube", 2)))!.Steps.Single().Recipe.Id.ShouldBe("cut-slow");
        Chains.Most("bundle", There(("straw", 5), ("band", 9))).ShouldBe(3);
        Chains.Most("straw", There(("straw", 5))).ShouldBe(0);
    }

    [Property(MaxTest = 100)]
    public bool What_can_be_made_at_most_can_be_made_and_no_more(byte straws, byte tubes, byte bands)
    {
        var there = There(("straw", straws % 20), ("tube", tubes % 4), ("band", bands % 12));
        var most = Chains.Most("bundle", there);
        return (most == 0 || Chains.Way("bundle", most, there) is not null)
            && Chains.Way("bundle", most + 1, there) is null;
    }

    [Fact]
    public void A_circle_is_found_and_the_shipped_recipes_have_none()
    {
        new MakeChains([
            Recipe("a", "x", 1, 1, ("y", 1)),
            Recipe("b", "y", 1, 1, ("z", 1)),
            Recipe("c", "z", 1, 1, ("x", 1)),
        ])
            .Circle()
            .ShouldBe(["x", "y", "z", "x"]);
        Chains.Circle().ShouldBeNull();
        Published.Content.Chains.Circle().ShouldBeNull();
        Published
            .Content.Materials.Count(m => Published.Content.Chains.For(m.Id).Any())
            .ShouldBeGreaterThanOrEqualTo(25);
    }

    [Fact]
    public void What_is_missing_is_made_of_what_the_week_leaves_over_and_stands_in_prep()
    {
        var few = Things.Plenty.ToDictionary(m => m.Key, m => m.Key == "letter-cards" ? 0 : m.Value);
        var problem = Weeks.Build(Things.Week(Weeks.Six, onHand: few));
        var use = problem.Uses.First(u => u.Fullest.Demand.Any(d => d.Material.Id == "letter-cards"));
        var plan = new WeekPlan(problem, [new(1, use.Block.Id, 0, use.Idea.Id, false)]);
        var line = plan.Materials().Single(l => l.Material.Id == "letter-cards");
        (line.Packs, line.IsToAsk).ShouldBe((0, false));
        line.Make!.Takes.Keys.ShouldBe(["card-a4"]);
        var task = PrepTasks.Of(plan).Single(t => t.What.StartsWith("Cut card into eight", StringComparison.Ordinal));
        task.NeededOn.ShouldBe(Things.Monday.AddDays(1));
        task.Minutes.ShouldBe(line.Make.Minutes);
        plan.State.Score().Cents.ShouldBe(0);
    }

    [Fact]
    public void Without_anything_to_make_it_of_families_are_asked()
    {
        var few = Things.Plenty.ToDictionary(
            m => m.Key,
            m =>
                m.Key is "letter-cards" ? 6
                : m.Key is "card-a4" ? 0
                : m.Value
        );
        var problem = Weeks.Build(Things.Week(Weeks.Six, onHand: few));
        var (use, day) = (
            from u in problem.Uses
            from d in Enumerable.Range(0, 5)
            where u.OnDay[d] && u.On(d).Demand.Any(l => l.Material.Id == "letter-cards" && l.Amount > 6)
            select (u, d)
        ).FirstOrDefault();
        if (use is null)
        {
            problem.Uses.ShouldNotContain(u =>
                u.Fullest.Demand.Any(d => d.Material.Id == "letter-cards" && d.Amount > 9)
            );
            return;
        }

        var line = new WeekPlan(problem, [new(day, use.Block.Id, 0, use.Idea.Id, false)])
            .Materials()
            .Single(l => l.Material.Id == "letter-cards");
        (line.Make is null, line.IsToAsk || line.Packs > 0).ShouldBe((true, true));
    }

    [Fact]
    public void A_material_knows_what_it_can_do_this_week()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var lids = Published.Content.Material("jar-lids")!;
        var empty = new WeekPlan(problem, []);
        var many = MaterialFirst.Ideas(empty, lids, 1000);
        many.Count.ShouldBeGreaterThan(1);
        many.ShouldAllBe(c => c.Enough && c.OpenMinutes > 0 && c.OpenMinutes <= c.Minutes + 0.01);
        many.Select(c => c.OpenMinutes).ShouldBeInOrder(SortDirection.Descending);
        many.Select(c => c.Use.IdeaIndex).Distinct().Count().ShouldBe(many.Count);
        var few = MaterialFirst.Ideas(empty, lids, 10);
        few.Count.ShouldBe(many.Count);
        few.Select(c => c.Enough).ShouldBeInOrder(SortDirection.Descending);
        few.ShouldContain(c => !c.Enough);
    }

    [Property(MaxTest = 60)]
    public bool Planning_makes_no_more_than_the_week_leaves_things_for(byte missing, byte onHand, byte taken, byte each)
    {
        var (want, there, used, per) = (1.0 + missing, (double)onHand, Math.Min(onHand, taken), 1.0 + (each % 5));
        double[] uses = [want, used];
        var made = new DirectMake(0.5, [(1, there, per)]).Make(want, uses);
        return made >= 0
            && made <= want + 1e-9
            && uses[1] <= there + 1e-9
            && Math.Abs(uses[1] - used - (made * per)) < 1e-9
            && (made >= want - 1e-9 || there - uses[1] < 1e-9);
    }

    [Fact]
    public void A_thing_that_is_made_of_what_another_idea_takes_is_not_counted_on()
    {
        var few = Things.Plenty.ToDictionary(
            m => m.Key,
            m =>
                m.Key switch
                {
                    "letter-cards" => 0,
                    "card-a4" => 5,
                    _ => m.Value,
                }
        );
        var problem = Weeks.Build(Things.Week(Weeks.Six, onHand: few));
        var cards = problem.Materials.ToList().FindIndex(m => m.Id == "letter-cards");
        problem.Makes[cards].ShouldNotBeNull().Takes.Single().OnHand.ShouldBe(5);
        problem.Makes[problem.Materials.ToList().FindIndex(m => m.Id == "jar-lids")].ShouldBeNull();
    }

    [Fact]
    public void Families_are_asked_so_many_weeks_before()
    {
        var ask = AskFamilies.For(60, 14, 2, new DateOnly(2026, 12, 7));
        (ask.Weeks, ask.SendBy, ask.Expected).ShouldBe((3, new DateOnly(2026, 11, 16), 84));
        Should.Throw<ArgumentOutOfRangeException>(() => AskFamilies.For(0, 14, 2, Things.Monday));
    }

    // Poisson distribution: the smallest k with P(X ≤ k) at least 0.95 for mean 24 is 32.
    [Theory]
    [InlineData(24, 0.05, 32)]
    [InlineData(0, 0.05, 0)]
    [InlineData(1, 0.05, 3)]
    [InlineData(1000, 0.5, 1000)]
    public void Kits_for_a_session_of_unknown_size(double expected, double chance, int kits) =>
        DropInKits.For(expected, chance).ShouldBe(kits);

    private static MakeFrom Recipe(
        string id,
        string makes,
        double amount,
        double minutes,
        params (string, double)[] from
    ) => new(id, makes, amount, from.ToDictionary(f => f.Item1, f => f.Item2), minutes, 0, false, [], InBoth.Same(id));

    private static Dictionary<string, double> There(params (string, double)[] things) =>
        things.ToDictionary(t => t.Item1, t => t.Item2);
}
