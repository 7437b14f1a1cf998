using Nido.Core.Journal;

namespace Nido.Data.Rows;

/// <summary>How an idea went on a day, as stored.</summary>
public sealed class WentRow
{
    public required string WeekId { get; set; }
    public int Day { get; set; }
    public required string IdeaId { get; set; }
    public HowItWent How { get; set; }

    /// <summary>Minutes it really took, where somebody looked.</summary>
    public int? Minutes { get; set; }
    public string Line { get; set; } = "";
}
