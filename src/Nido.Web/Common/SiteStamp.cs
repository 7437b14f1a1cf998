using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;
using Nido.Data.Rows;

namespace Nido.Web.Common;

/// <summary>Counts changes of groups, cupboard, themes and overrides, so that what is computed from them is kept only
/// as long as it holds.</summary>
public sealed class SiteStamp : SaveChangesInterceptor
{
    private long value;

    /// <summary>Grows with every change of a group, of the cupboard, of what was seen or of what an adult has
    /// lifted.</summary>
    public long Value => Interlocked.Read(ref value);

    /// <summary>Something changed that was not saved through the context: a backup came back, something was
    /// erased.</summary>
    public void AllIsNew() => Interlocked.Increment(ref value);

    /// <inheritdoc />
    public override ValueTask<InterceptionResult<int>> SavingChangesAsync(
        DbContextEventData eventData,
        InterceptionResult<int> result,
        CancellationToken cancellationToken = default
    )
    {
        if (eventData?.Context is { } context && context.ChangeTracker.Entries().Any(IsOfTheSite))
        {
            // Before the commit nobody may keep the old state as new, after it nobody may miss the new one.
            Interlocked.Increment(ref value);
            context.SavedChanges += (_, _) => Interlocked.Increment(ref value);
        }

        return base.SavingChangesAsync(eventData!, result, cancellationToken);
    }

    private static bool IsOfTheSite(Microsoft.EntityFrameworkCore.ChangeTracking.EntityEntry entry) =>
        // A theme that is new changes nothing yet.
        entry.Entity is ThemeRow
            ? entry.State == EntityState.Modified
            : entry.State != EntityState.Unchanged
                && entry.Entity
                    is GroupRow
                        or ChildRow
                        or AdultRow
                        or BlockRow
                        or MovementRow
                        or MarkRow
                        or OverrideRow
                        or ObservationRow
                        or ChosenStepRow
                        or ObjectiveRow
                        or OwnRow;
}
