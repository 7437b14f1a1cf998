using Nido.Core.Ideas;

namespace Nido.Data.Rows;

/// <summary>A theme of one's own as stored.</summary>
public sealed class ThemeRow
{
    public required string Id { get; set; }
    public required Theme Theme { get; set; }
}
