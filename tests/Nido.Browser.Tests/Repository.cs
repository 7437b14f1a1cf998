using System.Runtime.CompilerServices;

namespace Nido.Browser.Tests;

/// <summary>Where the sources are.</summary>
internal static class Repository
{
    public static string Root { get; } = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(Here())!, "..", ".."));

    private static string Here([CallerFilePath] string here = "") => here;
}
