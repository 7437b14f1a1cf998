using Nido.Core.Words;

namespace Nido.Core.Paper;

/// <summary>
/// The strokes of letters and numerals as a hand writes them, in order and direction, for tracing: start dots, arrows,
/// dotted ways.
/// On a field with the top of capitals at 0, the top of a small x at 4, the base line at 10, tails to 14. One way of
/// printing
/// letters among several; schools differ, and a child's own school counts more (common practice).
/// </summary>
public static class Skeleton
{
    /// <summary>From the base line to the top of a small x, in units of the field.</summary>
    public const double XHeight = 6;

    private static readonly Dictionary<char, string> Strokes = new()
    {
        ['A'] = "M 3 0 L 0 10 | M 3 0 L 6 10 | M 1.2 6 L 4.8 6",
        ['B'] = "M 0 0 L 0 10 | M 0 0 L 3 0 A 3 2.4 2.6 2.4 -90 180 L 0 4.8 L 3 4.8 A 3 7.4 3 2.6 -90 180 L 0 10",
        ['C'] = "A 3.4 5 3.4 5 -45 -270",
        ['D'] = "M 0 0 L 0 10 | M 0 0 L 2 0 A 2 5 4.5 5 -90 180 L 0 10",
        ['E'] = "M 0 0 L 0 10 | M 0 0 L 5 0 | M 0 5 L 4.2 5 | M 0 10 L 5 10",
        ['F'] = "M 0 0 L 0 10 | M 0 0 L 5 0 | M 0 5 L 4.2 5",
        ['G'] = "A 3.4 5 3.4 5 -45 -315 L 4 5",
        ['H'] = "M 0 0 L 0 10 | M 6 0 L 6 10 | M 0 5 L 6 5",
        ['I'] = "M 0.5 0 L 0.5 10",
        ['J'] = "M 4 0 L 4 7.5 A 2 7.5 2 2.5 0 180",
        ['K'] = "M 0 0 L 0 10 | M 5 0 L 0 5.6 | M 1.6 3.8 L 5.4 10",
        ['L'] = "M 0 0 L 0 10 L 5 10",
        ['M'] = "M 0 10 L 0 0 | M 0 0 L 3.5 7 L 7 0 L 7 10",
        ['N'] = "M 0 10 L 0 0 | M 0 0 L 6 10 L 6 0",
        ['O'] = "A 3.6 5 3.6 5 -90 -360",
        ['P'] = "M 0 0 L 0 10 | M 0 0 L 3 0 A 3 2.6 2.8 2.6 -90 180 L 0 5.2",
        ['Q'] = "A 3.6 5 3.6 5 -90 -360 | M 4.4 7.4 L 7 10.4",
        ['R'] = "M 0 0 L 0 10 | M 0 0 L 3 0 A 3 2.6 2.8 2.6 -90 180 L 0 5.2 | M 2.6 5.2 L 5.6 10",
        ['S'] = "A 3 2.5 2.7 2.5 -30 -240 A 3 7.5 3 2.5 -90 240",
        ['T'] = "M 3 0 L 3 10 | M 0 0 L 6 0",
        ['U'] = "M 0 0 L 0 7 A 3 7 3 3 180 -180 L 6 0",
        ['V'] = "M 0 0 L 3 10 L 6 0",
        ['W'] = "M 0 0 L 2 10 L 4 2 L 6 10 L 8 0",
        ['X'] = "M 0 0 L 6 10 | M 6 0 L 0 10",
        ['Y'] = "M 0 0 L 3 5 | M 6 0 L 3 5 L 3 10",
        ['Z'] = "M 0 0 L 6 0 L 0 10 L 6 10",
        ['a'] = "A 3 7 3 3 -45 -315 L 6 4 L 6 10",
        ['b'] = "M 0 0 L 0 10 | A 3 7 3 3 180 360",
        ['c'] = "A 3 7 3 3 -45 -270",
        ['d'] = "A 3 7 3 3 -45 -315 L 6 0 L 6 10",
        ['e'] = "M 0 7 L 6 7 A 3 7 3 3 0 -315",
        ['f'] = "A 4 2 2 2 -30 -150 L 2 10 | M 0 4 L 4.5 4",
        ['g'] = "A 3 7 3 3 -45 -315 L 6 4 L 6 11 A 3 11 3 3 0 150",
        ['h'] = "M 0 0 L 0 10 | M 0 7 A 3 7 3 3 180 180 L 6 10",
        ['i'] = "M 0.5 4 L 0.5 10 | M 0.5 1.5 L 0.5 1.9",
        ['j'] = "M 3 4 L 3 12 A 1 12 2 2 0 140 | M 3 1.5 L 3 1.9",
        ['k'] = "M 0 0 L 0 10 | M 4.5 4 L 0 7.6 | M 1.7 6.3 L 5 10",
        ['l'] = "M 0.5 0 L 0.5 10",
        ['m'] =
            "M 0 4 L 0 10 | M 0 6.5 A 2.25 6.25 2.25 2.25 180 180 L 4.5 10 | M 4.5 6.5 A 6.75 6.25 2.25 2.25 180 180 L 9 10",
        ['n'] = "M 0 4 L 0 10 | M 0 7 A 3 7 3 3 180 180 L 6 10",
        ['o'] = "A 3 7 3 3 -90 -360",
        ['p'] = "M 0 4 L 0 14 | A 3 7 3 3 180 360",
        ['q'] = "A 3 7 3 3 -45 -315 L 6 4 L 6 14",
        ['r'] = "M 0 4 L 0 10 | M 0 7 A 3 7 3 3 180 120",
        ['s'] = "A 2.2 5.5 2 1.5 -30 -240 A 2.2 8.5 2.2 1.5 -90 240",
        ['t'] = "M 2 1.5 L 2 8.5 A 3.5 8.5 1.5 1.5 180 -120 | M 0 4 L 4.5 4",
        ['u'] = "M 0 4 L 0 7 A 3 7 3 3 180 -180 L 6 4 L 6 10",
        ['v'] = "M 0 4 L 3 10 L 6 4",
        ['w'] = "M 0 4 L 2 10 L 4 5 L 6 10 L 8 4",
        ['x'] = "M 0 4 L 5 10 | M 5 4 L 0 10",
        ['y'] = "M 0 4 L 3 10 | M 6 4 L 1.2 13.6",
        ['z'] = "M 0 4 L 5 4 L 0 10 L 5 10",
        ['-'] = "M 0 7 L 3 7",
        ['\''] = "M 0.5 0 L 0.5 2",
        ['0'] = "A 3 5 3 5 -90 -360",
        ['1'] = "M 0 2.5 L 2.5 0 L 2.5 10",
        ['2'] = "A 3 3 3 3 190 200 L 0 10 L 6 10",
        ['3'] = "A 2.8 2.5 2.7 2.5 200 250 A 2.8 7.5 3 2.5 -90 250",
        ['4'] = "M 4 0 L 0 6.8 L 6 6.8 | M 4.4 3.5 L 4.4 10",
        ['5'] = "M 1 0 L 0.7 4.6 A 2.8 6.9 3.1 3.1 -133 270 | M 1 0 L 5.4 0",
        ['6'] = "A 6 7 6 7 -105 -75 A 3 7 3 3 180 -360",
        ['7'] = "M 0 0 L 6 0 L 2 10",
        ['8'] = "A 3 2.5 2.5 2.5 -60 -210 A 3 7.5 3 2.5 -90 360 A 3 2.5 2.5 2.5 90 -150",
        ['9'] = "A 3 3 3 3 0 -360 L 5.4 10",
    };

    // Marks over letters, from the middle of the letter; y is counted from 2.6 above what the letter's top is.
    private static readonly Dictionary<char, string> Marks = new()
    {
        ['\u0301'] = "M 0.9 -2.6 L -0.5 -1.2",
        ['\u0300'] = "M -0.9 -2.6 L 0.5 -1.2",
        ['\u0302'] = "M -1.2 -1.2 L 0 -2.6 L 1.2 -1.2",
        ['\u0303'] = "M -1.6 -1.4 C -0.8 -2.8 0.6 -0.4 1.6 -2",
        ['\u0308'] = "M -1.2 -2.2 L -1.2 -1.8 | M 1.2 -2.2 L 1.2 -1.8",
        ['\u030A'] = "A 0 -2 0.9 0.9 -90 -360",
        ['\u030C'] = "M -1.2 -2.6 L 0 -1.2 L 1.2 -2.6",
    };

    /// <summary>Strokes of a letter or numeral in order; null where its strokes are not known here.</summary>
    public static IReadOnlyList<Figure>? Of(string letter)
    {
        ArgumentNullException.ThrowIfNull(letter);
        if (letter.Length == 1 && Strokes.TryGetValue(letter[0], out var text))
        {
            return [.. text.Split('|').Select(s => Figures.Of(s.Trim()))];
        }

        if (
            Letters.Apart(letter) is not ({ } plain, var mark)
            || !Strokes.TryGetValue(plain, out var of)
            || !Marks.TryGetValue(mark, out var over)
        )
        {
            return null;
        }

        // A mark takes the place of the dot.
        string[] own =
        [
            .. of.Split('|')
                .Select(s => s.Trim())
                .Where(s => plain is not ('i' or 'j') || !s.Contains("1.5 L", StringComparison.Ordinal)),
        ];
        var figures = own.Select(Figures.Of).ToList();
        var top =
            char.IsUpper(plain) ? 0
            : plain is 'b' or 'd' or 'f' or 'h' or 'k' or 'l' or 't' ? 0
            : 4;
        var middle = Box.Around(figures.SelectMany(f => f.Runs.SelectMany(r => r.Along()))).Middle.X;
        figures.AddRange(over.Split('|').Select(s => Figures.Of(s.Trim()).Moved(middle, top)));
        return figures;
    }

    /// <summary>How wide a letter is, in units of the field.</summary>
    public static double Width(IReadOnlyList<Figure> strokes) =>
        Box.Around(strokes.SelectMany(s => s.Runs.SelectMany(r => r.Along()))) is var box ? box.X + box.Width : 0;
}
