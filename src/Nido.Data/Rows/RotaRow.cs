namespace Nido.Data.Rows;

/// <summary>Groups set by hand for the stations of a block on a day of a week: ids of children, a list a
/// group.</summary>
public sealed class RotaRow
{
    public required string WeekId { get; set; }
    public int Day { get; set; }
    public required string BlockId { get; set; }
    public List<List<string>> Groups { get; set; } = [];
}
