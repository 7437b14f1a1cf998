using Nido.Core.Journal;

namespace Nido.Data.Rows;

/// <summary>What a week planned and met, kept as it was worked out for a version of it, so that a term is read at once.</summary>
public sealed class SharesRow
{
    public required string WeekId { get; set; }
    public int Version { get; set; }

    /// <summary>The week was over when they were worked out.</summary>
    public bool IsOver { get; set; }
    public IReadOnlyList<SharesOfChild> Shares { get; set; } = [];
}
