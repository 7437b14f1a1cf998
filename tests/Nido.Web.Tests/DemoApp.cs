using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>One demo house with a composed week, shared by the tests that only read or undo what they do.</summary>
public sealed class DemoApp : IAsyncLifetime
{
    public NidoApp App { get; } = new();

    public string Week { get; private set; } = "";

    public string Group { get; private set; } = "";

    public IReadOnlyList<JsonNode> News { get; private set; } = [];

    public async ValueTask InitializeAsync()
    {
        Week = await App.WeekAsync();
        Group = await App.GroupAsync();
        News = await App.ComposeAsync(Week);
    }

    public ValueTask DisposeAsync() => App.DisposeAsync();
}
