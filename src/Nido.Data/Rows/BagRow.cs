using Nido.Core;
using Nido.Core.Families;

namespace Nido.Data.Rows;

/// <summary>A bag lent to a family, as stored.</summary>
public sealed class BagRow
{
    public long Id { get; set; }
    public required string ChildId { get; set; }
    public BagKind Kind { get; set; }
    public required InBoth Title { get; set; }
    public DateOnly LentOn { get; set; }
    public DateOnly BackBy { get; set; }
    public DateOnly? BackOn { get; set; }
    public IReadOnlyList<BagThing> Things { get; set; } = [];
}
