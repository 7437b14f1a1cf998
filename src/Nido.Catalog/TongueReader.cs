using System.Text.RegularExpressions;
using Nido.Core;

namespace Nido.Catalog;

/// <summary>Reads how sentences are spoken in another language.</summary>
internal static partial class TongueReader
{
    /// <summary>The language of a file. A sentence names every place its English one has, and none that it has
    /// not.</summary>
    public static Tongue Read(ContentFile f)
    {
        var sentences = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var s in f.Maps("sentences"))
        {
            var (english, own) = (s.Verbatim("en"), s.Verbatim("es"));
            if (!sentences.TryAdd(english, own))
            {
                s.Refuse("en", $"“{english}” stands twice");
            }

            string[] places = [.. Places(english).Distinct().Order()];
            string[] named = [.. Places(own).Distinct().Order()];
            if (!places.SequenceEqual(named))
            {
                s.Refuse(
                    "es",
                    $"“{own}” has the places {string.Join(", ", named)}, the English {string.Join(", ", places)}"
                );
            }

            s.NothingElse();
        }

        var words = f.Map("words");
        foreach (var word in words.Keys().Where(w => !sentences.TryAdd(w, words.Verbatim(w))))
        {
            words.Refuse(word, $"“{word}” stands among the sentences already");
        }

        f.Text("id");
        f.NothingElse();
        return Tongue.Spanish(sentences, words.Keys().ToHashSet(StringComparer.Ordinal));
    }

    /// <summary>Words of closed lists that the files of the catalogue bring along and a reader sees: each has its word in
    /// every other language.</summary>
    public static void SayEvery(
        IEnumerable<Tongue> tongues,
        IEnumerable<(string File, string Word)> words,
        List<ContentProblem> problems
    ) =>
        problems.AddRange(
            from tongue in tongues
            from said in words.DistinctBy(w => w.Word)
            where !tongue.Knows(said.Word)
            select new ContentProblem(
                said.File,
                1,
                $"`{said.Word}` has no word in tongues/{tongue.Language}.yaml: write it there under `words`"
            )
        );

    private static IEnumerable<string> Places(string sentence) =>
        Place().Matches(sentence.Replace("{{", "")).Select(m => m.Groups[1].Value);

    [GeneratedRegex("""\{(\d+)""")]
    private static partial Regex Place();
}
