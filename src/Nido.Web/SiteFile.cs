namespace Nido.Web;

/// <summary>Where the one database file of the site lies.</summary>
internal static class SiteFile
{
    /// <summary>Path from NIDO_DATA, else a nido folder under the user's data folder; the folder is made.</summary>
    public static string Path(IConfiguration configuration)
    {
        var folder = configuration["NIDO_DATA"] is { Length: > 0 } chosen
            ? chosen
            : System.IO.Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.Create), "nido");
        Directory.CreateDirectory(folder);
        return System.IO.Path.Combine(folder, "nido.db");
    }
}
