using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes.Each;

/// <summary>What a day asks for can be prepared in one evening.</summary>
internal sealed class EveningsLongEnough(PlanState plan) : Wish(plan)
{
    private const int Price = 20;

    public override Said Name => $"No evening longer than there is time";

    public override Said Unit => $"minutes over";

    public override long Points()
    {
        var sum = 0L;
        for (var d = 0; d < Week.Days.Count; d++)
        {
            sum += Over(d) * (long)Price;
        }

        return sum;
    }

    public override IEnumerable<WishLine> Lines() =>
        Week.Days.Select((_, d) => new WishLine($"for {Day(d)}", Over(d), Over(d) * Price)).Where(l => l.Points > 0);

    private int Over(int day) => Math.Max(0, Plan.Evenings.Of(day) - Week.Input.Group.Settings.EveningPrepMinutes);
}
