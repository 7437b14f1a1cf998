using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Nido.Core.Allergens;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>A unit to JSON and back.</summary>
public static class Units
{
    /// <summary>How documents are written: camelCase, enums as words, letters as they are.</summary>
    public static JsonSerializerOptions Json { get; } =
        new(JsonSerializerDefaults.Web)
        {
            TypeInfoResolver = new DefaultJsonTypeInfoResolver(),
            WriteIndented = true,
            NumberHandling = JsonNumberHandling.Strict,
            Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
            Converters = { new WeekDaysJson(), new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
        };

    /// <summary>The document of a stored week; its changes must be loaded.</summary>
    public static UnitDocument Of(
        WeekRow week,
        ChildrenGroup group,
        IReadOnlyList<RuleOverride> overrides,
        Evidence evidence,
        IEnumerable<ShownRow> shown,
        Theme? ownTheme,
        WeekPlan? plan = null,
        IReadOnlyList<OwnRow>? own = null
    )
    {
        ArgumentNullException.ThrowIfNull(week);
        ArgumentNullException.ThrowIfNull(evidence);
        return new UnitDocument(
            "nido-unit",
            1,
            week.ThemeId,
            week.Monday,
            week.Sliders,
            week.Plan,
            week.Report,
            WithoutHomes(group),
            [.. week.Changes.OrderBy(c => c.Number).Select(UnitChange.Of)],
            week.ChangesInForce,
            overrides
        )
        {
            Observations = evidence.Observations,
            ChosenSteps = evidence.AllChosen,
            Objectives = evidence.Objectives,
            Shown =
            [
                .. shown
                    .Select(s => new UnitShown(s.ChildId, s.TechniqueId, s.On))
                    .OrderBy(s => s.ChildId, StringComparer.Ordinal)
                    .ThenBy(s => s.TechniqueId, StringComparer.Ordinal),
            ],
            OwnTheme = ownTheme,
            Own = [.. Used(week, own ?? [])],
            Laid = plan is null ? [] : UnitLaid.Of(plan),
            Making = plan is null
                ? []
                :
                [
                    .. plan.Materials()
                        .SelectMany(l =>
                            (l.Make?.Steps.Select(s => new UnitMaking(s.Recipe.Makes, s.Recipe.Id)) ?? []).Concat(
                                l.Mix is { } mix ? [new UnitMaking(l.Material.Id, mix.Recipe.Id)] : []
                            )
                        ),
                ],
            CameUp = week.CameUp,
            Focus = week.Focus,
            Colour = week.Colour,
        };
    }

    /// <summary>What of one's own lies in a plan: ways of working, and the materials they or others are done
    /// with.</summary>
    private static IEnumerable<OwnRow> Used(WeekRow week, IReadOnlyList<OwnRow> own)
    {
        var named = week.Plan.SelectMany(p => p.IdeaId.Split('.').Concat(p.Swaps.Select(s => s.To))).ToHashSet();
        var ideas = own.Where(o => o.Idea is not null && named.Contains(o.Id)).ToArray();
        named.UnionWith(ideas.SelectMany(o => o.Idea!.Things).Select(t => t.MaterialId));
        return ideas.Concat(own.Where(o => o.Material is not null && named.Contains(o.Id)));
    }

    /// <summary>Rows of a document under new ids, so that nothing at hand is overwritten.</summary>
    /// <param name="unit">The document.</param>
    /// <param name="newId">Makes opaque ids.</param>
    /// <param name="book">The vocabulary allergies are read with, whatever words an older file has.</param>
    public static UnitRows ToRows(UnitDocument unit, Func<string> newId, AllergenBook book)
    {
        ArgumentNullException.ThrowIfNull(unit);
        ArgumentNullException.ThrowIfNull(newId);
        var ids = unit.Group.Children.ToDictionary(c => c.Id, _ => newId());
        var group = GroupRow.Of(
            unit.Group with
            {
                Id = newId(),
                Children = [.. unit.Group.Children.Select(c => Read(c, book) with { Id = ids[c.Id] })],
                Adults = [.. unit.Group.Adults.Select(a => a with { Id = newId() })],
                Wishes =
                [
                    .. unit
                        .Group.Wishes.Where(w => ids.ContainsKey(w.ChildId) && ids.ContainsKey(w.OtherId))
                        .Select(w => w with { ChildId = ids[w.ChildId], OtherId = ids[w.OtherId] }),
                ],
            }
        );
        var own = unit.OwnTheme is { } theme ? new ThemeRow { Id = newId(), Theme = theme } : null;
        if (own is not null)
        {
            own.Theme = own.Theme with { Id = own.Id };
        }

        // Who stayed away has another id here.
        List<CameUp> Known(IReadOnlyList<CameUp> all) =>
            [.. all.Select(h => h with { Subject = ids.GetValueOrDefault(h.Subject, h.Subject) })];
        var weekId = newId();
        return new(
            group,
            new WeekRow
            {
                Id = weekId,
                GroupId = group.Id,
                ThemeId = own?.Id ?? unit.Theme,
                Monday = unit.Monday,
                Sliders = unit.Sliders,
                Plan = [.. unit.Plan],
                Report = unit.Report,
                ChangesInForce = unit.ChangesInForce,
                Focus = unit.Focus,
                Colour = unit.Colour,
                CameUp = Known(unit.CameUp),
                Changes =
                [
                    .. unit.Changes.Select(
                        (c, i) =>
                            new ChangeRow
                            {
                                WeekId = weekId,
                                Number = i + 1,
                                What = KeptSaid.WriteText(c.What),
                                At = c.At,
                                Before = [.. c.Before],
                                After = [.. c.After],
                                CameUpBefore = Known(c.CameUpBefore),
                                CameUpAfter = Known(c.CameUpAfter),
                            }
                    ),
                ],
            },
            [.. unit.Overrides.Select(o => OverrideRow.Of(o with { Id = newId() }, weekId))],
            own,
            [
                .. unit
                    .Observations.Where(o => ids.ContainsKey(o.ChildId))
                    .Select(o => ObservationRow.Of(o with { ChildId = ids[o.ChildId] })),
            ],
            [
                .. unit
                    .ChosenSteps.Where(c => ids.ContainsKey(c.ChildId))
                    .Select(c => new ChosenStepRow
                    {
                        ChildId = ids[c.ChildId],
                        Ladder = c.Ladder,
                        Step = c.Step,
                        On = c.On,
                        KnowsBetter = c.KnowsBetter,
                    }),
            ],
            [
                .. unit
                    .Objectives.Where(o => ids.ContainsKey(o.ChildId))
                    .Select(o => new ObjectiveRow
                    {
                        ChildId = ids[o.ChildId],
                        Ladder = o.Ladder,
                        Step = o.Step,
                        By = o.By,
                    }),
            ],
            [
                .. unit
                    .Shown.Where(s => ids.ContainsKey(s.ChildId))
                    .Select(s => new ShownRow
                    {
                        ChildId = ids[s.ChildId],
                        TechniqueId = s.TechniqueId,
                        On = s.On,
                    }),
            ]
        );
    }

    /// <summary>A unit is shared: what families told of their homes stays here.</summary>
    private static ChildrenGroup WithoutHomes(ChildrenGroup group) =>
        group with
        {
            Children = [.. group.Children.Select(c => c with { AtHome = AtHome.NotSaid })],
        };

    /// <summary>A child with its allergies in the words of the vocabulary.</summary>
    public static Child Read(Child child, AllergenBook book)
    {
        ArgumentNullException.ThrowIfNull(child);
        var (allergens, unknown) = AllergyEntry.Kept(book, child.Allergies, child.UnknownAllergies);
        return child with { Allergies = allergens, UnknownAllergies = unknown, AtHome = AtHome.NotSaid };
    }
}
