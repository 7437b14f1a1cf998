using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>A session over the interface: its parts, its helpers, the count at the door and what it teaches.</summary>
public class SessionTests(ComposedSite site)
{
    [Fact]
    public async Task A_session_has_parts_that_add_up_and_a_card_for_each_table()
    {
        await using var app = site.Copy();
        var week = await SaturdayAsync(app);
        await app.ComposeAsync($"{week["id"]}");
        var session = await app.GetAsync($"/api/weeks/{week["id"]}/days/0/session");
        var parts = session["parts"]!.AsArray();
        parts.Sum(p => (int)p!["minutes"]!).ShouldBe(45);
        $"{parts[0]!["kind"]}".ShouldBe("welcome");
        $"{parts[^1]!["kind"]}".ShouldBe("farewell");
        session["helpers"]!.AsArray().Count.ShouldBe(5);
        foreach (var file in (string[])["session.pdf", "helpers.pdf", "session.pdf?language=es"])
        {
            using var pdf = await app.Client.GetAsync($"/api/weeks/{week["id"]}/days/0/{file}", NidoApp.Stop);
            pdf.Content.Headers.ContentType!.MediaType.ShouldBe("application/pdf", file);
        }

        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{week["id"]}/days/4/session")).Status.ShouldBe(404);
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{site.Week}/days/0/session")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task What_is_counted_teaches_the_sessions_after_it()
    {
        await using var app = site.Copy();
        var group = $"{(await SaturdayAsync(app))["groupId"]}";
        var before = await app.GetAsync($"/api/groups/{group}/expected?on=2026-12-12");
        ((int)before["all"]!["kits"]!).ShouldBe(32);
        ((bool)before["all"]!["differs"]!).ShouldBeFalse();
        var bands = before["bands"]!.AsArray().Select(b => (int)b!["fromMonths"]!).ToArray();
        foreach (var day in (string[])["2026-10-31", "2026-11-07", "2026-11-14", "2026-11-21"])
        {
            var (status, body) = await app.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{group}/counts/{day}",
                new
                {
                    bands = bands.Select(b => new
                    {
                        fromMonths = b,
                        children = day[^1] == '1' ? 14 : 9,
                        kits = 12,
                    }),
                }
            );
            status.ShouldBe(204, $"{body}");
        }

        var after = await app.GetAsync($"/api/groups/{group}/expected?on=2026-12-12");
        ((double)after["all"]!["expected"]!).ShouldBeGreaterThan(28);
        ((int)after["all"]!["kits"]!).ShouldBeGreaterThan(32);
        ((int)after["all"]!["sessions"]!).ShouldBe(4);
        // As it was known before the second of them.
        var then = await app.GetAsync($"/api/groups/{group}/expected?on=2026-11-07");
        ((int)then["all"]!["sessions"]!).ShouldBe(1);
        // The week reckons with it at once.
        var week = await SaturdayAsync(app);
        ((int)(await app.GetAsync($"/api/weeks/{week["id"]}"))["truth"]!["children"]!).ShouldBeGreaterThan(24);
        (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{group}/counts/2026-11-21")).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{group}/counts/2026-11-21")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_count_that_cannot_be_is_refused_whole()
    {
        await using var app = site.Copy();
        var group = $"{(await SaturdayAsync(app))["groupId"]}";
        async Task Refused(string day, string field, params object[] bands)
        {
            var (status, problem) = await app.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{group}/counts/{day}",
                new { bands }
            );
            status.ShouldBe(400, $"{problem}");
            $"{problem["fields"]![0]!["field"]}".ShouldBe(field);
        }

        var good = new { fromMonths = 12, children = 3 };
        await Refused("2090-01-01", "on", good);
        await Refused("2026-11-21", "fromMonths", good, new { fromMonths = 13, children = 3 });
        await Refused("2026-11-21", "bands[0].children", new { fromMonths = 12, children = -1 });
        await Refused(
            "2026-11-21",
            "bands[0].kitsBack",
            new
            {
                fromMonths = 12,
                children = 3,
                kits = 4,
                kitsBack = 5,
            }
        );
        await Refused("2026-11-21", "bands", good, good);
        await Refused("2026-11-21", "bands");
        (await app.GetAsync($"/api/groups/{group}/expected"))["counts"]!.AsArray().ShouldBeEmpty();
        (await app.SendAsync(HttpMethod.Get, $"/api/groups/{site.Group}/expected")).Status.ShouldBe(400);
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{site.Group}/counts/2026-11-21",
                new { bands = new[] { good } }
            )
        ).Status.ShouldBe(400);
    }

    [Fact]
    public async Task Prices_of_being_wrong_choose_the_kits()
    {
        await using var app = site.Copy();
        var group = $"{(await SaturdayAsync(app))["groupId"]}";
        (await app.GetAsync($"/api/groups/{group}/expected"))["choice"].ShouldBeNull();
        var body = await app.GetAsync($"/api/groups/{group}");
        body["settings"]!["kitTooManyCents"] = 40;
        body["settings"]!["kitTooFewCents"] = 200;
        var edition = await app.EditionAsync($"/api/groups/{group}");
        (await app.ChangeAsync($"/api/groups/{group}", body, edition)).Status.ShouldBe(200);
        var choice = (await app.GetAsync($"/api/groups/{group}/expected"))["choice"]!;
        ((int)choice["best"]!).ShouldBe(29);
        var rows = choice["rows"]!.AsArray();
        rows.MinBy(r => (double)r!["costCents"]!)!["kits"]!.GetValue<int>().ShouldBe(29);
        body["settings"]!["kitTooManyCents"] = -1;
        (
            await app.ChangeAsync($"/api/groups/{group}", body, await app.EditionAsync($"/api/groups/{group}"))
        ).Status.ShouldBe(400);
    }

    /// <summary>The same session at another branch: another group, another day.</summary>
    [Fact]
    public async Task The_same_session_is_held_again_at_another_branch()
    {
        await using var app = site.Copy();
        var week = await SaturdayAsync(app);
        await app.ComposeAsync($"{week["id"]}");
        var (_, branch) = await app.SendAsync(
            HttpMethod.Post,
            "/api/groups",
            new
            {
                name = "Harbour branch",
                place = "",
                kind = "dropIn",
            }
        );
        var (status, copy) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{week["id"]}/copies",
            new { groupId = $"{branch["id"]}", monday = "2026-12-14" }
        );
        status.ShouldBe(201);
        var session = await app.GetAsync($"/api/weeks/{copy["id"]}/days/0/session");
        session["parts"]!.AsArray().Sum(p => (int)p!["minutes"]!).ShouldBe(45);
        session["helpers"]!.AsArray().ShouldNotBeEmpty();
    }

    /// <summary>A term of sessions: a theme each, every one with its own story before anything lies out.</summary>
    [Fact]
    public async Task A_term_of_sessions_has_a_story_each()
    {
        await using var app = site.Copy();
        var group = $"{(await SaturdayAsync(app))["groupId"]}";
        string[] themes = ["night-train", "under-the-hedge", "snow-day"];
        var (status, weeks) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{group}/term",
            new { monday = "2027-01-04", themeIds = themes }
        );
        status.ShouldBe(200);
        var stories = new HashSet<string>();
        foreach (var week in weeks.AsArray().Where(w => string.CompareOrdinal($"{w!["monday"]}", "2027") > 0))
        {
            var session = await app.GetAsync($"/api/weeks/{week!["weekId"]}/days/0/session");
            var parts = session["parts"]!.AsArray();
            parts.Sum(p => (int)p!["minutes"]!).ShouldBe(45);
            stories.Add(parts.First(p => $"{p!["kind"]}" == "story")!["lines"]!.ToJsonString());
        }

        stories.Count.ShouldBe(3);
    }

    private static async Task<JsonNode> SaturdayAsync(NidoApp app) =>
        (await app.GetAsync("/api/weeks")).AsArray().First(w => $"{w!["groupName"]}" == "Saturday nestlings")!;
}
