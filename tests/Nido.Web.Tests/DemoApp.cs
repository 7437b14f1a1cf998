using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>The composed demo house, shared by the tests of a class that only read or undo what they do.</summary>
/// <param name="site">Composed once.</param>
public sealed class DemoApp(ComposedSite site) : IAsyncDisposable
{
    public NidoApp App { get; } = site.Copy();

    /// <summary>The site it is a copy of, for tests that need one more.</summary>
    public ComposedSite Site => site;

    public string Week => site.Week;

    public string Group => site.Group;

    public IReadOnlyList<JsonNode> News => site.News;

    public ValueTask DisposeAsync() => App.DisposeAsync();
}
