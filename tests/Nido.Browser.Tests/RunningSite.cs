using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text.Json.Nodes;

namespace Nido.Browser.Tests;

/// <summary>The built application, running as a process of its own over a fresh site.</summary>
public class RunningSite : IAsyncLifetime
{
    private readonly string folder = Directory.CreateTempSubdirectory("nido-browser").FullName;
    private Process? process;

    /// <summary>Whether the demo house is in it.</summary>
    protected virtual bool Demo => true;

    /// <summary>Whether compositions do little work.</summary>
    protected virtual bool Quick => true;

    public string Address { get; private set; } = "";

    public async ValueTask InitializeAsync()
    {
        var port = FreePort();
        Address = $"http://127.0.0.1:{port}";
        var web = Path.Combine(Repository.Root, "src", "Nido.Web");
        process = Process.Start(new ProcessStartInfo("dotnet", [Path.Combine(web, "bin", "Release", "net10.0", "Nido.Web.dll")])
        {
            WorkingDirectory = web,
            RedirectStandardOutput = true,
            Environment =
            {
                ["NIDO_DATA"] = folder, ["ASPNETCORE_URLS"] = Address, ["Nido__Demo"] = $"{Demo}", ["Nido__Quick"] = $"{Quick}",
            },
        })!;
        process.OutputDataReceived += (_, _) => { };
        process.BeginOutputReadLine();
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        using var patience = new CancellationTokenSource(TimeSpan.FromSeconds(90));
        while (true)
        {
            try
            {
                await client.GetStringAsync("/api/health", patience.Token);
                return;
            }
            catch (HttpRequestException) when (!process.HasExited)
            {
                await Task.Yield();
            }
        }
    }

    public async Task<JsonNode> GetAsync(string path)
    {
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        return JsonNode.Parse(await client.GetStringAsync(path, TestContext.Current.CancellationToken))!;
    }

    /// <summary>Address of a place of the first week.</summary>
    public async Task<string> PlaceAsync(string place) => $"{Address}/w/{(await GetAsync("/api/weeks"))[0]!["id"]}/{place}";

    public ValueTask DisposeAsync()
    {
        process?.Kill(entireProcessTree: true);
        process?.WaitForExit();
        process?.Dispose();
        Directory.Delete(folder, recursive: true);
        GC.SuppressFinalize(this);
        return ValueTask.CompletedTask;
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }
}
