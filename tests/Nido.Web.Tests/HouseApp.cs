namespace Nido.Web.Tests;

/// <summary>The demo house with nothing composed yet.</summary>
public sealed class HouseApp : IAsyncDisposable
{
    public NidoApp App { get; } = new();

    public ValueTask DisposeAsync() => App.DisposeAsync();
}
