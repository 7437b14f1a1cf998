namespace Nido.Core.Ideas;

/// <summary>What a theme teaches to read with where the children read in another language: a letter and words of that
/// language, chosen for their sounds, not translated.</summary>
/// <param name="Letter">Letter of the week, upper case.</param>
/// <param name="Sound">Its sound, between slashes.</param>
/// <param name="LetterWord">A word that begins with it.</param>
/// <param name="SecondLetter">Second letter.</param>
/// <param name="Words">At least 25.</param>
public sealed record ThemeLetters(
    string Letter,
    string Sound,
    string LetterWord,
    string SecondLetter,
    IReadOnlyList<string> Words
);
