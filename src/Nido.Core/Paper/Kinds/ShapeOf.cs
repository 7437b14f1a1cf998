namespace Nido.Core.Paper.Kinds;

/// <summary>Shapes by name, about the size asked, in one turn clockwise.</summary>
internal static class ShapeOf
{
    public static string[] Names { get; } = ["square", "circle", "rectangle", "triangle", "house", "hexagon", "star"];

    /// <summary>A shape with its upper left corner near 0, 0.</summary>
    /// <param name="name">Of <see cref="Names"/>.</param>
    /// <param name="size">Side of square and triangle, diameter, longer side of the rectangle, mm.</param>
    public static Figure Figure(string name, double size)
    {
        var figure = name switch
        {
            "circle" => Figures.Circle(new(size / 2, size / 2), size / 2),
            "rectangle" => Figures.Rectangle(new(0, 0, size, size * 0.6)),
            "triangle" => Figures.Regular(new(size / 2, size / 2), 3, size),
            "house" => Figures.Path(
                [new(0, size * 0.45), new(size / 2, 0), new(size, size * 0.45), new(size, size), new(0, size)],
                true
            ),
            "hexagon" => Figures.Regular(new(size / 2, size / 2), 6, size / 2),
            "star" => Figures.Star(new(size / 2, size / 2), size / 2),
            _ => Figures.Rectangle(new(0, 0, size, size)),
        };
        return figure.Moved(-figure.Bounds.X, -figure.Bounds.Y);
    }
}
