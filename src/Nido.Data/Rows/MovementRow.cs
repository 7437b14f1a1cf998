using Nido.Core.Cupboard;

namespace Nido.Data.Rows;

/// <summary>A movement of the cupboard's ledger as stored.</summary>
public sealed class MovementRow
{
    public long Id { get; set; }
    public required string MaterialId { get; set; }
    public DateOnly On { get; set; }
    public MovementKind Kind { get; set; }
    public double Amount { get; set; }
    public required string Note { get; set; }

    /// <summary>The week whose plan used it, or null.</summary>
    public string? WeekId { get; set; }

    /// <summary>The movement as Core sees it.</summary>
    public Movement ToCore() => new(MaterialId, On, Kind, Amount, Note) { WeekId = WeekId };

    /// <summary>A row from a movement.</summary>
    public static MovementRow Of(Movement m) =>
        new()
        {
            MaterialId = m.MaterialId,
            On = m.On,
            Kind = m.Kind,
            Amount = m.Amount,
            Note = m.Note,
            WeekId = m.WeekId,
        };
}
