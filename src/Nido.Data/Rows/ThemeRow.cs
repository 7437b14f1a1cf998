using Nido.Core.Ideas;
using Nido.Data.TakenAway;

namespace Nido.Data.Rows;

/// <summary>A theme of one's own as stored.</summary>
public sealed class ThemeRow : IBinned
{
    /// <inheritdoc />
    public DateTimeOffset? BinnedAt { get; set; }

    public required string Id { get; set; }
    public required Theme Theme { get; set; }
}
