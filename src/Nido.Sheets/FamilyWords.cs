namespace Nido.Sheets;

/// <summary>The words of the family sheet in a language; what the theme itself says stays in the language of its file.</summary>
internal sealed record FamilyWords(
    string Week, string Letter, string Numbers, string Words, string Ask, string Rhyme, string Do, string Mind, string MindWhy, string Source, string Counts, string Bring,
    string BringBy)
{
    /// <summary>The words in a language: en or es.</summary>
    public static FamilyWords In(string language) => language == "es" ? Spanish : English;

    private static FamilyWords English { get; } = new(
        "This week", "Letter", "Numbers", "Words to use", "Questions to ask at home", "A rhyme of ours", "What we do",
        "What we mind, and you may too", "Every home is different: your own judgement, your child's allergy plan and the labels decide.", "Source", "What counts more",
        "Could you save these for us?", "please by {0}");

    private static FamilyWords Spanish { get; } = new(
        "Esta semana", "Letra", "Números", "Palabras para usar", "Preguntas para casa", "Una rima nuestra", "Lo que hacemos",
        "Lo que cuidamos, y en casa también", "Cada casa es distinta: deciden su criterio, el plan de alergias de su hijo y las etiquetas.", "Fuente", "Cuenta más",
        "¿Nos guardan estas cosas?", "antes del {0}, por favor");
}
