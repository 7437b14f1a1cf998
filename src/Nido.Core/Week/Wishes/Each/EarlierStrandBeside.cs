using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Where children wait for an earlier strand, that strand lies out on the same day.</summary>
internal sealed class EarlierStrandBeside(PlanState plan) : DayWish(plan)
{
    private const int Price = 4;

    public override Said Name => $"The earlier strand lies out where children wait for it";

    public override Said Unit => $"children";

    public override IEnumerable<WishLine> Lines()
    {
        var waiting = new List<WishLine>();
        for (var d = 0; d < Week.Days.Count; d++)
        {
            var day = d;
            Waiting(
                d,
                (use, ladder, children) =>
                    waiting.Add(
                        new(
                            $"{use.Idea.Title}, {Day(day)}: first {Week.LadderName(ladder)}",
                            children,
                            children * (long)Price
                        )
                    )
            );
        }

        return waiting;
    }

    protected override long Read(int day) => Waiting(day, null) * (long)Price;

    private int Waiting(int day, Action<Use, int, int>? tell)
    {
        var waiting = 0;
        for (var s = First(day); s < First(day + 1); s++)
        {
            foreach (var (ladder, children) in Plan.At(s)?.On(day).Earlier ?? [])
            {
                if (!Lies(day, ladder))
                {
                    waiting += children;
                    tell?.Invoke(Plan.At(s)!, ladder, children);
                }
            }
        }

        return waiting;
    }

    private bool Lies(int day, int ladder)
    {
        for (var s = First(day); s < First(day + 1); s++)
        {
            if (Plan.At(s)?.Ladder == ladder)
            {
                return true;
            }
        }

        return false;
    }
}
