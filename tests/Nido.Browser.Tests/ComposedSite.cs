[assembly: AssemblyFixture(typeof(Nido.Browser.Tests.ComposedSite))]

namespace Nido.Browser.Tests;

/// <summary>The demo house with its weeks composed once, when the first test asks; every site begins with a copy of its
/// file.</summary>
public sealed class ComposedSite : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("nido-composed").FullName;
    private readonly Lazy<Task> composed;

    public ComposedSite() => composed = new(ComposeAsync);

    /// <summary>Copies the site file, with what its write-ahead log holds.</summary>
    public async Task CopyAsync(string to)
    {
        await composed.Value;
        foreach (var name in (string[])["nido.db", "nido.db-wal"])
        {
            if (File.Exists(Path.Combine(folder, name)))
            {
                File.Copy(Path.Combine(folder, name), Path.Combine(to, name));
            }
        }
    }

    public void Dispose() => Directory.Delete(folder, recursive: true);

    private async Task ComposeAsync() =>
        await (await RunningSite.StartAsync(folder, demo: true, quick: true)).DisposeAsync();
}
