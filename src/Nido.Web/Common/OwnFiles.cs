using System.Runtime.InteropServices;

namespace Nido.Web.Common;

/// <summary>Files of the house are read and written by their owner only.</summary>
internal static class OwnFiles
{
    /// <summary>Takes the rights of all others from every file this process makes from now on: database, logs of it,
    /// backups.</summary>
    public static void Only()
    {
        if (!OperatingSystem.IsWindows())
        {
            _ = Umask(0b000_111_111);
        }
    }

    [DllImport("libc", EntryPoint = "umask")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern uint Umask(uint mask);
}
