using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text.Json.Nodes;

namespace Nido.Browser.Tests;

/// <summary>The built application, running as a process of its own over a site of its own.</summary>
/// <param name="composed">Where the composed demo house is copied from.</param>
public class RunningSite(ComposedSite composed) : IAsyncLifetime
{
    private readonly string folder = Directory.CreateTempSubdirectory("nido-browser").FullName;
    private Process? process;

    /// <summary>Whether the demo house is in it.</summary>
    protected virtual bool Demo => true;

    /// <summary>Whether compositions do little work.</summary>
    protected virtual bool Quick => true;

    /// <summary>Whether it begins with a copy of the demo house composed once, instead of composing its own.</summary>
    protected virtual bool Copied => true;

    public string Address { get; private set; } = "";

    public async ValueTask InitializeAsync()
    {
        if (Demo && Copied)
        {
            await composed.CopyAsync(folder);
        }

        (process, Address) = await StartAsync(folder, Demo, Quick);
    }

    /// <summary>Starts the application over a folder and waits until it is ready, demo weeks composed.</summary>
    internal static async Task<(Process Process, string Address)> StartAsync(string folder, bool demo, bool quick)
    {
        var address = $"http://127.0.0.1:{FreePort()}";
        var web = Path.Combine(Repository.Root, "src", "Nido.Web");
        var process = Process.Start(new ProcessStartInfo("dotnet", [Path.Combine(web, "bin", "Release", "net10.0", "Nido.Web.dll")])
        {
            WorkingDirectory = web,
            RedirectStandardOutput = true,
            Environment =
            {
                ["NIDO_DATA"] = folder, ["ASPNETCORE_URLS"] = address, ["Nido__Demo"] = $"{demo}", ["Nido__Quick"] = $"{quick}",
                // Measuring what runs often pays only in a process that lives long.
                ["DOTNET_TieredPGO"] = "0",
            },
        })!;
        process.OutputDataReceived += (_, _) => { };
        process.BeginOutputReadLine();
        using var client = new HttpClient { BaseAddress = new Uri(address) };
        using var patience = new CancellationTokenSource(TimeSpan.FromMinutes(4));
        while (true)
        {
            try
            {
                await client.GetStringAsync("/api/health", patience.Token);
                return (process, address);
            }
            catch (HttpRequestException) when (!process.HasExited)
            {
                // Asking without a breath would take a core from what is being waited for.
                await Task.Delay(50, patience.Token);
            }
        }
    }

    /// <summary>Ends an application at once.</summary>
    internal static void End(Process? process)
    {
        process?.Kill(entireProcessTree: true);
        process?.WaitForExit();
        process?.Dispose();
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
        End(process);
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
