using Nido.Core.Group.Steps;
using Nido.Core.Words;

namespace Nido.Core.Journal;

/// <summary>Finds what was written down: every word asked for stands in the note, whatever its marks and
/// capitals.</summary>
public static class Found
{
    /// <summary>What is found, newest first.</summary>
    /// <param name="observations">Everything seen.</param>
    /// <param name="words">Words with spaces between them; empty finds all that has a note.</param>
    /// <param name="name">Name of a child, which is found by it, too.</param>
    public static IEnumerable<Observation> In(
        IEnumerable<Observation> observations,
        string words,
        Func<string, string> name
    )
    {
        ArgumentNullException.ThrowIfNull(words);
        string[] asked = [.. Plain(words).Split(' ', StringSplitOptions.RemoveEmptyEntries)];
        return observations
            .Where(o =>
                asked.Length > 0
                    ? asked.All($"{Plain(o.Note)} {Plain(name(o.ChildId))} {Plain(o.By)}".Contains)
                    : o.Note.Length > 0
            )
            .OrderByDescending(o => o.On)
            .ThenByDescending(o => o.Id);
    }

    private static string Plain(string text) => Letters.Plainly(Letters.Composed(text)).ToLowerInvariant();
}
