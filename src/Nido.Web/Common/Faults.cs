using Nido.Data;

namespace Nido.Web.Common;

/// <summary>Tells whoever started Nido why it does not start.</summary>
internal static class Faults
{
    /// <summary>Writes what is wrong and the way out.</summary>
    /// <returns>The exit code.</returns>
    public static int Tell(SiteException fault)
    {
        Console.Error.WriteLine($"nido: {fault.What}");
        Console.Error.WriteLine($"      {fault.WayOut}");
        return 3;
    }
}
