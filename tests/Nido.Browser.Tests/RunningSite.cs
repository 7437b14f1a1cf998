using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Nido.Shared;

namespace Nido.Browser.Tests;

/// <summary>The built application, running as a process of its own over a site of its own.</summary>
/// <param name="composed">Where the composed demo house is copied from.</param>
public class RunningSite(ComposedSite composed) : IAsyncLifetime
{
    private readonly string folder = Directory.CreateTempSubdirectory("nido-browser").FullName;
    private HouseProcess? house;

    /// <summary>Whether the demo house is in it.</summary>
    protected virtual bool Demo => true;

    /// <summary>Whether the demo house has a past.</summary>
    protected virtual bool Past => false;

    /// <summary>Whether compositions do little work.</summary>
    protected virtual bool Quick => true;

    /// <summary>Whether it begins with a copy of the demo house composed once, instead of composing its own.</summary>
    protected virtual bool Copied => true;

    private const string DemoMonday = "2026-12-07";

    public string Address => house!.Address;

    public async ValueTask InitializeAsync()
    {
        if (Demo && Copied)
        {
            await composed.CopyAsync(folder);
        }

        house = await StartAsync(folder, Demo, Quick, Past);
    }

    /// <summary>Starts the application over a folder and waits until it is ready, demo weeks composed.</summary>
    internal static Task<HouseProcess> StartAsync(string folder, bool demo, bool quick, bool past = false) =>
        HouseProcess
            .Begin(
                folder,
                new Dictionary<string, string>
                {
                    ["Nido__Demo"] = $"{demo}",
                    ["Nido__Quick"] = $"{quick}",
                    ["Nido__DemoPast"] = $"{past}",
                },
                null,
                Path.Combine(Repository.Root, "src", "Nido.Web")
            )
            .ReadyAsync(TestContext.Current.CancellationToken);

    public async Task<JsonNode> GetAsync(string path)
    {
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        return JsonNode.Parse(await client.GetStringAsync(path, TestContext.Current.CancellationToken))!;
    }

    /// <summary>Changes what stands at an address, as another person at another machine.</summary>
    public async Task ChangeAsync(string path, Action<JsonNode> change)
    {
        using var client = new HttpClient { BaseAddress = new Uri(Address) };
        using var read = await client.GetAsync(path, TestContext.Current.CancellationToken);
        var body = (await read.Content.ReadFromJsonAsync<JsonNode>(TestContext.Current.CancellationToken))!;
        change(body);
        using var request = new HttpRequestMessage(HttpMethod.Put, path) { Content = JsonContent.Create(body) };
        request.Headers.IfMatch.Add(new EntityTagHeaderValue(read.Headers.ETag!.Tag));
        using var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
        answer.EnsureSuccessStatusCode();
    }

    /// <summary>Address of a place of the demo's week; of the newest where there is no demo. Weeks that another test added
    /// are newer and empty.</summary>
    public async Task<string> PlaceAsync(string place, bool dropIn = false)
    {
        var weeks = (await GetAsync("/api/weeks")).AsArray();
        var week =
            weeks.FirstOrDefault(w =>
                w!["monday"]!.GetValue<string>() == DemoMonday
                && w["groupName"]!.GetValue<string>() == "Saturday nestlings" == dropIn
            ) ?? weeks[0];
        return $"{Address}/w/{week!["id"]}/{place}";
    }

    public async ValueTask DisposeAsync()
    {
        if (house is not null)
        {
            await house.DisposeAsync();
        }

        Directory.Delete(folder, recursive: true);
        GC.SuppressFinalize(this);
    }
}
