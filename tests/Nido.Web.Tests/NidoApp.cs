using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Nido.Web.Tests;

/// <summary>The real application over a real SQLite file of its own.</summary>
public sealed class NidoApp : WebApplicationFactory<Program>
{
    private readonly string folder = Directory.CreateTempSubdirectory("nido-web").FullName;
    private readonly FullDisk full = new();
    private HttpClient? client;

    /// <summary>Whether the demo house is in it; an empty site otherwise.</summary>
    public bool Demo { get; init; } = true;

    /// <summary>Whether the demo house has a past.</summary>
    public bool Past { get; init; }

    /// <summary>The site file to begin with a copy of; a new site where null.</summary>
    public string? From { get; init; }

    public HttpClient Client => client ??= CreateClient();

    public static CancellationToken Stop => TestContext.Current.CancellationToken;

    public string File => Path.Combine(folder, "nido.db");

    public async Task<JsonNode> GetAsync(string path) => (await Client.GetFromJsonAsync<JsonNode>(path, Stop))!;

    public async Task<(int Status, JsonNode Body)> SendAsync(HttpMethod method, string path, object? body = null)
    {
        using var request = new HttpRequestMessage(method, path)
        {
            Content = body is null ? null : JsonContent.Create(body),
        };
        if (method == HttpMethod.Put && await EditionAsync(path) is { } edition)
        {
            request.Headers.IfMatch.Add(edition);
        }

        return await AnswerAsync(request);
    }

    /// <summary>Sends a change of an edition somebody has open.</summary>
    public async Task<(int Status, JsonNode Body)> ChangeAsync(string path, object body, EntityTagHeaderValue? edition)
    {
        using var request = new HttpRequestMessage(HttpMethod.Put, path) { Content = JsonContent.Create(body) };
        if (edition is not null)
        {
            request.Headers.IfMatch.Add(edition);
        }

        return await AnswerAsync(request);
    }

    /// <summary>The edition of what stands at an address now, or null where it has none.</summary>
    public async Task<EntityTagHeaderValue?> EditionAsync(string path)
    {
        using var answer = await Client.GetAsync(path, Stop);
        return answer.Headers.ETag;
    }

    public async Task<(int Status, JsonNode Body)> SendTextAsync(string path, byte[] bytes)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = new ByteArrayContent(bytes) };
        request.Content.Headers.ContentType = new(
            path.EndsWith("unit", StringComparison.Ordinal) || path.EndsWith("site", StringComparison.Ordinal)
                ? "application/json"
            : path.EndsWith("own/file", StringComparison.Ordinal) ? "text/yaml"
            : "text/csv"
        );
        return await AnswerAsync(request);
    }

    public Task<(int Status, JsonNode Body)> SendTextAsync(string path, string text) =>
        SendTextAsync(path, Encoding.UTF8.GetBytes(text));

    /// <summary>Does something while the file of the house cannot grow.</summary>
    public async Task<T> WithFullDiskAsync<T>(Func<Task<T>> what)
    {
        full.IsFull = true;
        try
        {
            return await what();
        }
        finally
        {
            full.IsFull = false;
        }
    }

    /// <summary>Brings everything written so far into the one file.</summary>
    public async Task FoldAsync()
    {
        await using var scope = Services.CreateAsyncScope();
        await scope
            .ServiceProvider.GetRequiredService<Nido.Data.NidoDb>()
            .Database.ExecuteSqlRawAsync("PRAGMA wal_checkpoint(TRUNCATE);", Stop);
    }

    /// <summary>Id of the demo week.</summary>
    public async Task<string> WeekAsync() => (await GetAsync("/api/weeks"))[0]!["id"]!.GetValue<string>();

    /// <summary>Id of the demo group.</summary>
    public async Task<string> GroupAsync() => (await GetAsync("/api/groups"))[0]!["id"]!.GetValue<string>();

    /// <summary>Composes and waits for the last word.</summary>
    public async Task<IReadOnlyList<JsonNode>> ComposeAsync(string week)
    {
        var (status, body) = await SendAsync(HttpMethod.Post, $"/api/weeks/{week}/composition");
        status.ShouldBe(202, body.ToJsonString());
        var news = new List<JsonNode>();
        await using var stream = await Client.GetStreamAsync($"/api/weeks/{week}/composition", Stop);
        using var reader = new StreamReader(stream);
        while (await reader.ReadLineAsync(Stop) is { } line)
        {
            if (line.StartsWith("data:", StringComparison.Ordinal))
            {
                news.Add(JsonNode.Parse(line[5..])!);
            }
        }

        return news;
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        if (From is not null && !System.IO.File.Exists(File))
        {
            System.IO.File.Copy(From, File);
        }

        builder.ConfigureServices(services =>
            services.ConfigureDbContext<Nido.Data.NidoDb>(options => options.AddInterceptors(full))
        );
        builder
            .UseEnvironment("Testing")
            .UseSetting("NIDO_DATA", folder)
            .UseSetting("Nido:Demo", $"{Demo}")
            .UseSetting("Nido:DemoComposed", "false")
            .UseSetting("Nido:DemoPast", $"{Past}")
            .UseSetting("Nido:Quick", "true")
            .UseSetting("Nido:Night", "false");
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        if (disposing && Directory.Exists(folder))
        {
            Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
            Directory.Delete(folder, recursive: true);
        }
    }

    public async Task<(int Status, JsonNode Body)> AnswerAsync(HttpRequestMessage request)
    {
        using var answer = await Client.SendAsync(request, Stop);
        var text = await answer.Content.ReadAsStringAsync(Stop);
        try
        {
            return ((int)answer.StatusCode, text.Length == 0 ? new JsonObject() : JsonNode.Parse(text)!);
        }
        catch (JsonException)
        {
            return ((int)answer.StatusCode, JsonValue.Create(text)!);
        }
    }
}
