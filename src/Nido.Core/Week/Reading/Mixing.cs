using Nido.Core.Making;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Reading;

/// <summary>A recipe scaled to what is missing.</summary>
/// <param name="Recipe">The recipe: one of those that may be offered to the group.</param>
/// <param name="Scaled">Its ingredients in household measures.</param>
public sealed record Mixing(Recipe Recipe, RecipeScale.Answer Scaled)
{
    // What is made on a Friday has to keep until Monday.
    private const int OverAWeekend = 3;

    /// <summary>The recipe for a material at an amount, or null where none is known.</summary>
    /// <param name="material">Id of what is missing.</param>
    /// <param name="amount">g or mL of it.</param>
    /// <param name="input">The week: its recipes, its measures.</param>
    public static Mixing? Of(string material, double amount, WeekInput input)
    {
        ArgumentNullException.ThrowIfNull(input);
        // Only ways that may be offered to this group are in the input: an allergy, or flour that stays raw, keeps a
        // recipe out of it.
        var recipe = input
            .Recipes.Where(r => r.Makes == material)
            .OrderBy(r => r.KeepsDays < OverAWeekend)
            .ThenBy(r => r.WaitMinutes)
            .ThenBy(r => r.Minutes)
            .ThenBy(r => r.Id, StringComparer.Ordinal)
            .FirstOrDefault();
        return recipe is null ? null : new(recipe, ScaledTo(recipe, amount, input));
    }

    /// <summary>A recipe at an amount, in the measures of the group.</summary>
    public static RecipeScale.Answer ScaledTo(Recipe recipe, double amount, WeekInput input)
    {
        ArgumentNullException.ThrowIfNull(recipe);
        ArgumentNullException.ThrowIfNull(input);
        return RecipeScale.Of(
            new(
                Recipe: recipe.Id,
                Children: 1,
                AmountEach: Math.Clamp(amount, 1, 100_000),
                Measures: input.Group.Settings.MetricUnits ? "metric" : "us"
            ),
            input.Recipes
        );
    }
}
