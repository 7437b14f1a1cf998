namespace Nido.Core.Making;

/// <summary>Capital letters as straight strokes on a field 4 wide and 6 high, y downwards, for what is nailed or
/// screwed.</summary>
internal static class Strokes
{
    private static readonly Dictionary<char, string> Letters = new()
    {
        ['A'] = "06 20 46|13 33",
        ['B'] = "06 00 30 42 33 03|33 44 36 06",
        ['C'] = "40 10 01 05 16 46",
        ['D'] = "06 00 30 42 44 36 06",
        ['E'] = "40 00 06 46|03 33",
        ['F'] = "40 00 06|03 33",
        ['G'] = "40 10 01 05 16 46 43 23",
        ['H'] = "00 06|40 46|03 43",
        ['I'] = "20 26",
        ['J'] = "40 45 36 16 05",
        ['K'] = "00 06|40 03 46",
        ['L'] = "00 06 46",
        ['M'] = "06 00 23 40 46",
        ['N'] = "06 00 46 40",
        ['O'] = "10 30 41 45 36 16 05 01 10",
        ['P'] = "06 00 30 41 42 33 03",
        ['Q'] = "10 30 41 45 36 16 05 01 10|24 46",
        ['R'] = "06 00 30 41 42 33 03|23 46",
        ['S'] = "40 10 01 02 13 33 44 45 36 06",
        ['T'] = "00 40|20 26",
        ['U'] = "00 05 16 36 45 40",
        ['V'] = "00 26 40",
        ['W'] = "00 16 23 36 40",
        ['X'] = "00 46|40 06",
        ['Y'] = "00 23 40|23 26",
        ['Z'] = "00 40 06 46",
    };

    /// <summary>Lines of a letter, or null where it has none.</summary>
    public static IReadOnlyList<(double X, double Y)[]>? Of(char letter) =>
        Letters.TryGetValue(letter, out var text)
            ?
            [
                .. text.Split('|')
                    .Select(line =>
                        line.Split(' ').Select(p => ((double)(p[0] - '0'), (double)(p[1] - '0'))).ToArray()
                    ),
            ]
            : null;
}
