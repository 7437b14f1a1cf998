namespace Nido.Core.Paper;

/// <summary>
/// Pictures drawn by us in plain lines, each on a field of about 100 × 100; recognised by their outline alone, so that
/// they print
/// in grey and can be coloured in.
/// </summary>
public static class Pictures
{
    /// <summary>Every picture by its id.</summary>
    public static IReadOnlyDictionary<string, Figure> All { get; } =
        new Dictionary<string, string>
        {
            ["envelope"] = "M 5 20 L 95 20 L 95 80 L 5 80 Z M 5 20 L 50 55 L 95 20",
            ["parcel"] =
                "M 10 25 L 90 25 L 90 90 L 10 90 Z M 50 25 L 50 90 M 10 55 L 90 55 M 50 25 C 30 5 20 15 50 25 C 80 15 70 5 50 25 Z",
            ["stamp"] =
                "M 20 10 L 80 10 L 80 90 L 20 90 Z M 28 18 L 72 18 L 72 82 L 28 82 Z A 50 45 14 14 0 360 Z M 38 72 L 62 72",
            ["van"] =
                "M 5 70 L 5 30 L 62 30 L 62 70 M 62 42 L 80 42 L 95 58 L 95 70 L 84 70 M 64 70 L 32 70 M 12 "
                + "70 L 5 70 A 22 72 10 10 0 360 Z A 74 72 10 10 0 360 Z M 68 47 L 78 47 L 86 57 L 68 57 Z",
            ["letter-box"] =
                "M 25 95 L 25 30 A 50 30 25 22 180 180 L 75 95 Z M 36 38 L 64 38 L 64 46 L 36 46 Z M 34 60 L 66 60 L 66 82 L 34 82 Z",
            ["train"] =
                "M 10 72 L 10 40 L 52 40 L 52 18 L 90 18 L 90 72 Z M 18 40 L 18 24 L 30 24 L 30 40 M 60 26 L "
                + "82 26 L 82 44 L 60 44 Z A 26 80 10 10 0 360 Z A 52 80 10 10 0 360 Z A 78 80 10 10 0 360 Z",
            ["moon"] = "A 50 50 42 42 -50 -260 C 46 78 46 22 77 17.8 Z",
            ["star"] = "M 50 6 L 61 38 L 95 39 L 68 60 L 78 93 L 50 73 L 22 93 L 32 60 L 5 39 L 39 38 Z",
            ["lamp"] =
                "M 36 12 L 64 12 L 76 28 L 24 28 Z M 30 28 L 30 74 L 70 74 L 70 28 M 24 74 L 76 74 L 76 84 L "
                + "24 84 Z M 50 40 C 36 56 44 66 50 66 C 56 66 64 56 50 40 Z A 50 7 6 6 120 300",
            ["ticket"] =
                "M 6 30 L 94 30 L 94 42 A 94 50 8 8 -90 -180 L 94 70 L 6 70 L 6 58 A 6 50 8 8 90 -180 L 6 30 "
                + "Z M 66 34 L 66 40 M 66 46 L 66 54 M 66 60 L 66 66",
            ["leaf"] =
                "M 50 95 L 50 72 C 10 62 14 22 50 5 C 86 22 90 62 50 72 M 50 72 L 50 22 M 50 56 L 34 44 M 50 "
                + "56 L 66 44 M 50 40 L 38 30 M 50 40 L 62 30",
            ["snail"] =
                "M 8 84 L 84 84 C 96 84 94 56 84 52 L 78 30 M 84 52 L 92 32 M 8 84 C 20 80 20 74 22 66 A 44 "
                + "56 23 23 155 300 C 66 74 30 80 30 56 C 30 40 56 40 56 56 C 56 66 42 66 42 56",
            ["hedgehog"] =
                "M 8 78 C 2 66 14 58 20 60 L 22 44 L 32 50 L 36 32 L 46 42 L 54 26 L 62 40 L 74 30 L 76 46 L "
                + "90 44 L 86 58 L 97 64 L 88 78 Z A 16 70 1.6 1.6 0 360 Z M 30 78 L 30 86 M 70 78 L 70 86",
            ["mushroom"] =
                "M 8 52 A 50 52 42 40 180 180 Z M 38 52 C 42 70 36 84 36 92 L 64 92 C 64 84 58 70 62 52 A 34 "
                + "34 6 6 0 360 Z A 62 30 7 7 0 360 Z",
            ["acorn"] = "M 20 42 C 20 20 80 20 80 42 Z M 24 42 C 24 72 44 84 50 94 C 56 84 76 72 76 42 M 50 25 L 50 12",
            ["berry"] = "A 34 68 22 22 0 360 Z A 70 64 20 20 0 360 Z M 36 46 C 40 30 48 18 56 10 C 60 24 66 34 68 44",
            ["bird"] =
                "M 6 46 L 22 40 C 24 20 50 20 54 38 C 70 40 84 52 96 46 C 90 66 70 78 48 76 C 28 74 20 60 22 "
                + "50 Z A 34 36 2 2 0 360 Z M 46 54 C 56 66 70 62 76 54 M 44 76 L 44 90 M 56 76 L 56 90",
            ["house"] =
                "M 18 45 L 50 12 L 82 45 L 82 92 L 18 92 Z M 42 92 L 42 66 L 58 66 L 58 92 M 28 52 L 40 52 L "
                + "40 62 L 28 62 Z M 60 52 L 72 52 L 72 62 L 60 62 Z",
            ["ball"] = "A 50 50 42 42 0 360 Z M 50 8 C 30 34 30 66 50 92 M 50 8 C 70 34 70 66 50 92 M 8 50 L 92 50",
            ["fish"] =
                "M 8 50 C 26 18 60 18 76 50 C 60 82 26 82 8 50 Z M 76 50 L 95 30 L 92 50 L 95 70 Z A 26 46 3 "
                + "3 0 360 Z M 42 36 C 50 46 50 54 42 64",
            ["tree"] =
                "M 44 95 L 44 68 M 56 95 L 56 68 M 44 68 C 10 70 6 40 26 34 C 24 8 76 8 74 34 C 94 40 90 70 56 68 Z",
            ["flower"] =
                "A 50 38 9 9 0 360 Z A 50 19 10 10 30 -240 A 68 32 10 10 102 -240 A 61 54 10 10 174 -240 A "
                + "39 54 10 10 246 -240 A 32 32 10 10 318 -240 M 50 64 L 50 96 M 50 86 C 62 84 70 76 72 70 C "
                + "58 70 52 78 50 86",
            ["cup"] = "M 16 24 L 74 24 C 74 60 66 80 58 84 L 32 84 C 24 80 16 60 16 24 Z M 73 34 C 96 32 94 62 68 62",
            ["sun"] =
                "A 50 50 22 22 0 360 Z M 50 20 L 50 6 M 50 80 L 50 94 M 20 50 L 6 50 M 80 50 L 94 50 M 29 29 "
                + "L 19 19 M 71 29 L 81 19 M 29 71 L 19 81 M 71 71 L 81 81",
            ["boat"] =
                "M 8 66 L 92 66 C 86 84 76 90 66 90 L 34 90 C 24 90 14 84 8 66 Z M 50 66 L 50 10 L 82 54 L 50 54 M 46 54 L 24 54 L 46 22",
            ["shoe"] =
                "M 10 30 L 36 30 C 40 46 56 54 80 58 C 92 60 94 70 92 78 L 10 78 Z M 10 70 L 92 70 M 40 46 L 50 38 M 50 52 L 60 44",
            ["key"] = "A 24 50 16 16 0 360 Z M 40 50 L 92 50 L 92 66 M 78 50 L 78 62 A 24 50 6 6 0 360 Z",
            ["bell"] =
                "M 14 76 C 26 66 26 56 26 44 A 50 44 24 30 180 180 C 74 56 74 66 86 76 Z A 50 82 8 8 0 180 M 50 14 L 50 6",
            ["apple"] =
                "M 50 30 C 36 16 10 24 12 54 C 14 82 36 94 50 86 C 64 94 86 82 88 54 C 90 24 64 16 50 30 Z M 50 30 C 50 20 54 12 60 8",
            ["scissors"] = "A 24 78 13 13 0 360 Z A 76 78 13 13 0 360 Z M 32 68 L 72 10 M 68 68 L 28 10",
            ["hand"] =
                "M 30 92 L 30 66 C 18 58 12 48 12 42 C 16 38 22 42 28 50 L 30 20 C 32 14 38 14 40 20 L 41 44 "
                + "L 43 12 C 45 6 51 6 53 12 L 53 44 L 58 16 C 60 11 66 12 66 18 L 64 48 L 70 30 C 73 26 78 28 "
                + "78 33 L 72 66 L 70 92",
            ["spoon"] = "A 50 24 15 19 0 360 Z M 50 43 L 50 95",
            ["brush"] =
                "M 44 8 L 56 8 L 56 52 L 44 52 Z M 40 52 L 60 52 L 60 62 L 40 62 Z M 40 62 C 38 76 46 86 50 95 C 54 86 62 76 60 62",
            ["book"] =
                "M 50 24 C 38 14 20 14 6 18 L 6 80 C 20 76 38 76 50 86 C 62 76 80 76 94 80 L 94 18 C 80 14 62 14 50 24 Z M 50 24 L 50 86",
        }.ToDictionary(p => p.Key, p => Figures.Of(p.Value));

    /// <summary>A word to its picture, where its own name or that of the thing is ours; null where there is
    /// none.</summary>
    public static string? Of(string word)
    {
        var plain = Words.Letters.Plainly(word.Trim().ToLowerInvariant());
        return All.ContainsKey(plain)
            ? plain
            : Names.GetValueOrDefault(plain)
                ?? (
                    plain.EndsWith('s') && (All.ContainsKey(plain[..^1]) || Names.ContainsKey(plain[..^1]))
                        ? Of(plain[..^1])
                        : null
                );
    }

    // Other names of the same things, and Spanish ones; without marks.
    private static readonly Dictionary<string, string> Names = new()
    {
        ["letter"] = "envelope",
        ["post"] = "envelope",
        ["mail"] = "envelope",
        ["card"] = "envelope",
        ["carta"] = "envelope",
        ["sobre"] = "envelope",
        ["packet"] = "parcel",
        ["box"] = "parcel",
        ["paquete"] = "parcel",
        ["caja"] = "parcel",
        ["sello"] = "stamp",
        ["furgoneta"] = "van",
        ["letter box"] = "letter-box",
        ["letterbox"] = "letter-box",
        ["buzon"] = "letter-box",
        ["tren"] = "train",
        ["wagon"] = "train",
        ["luna"] = "moon",
        ["estrella"] = "star",
        ["lantern"] = "lamp",
        ["light"] = "lamp",
        ["farol"] = "lamp",
        ["lampara"] = "lamp",
        ["billete"] = "ticket",
        ["tarjeta"] = "envelope",
        ["correo"] = "envelope",
        ["hoja"] = "leaf",
        ["leaves"] = "leaf",
        ["caracol"] = "snail",
        ["erizo"] = "hedgehog",
        ["seta"] = "mushroom",
        ["bellota"] = "acorn",
        ["baya"] = "berry",
        ["berries"] = "berry",
        ["pajaro"] = "bird",
        ["casa"] = "house",
        ["home"] = "house",
        ["door"] = "house",
        ["pelota"] = "ball",
        ["pez"] = "fish",
        ["arbol"] = "tree",
        ["flor"] = "flower",
        ["taza"] = "cup",
        ["sol"] = "sun",
        ["barco"] = "boat",
        ["bote"] = "boat",
        ["paloma"] = "bird",
        ["puerta"] = "house",
        ["cuento"] = "book",
        ["zapato"] = "shoe",
        ["llave"] = "key",
        ["campana"] = "bell",
        ["manzana"] = "apple",
        ["tijeras"] = "scissors",
        ["mano"] = "hand",
        ["cuchara"] = "spoon",
        ["pincel"] = "brush",
        ["libro"] = "book",
        ["story"] = "book",
    };
}
