[assembly: AssemblyFixture(typeof(Nido.Web.Tests.PastHouse))]

namespace Nido.Web.Tests;

/// <summary>The demo house with its past, laid out once; each test begins with a copy of its file.</summary>
public sealed class PastHouse : IAsyncLifetime
{
    private readonly NidoApp app = new() { Past = true };

    /// <summary>An application of its own over a copy.</summary>
    public NidoApp Copy() => new() { From = app.File };

    public async ValueTask InitializeAsync()
    {
        var group = (await app.GetAsync("/api/weeks"))[0]!["groupId"];
        // What the weeks met is worked out and kept, as in a house that has been looked at before.
        await app.GetAsync($"/api/groups/{group}/journal/term?from=2026-10-01&to=2026-11-26");
        await app.FoldAsync();
    }

    public ValueTask DisposeAsync() => app.DisposeAsync();
}
