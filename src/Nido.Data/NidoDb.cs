using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using Nido.Catalog;
using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Data.Rows;

namespace Nido.Data;

/// <summary>The one database of a site.</summary>
public sealed class NidoDb(DbContextOptions<NidoDb> options) : DbContext(options)
{
    private static readonly JsonSerializerOptions Json = new() { Converters = { new JsonStringEnumConverter() } };

    public DbSet<GroupRow> Groups => Set<GroupRow>();

    public DbSet<ChildRow> Children => Set<ChildRow>();

    public DbSet<MovementRow> Movements => Set<MovementRow>();

    public DbSet<WeekRow> Weeks => Set<WeekRow>();

    public DbSet<ChangeRow> Changes => Set<ChangeRow>();

    public DbSet<ObservationRow> Observations => Set<ObservationRow>();

    public DbSet<ChosenStepRow> ChosenSteps => Set<ChosenStepRow>();

    /// <summary>What children work towards.</summary>
    public DbSet<ObjectiveRow> Objectives => Set<ObjectiveRow>();

    /// <summary>Themes of one's own.</summary>
    public DbSet<ThemeRow> Themes => Set<ThemeRow>();

    /// <summary>Materials and ways of working of one's own.</summary>
    public DbSet<OwnRow> Own => Set<OwnRow>();

    /// <summary>Groups for stations, where they were set by hand.</summary>
    public DbSet<RotaRow> Rotas => Set<RotaRow>();

    /// <summary>Words of allergies that the vocabulary does not know, with the materials of this house that hold what
    /// they name.</summary>
    public DbSet<MarkRow> Marks => Set<MarkRow>();

    public DbSet<OverrideRow> Overrides => Set<OverrideRow>();

    /// <summary>Who has been shown what.</summary>
    public DbSet<ShownRow> Shown => Set<ShownRow>();

    /// <summary>Notes in adults' own words.</summary>
    public DbSet<NoteRow> Notes => Set<NoteRow>();

    /// <summary>Counted rounds of games.</summary>
    public DbSet<TallyRow> Tallies => Set<TallyRow>();

    /// <summary>Changes tried because it was hard.</summary>
    public DbSet<FollowUpRow> FollowUps => Set<FollowUpRow>();

    /// <summary>How ideas went.</summary>
    public DbSet<WentRow> Went => Set<WentRow>();

    /// <summary>Pictures of work.</summary>
    public DbSet<PictureRow> Pictures => Set<PictureRow>();

    /// <summary>Bytes of pictures.</summary>
    public DbSet<PictureFileRow> PictureFiles => Set<PictureFileRow>();

    /// <summary>What weeks planned and met.</summary>
    public DbSet<SharesRow> Shares => Set<SharesRow>();

    /// <summary>What families were asked for.</summary>
    public DbSet<AskedRow> Asked => Set<AskedRow>();

    /// <summary>Bags that are or were at home.</summary>
    public DbSet<BagRow> Bags => Set<BagRow>();

    /// <summary>Counts at the door of sessions.</summary>
    public DbSet<DoorCountRow> DoorCounts => Set<DoorCountRow>();

    /// <summary>A group with its children, adults and blocks, or null.</summary>
    public async Task<ChildrenGroup?> GroupAsync(string id, CancellationToken stop) =>
        (await GroupRowAsync(id, stop))?.ToCore();

    /// <summary>The row of a group with everything below it, or null.</summary>
    public Task<GroupRow?> GroupRowAsync(string id, CancellationToken stop) =>
        Groups
            .Include(g => g.Children)
            .Include(g => g.Adults)
            .Include(g => g.Blocks)
            .Include(g => g.Counts)
            .AsSplitQuery()
            .SingleOrDefaultAsync(g => g.Id == id, stop);

    /// <summary>Saves a group over its row: children keep their rows, adults and blocks are laid anew, in one
    /// transaction.</summary>
    public async Task ReplaceAsync(GroupRow row, ChildrenGroup group, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(row);
        ArgumentNullException.ThrowIfNull(group);
        await using var transaction = await Database.BeginTransactionAsync(stop);
        row.Adults.Clear();
        row.Blocks.Clear();
        await SaveChangesAsync(stop);
        var fresh = GroupRow.Of(group);
        (row.Name, row.Place, row.Days, row.Settings) = (group.Name, group.Place, group.Days, group.Settings);
        (row.Expected, row.Wishes) = (group.Expected, group.Wishes);
        row.Adults.AddRange(fresh.Adults);
        row.Blocks.AddRange(fresh.Blocks);
        await SaveChangesAsync(stop);
        await transaction.CommitAsync(stop);
    }

    /// <summary>What is known of the children of a group on a day.</summary>
    /// <param name="groupId">The group.</param>
    /// <param name="on">The day.</param>
    /// <param name="stop">Gives up.</param>
    /// <param name="until">Last day of which anything counts; <paramref name="on"/> where null. A week counts its own
    /// days too.</param>
    /// <param name="childId">Only of this child; of all where null.</param>
    public async Task<Evidence> EvidenceAsync(
        string groupId,
        DateOnly on,
        CancellationToken stop,
        DateOnly? until = null,
        string? childId = null
    )
    {
        var last = until ?? on;
        var children = Children
            .Where(c => c.GroupId == groupId && (childId == null || c.Id == childId))
            .Select(c => c.Id);
        var seen = await Observations
            .AsNoTracking()
            .Where(o => children.Contains(o.ChildId) && o.On <= last)
            .OrderBy(o => o.Id)
            .ToListAsync(stop);
        var chosen = await ChosenSteps.Where(c => children.Contains(c.ChildId) && c.On <= last).ToListAsync(stop);
        return new([.. seen.Select(o => o.ToCore())], [.. chosen.Select(c => c.ToCore())], on)
        {
            Objectives =
            [
                .. (await Objectives.Where(o => children.Contains(o.ChildId)).ToListAsync(stop)).Select(o =>
                    o.ToCore()
                ),
            ],
        };
    }

    /// <summary>Weeks of the group that begin in the five weeks before a Monday.</summary>
    public IQueryable<WeekRow> WeeksBefore(string groupId, DateOnly monday) =>
        Weeks.Where(w => w.GroupId == groupId && w.Monday < monday && w.Monday >= monday.AddDays(-35));

    /// <summary>Ids of the techniques the group met in those weeks: how many weeks ago, once for each week.</summary>
    public async Task<ILookup<string, int>> RecentTechniquesAsync(
        string groupId,
        DateOnly monday,
        CancellationToken stop
    )
    {
        var weeks = await WeeksBefore(groupId, monday).Select(w => new { w.Monday, w.Plan }).ToListAsync(stop);
        return weeks
            .SelectMany(w =>
                w.Plan.Where(p => !p.IsPencilled)
                    .Select(p =>
                        (Technique: Idea.TechniqueOf(p.IdeaId), Ago: (monday.DayNumber - w.Monday.DayNumber) / 7)
                    )
            )
            .Distinct()
            .ToLookup(x => x.Technique, x => x.Ago);
    }

    /// <summary>Minutes that ways of working took in the weeks of a group before a Monday, by id, one for each time
    /// somebody looked.</summary>
    public async Task<ILookup<string, int>> TookAsync(string groupId, DateOnly monday, CancellationToken stop)
    {
        var took = await (
            from went in Went
            join week in Weeks on went.WeekId equals week.Id
            where week.GroupId == groupId && week.Monday < monday && went.Minutes != null
            select new { went.IdeaId, Minutes = went.Minutes!.Value }
        ).ToListAsync(stop);
        return took.ToLookup(t => Idea.TechniqueOf(t.IdeaId), t => t.Minutes);
    }

    /// <summary>Amounts on hand by material id, summed from the ledger.</summary>
    /// <param name="stop">Gives up.</param>
    /// <param name="asWeek">A week that counts by its plan what it has used already.</param>
    public async Task<Dictionary<string, double>> OnHandAsync(CancellationToken stop, string? asWeek = null) =>
        await Movements
            .Where(m => asWeek == null || m.WeekId != asWeek)
            .GroupBy(m => m.MaterialId)
            .Select(g => new { g.Key, Amount = g.Sum(m => m.Amount) })
            .ToDictionaryAsync(x => x.Key, x => x.Amount, stop);

    /// <summary>What families were asked for or promised and has not come, by material; what was to be here more than a week
    /// ago is expected no longer.</summary>
    public async Task<Dictionary<string, double>> ComingAsync(DateOnly today, CancellationToken stop)
    {
        var from = today.AddDays(-7);
        return await Asked
            .Where(a => Weeks.Any(w => w.Id == a.WeekId) && Children.Any(c => c.Id == a.ChildId))
            .Where(a => a.By >= from && (a.Answer == AskAnswer.Asked || a.Answer == AskAnswer.WillBring))
            .GroupBy(a => a.MaterialId)
            .Select(g => new { g.Key, Amount = g.Sum(a => a.Amount) })
            .ToDictionaryAsync(x => x.Key, x => x.Amount, stop);
    }

    /// <summary>Ids of materials that were made in this house, by the ledger.</summary>
    public async Task<IReadOnlySet<string>> MadeHereAsync(CancellationToken stop) =>
        (
            await Movements
                .Where(m => m.Kind == MovementKind.Made && m.Amount > 0)
                .Select(m => m.MaterialId)
                .Distinct()
                .ToListAsync(stop)
        ).ToHashSet();

    /// <summary>Materials that hold what a word of a child names, by the id under which it is watched.</summary>
    public async Task<IReadOnlyDictionary<string, IReadOnlyList<string>>> MarksAsync(CancellationToken stop) =>
        await WithOwnAsync(await Marks.ToListAsync(stop), stop);

    /// <summary>A thing of one's own that is like a marked one is taken to hold what that holds: nobody was asked about
    /// it when the word was matched.</summary>
    private async Task<IReadOnlyDictionary<string, IReadOnlyList<string>>> WithOwnAsync(
        List<MarkRow> marks,
        CancellationToken stop
    )
    {
        var own = marks.Count == 0 ? [] : await Own.AsNoTracking().ToListAsync(stop);
        return marks.ToDictionary(
            m => Allergen.OwnId(m.Word),
            m =>
                (IReadOnlyList<string>)
                    [
                        .. m.MaterialIds.Union(
                            own.Where(o => o.Material is { } thing && m.MaterialIds.Contains(thing.Like))
                                .Select(o => o.Id)
                        ),
                    ]
        );
    }

    /// <summary>Movements of the things that go off, by material.</summary>
    public async Task<ILookup<string, Movement>> PerishingAsync(
        Content content,
        CancellationToken stop,
        string? asWeek = null
    )
    {
        string[] ids = [.. content.Materials.Where(m => m.KeepsDays is not null).Select(m => m.Id)];
        return (
            await Movements
                .Where(m => ids.Contains(m.MaterialId) && (asWeek == null || m.WeekId != asWeek))
                .OrderBy(m => m.Id)
                .ToListAsync(stop)
        )
            .Select(m => m.ToCore())
            .ToLookup(m => m.MaterialId);
    }

    /// <summary>Everything that was ever lifted in a week, oldest first.</summary>
    public async Task<IReadOnlyList<RuleOverride>> OverridesAsync(string weekId, CancellationToken stop) =>
        [
            .. (await Overrides.Where(o => o.WeekId == weekId).ToListAsync(stop))
                .OrderBy(o => o.At)
                .Select(o => o.ToCore()),
        ];

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        ArgumentNullException.ThrowIfNull(configurationBuilder);
        configurationBuilder.Properties<Enum>().HaveConversion<string>();
        configurationBuilder.Properties<WeekDays>().HaveConversion<int>();
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        ArgumentNullException.ThrowIfNull(modelBuilder);
        modelBuilder.Entity<GroupRow>(g =>
        {
            g.ToTable("groups");
            g.HasQueryFilter(x => x.BinnedAt == null);
            AsJson(g.Property(x => x.Settings));
            AsJson(g.Property(x => x.Expected)).HasDefaultValueSql("'[]'");
            AsJson(g.Property(x => x.Wishes)).HasDefaultValueSql("'[]'");
            g.HasMany(x => x.Children).WithOne().HasForeignKey(c => c.GroupId);
            g.HasMany(x => x.Adults).WithOne().HasForeignKey(a => a.GroupId);
            g.HasMany(x => x.Blocks).WithOne().HasForeignKey(b => b.GroupId);
            g.HasMany(x => x.Counts).WithOne().HasForeignKey(c => c.GroupId);
        });
        modelBuilder.Entity<ChildRow>(c =>
        {
            c.ToTable("children");
            c.HasQueryFilter(x => x.BinnedAt == null);
            AsJson(c.Property(x => x.Supports)).HasDefaultValueSql("'[]'");
            AsJson(c.Property(x => x.Ways)).HasDefaultValueSql("'{}'");
            AsJson(c.Property(x => x.UnknownAllergies)).HasDefaultValueSql("'[]'");
            AsJson(c.Property(x => x.Plans)).HasDefaultValueSql("'[]'");
            AsJson(c.Property(x => x.AtHome))
                .HasDefaultValueSql("'{\"Email\":\"\",\"Things\":null,\"YoungestBornOn\":null}'");
            c.Property(x => x.Pictures).HasDefaultValue(PictureConsent.None);
            // A child in the bin keeps its name; another may have it meanwhile.
            c.HasIndex(x => new { x.GroupId, x.Name }).IsUnique().HasFilter("\"BinnedAt\" IS NULL");
        });
        modelBuilder.Entity<ObservationRow>(o =>
        {
            o.ToTable("observations");
            o.HasIndex(x => x.ChildId);
            o.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<ChosenStepRow>(c =>
        {
            c.ToTable("chosen_steps");
            c.HasKey(x => new { x.ChildId, x.Ladder });
            c.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<ObjectiveRow>(o =>
        {
            o.ToTable("objectives");
            o.HasKey(x => new { x.ChildId, x.Ladder });
            o.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<ThemeRow>(t =>
        {
            t.ToTable("themes");
            t.HasQueryFilter(x => x.BinnedAt == null);
            AsJson(t.Property(x => x.Theme));
        });
        modelBuilder.Entity<OwnRow>(o =>
        {
            o.ToTable("own");
            o.HasKey(x => x.Id);
            o.HasQueryFilter(x => x.BinnedAt == null);
            o.Ignore(x => x.Name);
            o.Ignore(x => x.Draft);
            AsJson(o.Property(x => x.Material));
            AsJson(o.Property(x => x.Idea));
        });
        modelBuilder.Entity<RotaRow>(r =>
        {
            r.ToTable("rotas");
            r.HasKey(x => new
            {
                x.WeekId,
                x.Day,
                x.BlockId,
            });
            AsJson(r.Property(x => x.Groups));
            r.HasOne<WeekRow>().WithMany().HasForeignKey(x => x.WeekId);
        });
        modelBuilder.Entity<ShownRow>(s =>
        {
            s.ToTable("shown");
            s.HasKey(x => new { x.ChildId, x.TechniqueId });
            s.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<NoteRow>(n =>
        {
            n.ToTable("notes");
            n.HasIndex(x => new { x.GroupId, x.On });
            n.HasOne<GroupRow>().WithMany().HasForeignKey(x => x.GroupId);
            n.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<TallyRow>(t =>
        {
            t.ToTable("tallies");
            t.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<FollowUpRow>(f =>
        {
            f.ToTable("follow_ups");
            f.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<WentRow>(w =>
        {
            w.ToTable("went");
            w.HasKey(x => new
            {
                x.WeekId,
                x.Day,
                x.IdeaId,
            });
            w.HasOne<WeekRow>().WithMany().HasForeignKey(x => x.WeekId);
        });
        modelBuilder.Entity<PictureRow>(p =>
        {
            p.ToTable("pictures");
            p.HasIndex(x => new { x.GroupId, x.On });
            p.HasOne<GroupRow>().WithMany().HasForeignKey(x => x.GroupId);
            AsJson(p.Property(x => x.Of));
            AsJson(p.Property(x => x.Shows));
        });
        modelBuilder.Entity<PictureFileRow>(f =>
        {
            f.ToTable("picture_files");
            f.HasKey(x => new { x.PictureId, x.Small });
            f.HasOne<PictureRow>().WithMany().HasForeignKey(x => x.PictureId);
        });
        modelBuilder.Entity<SharesRow>(s =>
        {
            s.ToTable("shares");
            s.HasKey(x => x.WeekId);
            AsJson(s.Property(x => x.Shares));
            s.HasOne<WeekRow>().WithMany().HasForeignKey(x => x.WeekId);
        });
        modelBuilder.Entity<AskedRow>(a =>
        {
            a.ToTable("asked");
            a.HasIndex(x => x.WeekId);
            a.HasOne<WeekRow>().WithMany().HasForeignKey(x => x.WeekId);
            a.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<BagRow>(b =>
        {
            b.ToTable("bags");
            AsJson(b.Property(x => x.Title));
            AsJson(b.Property(x => x.Things));
            b.HasOne<ChildRow>().WithMany().HasForeignKey(x => x.ChildId);
        });
        modelBuilder.Entity<DoorCountRow>(d =>
        {
            d.ToTable("door_counts");
            d.HasKey(x => new
            {
                x.GroupId,
                x.On,
                x.FromMonths,
            });
        });
        modelBuilder.Entity<MarkRow>(m =>
        {
            m.ToTable("allergy_marks");
            m.HasKey(x => x.Word);
            AsJson(m.Property(x => x.MaterialIds));
        });
        modelBuilder.Entity<AdultRow>().ToTable("adults");
        modelBuilder.Entity<BlockRow>().ToTable("blocks").HasKey(b => new { b.GroupId, b.Key });
        modelBuilder.Entity<MovementRow>(m =>
        {
            m.ToTable("movements");
            m.HasIndex(x => x.MaterialId);
        });
        modelBuilder.Entity<WeekRow>(w =>
        {
            w.ToTable("weeks");
            w.HasQueryFilter(x => x.BinnedAt == null);
            AsJson(w.Property(x => x.Sliders));
            AsJson(w.Property(x => x.Report));
            AsJson(w.Property(x => x.Plan));
            AsJson(w.Property(x => x.CameUp)).HasColumnName("Happenings").HasDefaultValueSql("'[]'");
            AsJson(w.Property(x => x.Otherwise)).HasDefaultValueSql("'[]'");
            AsJson(w.Property(x => x.Focus));
            w.Property(x => x.Colour).HasConversion<string>().HasDefaultValue(WeekColour.Plain);
            w.Property(x => x.Version).IsConcurrencyToken();
            w.HasOne<GroupRow>().WithMany().HasForeignKey(x => x.GroupId);
            w.HasMany(x => x.Changes).WithOne().HasForeignKey(c => c.WeekId);
        });
        modelBuilder.Entity<OverrideRow>(o =>
        {
            o.ToTable("overrides");
            o.HasIndex(x => x.WeekId);
            // What was lifted is kept for good: no week goes while it has some.
            o.HasOne<WeekRow>().WithMany().HasForeignKey(x => x.WeekId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<ChangeRow>(c =>
        {
            c.ToTable("changes");
            c.HasKey(x => new { x.WeekId, x.Number });
            AsJson(c.Property(x => x.Before));
            AsJson(c.Property(x => x.After));
            AsJson(c.Property(x => x.CameUpBefore)).HasColumnName("HappeningsBefore").HasDefaultValueSql("'[]'");
            AsJson(c.Property(x => x.CameUpAfter)).HasColumnName("HappeningsAfter").HasDefaultValueSql("'[]'");
        });
    }

    /// <summary>Keeps a value of ours as JSON text, compared by what it says.</summary>
    private static PropertyBuilder<T> AsJson<T>(PropertyBuilder<T> property) =>
        property.HasConversion(
            v => JsonSerializer.Serialize(v, Json),
            text => JsonSerializer.Deserialize<T>(text, Json)!,
            new ValueComparer<T>(
                (a, b) => JsonSerializer.Serialize(a, Json) == JsonSerializer.Serialize(b, Json),
                v => JsonSerializer.Serialize(v, Json).GetHashCode(StringComparison.Ordinal),
                v => JsonSerializer.Deserialize<T>(JsonSerializer.Serialize(v, Json), Json)!
            )
        );
}
