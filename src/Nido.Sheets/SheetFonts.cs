using SkiaSharp;

namespace Nido.Sheets;

/// <summary>The typefaces that are drawn with; they ship inside the assembly.</summary>
internal static class SheetFonts
{
    public static SKTypeface Regular { get; } = Load("AtkinsonHyperlegibleNext-Regular.ttf");

    public static SKTypeface Bold { get; } = Load("AtkinsonHyperlegibleNext-Bold.ttf");

    internal static SKTypeface Load(string file)
    {
        var stream =
            typeof(SheetFonts).Assembly.GetManifestResourceStream($"Nido.Sheets.fonts.{file}")
            ?? throw new InvalidOperationException($"The font {file} is not in the assembly.");
        return SKTypeface.FromStream(stream);
    }
}
