using Nido.Core.Planning;

namespace Nido.Core.Tests.Planning;

/// <summary>On weeks small enough to try every plan, choosing and placing together must come to the very best.</summary>
public class BruteForceTests
{
    [Theory]
    [InlineData(1, 2, "fill-to-number", "sort-by-kind", "letter-match", "counting-rhyme", "hand-warm-up", "clap-the-word")]
    [InlineData(2, 2, "fill-to-number", "sort-by-kind", "tear-and-crumple", "story-with-things", "position-words")]
    [InlineData(2, 3, "own-name", "lace-cards", "feel-bag", "scent-guess", "counting-rhyme")]
    [InlineData(1, 3, "snip-and-cut", "thread-string", "pattern-row", "hand-warm-up", "sound-guess", "counting-rhyme")]
    public void Composing_equals_trying_everything(int tableOffers, int days, params string[] techniques)
    {
        var problem = Weeks.Tiny(tableOffers, days, techniques);
        var best = Best(problem);
        var result = Weeks.Compose(problem);
        var limit = (long)Math.Floor(best * (1 + problem.Input.Sliders.Tolerance));
        result.Score.Broken.ShouldBe(0);
        result.Score.Fair.ShouldBeInRange(best, limit);
        result.Bound.ShouldBeLessThanOrEqualTo(best);
    }

    [Fact]
    public void With_fair_shares_at_ten_nothing_of_them_is_given_up()
    {
        var problem = Weeks.Tiny(2, 2, "fill-to-number", "sort-by-kind", "tear-and-crumple", "story-with-things", "position-words");
        var strict = Weeks.Build(problem.Input with { Sliders = Sliders.Middle with { FairShares = 10 } });
        Weeks.Compose(strict).Score.Fair.ShouldBe(Best(strict));
    }

    /// <summary>Fair-shares price of the best of all plans: one use a technique stands for those that count the same.</summary>
    private static long Best(WeekProblem problem)
    {
        var ways = Way.Of(problem);
        var state = new PlanState(problem);
        var best = long.MaxValue;
        void Fill(int slot)
        {
            if (slot == problem.Slots.Count)
            {
                best = Math.Min(best, state.FairPrice());
                return;
            }

            foreach (var way in ways.Where(w => w.Any.BlockIndex == problem.Slots[slot].Block))
            {
                var use = way.Uses.FirstOrDefault(u => state.MayPut(slot, u.Index));
                if (use is not null)
                {
                    state.Put(slot, use.Index);
                    Fill(slot + 1);
                    state.Put(slot, -1);
                }
            }
        }

        Fill(0);
        return best;
    }
}
