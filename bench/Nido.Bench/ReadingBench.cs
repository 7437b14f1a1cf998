using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Nido.Bench;

/// <summary>How long reading the Week screen takes, measured against an endpoint that does nothing.</summary>
internal static class ReadingBench
{
    public static async Task<double> RatioAsync()
    {
        var folder = Directory.CreateTempSubdirectory("nido-bench").FullName;
        await using var app = new WebApplicationFactory<Nido.Web.Week.WeekDesk>().WithWebHostBuilder(host =>
            host.UseContentRoot(AppContext.BaseDirectory)
                .UseEnvironment("Testing")
                .UseSetting("NIDO_DATA", folder)
                .UseSetting("Nido:Demo", "true")
                .UseSetting("Nido:DemoPast", "false")
                .UseSetting("Nido:Quick", "true")
        );
        using var client = app.CreateClient();
        var weeks = await client.GetFromJsonAsync<JsonArray>("/api/weeks");
        var week = $"/api/weeks/{weeks![0]!["id"]}";
        var ratio = await P95Async(client, week) / await P95Async(client, "/api/timetables");
        Directory.Delete(folder, recursive: true);
        return ratio;
    }

    private static async Task<double> P95Async(HttpClient client, string path)
    {
        for (var i = 0; i < 50; i++)
        {
            await client.GetByteArrayAsync(new Uri(path, UriKind.Relative));
        }

        var times = new List<double>();
        for (var i = 0; i < 300; i++)
        {
            var watch = Stopwatch.GetTimestamp();
            await client.GetByteArrayAsync(new Uri(path, UriKind.Relative));
            times.Add(Stopwatch.GetElapsedTime(watch).TotalMilliseconds);
        }

        return times.Order().ElementAt((int)(times.Count * 0.95));
    }
}
