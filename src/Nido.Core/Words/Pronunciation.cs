namespace Nido.Core.Words;

/// <summary>How a word is said.</summary>
/// <param name="Sounds">In order, without stress: ARPAbet for English, our own short names for Spanish.</param>
/// <param name="Syllables">Beats to clap.</param>
/// <param name="RhymePart">From the last stressed vowel to the end; words with the same one rhyme.</param>
public sealed record Pronunciation(IReadOnlyList<string> Sounds, int Syllables, string RhymePart)
{
    /// <summary>The first sound.</summary>
    public string First => Sounds[0];
}
