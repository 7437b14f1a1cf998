using Nido.Core.Families;

namespace Nido.Data.Rows;

/// <summary>Something a family was asked for, for a week, as stored.</summary>
public sealed class AskedRow
{
    public long Id { get; set; }
    public required string WeekId { get; set; }
    public required string ChildId { get; set; }
    public required string MaterialId { get; set; }
    public double Amount { get; set; }
    public DateOnly By { get; set; }
    public AskAnswer Answer { get; set; }
    public double Brought { get; set; }
}
