namespace Nido.Data.Rows;

/// <summary>A child was shown a piece of work, one to one, on a day.</summary>
public sealed class ShownRow
{
    public required string ChildId { get; set; }
    public required string TechniqueId { get; set; }
    public DateOnly On { get; set; }
}
