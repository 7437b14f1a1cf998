using System.Diagnostics;
using Nido.Shared;

namespace Nido.Bench;

/// <summary>Reading a week with sixteen clients, alone and beside a composition, and what is held after twenty
/// compositions.</summary>
internal static class LoadBench
{
    private const int Clients = 16;

    public static async Task PrintAsync(int compositions)
    {
        var folder = Directory.CreateTempSubdirectory("nido-load").FullName;
        await using (var app = await Houses.StartAsync(folder, demo: true))
        {
            var week = await Houses.WeekAsync(app);
            await Houses.ComposeAsync(app, week);
            var after = app.ResidentMegabytes;
            await ReadAsync(app, week, Task.Delay(TimeSpan.FromSeconds(3)));
            var alone = await ReadAsync(app, week, Task.Delay(TimeSpan.FromSeconds(10)));
            var beside = await ReadAsync(app, week, Houses.ComposeAsync(app, week));
            Console.WriteLine(
                $"reading a week, {Clients} clients alone: {alone.PerSecond:0} a second, p95 {alone.P95:0} ms; "
                    + $"beside a composition: {beside.PerSecond:0} a second, p95 {beside.P95:0} ms (ratio "
                    + $"{beside.PerSecond / alone.PerSecond:0.00})"
            );
            var one = await OneReaderAsync(app, week, Houses.ComposeAsync(app, week));
            Console.WriteLine($"one person reading beside a composition: p95 {one:0} ms");
            var before = Stopwatch.GetTimestamp();
            for (var k = 3; k < compositions; k++)
            {
                await Houses.ComposeAsync(app, week);
                Console.WriteLine($"  after {k + 1}: {app.ResidentMegabytes:0} MB");
            }

            var each = Stopwatch.GetElapsedTime(before).TotalSeconds / (compositions - 3);
            Console.WriteLine(
                $"memory after the first composition {after:0} MB, after {compositions} {app.ResidentMegabytes:0} MB "
                    + $"(ratio {app.ResidentMegabytes / after:0.00}; {each:0} s each)"
            );
        }

        Directory.Delete(folder, recursive: true);
    }

    private static async Task<(double PerSecond, double P95)> ReadAsync(HouseProcess app, string week, Task until)
    {
        var started = Stopwatch.GetTimestamp();
        var times = await Task.WhenAll(
            Enumerable.Range(0, Clients).Select(_ => Task.Run(async () => await TimesAsync(app, week, until)))
        );
        double[] all = [.. times.SelectMany(t => t).Order()];
        return (all.Length / Stopwatch.GetElapsedTime(started).TotalSeconds, all[(int)(all.Length * 0.95)]);
    }

    private static async Task<double> OneReaderAsync(HouseProcess app, string week, Task until)
    {
        double[] all = [.. (await TimesAsync(app, week, until)).Order()];
        return all[(int)(all.Length * 0.95)];
    }

    private static async Task<List<double>> TimesAsync(HouseProcess app, string week, Task until)
    {
        var times = new List<double>();
        while (!until.IsCompleted)
        {
            var begun = Stopwatch.GetTimestamp();
            await app.Client.GetByteArrayAsync(new Uri($"/api/weeks/{week}", UriKind.Relative));
            times.Add(Stopwatch.GetElapsedTime(begun).TotalMilliseconds);
        }

        return times;
    }
}
