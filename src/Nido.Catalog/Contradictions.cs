using Nido.Core.Cupboard;
using Nido.Core.Making;

namespace Nido.Catalog;

/// <summary>Holds what a recipe says against the material it makes: each alone may be right, and both together
/// not.</summary>
internal static class Contradictions
{
    /// <summary>Notes every contradiction between recipes and materials.</summary>
    public static void Between(
        IReadOnlyList<Material> materials,
        IReadOnlyList<Recipe> recipes,
        IReadOnlyList<MakeFrom> makes,
        List<ContentProblem> problems
    )
    {
        var byId = materials.ToDictionary(m => m.Id);
        foreach (var recipe in recipes)
        {
            problems.AddRange(
                Heavier(recipe)
                    .Concat(recipe.Makes is { } id && byId.TryGetValue(id, out var made) ? Between(recipe, made) : [])
                    .Select(reason => new ContentProblem($"recipes/{recipe.Id}.yaml", 1, reason))
            );
        }

        // What a shop sells may be another make of it, and weigh more.
        foreach (var way in makes.Where(w => byId.TryGetValue(w.Makes, out var m) && m.Mass is > 0 && !m.IsSold))
        {
            var given = way.From.Where(x => byId.ContainsKey(x.Key)).Sum(x => Mass(byId[x.Key]) * x.Value);
            var taken = byId[way.Makes].Mass!.Value * way.Amount;
            if (way.From.Keys.All(k => byId.ContainsKey(k) && Mass(byId[k]) > 0) && taken > 1.6 * given)
            {
                problems.Add(new($"make-from/{way.Id}.yaml", 1, $"{taken:0.#} g come out of {given:0.#} g"));
            }
        }
    }

    private static double Mass(Material m) =>
        m.Unit == MaterialUnit.Gram ? 1
        : m.Unit == MaterialUnit.Millilitre ? m.Density ?? 1
        : m.Mass ?? 0;

    private static IEnumerable<string> Between(Recipe recipe, Material made)
    {
        foreach (var allergen in recipe.Allergens.Except(made.Allergens))
        {
            yield return $"its ingredients hold {allergen}, and the material {made.Id} does not say so";
        }

        foreach (
            var allergen in recipe
                .Parts.SelectMany(p => p.MayContain)
                .Distinct()
                .Except(made.Allergens.Concat(made.MayContain))
        )
        {
            yield return $"its ingredients may hold {allergen}, and the material {made.Id} does not say so";
        }

        if (recipe.StaysRaw != made.Tags.Contains("raw-flour"))
        {
            yield return recipe.StaysRaw
                ? $"it is not cooked, and {made.Id} is no `raw-flour`: an uncooked one makes another material"
                : $"it is cooked, and {made.Id} is `raw-flour`";
        }

        if (recipe.IsCooked && recipe.Parts.Any(p => p.IsRaw) && !made.Tags.Contains("cooked"))
        {
            yield return $"it is cooked, and {made.Id} is not tagged `cooked`";
        }

        if (recipe.Parts.Any(p => p.IsFood) && !made.Tags.Contains("food"))
        {
            yield return $"it is made of food, and {made.Id} is not tagged `food`";
        }

        if (made.KeepsDays != recipe.KeepsDays)
        {
            yield return $"it keeps {recipe.KeepsDays} days, and {made.Id} {(made.KeepsDays is { } days ? $"{days} days" : "for good")}";
        }

        foreach (var substance in ConditionReader.Substances)
        {
            var (mixed, said) = (recipe.GramsOf(substance), made.Grams.GetValueOrDefault(substance));
            if (Math.Abs(mixed - said) > 0.1 * Math.Max(mixed, said) + 1e-9)
            {
                yield return $"a unit of it holds {mixed:0.###} g of {substance}, and {made.Id} says {said:0.###}";
            }
        }
    }

    /// <summary>What is mixed weighs no more than what goes in, and not much less than what is left when water boils
    /// off.</summary>
    private static IEnumerable<string> Heavier(Recipe recipe)
    {
        if (recipe.YieldUnit != "g" || recipe.Ingredients.Any(i => i.Unit is not ("g" or "mL")))
        {
            yield break;
        }

        var sum = recipe.Ingredients.Sum(i => i.Unit == "g" ? i.Amount : i.Amount * (i.Density ?? 1));
        if (recipe.Yield > 1.05 * sum || recipe.Yield < 0.7 * sum)
        {
            yield return $"its ingredients weigh {sum:0} g, and it gives {recipe.Yield:0} g";
        }
    }
}
