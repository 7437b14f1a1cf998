using Nido.Core.Cupboard;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads ways to make a material of others.</summary>
internal static class MakeFromReader
{
    /// <summary>The recipe of a file; `cut` works out how many pieces a length gives.</summary>
    public static MakeFrom Read(ContentFile f, IReadOnlySet<string> materials)
    {
        var from = f.Map("from", needed: true);
        var inputs = from.Keys()
            .Where(k => Known(from, k, materials))
            .ToDictionary(k => k, k => from.Number(k) is > 0 and var n ? n : Refused(from, k));
        if (inputs.Count == 0)
        {
            f.Refuse("from", "a recipe takes at least one material");
        }

        var cut = f.Map("cut");
        var amount = f.Has("cut")
            ? MakeFrom
                .Cut(cut.Number("length") ?? 0, Math.Max(1, cut.Number("piece") ?? 0), cut.Number("loss") ?? 0)
                .Pieces
            : f.Number("amount") ?? 0;
        cut.NothingElse();
        if (amount <= 0)
        {
            f.Refuse(
                f.Has("cut") ? "cut" : "amount",
                "a batch gives something: `amount` over 0, or `cut: {length: 197, piece: 60, loss: 0}`"
            );
        }

        return new MakeFrom(
            f.Text("id"),
            Known(f, "makes", f.Text("makes"), materials),
            amount,
            inputs,
            f.Number("minutes") ?? 0,
            f.Whole("wait-minutes", 0, 10_000, 0),
            f.Flag("adult-only"),
            f.Texts("actions", Doing.All),
            f.Both("do")
        )
        {
            Sheet = f.Has("print") ? TechniqueReader.Sheet(f, "print") : null,
            PrintedMinutes = f.Number("print-minutes") ?? 0,
        };
    }

    /// <summary>Says which materials go in a circle, where some do.</summary>
    public static void NoCircle(IReadOnlyList<MakeFrom> recipes, List<ContentProblem> problems)
    {
        if (new MakeChains(recipes).Circle() is { } circle)
        {
            problems.Add(
                new(
                    $"make-from/{recipes.First(r => r.Makes == circle[0]).Id}.yaml",
                    1,
                    $"made of each other in a circle: {string.Join(" ← ", circle)}"
                )
            );
        }
    }

    private static bool Known(ContentFile f, string material, IReadOnlySet<string> materials)
    {
        Known(f, material, material, materials);
        return materials.Contains(material);
    }

    private static string Known(ContentFile f, string key, string material, IReadOnlySet<string> materials)
    {
        if (!materials.Contains(material))
        {
            f.Refuse(key, $"material `{material}` is not known; it needs a file in materials/");
        }

        return material;
    }

    private static double Refused(ContentFile f, string key)
    {
        f.Refuse(key, $"`{key}` needs an amount over 0");
        return 1;
    }
}
