using Nido.Core.Group;

namespace Nido.Core.Paper;

/// <summary>Pages that belong together.</summary>
/// <param name="Kind">Id of its kind.</param>
/// <param name="Title">In words.</param>
/// <param name="Pages">In order.</param>
/// <param name="Notes">What whoever prints must know: what could not be printed, and why.</param>
public sealed record Sheet(string Kind, string Title, IReadOnlyList<Page> Pages, IReadOnlyList<string> Notes);

/// <summary>A page and what is on it.</summary>
/// <param name="Width">mm.</param>
/// <param name="Height">mm.</param>
/// <param name="Marks">In the order they are drawn.</param>
public sealed record Page(double Width, double Height, IReadOnlyList<Mark> Marks)
{
    /// <summary>Kept free at every edge, mm: most printers reach no farther.</summary>
    public const double Margin = 10;

    /// <summary>Length of the check line, mm.</summary>
    public const double CheckLine = 100;

    /// <summary>What a printer reaches.</summary>
    public Box Printable => new Box(0, 0, Width, Height).Inside(Margin);

    /// <summary>Width and height of a paper, upright, mm: A4 by ISO 216, Letter 8.5 × 11 in by ANSI/ASME
    /// Y14.1.</summary>
    public static (double Width, double Height) SizeOf(PaperSize paper) =>
        paper == PaperSize.A4 ? (210, 297) : (215.9, 279.4);
}

/// <summary>What letters measure, and which can be printed; given by whoever has the fonts.</summary>
public interface IType
{
    /// <summary>Width of a text, mm.</summary>
    double Width(string text, Face face, double size);

    /// <summary>Letters of a text that no font here has; empty where all can be printed.</summary>
    string Missing(string text);

    /// <summary>Height of a small x as part of the size.</summary>
    double XHeight(Face face);
}
