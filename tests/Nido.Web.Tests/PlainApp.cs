namespace Nido.Web.Tests;

/// <summary>The application with an empty site, for what needs no group.</summary>
public sealed class PlainApp : IAsyncDisposable
{
    public NidoApp App { get; } = new() { Demo = false };

    public ValueTask DisposeAsync() => App.DisposeAsync();
}
