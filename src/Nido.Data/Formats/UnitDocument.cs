using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>A whole unit as one document: the week, its group and its plan. Described in docs/formats/.</summary>
/// <param name="Format">Always "nido-unit".</param>
/// <param name="FormatVersion">1.</param>
/// <param name="Theme">Id of the theme.</param>
/// <param name="Monday">First day of the week.</param>
/// <param name="Sliders">What matters.</param>
/// <param name="Plan">Placements in the order of the week.</param>
/// <param name="Report">What the last composition reached, or null.</param>
/// <param name="Group">The group with its children, adults, blocks and settings.</param>
/// <param name="Changes">Everything that was changed, in order, for undo.</param>
/// <param name="ChangesInForce">How many of the changes are in force.</param>
/// <param name="Overrides">Safety rules that named adults have lifted, with their reasons; withdrawn ones too.</param>
public sealed record UnitDocument(
    string Format,
    int FormatVersion,
    string Theme,
    DateOnly Monday,
    Sliders Sliders,
    IReadOnlyList<Placement> Plan,
    ComposeReport? Report,
    ChildrenGroup Group,
    IReadOnlyList<UnitChange> Changes,
    int ChangesInForce,
    IReadOnlyList<RuleOverride> Overrides
)
{
    /// <summary>What was seen of the children, in order.</summary>
    public IReadOnlyList<Observation> Observations { get; init; } = [];

    /// <summary>Steps adults have chosen.</summary>
    public IReadOnlyList<ChosenStep> ChosenSteps { get; init; } = [];

    /// <summary>What children work towards.</summary>
    public IReadOnlyList<Objective> Objectives { get; init; } = [];

    /// <summary>Who has been shown what.</summary>
    public IReadOnlyList<UnitShown> Shown { get; init; } = [];

    /// <summary>What came up in the middle of the week.</summary>
    public IReadOnlyList<CameUp> CameUp { get; init; } = [];

    /// <summary>Letter and numbers the week has of its own; null where they are the theme's.</summary>
    public WeekFocus? Focus { get; init; }

    /// <summary>The colour the week is marked with.</summary>
    public WeekColour Colour { get; init; }

    /// <summary>What lies out in each place; written for readers, not read back.</summary>
    public IReadOnlyList<UnitLaid> Laid { get; init; } = [];

    /// <summary>How what is missing is made; written for readers, not read back.</summary>
    public IReadOnlyList<UnitMaking> Making { get; init; } = [];

    /// <summary>Materials and ways of working of one's own that its plan is made with.</summary>
    public IReadOnlyList<OwnRow> Own { get; init; } = [];

    /// <summary>The theme itself where it is one's own; null where it is in the catalogue.</summary>
    public Theme? OwnTheme { get; init; }
}
