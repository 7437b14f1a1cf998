using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>Hands are warmed, and the whole arm used, before squeezing and cutting.</summary>
internal sealed class WarmHandsFirst(PlanState plan) : DayWish(plan)
{
    private const int Price = 15;

    public override Said Name => $"Hands are warmed before heavy work";

    public override Said Unit => $"heavy ideas with cold hands";

    public override IEnumerable<WishLine> Lines()
    {
        var cold = new List<WishLine>();
        for (var d = 0; d < Week.Days.Count; d++)
        {
            var day = d;
            Cold(d, use => cold.Add(new($"{use.Idea.Title}, {Day(day)}", 1, Price)));
        }

        return cold;
    }

    protected override long Read(int day) => Cold(day, null) * (long)Price;

    private int Cold(int day, Action<Use>? tell)
    {
        var (warm, cold) = (false, 0);
        for (var s = First(day); s < First(day + 1); s++)
        {
            if (Plan.At(s) is not { } use)
            {
                continue;
            }

            if (use.IsHeavy && !warm)
            {
                cold++;
                tell?.Invoke(use);
            }

            warm |= use.Idea.Technique.WarmUp || use.Idea.Technique.WholeArm;
        }

        return cold;
    }
}
