using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Nido.Shared;

namespace Nido.Bench;

/// <summary>What the benches do with a house that runs as a process of its own.</summary>
internal static class Houses
{
    /// <summary>Starts it and waits until it is ready.</summary>
    public static Task<HouseProcess> StartAsync(string folder, bool demo) =>
        HouseProcess
            .Begin(
                folder,
                new Dictionary<string, string>
                {
                    ["Nido__Demo"] = $"{demo}",
                    ["Nido__DemoComposed"] = "false",
                    ["Nido__DemoPast"] = "false",
                    ["Nido__Night"] = "false",
                }
            )
            .ReadyAsync(default);

    /// <summary>Id of the first week.</summary>
    public static async Task<string> WeekAsync(HouseProcess house) =>
        (await house.Client.GetFromJsonAsync<JsonArray>("/api/weeks"))![0]!["id"]!.GetValue<string>();

    /// <summary>Composes a week to its end.</summary>
    public static async Task ComposeAsync(HouseProcess house, string week)
    {
        var composition = new Uri($"/api/weeks/{week}/composition", UriKind.Relative);
        (await house.Client.PostAsync(composition, null)).EnsureSuccessStatusCode();
        await using var news = await house.Client.GetStreamAsync(composition);
        await news.CopyToAsync(Stream.Null);
    }
}
