using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Nido.Shared;

namespace Nido.Bench;

/// <summary>The power is cut many times while four people write: is all there that was acknowledged, and is the file
/// whole?</summary>
internal static class CrashBench
{
    public static async Task PrintAsync(int kills)
    {
        var folder = Directory.CreateTempSubdirectory("nido-crash").FullName;
        var chance = new Random(kills);
        int acknowledged = 0,
            lost = 0;
        for (var k = 0; k < kills; k++)
        {
            await using var app = await Houses.StartAsync(folder, demo: false);
            var there = await ThereAsync(app);
            lost += Math.Max(0, acknowledged - there);
            // What was written and not acknowledged before the cut may be there, too.
            acknowledged = there;
            var cut = acknowledged + chance.Next(1, 120);
            await Task.WhenAll(
                Enumerable
                    .Range(0, 4)
                    .Select(_ =>
                        Task.Run(async () =>
                        {
                            try
                            {
                                while (true)
                                {
                                    (
                                        await app.Client.PostAsJsonAsync(
                                            "/api/cupboard/corks/movements",
                                            new
                                            {
                                                kind = "found",
                                                amount = 1,
                                                note = "",
                                            }
                                        )
                                    ).EnsureSuccessStatusCode();
                                    if (Interlocked.Increment(ref acknowledged) == cut)
                                    {
                                        app.Kill();
                                    }
                                }
                            }
                            catch (HttpRequestException)
                            {
                                // The power is off.
                            }
                        })
                    )
            );
        }

        await using var last = await Houses.StartAsync(folder, demo: false);
        lost += Math.Max(0, acknowledged - await ThereAsync(last));
        Console.WriteLine(
            $"{kills} power cuts while four wrote: {acknowledged} changes acknowledged, {lost} lost; the house opened each time"
        );
        last.Kill();
        Directory.Delete(folder, recursive: true);
    }

    private static async Task<int> ThereAsync(HouseProcess app) =>
        (int)(await app.Client.GetFromJsonAsync<JsonNode>("/api/cupboard/corks"))!["have"]!.GetValue<double>();
}
