using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace Nido.Browser.Tests;

/// <summary>
/// How quickly the pages answer a hand: the longest task and the longest wait for the next paint after each press, on the demo and with
/// forty children on six days, beside a page with one button. Run by ./nido bench hand only; a machine's own speed is in the ratio. A
/// pointer that something is drawn under is no press: where nothing else changes, it waits for whatever is painted next.
/// </summary>
public class HandBench(RunningSite site) : IClassFixture<RunningSite>
{
    private const int Settled = 900;

    private const string Watch = """
        window.seen = { task: 0, paint: 0 };
        new PerformanceObserver((l) => l.getEntries().forEach((e) => (seen.task = Math.max(seen.task, e.duration))))
          .observe({ type: 'longtask' });
        new PerformanceObserver((l) =>
          l.getEntries().filter((e) => e.interactionId).forEach((e) => (seen.paint = Math.max(seen.paint, e.duration))))
          .observe({ type: 'event', durationThreshold: 16 });
        """;

    private readonly List<string> lines = [];

    [Fact(Explicit = true)]
    public async Task Every_press()
    {
        using (var page = new Page())
        {
            page.Go("data:text/html,<button id=b onclick='this.textContent=Date.now()'>press</button>");
            page.Script.ExecuteScript(Watch);
            var nothing = Measure(page, () => page.Click("#b"));
            Say($"an empty page: task {nothing.Task:0} ms, paint {nothing.Paint:0} ms");
            var forty = await FortyAsync();
            Walk(page, "demo", await site.PlaceAsync("week"), nothing.Paint);
            Walk(page, "forty", $"{site.Address}/w/{forty}/week", nothing.Paint);
        }

        if (Environment.GetEnvironmentVariable("NIDO_HAND") is { Length: > 0 } file)
        {
            await File.WriteAllLinesAsync(file, lines, TestContext.Current.CancellationToken);
        }
    }

    private void Walk(Page page, string room, string week, double nothing)
    {
        page.Go(week).See("[data-strip]:not([data-strip=''])");
        Thread.Sleep(Settled);
        page.Script.ExecuteScript(Watch);
        var strips = page.All("[data-strip]:not([data-strip=''])");
        void Press(string what, Action act)
        {
            var (task, paint) = Measure(page, act);
            Say(
                $"{room}, {what}: task {task:0} ms, paint {paint:0} ms, {paint / Math.Max(8, nothing):0.0} times an empty page"
            );
        }

        Press(
            "hover",
            () =>
            {
                foreach (var strip in strips.Take(8))
                {
                    new Actions(((IWrapsDriver)strip).WrappedDriver).MoveToElement(strip).Perform();
                }
            }
        );
        Press("choose", () => strips[0].Click());
        page.See("[data-bench] button:enabled");
        Press("open", () => page.Named("button", "Open").Click());
        page.See("dialog[open] article");
        Press("close", () => page.Press(Keys.Escape));
        Press("lock", () => page.Press("l"));
        Press("unlock", () => page.Press("l"));
        Press("swap", () => page.Click("[data-bench] button:enabled"));
        Press("undo", () => page.Press("u"));
        Press("safety", () => page.Press("s"));
        page.See("dialog[open]");
        page.Press(Keys.Escape);
        page.Go(week.Replace("/week", "/group", StringComparison.Ordinal)).See("[data-evidence]");
        Thread.Sleep(Settled);
        page.Script.ExecuteScript(Watch);
        Press("a cell of the group", () => page.Click("#cell-1-2"));
        Press("quick entry", () => page.Press("o"));
        page.See("dialog[open] input");
        Press("a letter typed", () => page.Press("a"));
        page.Press(Keys.Escape);
    }

    /// <summary>Forty children on six days, in six blocks, with the demo's cupboard.</summary>
    private async Task<string> FortyAsync()
    {
        var stop = TestContext.Current.CancellationToken;
        using var client = new HttpClient { BaseAddress = new Uri(site.Address) };
        async Task<JsonNode> Send(HttpMethod method, string path, object body, string? edition = null)
        {
            using var request = new HttpRequestMessage(method, path) { Content = JsonContent.Create(body) };
            if (edition is not null)
            {
                request.Headers.TryAddWithoutValidation("If-Match", edition);
            }

            using var answer = await client.SendAsync(request, stop);
            answer.EnsureSuccessStatusCode();
            return JsonNode.Parse(await answer.Content.ReadAsStringAsync(stop) is { Length: > 0 } text ? text : "{}")!;
        }

        string[] days = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday"];
        var group = await Send(
            HttpMethod.Post,
            "/api/groups",
            new
            {
                name = "Forty",
                place = "",
                kind = "class",
                timetable = "full-day",
            }
        );
        var id = (string)group["id"]!;
        using (var read = await client.GetAsync($"/api/groups/{id}", stop))
        {
            var now = JsonNode.Parse(await read.Content.ReadAsStringAsync(stop))!;
            now["days"] = new JsonArray([.. days.Select(d => (JsonNode)d)]);
            await Send(HttpMethod.Put, $"/api/groups/{id}", now, $"{read.Headers.ETag}");
        }

        await Send(
            HttpMethod.Post,
            $"/api/groups/{id}/children",
            new
            {
                children = Enumerable
                    .Range(1, 40)
                    .Select(n => new
                    {
                        name = $"Child {n:00}",
                        bornOn = new DateOnly(2021, 12, 1)
                            .AddDays(n * 27)
                            .ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                        days,
                        mouths = false,
                        hand = "right",
                        avoidsTouch = false,
                        allergies = Array.Empty<string>(),
                        homeLanguage = "en",
                        note = "",
                    }),
            }
        );
        var themes = JsonNode.Parse(await client.GetStringAsync("/api/themes", stop))!;
        var week = await Send(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = id,
                themeId = (string)themes[0]!["id"]!,
                monday = "2026-12-07",
            }
        );
        await Send(HttpMethod.Post, $"/api/weeks/{week["id"]}/composition", new { });
        for (var wait = 0; wait < 300; wait++)
        {
            var view = JsonNode.Parse(await client.GetStringAsync($"/api/weeks/{week["id"]}", stop))!;
            if (!(bool)view["composing"]! && view["strips"]!.AsArray().Count > 0)
            {
                break;
            }

            await Task.Delay(1000, stop);
        }

        return (string)week["id"]!;
    }

    private static (double Task, double Paint) Measure(Page page, Action act)
    {
        page.Script.ExecuteScript("seen.task = 0; seen.paint = 0;");
        act();
        Thread.Sleep(Settled);
        var seen = JsonNode.Parse((string)page.Script.ExecuteScript("return JSON.stringify(seen)")!)!;
        return (seen["task"]!.GetValue<double>(), seen["paint"]!.GetValue<double>());
    }

    private void Say(FormattableString line) => lines.Add(line.ToString(CultureInfo.InvariantCulture));
}
