namespace Nido.Core.Cupboard;

/// <summary>What the cupboard holds, from its ledger.</summary>
public static class Stock
{
    /// <summary>Amount on hand of each material that has movements.</summary>
    public static IReadOnlyDictionary<string, double> OnHand(IEnumerable<Movement> ledger) =>
        ledger.GroupBy(m => m.MaterialId).ToDictionary(g => g.Key, g => g.Sum(m => m.Amount));

    /// <summary>
    /// The movement that brings a shelf to what was counted, or null when it agrees. Refuses a negative or
    /// non-finite count.
    /// </summary>
    public static Movement? Counted(string materialId, double onHand, double counted, DateOnly on, string note)
    {
        if (!double.IsFinite(counted) || counted < 0)
        {
            throw new ArgumentOutOfRangeException(nameof(counted), counted, "A count is 0 or more.");
        }

        return Math.Abs(counted - onHand) < 1e-9 ? null : new(materialId, on, MovementKind.Counted, counted - onHand, note);
    }
}
