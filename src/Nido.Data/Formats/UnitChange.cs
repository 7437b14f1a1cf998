using Nido.Core.Week.Problem;
using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>A change of the unit's plan.</summary>
/// <param name="What">In words.</param>
/// <param name="At">When.</param>
/// <param name="Before">Plan before it.</param>
/// <param name="After">Plan after it.</param>
public sealed record UnitChange(
    string What,
    DateTimeOffset At,
    IReadOnlyList<Placement> Before,
    IReadOnlyList<Placement> After
)
{
    /// <summary>What had come up before it; undo brings it back.</summary>
    public IReadOnlyList<CameUp> CameUpBefore { get; init; } = [];

    /// <summary>What had come up after it.</summary>
    public IReadOnlyList<CameUp> CameUpAfter { get; init; } = [];

    /// <summary>A change as it is kept.</summary>
    public static UnitChange Of(ChangeRow change)
    {
        ArgumentNullException.ThrowIfNull(change);
        return new($"{KeptSaid.Read(change.What)}", change.At, change.Before, change.After)
        {
            CameUpBefore = change.CameUpBefore,
            CameUpAfter = change.CameUpAfter,
        };
    }
}
