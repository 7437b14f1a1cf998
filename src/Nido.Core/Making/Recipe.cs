namespace Nido.Core.Making;

/// <summary>Something mixed: dough, paste, coloured rice.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">On the card.</param>
/// <param name="Family">Recipes of a family stand in for each other where an allergy asks it.</param>
/// <param name="Ingredients">In the order they are added.</param>
/// <param name="Yield">What the amounts as written give.</param>
/// <param name="YieldUnit">g or mL.</param>
/// <param name="Minutes">Work.</param>
/// <param name="WaitMinutes">Cooling, drying or resting before use.</param>
/// <param name="KeepsDays">Shelf life; common practice.</param>
/// <param name="AdultOnly">Heat or another reason.</param>
/// <param name="Actions">What is done, for the safety rules.</param>
/// <param name="Steps">In order.</param>
public sealed record Recipe(
    string Id,
    InBoth Name,
    string Family,
    IReadOnlyList<RecipeScale.Ingredient> Ingredients,
    double Yield,
    string YieldUnit,
    int Minutes,
    int WaitMinutes,
    int KeepsDays,
    bool AdultOnly,
    IReadOnlyList<string> Actions,
    IReadOnlyList<InBoth> Steps
)
{
    /// <summary>Id of the material that comes out, or null where it is none of the cupboard.</summary>
    public string? Makes { get; init; }

    /// <summary>What its ingredients bring with them, in the order of the ingredients.</summary>
    public IReadOnlyList<RecipePart> Parts { get; init; } = [];

    /// <summary>Heated until it is done: what was raw is cooked then.</summary>
    public bool IsCooked => Actions.Contains("heat") || Actions.Contains("cook");

    /// <summary>Something raw is in it and stays raw.</summary>
    public bool StaysRaw => !IsCooked && Parts.Any(p => p.IsRaw);

    /// <summary>Grams of a substance in a unit of what comes out.</summary>
    public double GramsOf(string substance) => Parts.Sum(p => p.Grams.GetValueOrDefault(substance)) / Yield;

    /// <summary>Every allergen of its ingredients.</summary>
    public IReadOnlyList<string> Allergens => [.. Ingredients.SelectMany(i => i.Allergens ?? []).Distinct()];
}
