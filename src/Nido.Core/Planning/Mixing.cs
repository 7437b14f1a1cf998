using Nido.Core.Making;

namespace Nido.Core.Planning;

/// <summary>A recipe scaled to what is missing.</summary>
/// <param name="Recipe">The recipe, a variant without the allergens of the children where there is one.</param>
/// <param name="Scaled">Its ingredients in household measures.</param>
public sealed record Mixing(Recipe Recipe, RecipeScale.Answer Scaled)
{
    /// <summary>The recipe for a material at an amount, or null where none is known.</summary>
    /// <param name="material">Id of what is missing.</param>
    /// <param name="amount">g or mL of it.</param>
    /// <param name="input">The week: its recipes, its children's allergies, its measures.</param>
    public static Mixing? Of(string material, double amount, WeekInput input)
    {
        ArgumentNullException.ThrowIfNull(input);
        var avoid = input.Group.Children.SelectMany(c => c.Allergies).ToHashSet();
        var recipe = input.Recipes.Where(r => r.Makes == material && !r.Allergens.Any(avoid.Contains))
            .OrderBy(r => r.WaitMinutes).ThenBy(r => r.Minutes).ThenBy(r => r.Id, StringComparer.Ordinal).FirstOrDefault();
        return recipe is null ? null
            : new(recipe, RecipeScale.Of(
                new(Recipe: recipe.Id, Children: 1, AmountEach: Math.Clamp(amount, 1, 100_000), Measures: input.Group.Settings.MetricUnits ? "metric" : "us"), input.Recipes));
    }
}
