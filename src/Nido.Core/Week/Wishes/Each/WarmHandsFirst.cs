using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Hands are warmed, and the whole arm used, before squeezing and cutting.</summary>
internal sealed class WarmHandsFirst(PlanState plan) : DayWish(plan)
{
    private const int Price = 15;

    public override Said Name => $"Hands are warmed before heavy work";

    public override Said Unit => $"heavy ideas with cold hands";

    protected override long Read(int day)
    {
        var points = 0L;
        foreach (var _ in Cold(day))
        {
            points += Price;
        }

        return points;
    }

    public override IEnumerable<WishLine> Lines() =>
        from d in Enumerable.Range(0, Week.Days.Count)
        from use in Cold(d)
        select new WishLine($"{use.Idea.Title}, {Day(d)}", 1, Price);

    private IEnumerable<Use> Cold(int day)
    {
        var warm = false;
        foreach (var use in On(day))
        {
            if (use.IsHeavy && !warm)
            {
                yield return use;
            }

            warm |= use.Idea.Technique.WarmUp || use.Idea.Technique.WholeArm;
        }
    }
}
