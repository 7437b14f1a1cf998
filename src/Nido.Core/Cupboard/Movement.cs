namespace Nido.Core.Cupboard;

/// <summary>A dated change of stock; an amount on hand is always the sum of these.</summary>
/// <param name="MaterialId">The material.</param>
/// <param name="On">Day.</param>
/// <param name="Kind">Reason.</param>
/// <param name="Amount">In the material's unit; negative when it went out.</param>
/// <param name="Note">In the adult's words; may be empty.</param>
public sealed record Movement(string MaterialId, DateOnly On, MovementKind Kind, double Amount, string Note)
{
    /// <summary>The week whose plan used it, or null: in that week itself it is counted by the plan.</summary>
    public string? WeekId { get; init; }
}
