using System.IO.Compression;
using Nido.Core.Words;

namespace Nido.Catalog;

/// <summary>Opens the dictionary of English sounds, packed as it is shipped.</summary>
internal static class WordsReader
{
    /// <summary>The dictionary of a content folder.</summary>
    public static EnglishSounds English(string folder)
    {
        using var file = File.OpenRead(Path.Combine(folder, "words", "english.br"));
        using var unpacked = new BrotliStream(file, CompressionMode.Decompress);
        using var lines = new MemoryStream();
        unpacked.CopyTo(lines);
        return new(lines.ToArray());
    }
}
