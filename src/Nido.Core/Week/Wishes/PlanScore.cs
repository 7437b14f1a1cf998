namespace Nido.Core.Week.Wishes;

/// <summary>How good a plan is. Fair shares in hundredths of a minute, the wishes in points; lower is better.</summary>
/// <param name="Shortfall">Missing minutes over all children and aims, counted twice beyond a quarter of the
/// target.</param>
/// <param name="Worst">The worst child's missing share, a tenth of a minute for each thousandth.</param>
/// <param name="StrandsMissing">Two minutes for each strand a child never meets.</param>
/// <param name="Broken">Hard rules broken; 0 for a plan that may be shown.</param>
/// <param name="Wishes">Money, prep, theme and freshness in points.</param>
/// <param name="Cents">Money for what must be bought.</param>
/// <param name="PrepMinutes">Preparation of the week.</param>
public sealed record PlanScore(
    long Shortfall,
    long Worst,
    long StrandsMissing,
    int Broken,
    long Wishes,
    int Cents,
    int PrepMinutes
)
{
    /// <summary>The fair-shares objective.</summary>
    public long Fair => Shortfall + Worst + StrandsMissing;
}
