using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Where children wait for an earlier strand, that strand lies out on the same day.</summary>
internal sealed class EarlierStrandBeside(PlanState plan) : DayWish(plan)
{
    private const int Price = 4;

    public override Said Name => $"The earlier strand lies out where children wait for it";

    public override Said Unit => $"children";

    protected override long Read(int day)
    {
        var points = 0L;
        foreach (var (_, _, children) in Waiting(day))
        {
            points += children * (long)Price;
        }

        return points;
    }

    public override IEnumerable<WishLine> Lines() =>
        from d in Enumerable.Range(0, Week.Days.Count)
        from x in Waiting(d)
        select new WishLine(
            $"{x.Use.Idea.Title}, {Day(d)}: first {Week.LadderName(x.Ladder)}",
            x.Children,
            x.Children * (long)Price
        );

    private IEnumerable<(Use Use, int Ladder, int Children)> Waiting(int day)
    {
        foreach (var use in On(day))
        {
            foreach (var (ladder, children) in use.On(day).Earlier)
            {
                if (!Lies(day, ladder))
                {
                    yield return (use, ladder, children);
                }
            }
        }
    }

    private bool Lies(int day, int ladder)
    {
        foreach (var use in On(day))
        {
            if (use.Ladder == ladder)
            {
                return true;
            }
        }

        return false;
    }
}
