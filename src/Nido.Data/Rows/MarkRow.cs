namespace Nido.Data.Rows;

/// <summary>What a house has said of a word for an allergy that nobody else knows.</summary>
public sealed class MarkRow
{
    /// <summary>The word in its one form.</summary>
    public required string Word { get; set; }

    /// <summary>Materials that hold what it names.</summary>
    public List<string> MaterialIds { get; set; } = [];

    /// <summary>When it was said.</summary>
    public DateTimeOffset At { get; set; }
}
