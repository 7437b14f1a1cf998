using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>Everything a unit brings, ready to be saved together.</summary>
/// <param name="Group">The group.</param>
/// <param name="Week">The week.</param>
/// <param name="Overrides">Lifted rules.</param>
/// <param name="OwnTheme">Its theme, where it is one's own.</param>
/// <param name="Observations">What was seen.</param>
/// <param name="ChosenSteps">Steps adults chose.</param>
/// <param name="Objectives">What children work towards.</param>
/// <param name="Shown">Who has been shown what.</param>
public sealed record UnitRows(
    GroupRow Group,
    WeekRow Week,
    IReadOnlyList<OverrideRow> Overrides,
    ThemeRow? OwnTheme,
    IReadOnlyList<ObservationRow> Observations,
    IReadOnlyList<ChosenStepRow> ChosenSteps,
    IReadOnlyList<ObjectiveRow> Objectives,
    IReadOnlyList<ShownRow> Shown
)
{
    /// <summary>Adds all of it to a site, to be saved at once.</summary>
    public void AddTo(NidoDb db)
    {
        ArgumentNullException.ThrowIfNull(db);
        db.Groups.Add(Group);
        db.Weeks.Add(Week);
        db.Overrides.AddRange(Overrides);
        db.Themes.AddRange(OwnTheme is null ? [] : [OwnTheme]);
        db.Observations.AddRange(Observations);
        db.ChosenSteps.AddRange(ChosenSteps);
        db.Objectives.AddRange(Objectives);
        db.Shown.AddRange(Shown);
    }
}
