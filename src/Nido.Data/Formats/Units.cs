using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Nido.Core.Group;
using Nido.Core.Safety;
using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>A unit to JSON and back.</summary>
public static class Units
{
    /// <summary>How documents are written: camelCase, enums as words, letters as they are.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        TypeInfoResolver = new DefaultJsonTypeInfoResolver(),
        WriteIndented = true,
        NumberHandling = JsonNumberHandling.Strict,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        Converters = { new WeekDaysJson(), new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    /// <summary>The document of a stored week; its changes must be loaded.</summary>
    public static UnitDocument Of(WeekRow week, ChildrenGroup group, IReadOnlyList<RuleOverride> overrides)
    {
        ArgumentNullException.ThrowIfNull(week);
        return new UnitDocument(
            "nido-unit", 1, week.ThemeId, week.Monday, week.Sliders, week.Plan, week.Report, group,
            [.. week.Changes.OrderBy(c => c.Number).Select(c => new UnitChange(c.What, c.At, c.Before, c.After))], week.ChangesInForce, overrides);
    }

    /// <summary>Rows of a document under new ids, so that nothing at hand is overwritten.</summary>
    public static (GroupRow Group, WeekRow Week, IReadOnlyList<OverrideRow> Overrides) ToRows(UnitDocument unit, Func<string> newId)
    {
        ArgumentNullException.ThrowIfNull(unit);
        var group = GroupRow.Of(unit.Group with
        {
            Id = newId(),
            Children = [.. unit.Group.Children.Select(c => c with { Id = newId() })],
            Adults = [.. unit.Group.Adults.Select(a => a with { Id = newId() })],
        });
        var weekId = newId();
        return (group, new WeekRow
        {
            Id = weekId,
            GroupId = group.Id,
            ThemeId = unit.Theme,
            Monday = unit.Monday,
            Sliders = unit.Sliders,
            Plan = [.. unit.Plan],
            Report = unit.Report,
            ChangesInForce = unit.ChangesInForce,
            Changes = [.. unit.Changes.Select((c, i) => new ChangeRow
            {
                WeekId = weekId, Number = i + 1, What = c.What, At = c.At, Before = [.. c.Before], After = [.. c.After],
            })],
        }, [.. unit.Overrides.Select(o => OverrideRow.Of(o with { Id = newId() }, weekId))]);
    }
}
