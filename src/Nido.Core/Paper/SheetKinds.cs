using Nido.Core.Making;
using Nido.Core.Paper.Kinds;

namespace Nido.Core.Paper;

/// <summary>Every kind of sheet, family by family.</summary>
public static class SheetKinds
{
    /// <summary>In the order they are offered.</summary>
    public static IReadOnlyList<SheetKind> All { get; } =
    [
        SnipStrips.Kind,
        CuttingLines.Kind,
        SpiralAndCorners.Kind,
        CutShapes.Kind,
        Squares.Kind,
        FoldLines.Kind,
        Shapes.Kind,
        FillOutlines.Kind,
        ArcRowsSheet.Kind,
        Plate.Kind,
        PegPlaces.Kind,
        LacingCard.Kind,
        FrameCard.Kind,
        DrillTemplate.Kind,
        LidOpenings.Kind,
        TraceForms.Kind,
        TraceTracks.Kind,
        TraceLetters.Kind,
        OwnName.Kind,
        LetterMats.Kind,
        NameTiles.Kind,
        DotLetters.Kind,
        FirstSound.Kind,
        WordCards.Kind,
        PicturePairs.Kind,
        StoryOrder.Kind,
        NumeralCards.Kind,
        DotCards.Kind,
        NumberLine.Kind,
        FillMats.Kind,
        Kinds.Dice.Kind,
        Spinner.Kind,
        PathBoard.Kind,
        PriceTags.Kind,
        PatternStrips.Kind,
        DirectionStripsSheet.Kind,
        PositionCards.Kind,
        StickCardsSheet.Kind,
        TextCards.Kind,
        Labels.Kind,
        NameTags.Kind,
        TableSigns.Kind,
        DayInPictures.Kind,
        TurnCards.Kind,
        FloorLines.Kind,
        ObservationSheet.Kind,
        RecipeCard.Kind,
        KitList.Kind,
        KitInstruction.Kind,
        LoanSlip.Kind,
    ];

    private static readonly Dictionary<string, SheetKind> ById = All.ToDictionary(k => k.Id);

    /// <summary>A kind by its id, or null.</summary>
    public static SheetKind? Find(string id) => ById.GetValueOrDefault(id);

    /// <summary>A kind by its id; refused where there is none.</summary>
    public static SheetKind Get(string id) =>
        Find(id) ?? throw Need.Refused("kind", id, $"one of {string.Join(", ", ById.Keys)} is wanted");
}
