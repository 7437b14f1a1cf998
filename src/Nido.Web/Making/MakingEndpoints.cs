using Nido.Catalog;
using Nido.Core.Making;
using Nido.Web.Common;

namespace Nido.Web.Making;

/// <summary>Making: every calculator of Core as it is, its fields in camel case; recipes to name.</summary>
public static class MakingEndpoints
{
    /// <summary>Adds a calculator a name.</summary>
    public static void MapMaking(this RouteGroupBuilder api)
    {
        var making = api.MapGroup("/making")
            .WithTags("Making")
            .WithMetadata(new OnlyLooks())
            .AddEndpointFilter<Refusing>();
        var offers = new Offers(making);
        foreach (var calculator in Calculator.All)
        {
            calculator.HandTo(offers);
        }

        making
            .MapGet("/", () => TypedResults.Ok(Calculator.All.Where(c => c.Fields.Count > 0).Select(CalculatorView.Of)))
            .WithName("listCalculators");
        api.MapGet("/recipes", (Content content) => TypedResults.Ok(content.Recipes))
            .WithName("listRecipes")
            .WithTags("Making");
    }

    private sealed class Offers(RouteGroupBuilder making) : ITakesCalculators
    {
        public void Take<TAsk, TAnswer>(Calculator<TAsk, TAnswer> calculator) =>
            making
                .MapPost(
                    $"/{calculator.Name}",
                    (TAsk ask, Content content) =>
                        TypedResults.Ok(calculator.Make(ask, new(content.Recipes, content.Allergens)))
                )
                .WithName($"make{string.Concat(calculator.Name.Split('-', '/').Select(Capital))}")
                .ProducesProblem(400);

        private static string Capital(string word) => char.ToUpperInvariant(word[0]) + word[1..];
    }
}

/// <summary>A calculator and what can be asked of it; its words stand with the pages.</summary>
/// <param name="Name">As it stands in the address.</param>
/// <param name="Fields">In the order of the form.</param>
/// <param name="Figures">Figures of the answer that stand above the drawing.</param>
public sealed record CalculatorView(string Name, IReadOnlyList<AskField> Fields, IReadOnlyList<string> Figures)
{
    /// <summary>The view of a calculator.</summary>
    public static CalculatorView Of(Calculator calculator)
    {
        ArgumentNullException.ThrowIfNull(calculator);
        return new(calculator.Name, calculator.Fields, calculator.Figures);
    }
}
