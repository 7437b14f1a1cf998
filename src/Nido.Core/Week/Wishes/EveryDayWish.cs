using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes;

/// <summary>Something is met on every day.</summary>
/// <param name="plan">The plan it is about.</param>
public abstract class EveryDayWish(PlanState plan) : Wish(plan)
{
    private readonly int[] times = new int[plan.Problem.Days.Count];

    /// <inheritdoc />
    public override Said Unit => $"days without";

    /// <inheritdoc />
    public sealed override Slider? WeighedBy => Slider.Theme;

    /// <inheritdoc />
    public sealed override long Points() => times.AsSpan().Count(0) * 3L * Sliders.Theme;

    /// <inheritdoc />
    public sealed override IEnumerable<WishLine> Lines() =>
        Week.Days.Select((_, d) => new WishLine(Day(d), 1, 3L * Sliders.Theme)).Where((_, d) => times[d] == 0);

    /// <summary>Whether a use has it.</summary>
    protected abstract bool Has(Use use);

    internal sealed override void Changed(int slot, Use use, int sign) =>
        times[Week.Slots[slot].Day] += Has(use) ? sign : 0;
}
