using Nido.Core.Week.Problem;

namespace Nido.Data.Rows;

/// <summary>A change of a week, kept so that it can be undone and redone.</summary>
public sealed class ChangeRow
{
    public required string WeekId { get; set; }

    /// <summary>1 is the first change.</summary>
    public int Number { get; set; }

    /// <summary>What it was, in words.</summary>
    public required string What { get; set; }
    public required DateTimeOffset At { get; set; }
    public List<Placement> Before { get; set; } = [];
    public List<Placement> After { get; set; } = [];
    public List<CameUp> CameUpBefore { get; set; } = [];
    public List<CameUp> CameUpAfter { get; set; } = [];
}
