using Nido.Core.Allergens;

namespace Nido.Catalog;

/// <summary>Reads an allergen, and holds the vocabulary together: no word stands for two things, nothing hangs on what
/// is not there.</summary>
internal static class AllergenReader
{
    private static readonly HashSet<string> Lists =
    [
        Allergen.EuropeanList,
        Allergen.AmericanList,
        Allergen.CraftRoomList,
    ];

    /// <summary>The allergen of a file.</summary>
    public static Allergen Read(ContentFile f)
    {
        var (name, words) = (f.Map("name", needed: true), f.Map("words"));
        var allergen = new Allergen(
            f.Text("id"),
            name.Text("en"),
            name.Text("es"),
            [.. words.Texts("en"), .. words.Texts("es")],
            f.Has("within") ? f.Text("within") : null,
            f.Texts("lists", Lists),
            f.Texts("means"),
            f.Text("source")
        );
        name.NothingElse();
        words.NothingElse();
        return allergen;
    }

    /// <summary>Refuses a word that two allergens claim, and what hangs on one that is not there.</summary>
    public static AllergenBook Together(IReadOnlyList<Allergen> allergens, List<ContentProblem> problems)
    {
        var ids = allergens.Select(a => a.Id).ToHashSet();
        foreach (var allergen in allergens)
        {
            foreach (
                var missing in allergen.Means.Append(allergen.Within).OfType<string>().Where(id => !ids.Contains(id))
            )
            {
                problems.Add(
                    new(
                        $"allergens/{allergen.Id}.yaml",
                        1,
                        $"`{missing}` is no allergen; it needs a file in allergens/"
                    )
                );
            }
        }

        var twice = allergens
            .SelectMany(a => AllergenBook.WordsOf(a).Select(w => (Key: AllergenWords.Key(w), Word: w, a.Id)))
            .GroupBy(x => x.Key)
            .Where(g => g.Select(x => x.Id).Distinct().Count() > 1);
        problems.AddRange(
            twice.Select(g => new ContentProblem(
                $"allergens/{g.Last().Id}.yaml",
                1,
                $"the word `{g.Last().Word}` stands for {string.Join(" and ", g.Select(x => x.Id).Distinct())}; a word stands for one"
            ))
        );
        return new(allergens);
    }
}
