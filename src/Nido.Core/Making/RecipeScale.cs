using Nido.Core.Allergens;

namespace Nido.Core.Making;

/// <summary>A recipe for so many children, in amounts a kitchen can measure.</summary>
public static class RecipeScale
{
    /// <summary>How far an ingredient may be off the others, as a share.</summary>
    private const double MostError = 0.05;

    private const int Tries = 250;

    private static readonly string[] Units = ["g", "mL", "tsp", "tbsp", "cup", "piece"];

    /// <summary>An ingredient.</summary>
    /// <param name="Name">In words.</param>
    /// <param name="Amount">As written.</param>
    /// <param name="Unit">g, mL, tsp, tbsp, cup or piece.</param>
    /// <param name="Density">g/mL; needed to show grams as cups, or the other way round.</param>
    /// <param name="Allergens">It carries.</param>
    public sealed record Ingredient(
        InBoth Name,
        double Amount,
        string Unit,
        double? Density = null,
        IReadOnlyList<string>? Allergens = null
    );

    /// <summary>What is asked: a known recipe, or ingredients and what they give.</summary>
    /// <param name="Recipe">Id of a known recipe, or null.</param>
    /// <param name="Ingredients">As written, where no recipe is named.</param>
    /// <param name="Yield">What they give.</param>
    /// <param name="YieldUnit">g or mL.</param>
    /// <param name="Children">Who gets some.</param>
    /// <param name="AmountEach">In the yield's unit.</param>
    /// <param name="Measures">us or metric.</param>
    /// <param name="Avoid">Allergens that must not be in it.</param>
    public sealed record Ask(
        int Children,
        double AmountEach,
        string? Recipe = null,
        IReadOnlyList<Ingredient>? Ingredients = null,
        double? Yield = null,
        string? YieldUnit = null,
        string Measures = "metric",
        IReadOnlyList<string>? Avoid = null
    );

    /// <summary>An ingredient to measure.</summary>
    /// <param name="Name">In words.</param>
    /// <param name="ExactAmount">By the factor, in the unit as written.</param>
    /// <param name="ShownAmount">What is measured.</param>
    /// <param name="Unit">Of the shown amount.</param>
    /// <param name="Error">Share by which it is off.</param>
    public sealed record Measured(InBoth Name, double ExactAmount, double ShownAmount, string Unit, double Error);

    /// <summary>What comes out.</summary>
    /// <param name="Factor">Times the recipe as written.</param>
    /// <param name="BatchYield">What the batch gives.</param>
    /// <param name="Ingredients">In order.</param>
    /// <param name="MaxRatioError">The largest error of an ingredient.</param>
    /// <param name="Allergens">In the batch.</param>
    /// <param name="Variant">The recipe taken, where one was named; another than asked where an allergy asks
    /// it.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        double Factor,
        double BatchYield,
        IReadOnlyList<Measured> Ingredients,
        double MaxRatioError,
        IReadOnlyList<string> Allergens,
        string? Variant,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new(
            "recipe-scale",
            28,
            (ask, known) => Of(ask, known.Recipes, known.Allergens),
            "batchYield",
            "variant",
            "allergens",
            "maxRatioError"
        )
        {
            Fields =
            [
                AskField.Choice(
                    "recipe",
                    "dough-wheat-cooked",
                    "dough-wheat-cooked",
                    "dough-wheat-raw",
                    "dough-cornstarch",
                    "dough-rice",
                    "salt-dough",
                    "salt-dough-cornstarch",
                    "bubbles",
                    "paste-wheat",
                    "paste-cornstarch",
                    "coloured-rice",
                    "coloured-salt",
                    "finger-paint",
                    "finger-paint-yoghurt"
                ),
                AskField.Count("children", 14, 1, 1000),
                AskField.Number("amountEach", 120, 0.01, 100_000, "g, mL"),
                AskField.Choice("measures", "metric", "metric", "us"),
                new("avoid", AskKind.Words, ""),
            ],
        };

    /// <summary>Scales to the smallest batch from 1 to 1.25 times the need in which every ingredient can be measured to
    /// 5%.</summary>
    /// <param name="ask">What is asked.</param>
    /// <param name="known">The recipes that can be named.</param>
    /// <param name="book">The vocabulary the words of <see cref="Ask.Avoid"/> are read with; null where they are ids
    /// already.</param>
    public static Answer Of(Ask ask, IReadOnlyList<Recipe> known, AllergenBook? book = null)
    {
        ArgumentNullException.ThrowIfNull(ask);
        book ??= AllergenBook.Empty;
        ask = ask with { Avoid = Read(ask.Avoid ?? [], book) };
        var children = Need.Whole("children", ask.Children, 1, 1000);
        var each = Need.Between("amountEach", ask.AmountEach, 0.01, 100_000);
        var us = Need.OneOf("measures", ask.Measures, "us", "metric") == "us";
        var recipe = Chosen(ask, known, book);
        var ingredients = Checked(recipe?.Ingredients ?? ask.Ingredients);
        var gives = Need.Between("yield", recipe?.Yield ?? ask.Yield ?? 0, 0.01, 1_000_000);
        var unit = recipe?.YieldUnit ?? Need.OneOf("yieldUnit", ask.YieldUnit ?? "g", "g", "mL");
        string[] allergens = [.. ingredients.SelectMany(i => i.Allergens ?? []).Distinct()];
        if (ask.Avoid!.FirstOrDefault(a => allergens.Any(h => book.Meets(a, h))) is { } carried)
        {
            throw Need.Refused(
                "avoid",
                carried,
                $"the recipe carries it, and no variant without is "
                    + $"known{Said.When(recipe is null, $"; leave the ingredient out or name a recipe")}"
            );
        }

        var need = children * each / gives;
        var (factor, measured, error) = Enumerable
            .Range(0, Tries + 1)
            .Select(k => need * (1 + (0.25 * k / Tries)))
            .Select(f => (Factor: f, Measured: ingredients.Select(i => Measure(i, f, us)).ToArray()))
            .Select(x => (x.Factor, x.Measured, Error: x.Measured.Max(m => Math.Abs(m.Error))))
            .OrderBy(x => x.Error <= MostError ? 0 : x.Error)
            .ThenBy(x => x.Factor)
            .First();
        return new(
            Need.Round(factor),
            Need.Round(gives * factor),
            measured,
            Math.Round(error, 4),
            allergens,
            recipe?.Id,
            [
                $"{children} × {each:0.##} {unit} = {children * each:0.##} {unit}; the recipe gives "
                    + $"{gives:0.##} {unit}, so {need:0.###} times it",
                $"Batch of {factor:0.###} times: {gives * factor:0.#} {unit}, {100 * ((factor / need) - 1):0}% more than needed",
                error <= MostError
                    ? (Said)$"Every ingredient is within {100 * error:0.#}% of its share"
                    : $"One ingredient is {100 * error:0.#}% off: make a larger batch, or measure it by weight",
                .. recipe is not null && recipe.Id != ask.Recipe
                    ? (Said[])[$"{recipe.Name} instead, because of {ask.Avoid!.Select(book.Called)}"]
                    : [],
                allergens.Length > 0
                    ? (Said)$"Carries {allergens.Select(book.Called)}: read every label"
                    : $"No listed allergen; read every label all the same",
            ]
        );
    }

    /// <summary>The words for what to avoid, as ids; one that nobody knows is refused, not passed over.</summary>
    private static IReadOnlyList<string> Read(IReadOnlyList<string> avoid, AllergenBook book)
    {
        if (book.All.Count == 0)
        {
            return avoid;
        }

        var read = book.Read(avoid);
        return read.Unknown.Count == 0
            ? read.Allergens
            : throw Need.Refused(
                "avoid",
                read.Unknown[0],
                read.Asked is [var near, ..]
                    ? (Said)$"did you mean {near.DidYouMean.Select(book.Called):or}?"
                    : $"this allergen is not known; the list is at /api/allergens"
            );
    }

    private static Recipe? Chosen(Ask ask, IReadOnlyList<Recipe> known, AllergenBook book)
    {
        if (ask.Recipe is null)
        {
            return null;
        }

        var named =
            known.FirstOrDefault(r => r.Id == ask.Recipe)
            ?? throw Need.Refused("recipe", ask.Recipe, $"known are {string.Join(", ", known.Select(r => r.Id))}");
        // What stays raw never stands in for what is cooked.
        return known
                .Where(r =>
                    r.Family == named.Family
                    && (!r.StaysRaw || named.StaysRaw)
                    && !r.Allergens.Any(h => ask.Avoid!.Any(a => book.Meets(a, h)))
                )
                .OrderBy(r => r != named)
                .FirstOrDefault()
            ?? named;
    }

    private static IReadOnlyList<Ingredient> Checked(IReadOnlyList<Ingredient>? ingredients)
    {
        var list = Need.Some("ingredients", ingredients, 1, 30);
        for (var k = 0; k < list.Count; k++)
        {
            Need.Between($"ingredients[{k}].amount", list[k].Amount, 0.01, 100_000);
            Need.OneOf($"ingredients[{k}].unit", list[k].Unit, Units);
            Need.Between($"ingredients[{k}].density", list[k].Density ?? 1, 0.01, 20, "g/mL");
        }

        return list;
    }

    private static Measured Measure(Ingredient i, double factor, bool us)
    {
        var exact = i.Amount * factor;
        if (i.Unit == "piece")
        {
            var pieces = Math.Max(1, Math.Round(exact));
            return new(i.Name, Need.Round(exact), pieces, "piece", Math.Round((pieces / exact) - 1, 4));
        }

        var spoon = i.Unit switch
        {
            "tsp" => HouseholdMeasures.Teaspoon,
            "tbsp" => HouseholdMeasures.Tablespoon,
            "cup" => HouseholdMeasures.Cup,
            _ => 1.0,
        };
        // Metric shows what is written in grams as grams and everything else as mL; US measures need a volume.
        var inUs = us && (i.Unit != "g" || i.Density is not null);
        var perUnit = inUs && i.Unit == "g" ? 1 / i.Density!.Value : spoon;
        var (amount, shown, unit) = HouseholdMeasures.Nearest(exact * perUnit, inUs);
        return new(
            i.Name,
            Need.Round(exact),
            shown,
            inUs ? unit
                : i.Unit == "g" ? "g"
                : "mL",
            Math.Round((amount / (exact * perUnit)) - 1, 4)
        );
    }
}
