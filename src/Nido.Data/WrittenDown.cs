using System.Globalization;
using System.Text;
using Microsoft.EntityFrameworkCore;
using Nido.Core.Words;

namespace Nido.Data;

/// <summary>Something that was written down, as the index knows it.</summary>
/// <param name="Kind">seen, note or picture.</param>
/// <param name="Ref">Id of its row.</param>
/// <param name="Day">Its day.</param>
public sealed record WrittenLine(string Kind, long Ref, string Day);

/// <summary>Finds what was written down, by SQLite's full text search.</summary>
public static class WrittenDown
{
    private const string Counted =
        "SELECT count(*) AS \"Value\" FROM found WHERE found MATCH {0} AND ({1} = '' OR kind = {1}) AND day BETWEEN {2} AND {3}";

    private const string Listed = """
        SELECT kind AS "Kind", ref AS "Ref", day AS "Day" FROM found
        WHERE found MATCH {0} AND ({1} = '' OR kind = {1}) AND day BETWEEN {2} AND {3}
        ORDER BY day DESC, rowid DESC LIMIT {4}
        """;

    /// <summary>What is found, newest first, and how much there is in all.</summary>
    /// <param name="db">The site.</param>
    /// <param name="groupId">In this group.</param>
    /// <param name="words">Each begins a word of the text or of a child's name; none finds all.</param>
    /// <param name="children">Ids and names of the children of the group.</param>
    /// <param name="kind">seen, note or picture; null for all.</param>
    /// <param name="childId">Only of this child; null for all.</param>
    /// <param name="days">The first and the last day looked at; null for any.</param>
    /// <param name="most">So many at most.</param>
    /// <param name="stop">Gives up.</param>
    public static async Task<(int Count, IReadOnlyList<WrittenLine> Lines)> FindAsync(
        NidoDb db,
        string groupId,
        string words,
        IReadOnlyDictionary<string, string> children,
        string? kind,
        string? childId,
        (DateOnly? First, DateOnly? Last) days,
        int most,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(words);
        var gone = await db
            .Children.IgnoreQueryFilters()
            .Where(c => c.GroupId == groupId && c.BinnedAt != null)
            .Select(c => c.Id)
            .ToListAsync(stop);
        var asked = Asked(groupId, words, children, childId, gone);
        var any = kind ?? "";
        var (first, last) = (Day(days.First ?? DateOnly.MinValue), Day(days.Last ?? DateOnly.MaxValue));
        var count = await db.Database.SqlQueryRaw<int>(Counted, asked, any, first, last).SingleAsync(stop);
        var lines = await db.Database.SqlQueryRaw<WrittenLine>(Listed, asked, any, first, last, most).ToListAsync(stop);
        return (count, lines);
    }

    /// <summary>The question in the words of the index: each is quoted, so that nothing in it is taken for an
    /// operator.</summary>
    internal static string Asked(
        string groupId,
        string words,
        IReadOnlyDictionary<string, string> children,
        string? childId,
        IReadOnlyCollection<string> gone
    )
    {
        var query = new StringBuilder($"grp:{Quoted(groupId)}");
        if (childId is not null)
        {
            query.Append(CultureInfo.InvariantCulture, $" AND who:{Quoted(childId)}");
        }

        foreach (var word in WordsOf(words))
        {
            var named = children.Where(c => WordsOf(c.Value).Any(w => w.StartsWith(word, StringComparison.Ordinal)));
            string[] either = [$"text:{Quoted(word)}*", .. named.Select(c => $"who:{Quoted(c.Key)}")];
            query.Append(CultureInfo.InvariantCulture, $" AND ({string.Join(" OR ", either)})");
        }

        if (gone.Count > 0)
        {
            query.Append(
                CultureInfo.InvariantCulture,
                $" NOT ({string.Join(" OR ", gone.Select(c => $"who:{Quoted(c)}"))})"
            );
        }

        return query.ToString();
    }

    /// <summary>The words of a text as the index cuts it: letters and digits, without marks and capitals.</summary>
    internal static IEnumerable<string> WordsOf(string text) =>
        string.Concat(
                Letters
                    .Plainly(Letters.Composed(text))
                    .ToLowerInvariant()
                    .Select(c => char.IsLetterOrDigit(c) ? c : ' ')
            )
            .Split(' ', StringSplitOptions.RemoveEmptyEntries);

    /// <summary>A day as the index has it.</summary>
    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static string Quoted(string word) => $"\"{word.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";
}
