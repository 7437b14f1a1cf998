using Nido.Core.Ideas;

namespace Nido.Core.Week.Term;

/// <summary>A letter and a range of numbers for each week of a term. A proposal: a teacher changes what she
/// likes.</summary>
public static class LetterPlan
{
    // From here on, one more every second week, the older ones twice as far: our own convention.
    private const int FirstNumber = 5;
    private const int LastNumber = 10;

    /// <summary>
    /// Each week the letter with which most of its theme's words clearly begin, among those no week of the term has had
    /// yet; where
    /// two have as many, the one with which more children's names begin, then the one earlier in the alphabet.
    /// </summary>
    /// <param name="clear">For each week, how many words of its theme clearly begin with each letter; capitals.</param>
    /// <param name="names">The children's names.</param>
    /// <param name="had">Letters that are taken already; capitals.</param>
    public static IReadOnlyList<WeekFocus> Of(
        IReadOnlyList<IReadOnlyDictionary<char, int>> clear,
        IReadOnlyList<string> names,
        IReadOnlySet<char> had
    )
    {
        ArgumentNullException.ThrowIfNull(clear);
        ArgumentNullException.ThrowIfNull(names);
        var taken = had.ToHashSet();
        int Named(char letter) => names.Count(n => n.StartsWith($"{letter}", StringComparison.OrdinalIgnoreCase));
        var plan = new List<WeekFocus>();
        for (var w = 0; w < clear.Count; w++)
        {
            var open = Enumerable.Range('A', 26).Select(c => (char)c).Where(c => !taken.Contains(c)).ToArray();
            // After all of them the alphabet begins anew.
            var among = open.Length > 0 ? open : [.. Enumerable.Range('A', 26).Select(c => (char)c)];
            var letter = among
                .OrderByDescending(c => clear[w].GetValueOrDefault(c))
                .ThenByDescending(Named)
                .ThenBy(c => c)
                .First();
            taken.Add(letter);
            var to = Math.Min(LastNumber, FirstNumber + (w / 2));
            plan.Add(new($"{letter}", to, 2 * to));
        }

        return plan;
    }
}
