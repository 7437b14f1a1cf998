using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Wishes;

/// <summary>
/// Something that is wished of a week and not owed: named, with its unit, its price from the sliders, what one changed
/// strip makes of it, and its sentence. One file each; computation.md §6.
/// </summary>
/// <param name="plan">The plan it is about.</param>
public abstract class Wish(PlanState plan)
{
    /// <summary>What is wished, in a teacher's words.</summary>
    public abstract Said Name { get; }

    /// <summary>In what it is counted, as "cents" or "minutes".</summary>
    public abstract Said Unit { get; }

    /// <summary>Whether it is counted in cents.</summary>
    public virtual bool IsMoney => false;

    /// <summary>By which slider it is weighed; null where its price is fixed.</summary>
    public virtual Slider? WeighedBy => null;

    /// <summary>The plan it is about.</summary>
    protected PlanState Plan { get; } = plan;

    /// <summary>Its week.</summary>
    protected WeekProblem Week { get; } = plan.Problem;

    /// <summary>The sliders.</summary>
    protected Sliders Sliders { get; } = plan.Problem.Input.Sliders;

    /// <summary>What the plan pays for it, in points; 0 where it is met, never less.</summary>
    public abstract long Points();

    /// <summary>What it pays for what; the points add up to <see cref="Points"/>, but for what is rounded.</summary>
    public abstract IEnumerable<WishLine> Lines();

    /// <summary>Told of a use put into a slot (1) or taken out of it (−1).</summary>
    internal virtual void Changed(int slot, Use use, int sign) { }

    /// <summary>What lies out, in the order of the week.</summary>
    protected IEnumerable<(int Slot, int Day, Use Use)> Lying => Plan.Others(-1);

    /// <summary>The day in words.</summary>
    protected Said Day(int day) => $"{Week.Days[day].Day}";
}
