using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>What a child works towards comes at least twice.</summary>
internal sealed class TowardsObjectives(PlanState plan) : Wish(plan)
{
    private const int Twice = 2;
    private readonly int[] times = new int[plan.Problem.Objectives.Count];

    public override Said Name => $"Twice towards what a child works at";

    public override Said Unit => $"times lacking";

    /// <summary>Times lacking, over all objectives.</summary>
    public int Lacking
    {
        get
        {
            var sum = 0;
            foreach (var n in times)
            {
                sum += Math.Max(0, Twice - n);
            }

            return sum;
        }
    }

    public override long Points()
    {
        var sum = 0L;
        foreach (var n in times)
        {
            sum += Price(n);
        }

        return sum;
    }

    public override IEnumerable<WishLine> Lines() =>
        times
            .Select(
                (n, o) =>
                    new WishLine(
                        $"{Week.Group.Children[Week.Objectives[o].Child].Name}, {Week.LadderName(Week.Objectives[o].Ladder)}",
                        Twice - n,
                        Price(n)
                    )
            )
            .Where(l => l.Points > 0);

    internal override void Changed(int slot, Use use, int sign)
    {
        for (var o = 0; o < times.Length; o++)
        {
            var (child, ladder) = Week.Objectives[o];
            times[o] +=
                use.Ladder == ladder && use.Reach[child] && use.On(Week.Slots[slot].Day).IsThere[child] ? sign : 0;
        }
    }

    private static long Price(int times) =>
        times switch
        {
            0 => 450,
            1 => 200,
            _ => 0,
        };
}
