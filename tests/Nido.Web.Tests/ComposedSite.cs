using System.Text.Json.Nodes;

[assembly: AssemblyFixture(typeof(Nido.Web.Tests.ComposedSite))]

namespace Nido.Web.Tests;

/// <summary>The demo house with its week composed once for all tests; each begins with a copy of its file.</summary>
public sealed class ComposedSite : IAsyncLifetime
{
    private readonly NidoApp app = new();

    public string Week { get; private set; } = "";

    public string Group { get; private set; } = "";

    /// <summary>What was told while it was composed.</summary>
    public IReadOnlyList<JsonNode> News { get; private set; } = [];

    /// <summary>An application of its own over a copy.</summary>
    public NidoApp Copy() => new() { From = app.File };

    public async ValueTask InitializeAsync()
    {
        Week = await app.WeekAsync();
        Group = await app.GroupAsync();
        News = await app.ComposeAsync(Week);
        // What the write-ahead log holds goes into the one file that is copied.
        await app.FoldAsync();
    }

    public ValueTask DisposeAsync() => app.DisposeAsync();
}
