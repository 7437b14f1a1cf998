using System.Runtime.InteropServices;

namespace Nido.Web.Common;

/// <summary>Memory that heavy work held is given back when it ends: others on a small machine want it.</summary>
internal static class Memory
{
    private static bool knowsTrim = OperatingSystem.IsLinux();

    /// <summary>Gives back what is free: the runtime's own, and what the solver's allocator keeps in pieces.</summary>
    public static void GiveBack()
    {
        GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
        if (!knowsTrim)
        {
            return;
        }

        try
        {
            _ = Trim(0);
        }
        catch (EntryPointNotFoundException)
        {
            // Another C library, which gives back by itself.
            knowsTrim = false;
        }
    }

    [DllImport("libc", EntryPoint = "malloc_trim")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int Trim(nuint pad);
}
