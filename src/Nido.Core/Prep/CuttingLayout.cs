using Nido.Core.Cupboard;
using Nido.Core.Making;
using Nido.Core.Week.Reading;

namespace Nido.Core.Prep;

/// <summary>How pieces lie on the sheets they are cut from. Lengths in mm.</summary>
/// <param name="What">Pieces and how many are wanted.</param>
/// <param name="Sheet">What they are cut from.</param>
/// <param name="SheetWidth">Of a sheet.</param>
/// <param name="SheetHeight">Of a sheet.</param>
/// <param name="PieceWidth">As it lies.</param>
/// <param name="PieceHeight">As it lies.</param>
/// <param name="Layout">Where the pieces lie on a sheet, and how many sheets it takes.</param>
public sealed record CuttingLayout(
    Said What,
    InBoth Sheet,
    double SheetWidth,
    double SheetHeight,
    double PieceWidth,
    double PieceHeight,
    SheetYield.Answer Layout
)
{
    /// <summary>A layout for everything the week cuts from flat sheets.</summary>
    public static IReadOnlyList<CuttingLayout> Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var byId = plan.Problem.Input.Materials.ToDictionary(m => m.Id);
        return
        [
            .. from line in plan.Materials()
            where line.Make is not null
            from step in line.Make!.Steps
            where step.Recipe.From.Count == 1
            let sheet = byId[step.Recipe.From.Keys.First()]
            let piece = byId[step.Recipe.Makes]
            where IsFlat(sheet) && IsFlat(piece) && Fits(piece, sheet)
            select Of(piece, sheet, (int)Math.Min(step.Batches * step.Recipe.Amount, 100_000)),
        ];
    }

    private static CuttingLayout Of(Material piece, Material sheet, int needed)
    {
        var layout = SheetYield.Of(
            new(sheet.Width, sheet.Length, piece.Width, piece.Length, Needed: Math.Max(1, needed))
        );
        var (w, h) = layout.Turned ? (piece.Length, piece.Width) : (piece.Width, piece.Length);
        return new($"{needed} {piece.Name}", sheet.Name, sheet.Width, sheet.Length, w, h, layout);
    }

    private static bool IsFlat(Material m) => m is { Shape: Shape.Box, Height: > 0 and < 5, Length: > 0, Width: > 0 };

    private static bool Fits(Material piece, Material sheet) =>
        piece.Length < sheet.Length + 1e-9
        && piece.Width < sheet.Width + 1e-9
        && piece.Length * piece.Width < sheet.Length * sheet.Width;
}
