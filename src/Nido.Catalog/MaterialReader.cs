using Nido.Core.Allergens;
using Nido.Core.Cupboard;

namespace Nido.Catalog;

/// <summary>Reads a material, and refuses one that keeps quiet about what safety must know.</summary>
internal static class MaterialReader
{
    /// <summary>What somebody may be allergic to is said of these, if only to say that there is nothing: `contains:
    /// []`.</summary>
    private static readonly string[] SaysWhatItContains =
    [
        "food",
        "scented",
        "natural",
        "packaging",
        "elastic",
        "glue",
        "moulds",
        "soap",
    ];

    /// <summary>The material of a file.</summary>
    public static Material Read(ContentFile f, IReadOnlyCollection<PairTable> tables, AllergenBook book)
    {
        var pack = f.Map("pack");
        var colours = pack.Map("colours");
        var material = new Material(f.Text("id"), f.Both("name"), f.Text("shelf"), f.Choice<MaterialUnit>("unit"))
        {
            Body = BodyReader.Read(f),
            Tags = f.Texts("tags", MaterialTags.All, least: 1).ToHashSet(),
            Colours = f.Texts("colours"),
            Hollow = new(f.Number("hole"), f.Number("opening")),
            Weight = new(f.Number("mass"), f.Number("density")),
            Contents = new()
            {
                Allergens = Allergens(f, "contains", book),
                MayContain = Allergens(f, "may-contain", book),
                Held = Allergens(f, "held", book),
                Grams = SafetyReader.GramsOf(f),
            },
            Keeping = new(
                f.Flag("consumable"),
                f.Whole("turnaround-minutes", 0, 10_000, 0),
                f.Has("keeps-days") ? f.Whole("keeps-days", 0, 365) : null
            ),
            Pack = f.Has("pack")
                ? new(pack.Number("size"), pack.Whole("cents", 0, 100_000))
                {
                    Shares = colours.Keys().ToDictionary(c => c, c => (colours.Number(c) ?? 0) / 100),
                }
                : null,
            Parts = SafetyReader.Parts(f),
            Cord = SafetyReader.CordOf(f),
            Fitting = PairReader.Fitting(f, tables),
        };
        if (material.PackShares.Count > 0 && Math.Abs(material.PackShares.Values.Sum() - 1) > 0.005)
        {
            pack.Refuse("colours", $"the shares add up to {100 * material.PackShares.Values.Sum():0.#}, not 100");
        }

        pack.NothingElse();
        Complete(f, material);
        return material;
    }

    /// <summary>Allergens by their id; a synonym is refused with the id it stands for.</summary>
    public static IReadOnlyList<string> Allergens(ContentFile f, string key, AllergenBook book)
    {
        var ids = f.Texts(key);
        foreach (var unknown in ids.Where(id => book.Find(id) is not { Means.Count: 0 }))
        {
            var read = book.Read(unknown).Allergens;
            f.Refuse(
                key,
                $"`{unknown}` in `{key}` is no "
                    + $"allergen{(read.Count > 0 ? $"; write {string.Join(", ", read)}" : "; it needs a file in allergens/")}"
            );
        }

        return [.. ids.Where(id => book.Find(id) is { Means.Count: 0 })];
    }

    /// <summary>Whether what a thing contains has to be said, by what it is.</summary>
    public static bool AsksWhatItContains(Material material) => SaysWhatItContains.Any(material.Tags.Contains);

    private static void Complete(ContentFile f, Material material)
    {
        if (SaysWhatItContains.FirstOrDefault(material.Tags.Contains) is { } tag && !f.Has("contains"))
        {
            f.Refuse(
                "tags",
                $"`{tag}`: say which allergens it contains, `contains: [wheat]`, or `contains: []` where there are none"
            );
        }

        if (material.Tags.Contains("packaging") && !f.Has("held"))
        {
            f.Refuse("tags", "packaging: say what was in it, `held: [milk]`, or `held: []`");
        }

        if (material.Tags.Contains("cord") && material.Cord is null)
        {
            f.Refuse("tags", "a cord without length: `cord: {length: 900}` in mm, or `cord: by-the-metre`");
        }

        foreach (var part in material.Parts.Where(p => !p.Body.IsMeasured))
        {
            f.Refuse("parts", $"the part `{part.Name}` needs its size");
        }

        if (material.Tags.Contains("salt") && !material.Grams.ContainsKey("salt"))
        {
            f.Refuse("tags", "salt: say how much of a unit is salt, `grams: {salt: 0.2}`");
        }

        if (
            material.Name.En.Contains("flour", StringComparison.OrdinalIgnoreCase)
            && !material.Tags.Contains("raw-flour")
            && !material.Tags.Contains("cooked")
        )
        {
            f.Refuse("tags", "flour is raw or cooked: `raw-flour`, or `cooked` where it was heated");
        }

        if (material.IsSold && material.PackCents == 0 && material.Id != "water")
        {
            f.Refuse("pack", "a pack has its price in cents");
        }
    }
}
