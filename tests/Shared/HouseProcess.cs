using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using System.Text;

namespace Nido.Shared;

/// <summary>The application as a process of its own, as somebody starts it, over a folder that outlives it.</summary>
internal sealed class HouseProcess : IAsyncDisposable
{
    private readonly Process process;
    private readonly StringBuilder said = new();
    private readonly TaskCompletionSource ready = new(TaskCreationOptions.RunContinuationsAsynchronously);

    private HouseProcess(Process process, string address)
    {
        this.process = process;
        Address = address;
        Client = new() { BaseAddress = new(address), Timeout = TimeSpan.FromMinutes(10) };
        process.OutputDataReceived += Heard;
        process.ErrorDataReceived += Heard;
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
    }

    public string Address { get; }

    public HttpClient Client { get; }

    /// <summary>What it wrote so far.</summary>
    public string Said
    {
        get
        {
            lock (said)
            {
                return said.ToString();
            }
        }
    }

    /// <summary>How it ended.</summary>
    public int Code => process.ExitCode;

    /// <summary>Memory it holds in RAM now, MB.</summary>
    public double ResidentMegabytes
    {
        get
        {
            process.Refresh();
            return process.WorkingSet64 / 1048576.0;
        }
    }

    /// <summary>Starts it; the caller waits for what it wants to see.</summary>
    /// <param name="folder">Where the house lies.</param>
    /// <param name="settings">Settings by name, beside folder and address.</param>
    /// <param name="port">A port; a free one where null.</param>
    /// <param name="from">Folder it runs in, with its pages below; that of this program where null.</param>
    /// <param name="args">What is said after its name.</param>
    public static HouseProcess Begin(
        string folder,
        IReadOnlyDictionary<string, string>? settings = null,
        int? port = null,
        string? from = null,
        params string[] args
    )
    {
        var address = $"http://127.0.0.1:{port ?? FreePort()}";
        var web = Path.Combine(
            from is null ? AppContext.BaseDirectory : Path.Combine(from, "bin", "Release", "net10.0"),
            "Nido.Web.dll"
        );
        var start = new ProcessStartInfo("dotnet", [web, .. args])
        {
            RedirectStandardOutput = true,
            RedirectStandardError = true,
            WorkingDirectory = from ?? AppContext.BaseDirectory,
            // Measuring what runs often pays only in a process that lives long.
            Environment =
            {
                ["NIDO_DATA"] = folder,
                ["ASPNETCORE_URLS"] = address,
                ["DOTNET_TieredPGO"] = "0",
            },
        };
        foreach (var (name, value) in settings ?? new Dictionary<string, string>())
        {
            start.Environment[name] = value;
        }

        return new(Process.Start(start)!, address);
    }

    /// <summary>Waits until it is ready.</summary>
    /// <exception cref="InvalidOperationException">It ended before; the message is what it wrote.</exception>
    public async Task<HouseProcess> ReadyAsync(CancellationToken stop)
    {
        if (await Task.WhenAny(ready.Task, process.WaitForExitAsync(stop)) != ready.Task)
        {
            throw new InvalidOperationException($"It ended: {await EndAsync(stop)}");
        }

        return this;
    }

    /// <summary>Waits until it has ended by itself; what it wrote.</summary>
    public async Task<string> EndAsync(CancellationToken stop)
    {
        await process.WaitForExitAsync(stop);
        process.WaitForExit();
        return Said;
    }

    /// <summary>Ends it as a power cut does.</summary>
    public void Kill()
    {
        process.Kill(entireProcessTree: true);
        process.WaitForExit();
    }

    /// <inheritdoc />
    public ValueTask DisposeAsync()
    {
        if (!process.HasExited)
        {
            Kill();
        }

        process.Dispose();
        Client.Dispose();
        return ValueTask.CompletedTask;
    }

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    private void Heard(object _, DataReceivedEventArgs line)
    {
        lock (said)
        {
            said.AppendLine(line.Data);
        }

        if (line.Data?.Contains("\"Ready at ", StringComparison.Ordinal) == true)
        {
            ready.TrySetResult();
        }
    }
}
