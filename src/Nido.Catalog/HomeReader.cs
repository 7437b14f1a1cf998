using Nido.Core.Allergens;
using Nido.Core.Ideas;

namespace Nido.Catalog;

/// <summary>Reads what a home has.</summary>
internal static class HomeReader
{
    /// <summary>The things of a file.</summary>
    public static IReadOnlyList<HomeThing> Read(ContentFile f, AllergenBook book)
    {
        f.Text("id");
        f.Text("source");
        HomeThing[] things =
        [
            .. f.Maps("things")
                .Select(t =>
                {
                    var thing = new HomeThing(
                        t.Text("id"),
                        t.Both("name"),
                        MaterialReader.Allergens(t, "contains", book),
                        t.Whole("from-months", 0, 96, 0)
                    );
                    t.NothingElse();
                    return thing;
                }),
        ];
        if (things.DistinctBy(t => t.Id).Count() < things.Length)
        {
            f.Refuse("things", "two things have one id");
        }

        return things;
    }
}
