namespace Nido.Core;

/// <summary>A thing with a name of its own in each language, so that a sentence can name it in the reader's.</summary>
public interface INamed
{
    /// <summary>The name in a language; English where it has none there.</summary>
    /// <param name="language">Two small letters, ISO 639-1.</param>
    string NameIn(string language);
}
