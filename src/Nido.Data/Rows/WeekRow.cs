using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Core.Week.Problem;
using Nido.Data.TakenAway;

namespace Nido.Data.Rows;

/// <summary>A week as stored.</summary>
public sealed class WeekRow : IBinned
{
    /// <inheritdoc />
    public DateTimeOffset? BinnedAt { get; set; }

    public required string Id { get; set; }
    public required string GroupId { get; set; }
    public required string ThemeId { get; set; }
    public DateOnly Monday { get; set; }
    public required Sliders Sliders { get; set; }

    /// <summary>What the last composition reached; null before the first.</summary>
    public ComposeReport? Report { get; set; }

    /// <summary>The plan as it is now.</summary>
    public List<Placement> Plan { get; set; } = [];

    /// <summary>Letter and numbers of its own; null where they are the theme's.</summary>
    public WeekFocus? Focus { get; set; }

    /// <summary>The colour it is marked with.</summary>
    public WeekColour Colour { get; set; }

    /// <summary>What came up in the middle of it.</summary>
    public List<CameUp> CameUp { get; set; } = [];

    /// <summary>What went otherwise than planned.</summary>
    public List<Otherwise> Otherwise { get; set; } = [];

    /// <summary>How many of the changes are in force; those after it can be redone.</summary>
    public int ChangesInForce { get; set; }

    /// <summary>Grows with every change, so that two people at once do not overwrite each other.</summary>
    public int Version { get; set; }

    public List<ChangeRow> Changes { get; set; } = [];
}
