namespace Nido.Web;

/// <summary>Where the house lies.</summary>
internal static class SiteFile
{
    /// <summary>The folder of NIDO_DATA, else a nido folder under the user's data folder.</summary>
    public static string Folder(IConfiguration configuration) =>
        configuration["NIDO_DATA"] is { Length: > 0 } chosen
            ? chosen
            : Path.Combine(
                Environment.GetFolderPath(
                    Environment.SpecialFolder.LocalApplicationData,
                    Environment.SpecialFolderOption.Create
                ),
                "nido"
            );
}
