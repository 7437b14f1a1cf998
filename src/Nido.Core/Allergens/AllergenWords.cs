using System.Globalization;
using System.Text;

namespace Nido.Core.Allergens;

/// <summary>How the words people write are brought to one form: without case, accents, hyphens, plural and what is only
/// said around them.</summary>
public static class AllergenWords
{
    // The runtime takes letters apart only where the machine brings its tables; these are all that people write here.
    private const string Accented = "áàâäãåéèêëíìîïóòôöõúùûüñçýÿ";
    private const string Plain = "aaaaaaeeeeiiiiooooouuuuncyy";

    // "Allergic to all nuts (severe)" says "nuts"; none of these is an allergen, in English or Spanish.
    private static readonly HashSet<string> Around =
    [
        .. Keys(
            "allergy allergic allergies allergen to the an all of any free intolerance intolerant severe "
                + "mild strong serious slight reaction anaphylaxis anaphylactic"
        ),
        .. Keys(
            "product contact contains sensitivity sensitive trace avoid avoids cannot eat have has touch "
                + "suspected possible known confirmed very highly only and or with from"
        ),
        .. Keys("epipen adrenaline pen is are he she they his her"),
        .. Keys(
            "alergia alergias alergico alergica al la las los el de del sin intolerancia intolerante "
                + "grave leve fuerte trazas productos con por a y o e contiene sensible evitar toma puede "
                + "comer reaccion anafilaxia"
        ),
    ];

    private static readonly HashSet<string> None =
    [
        .. "no none nil na nka nkda nkfa nothing not non known ninguna ninguno nada sin n".Split(' '),
    ];

    // Beside a word that is known these only say more of it.
    private static readonly HashSet<string> Describing =
    [
        .. Keys(
            "raw cooked baked unbaked whole white shell skin protein powder oil dust seed mix mixed "
                + "flour butter juice paste food fresh dried dry big small red green black and in on at home "
                + "school crudo cruda cocido cocida horneado entero polvo aceite piel proteina fresco seco casa"
        ),
    ];

    /// <summary>A word or phrase in its one form: small letters without accents, words in the singular, one space
    /// between.</summary>
    public static string Key(string text) => string.Join(' ', Tokens(text));

    /// <summary>The words of a text, each in its one form.</summary>
    public static string[] Tokens(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var plain = new StringBuilder();
        foreach (var c in text.ToLowerInvariant())
        {
            if (CharUnicodeInfo.GetUnicodeCategory(c) is UnicodeCategory.NonSpacingMark || c is '\'' or '\u2019')
            {
                continue;
            }

            var accented = Accented.IndexOf(c, StringComparison.Ordinal);
            plain.Append(
                accented >= 0 ? Plain[accented]
                : char.IsLetterOrDigit(c) ? c
                : ' '
            );
        }

        return [.. plain.ToString().Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(Singular)];
    }

    /// <summary>The parts of what was written: at commas, semicolons, slashes, brackets, line ends.</summary>
    public static IEnumerable<string> Parts(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Split(
            [',', ';', '/', '&', '+', '|', '(', ')', '[', ']', '\n', '\r', '\t', '•', '.', ':'],
            StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries
        );
    }

    /// <summary>The words of a phrase that are left when what is only said around an allergen is gone.</summary>
    public static string[] Inner(string phrase) =>
        [.. Tokens(phrase).Where(t => !Around.Contains(t) && !None.Contains(t))];

    /// <summary>Whether a phrase says that there is no allergy. That nobody knows ("?", "unknown", "not known") is
    /// another thing, and stays.</summary>
    public static bool SaysNone(string phrase)
    {
        ArgumentNullException.ThrowIfNull(phrase);
        var tokens = Tokens(phrase);
        return tokens.Length == 0
            ? !phrase.Contains('?')
            : (
                !IsNotKnown(tokens)
                && tokens.All(t => Around.Contains(t) || None.Contains(t))
                && tokens.Any(None.Contains)
            );
    }

    private static bool IsNotKnown(string[] tokens) => tokens.Contains("not") && tokens.Contains("known");

    /// <summary>Whether a word only says more of a word beside it that is known.</summary>
    public static bool IsDescribing(string token) => Describing.Contains(token);

    /// <summary>How many letters two words are apart: left out, put in, changed, or two changed over (Damerau
    /// 1964).</summary>
    public static int Apart(string a, string b)
    {
        ArgumentNullException.ThrowIfNull(a);
        ArgumentNullException.ThrowIfNull(b);
        var d = new int[a.Length + 1, b.Length + 1];
        for (var i = 0; i <= a.Length; i++)
        {
            for (var j = 0; j <= b.Length; j++)
            {
                d[i, j] =
                    i == 0 || j == 0
                        ? i + j
                        : Math.Min(
                            Math.Min(d[i - 1, j], d[i, j - 1]) + 1,
                            d[i - 1, j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1)
                        );
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                {
                    d[i, j] = Math.Min(d[i, j], d[i - 2, j - 2] + 1);
                }
            }
        }

        return d[a.Length, b.Length];
    }

    /// <summary>Whether a word is so near another that it may be meant: one letter in three to five, two in longer
    /// ones.</summary>
    public static bool IsNear(string a, string b) =>
        a.Length >= 3
        && b.Length >= 3
        && Math.Abs(a.Length - b.Length) <= 2
        && Apart(a, b) is var apart
        && apart > 0
        && apart <= (Math.Min(a.Length, b.Length) < 6 ? 1 : 2);

    private static IEnumerable<string> Keys(string words) => words.Split(' ').Select(Singular);

    // English and Spanish plurals by rule. It need not be right, only the same for the vocabulary and for what is
    // written.
    private static string Singular(string word) =>
        word.Length > 4 && word.EndsWith("ies", StringComparison.Ordinal) ? word[..^3] + "y"
        : word.Length > 4
        && word.EndsWith("es", StringComparison.Ordinal)
        && "hxzsornldj".Contains(word[^3], StringComparison.Ordinal)
            ? word[..^2]
        : word.Length > 3 && word.EndsWith('s') && !word.EndsWith("ss", StringComparison.Ordinal) ? word[..^1]
        : word;
}
