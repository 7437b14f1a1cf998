using Nido.Core.Journal;

namespace Nido.Data.Rows;

/// <summary>A counted round of a game as stored.</summary>
public sealed class TallyRow
{
    public long Id { get; set; }
    public required string ChildId { get; set; }
    public required string IdeaId { get; set; }
    public DateOnly On { get; set; }
    public int Hits { get; set; }
    public int Tries { get; set; }
    public int? Distance { get; set; }

    /// <summary>The round as Core sees it.</summary>
    public Tally ToCore() => new(Id, ChildId, IdeaId, On, Hits, Tries, Distance);
}
