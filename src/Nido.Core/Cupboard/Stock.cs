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

        return Math.Abs(counted - onHand) < 1e-9
            ? null
            : new(materialId, on, MovementKind.Counted, counted - onHand, note);
    }

    /// <summary>
    /// What is still good on a day. What came longest ago is used first; a lot is good for so many days after it came.
    /// A count sets nothing new: what it adds is taken to have come that day.
    /// </summary>
    /// <param name="ledger">Movements of one material.</param>
    /// <param name="keepsDays">Days it keeps.</param>
    /// <param name="on">The day asked about.</param>
    public static double GoodOn(IEnumerable<Movement> ledger, int keepsDays, DateOnly on)
    {
        var lots = new Queue<(DateOnly Came, double Left)>();
        foreach (var m in ledger.Where(m => m.On <= on).OrderBy(m => m.On))
        {
            if (m.Amount >= 0)
            {
                lots.Enqueue((m.On, m.Amount));
                continue;
            }

            var gone = -m.Amount;
            while (gone > 1e-9 && lots.TryDequeue(out var lot))
            {
                var taken = Math.Min(lot.Left, gone);
                gone -= taken;
                if (lot.Left - taken > 1e-9)
                {
                    lots = new([lot with { Left = lot.Left - taken }, .. lots]);
                }
            }
        }

        return lots.Where(l => l.Came.AddDays(keepsDays) >= on).Sum(l => l.Left);
    }
}
