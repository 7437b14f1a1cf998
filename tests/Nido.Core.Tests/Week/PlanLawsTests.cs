using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Tests.Week;

/// <summary>Laws of a plan that is kept while the house changes around it.</summary>
public class PlanLawsTests
{
    private static readonly Dictionary<string, double> Some = Published.Content.Materials.ToDictionary(
        m => m.Id,
        m => m.IsCounted ? 30.0 : 600
    );
    private static readonly WeekProblem Problem = Weeks.Build(Things.Week(Weeks.Six, onHand: Some));
    private static readonly IReadOnlyList<Placement> Plan = Weeks.Compose(Problem).Plan;

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void With_more_in_the_cupboard_the_kept_plan_is_never_worse(int seed)
    {
        var chance = new SeededChance((ulong)seed);
        var more = Some.ToDictionary(m => m.Key, m => m.Value + (chance.Next(3) == 0 ? chance.Next(200) : 0));
        var before = new WeekPlan(Problem, Plan).State;
        var after = new WeekPlan(Weeks.Build(Problem.Input with { OnHand = more }), Plan);
        after.Lost.ShouldBeEmpty();
        after.State.FairPrice().ShouldBe(before.FairPrice(), "shares do not hang on amounts");
        after.State.Score().Cents.ShouldBeLessThanOrEqualTo(before.Score().Cents);
        after.State.WishPrice().ShouldBeLessThanOrEqualTo(before.WishPrice());
    }
}
