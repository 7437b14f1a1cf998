using System.Text.RegularExpressions;

namespace Nido.Core.Families;

/// <summary>Finds what a child said in what an adult wrote: the words between quotation marks.</summary>
public static partial class SaidByChildren
{
    private const int Shortest = 3;

    /// <summary>The words, each as it was said; those with a name of another child in them are left out.</summary>
    /// <param name="texts">What was written, oldest first.</param>
    /// <param name="others">Names nobody else's family is told.</param>
    public static IReadOnlyList<string> In(IEnumerable<string> texts, IReadOnlyList<string> others) =>
        [
            .. texts
                .SelectMany(t => Quoted().Matches(t))
                .Select(m => m.Groups[1].Value.Trim())
                .Where(w => w.Length >= Shortest && !others.Any(o => Naming.Names(w, o)))
                .Distinct(),
        ];

    [GeneratedRegex("[\u201c\u00ab\"]([^\u201d\u00bb\"]+)[\u201d\u00bb\"]", RegexOptions.None, 1000)]
    private static partial Regex Quoted();
}
