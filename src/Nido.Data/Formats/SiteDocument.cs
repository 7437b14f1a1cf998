using Microsoft.EntityFrameworkCore;
using Nido.Core.Group.Steps;
using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>A whole house as one document that other programs can read, too. Described in docs/formats/. Pictures are not
/// in it: they go along with a backup, or with everything about a child.</summary>
/// <param name="Format">Always "nido-site".</param>
/// <param name="FormatVersion">1.</param>
/// <param name="Groups">Groups with children, adults and blocks.</param>
/// <param name="Weeks">Weeks with their changes.</param>
/// <param name="Movements">The ledger of the cupboard.</param>
/// <param name="Themes">Themes of one's own.</param>
/// <param name="Marks">Words of allergies with the materials that hold what they name.</param>
/// <param name="Overrides">Safety rules that were lifted.</param>
/// <param name="Rotas">Groups for stations, where set by hand.</param>
/// <param name="Observations">What was seen.</param>
/// <param name="ChosenSteps">Steps adults chose.</param>
/// <param name="Objectives">What children work towards.</param>
/// <param name="Shown">Who has been shown what.</param>
public sealed record SiteDocument(
    string Format,
    int FormatVersion,
    IReadOnlyList<GroupRow> Groups,
    IReadOnlyList<WeekRow> Weeks,
    IReadOnlyList<MovementRow> Movements,
    IReadOnlyList<ThemeRow> Themes,
    IReadOnlyList<MarkRow> Marks,
    IReadOnlyList<OverrideRow> Overrides,
    IReadOnlyList<RotaRow> Rotas,
    IReadOnlyList<ObservationRow> Observations,
    IReadOnlyList<ChosenStepRow> ChosenSteps,
    IReadOnlyList<ObjectiveRow> Objectives,
    IReadOnlyList<ShownRow> Shown
)
{
    /// <summary>Notes in adults' own words.</summary>
    public IReadOnlyList<NoteRow> Notes { get; init; } = [];

    /// <summary>Counted rounds of games.</summary>
    public IReadOnlyList<TallyRow> Tallies { get; init; } = [];

    /// <summary>Changes tried because it was hard.</summary>
    public IReadOnlyList<FollowUpRow> FollowUps { get; init; } = [];

    /// <summary>How ideas went.</summary>
    public IReadOnlyList<WentRow> Went { get; init; } = [];

    /// <summary>What weeks planned and met.</summary>
    public IReadOnlyList<SharesRow> Shares { get; init; } = [];

    /// <summary>What families were asked for.</summary>
    public IReadOnlyList<AskedRow> Asked { get; init; } = [];

    /// <summary>Materials and ways of working of one's own.</summary>
    public IReadOnlyList<OwnRow> Own { get; init; } = [];

    /// <summary>Bags at home.</summary>
    public IReadOnlyList<BagRow> Bags { get; init; } = [];

    /// <summary>The published JSON Schema, made from the types so that it cannot drift from them.</summary>
    public static string Schema { get; } = UnitSchema.Of<SiteDocument>("Nido house");

    /// <summary>Everything that is here; what lies in the bin stays behind.</summary>
    public static async Task<SiteDocument> OfAsync(NidoDb db, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        var children = db.Children.Where(c => db.Groups.Any(g => g.Id == c.GroupId)).Select(c => c.Id);
        var weeks = db.Weeks.Select(w => w.Id);
        return new(
            "nido-site",
            1,
            await db
                .Groups.AsNoTracking()
                .Include(g => g.Children.OrderBy(c => c.Id))
                .Include(g => g.Adults.OrderBy(a => a.Order))
                .Include(g => g.Blocks.OrderBy(b => b.Starts).ThenBy(b => b.Key))
                .Include(g => g.Counts.OrderBy(c => c.On).ThenBy(c => c.FromMonths))
                .AsSplitQuery()
                .OrderBy(g => g.Id)
                .ToListAsync(stop),
            await db
                .Weeks.AsNoTracking()
                .Include(w => w.Changes.OrderBy(c => c.Number))
                .OrderBy(w => w.Monday)
                .ThenBy(w => w.Id)
                .ToListAsync(stop),
            await db.Movements.AsNoTracking().OrderBy(m => m.Id).ToListAsync(stop),
            await db.Themes.AsNoTracking().OrderBy(t => t.Id).ToListAsync(stop),
            await db.Marks.AsNoTracking().OrderBy(m => m.Word).ToListAsync(stop),
            await db.Overrides.AsNoTracking().Where(o => weeks.Contains(o.WeekId)).OrderBy(o => o.Id).ToListAsync(stop),
            await db
                .Rotas.AsNoTracking()
                .Where(r => weeks.Contains(r.WeekId))
                .OrderBy(r => r.WeekId)
                .ThenBy(r => r.Day)
                .ThenBy(r => r.BlockId)
                .ToListAsync(stop),
            await db
                .Observations.AsNoTracking()
                .Where(o => children.Contains(o.ChildId))
                .OrderBy(o => o.Id)
                .ToListAsync(stop),
            await db
                .ChosenSteps.AsNoTracking()
                .Where(c => children.Contains(c.ChildId))
                .OrderBy(c => c.ChildId)
                .ThenBy(c => c.Ladder)
                .ToListAsync(stop),
            await db
                .Objectives.AsNoTracking()
                .Where(o => children.Contains(o.ChildId))
                .OrderBy(o => o.ChildId)
                .ThenBy(o => o.Ladder)
                .ToListAsync(stop),
            await db
                .Shown.AsNoTracking()
                .Where(s => children.Contains(s.ChildId))
                .OrderBy(s => s.ChildId)
                .ThenBy(s => s.TechniqueId)
                .ToListAsync(stop)
        )
        {
            Notes = await db
                .Notes.AsNoTracking()
                .Where(n => db.Groups.Any(g => g.Id == n.GroupId))
                .Where(n => n.ChildId == null || children.Contains(n.ChildId))
                .OrderBy(n => n.Id)
                .ToListAsync(stop),
            Tallies = await db
                .Tallies.AsNoTracking()
                .Where(t => children.Contains(t.ChildId))
                .OrderBy(t => t.Id)
                .ToListAsync(stop),
            FollowUps = await db
                .FollowUps.AsNoTracking()
                .Where(f => children.Contains(f.ChildId))
                .OrderBy(f => f.Id)
                .ToListAsync(stop),
            Went = await db
                .Went.AsNoTracking()
                .Where(w => weeks.Contains(w.WeekId))
                .OrderBy(w => w.WeekId)
                .ThenBy(w => w.Day)
                .ThenBy(w => w.IdeaId)
                .ToListAsync(stop),
            Shares = await db
                .Shares.AsNoTracking()
                .Where(s => weeks.Contains(s.WeekId))
                .OrderBy(s => s.WeekId)
                .ToListAsync(stop),
            Asked = await db
                .Asked.AsNoTracking()
                .Where(a => weeks.Contains(a.WeekId) && children.Contains(a.ChildId))
                .OrderBy(a => a.Id)
                .ToListAsync(stop),
            Own = await db.Own.AsNoTracking().OrderBy(o => o.Id).ToListAsync(stop),
            Bags = await db
                .Bags.AsNoTracking()
                .Where(b => children.Contains(b.ChildId))
                .OrderBy(b => b.Id)
                .ToListAsync(stop),
        };
    }

    /// <summary>Adds all of it to an empty house, to be saved at once.</summary>
    public void AddTo(NidoDb db)
    {
        ArgumentNullException.ThrowIfNull(db);
        foreach (var row in Movements)
        {
            // Numbers of the ledger are given anew, in order.
            row.Id = 0;
        }

        db.Groups.AddRange(Groups);
        db.Themes.AddRange(Themes);
        db.Weeks.AddRange(Weeks);
        db.Movements.AddRange(Movements);
        db.Marks.AddRange(Marks);
        db.Overrides.AddRange(Overrides);
        db.Rotas.AddRange(Rotas);
        db.Observations.AddRange(Observations);
        db.ChosenSteps.AddRange(ChosenSteps);
        db.Objectives.AddRange(Objectives);
        db.Shown.AddRange(Shown);
        db.Notes.AddRange(Notes);
        db.Tallies.AddRange(Tallies);
        db.FollowUps.AddRange(FollowUps);
        db.Went.AddRange(Went);
        db.Shares.AddRange(Shares);
        db.Asked.AddRange(Asked);
        db.Own.AddRange(Own);
        db.Bags.AddRange(Bags);
    }

    /// <summary>
    /// A week of the document as a unit, so that it can be asked what a unit is asked; null where its group is not in
    /// it.
    /// </summary>
    public UnitDocument? UnitOf(WeekRow week)
    {
        ArgumentNullException.ThrowIfNull(week);
        if (Groups.FirstOrDefault(g => g.Id == week.GroupId)?.ToCore() is not { } group)
        {
            return null;
        }

        var ids = group.Children.Select(c => c.Id).ToHashSet();
        var seen = new Evidence(
            [.. Observations.Where(o => ids.Contains(o.ChildId)).Select(o => o.ToCore())],
            [.. ChosenSteps.Where(c => ids.Contains(c.ChildId)).Select(c => c.ToCore())],
            week.Monday
        )
        {
            Objectives = [.. Objectives.Where(o => ids.Contains(o.ChildId)).Select(o => o.ToCore())],
        };
        return Units.Of(
            week,
            group,
            [.. Overrides.Where(o => o.WeekId == week.Id).Select(o => o.ToCore())],
            seen,
            Shown.Where(s => ids.Contains(s.ChildId)),
            Themes.FirstOrDefault(t => t.Id == week.ThemeId)?.Theme
        );
    }
}
