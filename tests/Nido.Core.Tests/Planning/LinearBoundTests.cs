using Google.OrTools.Sat;
using Nido.Core.Planning;

namespace Nido.Core.Tests.Planning;

public class LinearBoundTests
{
    private static readonly TimeSpan Limit = TimeSpan.FromSeconds(20);

    [Fact]
    public void Broken_numbers_give_a_bound_that_is_rounded_up()
    {
        var model = new CpModel();
        var (x, y) = (model.NewIntVar(0, 10, "x"), model.NewIntVar(0, 10, "y"));
        model.Add((2 * x) + y >= 3);
        model.Add(x <= 4);
        // x = 1.5 would do: 4.5, so whole plans cost 5 or more; the best is x = 1, y = 1 or x = 2.
        model.Minimize((3 * x) + (4 * y));
        LinearBound.Of(model, Limit, TestContext.Current.CancellationToken).ShouldBe(5);
        new CpSolver().Solve(model).ShouldBe(CpSolverStatus.Optimal);
    }

    [Fact]
    public void Stopped_there_is_no_bound()
    {
        var model = new CpModel();
        model.Minimize(model.NewIntVar(2, 10, "x"));
        LinearBound.Of(model, Limit, new CancellationToken(canceled: true)).ShouldBeNull();
    }

    [Fact]
    public void What_holds_only_sometimes_is_not_taken_for_a_rule()
    {
        var model = new CpModel();
        var (x, when) = (model.NewIntVar(0, 10, "x"), model.NewBoolVar("when"));
        model.Add(x >= 3).OnlyEnforceIf(when);
        model.Minimize(x);
        Should.Throw<NotSupportedException>(() => LinearBound.Of(model, Limit, TestContext.Current.CancellationToken));
    }

    [Theory]
    [InlineData("fill-to-number", "sort-by-kind", "letter-match", "counting-rhyme", "hand-warm-up", "clap-the-word")]
    [InlineData("own-name", "lace-cards", "feel-bag", "scent-guess", "counting-rhyme", "tear-and-crumple")]
    public void It_is_never_above_the_best_and_never_below_nothing(params string[] techniques)
    {
        var problem = Weeks.Tiny(1, 3, techniques);
        var bound = LinearBound.Of(new ChooseModel(problem).Model, Limit, TestContext.Current.CancellationToken)!.Value;
        bound.ShouldBeInRange(0, Weeks.Compose(problem).Score.Fair);
    }
}
