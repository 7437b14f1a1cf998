using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Ideas;
using Nido.Data.Rows;

namespace Nido.Data;

/// <summary>Themes of the catalogue and of one's own.</summary>
public static class Themes
{
    /// <summary>The theme with this id, or null.</summary>
    public static async Task<Theme?> ThemeAsync(this NidoDb db, Content content, string id, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(content);
        return content.Theme(id) ?? (await db.Themes.AsNoTracking().SingleOrDefaultAsync(t => t.Id == id, stop))?.Theme;
    }

    /// <summary>The theme of a week, in the language its children read in, with the letter and numbers of its own where
    /// it has some; or null.</summary>
    public static async Task<Theme?> ThemeOfAsync(this NidoDb db, Content content, WeekRow week, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(week);
        var settings = await db
            .Groups.AsNoTracking()
            .IgnoreQueryFilters()
            .Where(g => g.Id == week.GroupId)
            .Select(g => g.Settings)
            .SingleOrDefaultAsync(stop);
        var theme = (await db.ThemeAsync(content, week.ThemeId, stop))?.ReadIn(settings?.LettersIn ?? "en");
        return theme is null || week.Focus is not { } focus
            ? theme
            : focus.Over(theme, letter => WeekInputs.Sorted(content, letter, theme.Words, theme.Language, theme.Fits));
    }

    /// <summary>All themes by name.</summary>
    public static async Task<IReadOnlyList<Theme>> ThemesAsync(this NidoDb db, Content content, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(content);
        var own = await db.Themes.AsNoTracking().ToListAsync(stop);
        return [.. content.Themes.Concat(own.Select(t => t.Theme)).OrderBy(t => t.Name.En, StringComparer.Ordinal)];
    }
}
