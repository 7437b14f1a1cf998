using Nido.Core.Making;

namespace Nido.Catalog;

/// <summary>Reads something mixed.</summary>
internal static class RecipeReader
{
    private static readonly HashSet<string> Units = ["g", "mL", "tsp", "tbsp", "cup", "piece"];

    /// <summary>The recipe of a file.</summary>
    public static Recipe Read(ContentFile f, IReadOnlySet<string> materials)
    {
        var yields = f.Map("yield", needed: true);
        var ingredients = f.Maps("ingredients").Select(i =>
        {
            var read = new RecipeScale.Ingredient(i.Text("name"), i.Number("amount") ?? 0, i.Choice("unit", Units), i.Number("density"), i.Texts("allergens"));
            if (read.Amount <= 0)
            {
                i.Refuse("amount", $"`{read.Name}` needs an amount over 0");
            }

            i.NothingElse();
            return read;
        }).ToArray();
        if (ingredients.Length == 0)
        {
            f.Refuse("ingredients", "at least one ingredient is wanted");
        }

        var recipe = new Recipe(
            f.Text("id"), f.Text("name"), f.Text("family"), ingredients, yields.Whole("amount", 1, 100_000), yields.Choice("unit", ["g", "mL"]),
            f.Whole("minutes", 1, 240), f.Whole("wait-minutes", 0, 6000, 0), f.Whole("keeps-days", 0, 365), f.Flag("adult-only"),
            f.Texts("actions", SafetyReader.Actions), f.Texts("steps", least: 1))
        {
            Makes = f.Has("makes") ? f.Choice("makes", materials.ToArray()) : null,
        };
        yields.NothingElse();
        return recipe;
    }
}
