using Nido.Catalog;
using Nido.Core.Making;
using Nido.Core.Paper;
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
        Map<ArcRows.Ask, ArcRows.Answer>(making, "arc-rows", ArcRows.Of);
        Map<PackMix.Ask, PackMix.Answer>(making, "pack-mix", PackMix.Of);
        Map<Frame.Ask, Frame.Answer>(making, "frame", Frame.Of);
        Map<StackedBlocks.Ask, StackedBlocks.Answer>(making, "stack", StackedBlocks.Of);
        Map<Threading.Ask, Threading.Answer>(making, "thread", Threading.Of);
        Map<RadialCuts.Ask, RadialCuts.Answer>(making, "radial-cuts", RadialCuts.Of);
        Map<StripsSquares.Ask, StripsSquares.Answer>(making, "strips-squares", StripsSquares.Of);
        Map<NameSets.Ask, NameSets.Answer>(making, "name-sets", NameSets.Of);
        Map<MissingNumbers.Ask, MissingNumbers.Answer>(making, "missing-numbers", MissingNumbers.Of);
        Map<FillToNumber.Ask, FillToNumber.Answer>(making, "fill-to-number", FillToNumber.Of);
        Map<Dots.Ask, Dots.Answer>(making, "dots", Dots.Of);
        Map<PatternCards.Ask, PatternCards.Answer>(making, "pattern-cards", PatternCards.Of);
        Map<TwoEndedSticks.Ask, TwoEndedSticks.Answer>(making, "two-ended-sticks", TwoEndedSticks.Of);
        Map<TwoEndedSticks.CardAsk, TwoEndedSticks.CardAnswer>(making, "two-ended-sticks/card", TwoEndedSticks.Lay);
        Map<FitsThrough.Ask, FitsThrough.Answer>(making, "fits-through", FitsThrough.Of);
        Map<TwoOpeningSet.Ask, TwoOpeningSet.Answer>(making, "two-opening-set", TwoOpeningSet.Of);
        Map<TargetGame.Ask, TargetGame.Answer>(making, "target-game", TargetGame.Of);
        Map<MixColours.Ask, MixColours.Answer>(making, "mix-colours", MixColours.Of);
        Map<SheetYield.Ask, SheetYield.Answer>(making, "sheet-yield", SheetYield.Of);
        Map<Glue.Ask, Glue.Answer>(making, "glue", Glue.Of);
        Map<CoverArea.Ask, CoverArea.Answer>(making, "cover-area", CoverArea.Of);
        Map<ContainerCapacity.Ask, ContainerCapacity.Answer>(making, "container-capacity", ContainerCapacity.Of);
        Map<PegWheel.Ask, PegWheel.Answer>(making, "peg-wheel", PegWheel.Of);
        Map<ScrewBoard.Ask, ScrewBoard.Answer>(making, "screw-board", ScrewBoard.Of);
        Map<SimilarSet.Ask, SimilarSet.Answer>(making, "similar-set", SimilarSet.Of);
        Map<DirectionStrips.Ask, DirectionStrips.Answer>(making, "direction-strips", DirectionStrips.Of);
        Map<TwoLines.Ask, TwoLines.Answer>(making, "two-lines", TwoLines.Of);
        Map<StickCards.Ask, StickCards.Answer>(making, "stick-cards", StickCards.Of);
        Map<SessionKits.Ask, SessionKits.Answer>(making, "session-kits", SessionKits.Of);
        Map<TrayFill.Ask, TrayFill.Answer>(making, "tray-fill", TrayFill.Of);
        making
            .MapPost(
                "/recipe-scale",
                (RecipeScale.Ask ask, Content content) =>
                    TypedResults.Ok(RecipeScale.Of(ask, content.Recipes, content.Allergens))
            )
            .WithName("makeRecipeScale")
            .ProducesProblem(400);
        api.MapGet("/recipes", (Content content) => TypedResults.Ok(content.Recipes))
            .WithName("listRecipes")
            .WithTags("Making");
    }

    private static void Map<TAsk, TAnswer>(RouteGroupBuilder making, string name, Func<TAsk, TAnswer> make) =>
        making
            .MapPost($"/{name}", (TAsk ask) => TypedResults.Ok(make(ask)))
            .WithName($"make{string.Concat(name.Split('-', '/').Select(w => char.ToUpperInvariant(w[0]) + w[1..]))}")
            .ProducesProblem(400);
}
