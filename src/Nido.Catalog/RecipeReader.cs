using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Making;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads something mixed.</summary>
internal static class RecipeReader
{
    private static readonly HashSet<string> Units = ["g", "mL", "tsp", "tbsp", "cup", "piece"];

    /// <summary>The recipe of a file.</summary>
    public static Recipe Read(ContentFile f, IReadOnlyList<Material> materials, AllergenBook book)
    {
        var yields = f.Map("yield", needed: true);
        var read = f.Maps("ingredients").Select(i => Ingredient(i, materials, book)).ToArray();
        if (read.Length == 0)
        {
            f.Refuse("ingredients", "at least one ingredient is wanted");
        }

        var recipe = new Recipe(
            f.Text("id"),
            f.Both("name"),
            f.Text("family"),
            [.. read.Select(r => r.Ingredient)],
            yields.Whole("amount", 1, 100_000),
            yields.Choice("unit", ["g", "mL"]),
            f.Whole("minutes", 1, 240),
            f.Whole("wait-minutes", 0, 6000, 0),
            f.Whole("keeps-days", 0, 365),
            f.Flag("adult-only"),
            f.Texts("actions", Doing.All),
            f.Boths("steps", least: 1)
        )
        {
            Parts = [.. read.Select(r => r.Part)],
            Makes = f.Has("makes") ? f.Choice("makes", [.. materials.Select(m => m.Id)]) : null,
        };
        yields.NothingElse();
        return recipe;
    }

    /// <summary>An ingredient is a material of the cupboard (`material: salt`) or says itself what it
    /// contains.</summary>
    private static (RecipeScale.Ingredient Ingredient, RecipePart Part) Ingredient(
        ContentFile i,
        IReadOnlyList<Material> materials,
        AllergenBook book
    )
    {
        var material = i.Has("material") ? materials.FirstOrDefault(m => m.Id == i.Text("material")) : null;
        if (i.Has("material") && material is null)
        {
            i.Refuse("material", $"material `{i.Text("material")}` is not known; it needs a file in materials/");
        }

        if (material is null && !i.Has("contains"))
        {
            i.Refuse(
                "name",
                $"`{i.Both("name")}`: name its material, or say which allergens it contains, if only `contains: []`"
            );
        }

        var read = new RecipeScale.Ingredient(
            i.Both("name"),
            i.Number("amount") ?? 0,
            i.Choice("unit", Units),
            i.Number("density"),
            material?.Allergens ?? MaterialReader.Allergens(i, "contains", book)
        );
        if (read.Amount <= 0)
        {
            i.Refuse("amount", $"`{read.Name}` needs an amount over 0");
        }

        var grams = read.Unit == "g" ? read.Amount : read.Amount * (read.Density ?? 1);
        var part = new RecipePart(
            read.Name,
            material?.Id,
            material?.Tags.Contains("food") ?? i.Choice("food", ["true", "false"], "true") == "true",
            material?.Tags.Contains("raw-flour") ?? i.Flag("raw"),
            material?.MayContain ?? MaterialReader.Allergens(i, "may-contain", book),
            (material?.Grams ?? SafetyReader.GramsOf(i)).ToDictionary(g => g.Key, g => g.Value * grams)
        );
        i.NothingElse();
        return (read, part);
    }
}
