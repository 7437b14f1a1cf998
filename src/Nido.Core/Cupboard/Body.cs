namespace Nido.Core.Cupboard;

/// <summary>The outer form of a thing that safety measures. Lengths in mm; a side that a shape does not have is
/// 0.</summary>
/// <param name="Shape">What it is measured as.</param>
/// <param name="Length">Longest side.</param>
/// <param name="Width">Second side, or the diameter of what is round.</param>
/// <param name="Height">Thickness.</param>
public sealed record Body(Shape Shape, double Length, double Width, double Height)
{
    /// <summary>A body of which only the shape is known.</summary>
    public static Body Unmeasured(Shape shape) => new(shape, 0, 0, 0);

    /// <summary>Whether every side the shape has is known.</summary>
    public bool IsMeasured =>
        Shape switch
        {
            Shape.Sphere => Width > 0,
            Shape.Disc => Width > 0 && Height > 0,
            Shape.Rod => Width > 0 && Length > 0,
            Shape.Box => Length > 0 && Width > 0 && Height > 0,
            _ => true,
        };

    /// <summary>Size in words: 40 × 30 × 20 mm, ⌀ 25 mm.</summary>
    public Said InWords =>
        (IsMeasured, Shape) switch
        {
            (false, _) => $"size not known",
            (_, Shape.Sphere) => $"⌀ {Width:0.#} mm",
            (_, Shape.Disc) => $"⌀ {Width:0.#} mm, {Height:0.#} mm thick",
            (_, Shape.Rod) => $"{Length:0.#} mm long, ⌀ {Width:0.#} mm",
            (_, Shape.Box) => $"{Length:0.#} × {Width:0.#} × {Height:0.#} mm",
            _ => $"loose",
        };
}
