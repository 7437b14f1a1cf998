using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Today over HTTP: the door, what went otherwise, what was used, how it went, tallies; each undone again.</summary>
public sealed class TodayKeptTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private static readonly string[] Wednesday = ["wednesday"];

    private NidoApp App => demo.App;

    private string Week => $"/api/weeks/{demo.Week}";

    private string Group => $"/api/groups/{demo.Group}";

    private Task<JsonNode> DayAsync(int day = 0) => App.GetAsync($"{Week}/days/{day}");

    private async Task<JsonNode> AtDoorAsync(string name) =>
        (await DayAsync())["door"]!.AsArray().Single(c => c!["name"]!.GetValue<string>() == name)!;

    [Fact]
    public async Task The_door_changes_who_is_there_at_once_and_can_be_undone()
    {
        var child = (await AtDoorAsync("Kofi"))["childId"]!.GetValue<string>();
        var before = (await DayAsync())["children"]!.GetValue<int>();
        Task<(int Status, JsonNode Body)> Say(string mark, string? at = null) =>
            App.SendAsync(
                HttpMethod.Put,
                $"{Week}/days/0/door",
                new
                {
                    childId = child,
                    @is = mark,
                    at,
                }
            );
        (await Say("away")).Status.ShouldBe(204);
        (await DayAsync())["children"]!.GetValue<int>().ShouldBe(before - 1);
        (await DayAsync()).ToJsonString().ShouldNotContain("\"with Kofi\"");
        (await DayAsync(1))["door"]!.AsArray().ShouldAllBe(c => c!["is"]!.GetValue<string>() == "there", "another day");
        (await Say("late")).Status.ShouldBe(400, "without a time");
        (await Say("late", "11:00:00")).Status.ShouldBe(204);
        var late = await DayAsync();
        bool Works(JsonNode block) =>
            block["offers"]!.ToJsonString().Contains($"\"childId\":\"{child}\"", StringComparison.Ordinal);
        var blocks = late["blocks"]!.AsArray().Select(b => (Id: b!["id"]!.GetValue<string>(), In: Works(b))).ToArray();
        blocks
            .Where(b => b.Id is "welcome" or "circle" or "stations")
            .ShouldAllBe(b => !b.In, "they were over or nearly");
        blocks.ShouldContain(b => b.In, "the rest of the day has the child");
        var week = await App.GetAsync(Week);
        week["cameUp"]!.ToJsonString().ShouldContain("Kofi late, from 11:00");
        (await App.SendAsync(HttpMethod.Post, $"{Week}/undo")).Status.ShouldBe(200);
        (await AtDoorAsync("Kofi"))["is"]!.GetValue<string>().ShouldBe("away");
        (await Say("there")).Status.ShouldBe(204);
        (await DayAsync())["children"]!.GetValue<int>().ShouldBe(before);
        (
            await App.SendAsync(HttpMethod.Put, $"{Week}/days/0/door", new { childId = "nobody", @is = "away" })
        ).Status.ShouldBe(400);
        (
            await App.SendAsync(HttpMethod.Put, $"{Week}/days/9/door", new { childId = child, @is = "away" })
        ).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_visitor_joins_for_a_day_and_is_counted_there_only()
    {
        var before = (await DayAsync(2))["children"]!.GetValue<int>();
        var (status, body) = await App.SendAsync(
            HttpMethod.Post,
            $"{Group}/children",
            new
            {
                children = new[]
                {
                    new
                    {
                        name = "Visitor Wim",
                        bornOn = "2023-06-09",
                        days = Wednesday,
                        mouths = false,
                        hand = "undecided",
                        avoidsTouch = false,
                        allergies = Array.Empty<string>(),
                        homeLanguage = "en",
                        note = "",
                        firstDay = "2026-12-09",
                        lastDay = "2026-12-09",
                    },
                },
            }
        );
        status.ShouldBeLessThan(300, body.ToJsonString());
        var there = await DayAsync(2);
        there["children"]!.GetValue<int>().ShouldBe(before + 1);
        there["door"]!.AsArray().Single(c => c!["visits"]!.GetValue<bool>())!["name"]!
            .GetValue<string>()
            .ShouldBe("Visitor Wim");
        (await DayAsync(1))["door"]!.ToJsonString().ShouldNotContain("Visitor Wim");
    }

    [Fact]
    public async Task What_went_otherwise_is_said_taken_back_and_asked_again_where_it_makes_no_sense()
    {
        var offer = (await DayAsync())["blocks"]!.AsArray().Single(b => b!["id"]!.GetValue<string>() == "stations")!;
        Task<(int Status, JsonNode Body)> Say(
            string kind,
            int? minutes = null,
            int? at = 0,
            string words = "",
            string? ideaId = null
        ) =>
            App.SendAsync(
                HttpMethod.Post,
                $"{Week}/otherwise",
                new
                {
                    kind,
                    day = 0,
                    blockId = "stations",
                    offer = at,
                    minutes,
                    ideaId,
                    words,
                }
            );
        (await Say("leftOut")).Status.ShouldBe(204);
        var said = (await DayAsync())["otherwise"]!.AsArray().Single()!;
        said["sentence"]!.GetValue<string>().ShouldEndWith(": left out");
        said["sentence"]!
            .GetValue<string>()
            .ShouldStartWith(offer["offers"]![0]!["card"]!["title"]!.GetValue<string>());
        (await Say("cutShort", 5)).Status.ShouldBe(204);
        (await DayAsync())["otherwise"]!.AsArray().Count.ShouldBe(1, "the last word about an offer counts");
        (await Say("cutShort", 15)).Status.ShouldBe(400, "as long as planned");
        (await Say("longer", 15)).Status.ShouldBe(400);
        (await Say("somethingElse", null, null)).Status.ShouldBe(400, "what was it?");
        (await Say("somethingElse", null, null, "a birthday")).Status.ShouldBe(204);
        (await Say("swapped", null, 0, "", "no-such-idea")).Status.ShouldBe(400);
        (await Say("leftOut", null, 7)).Status.ShouldBe(400);
        while ((await DayAsync())["otherwise"]!.AsArray() is { Count: > 0 } left)
        {
            (await App.SendAsync(HttpMethod.Delete, $"{Week}/otherwise/{left[0]!["index"]}")).Status.ShouldBe(204);
        }

        (await App.SendAsync(HttpMethod.Delete, $"{Week}/otherwise/0")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task What_a_day_used_goes_from_the_cupboard_and_the_week_does_not_count_it_twice()
    {
        var proposed = await App.GetAsync($"{Week}/days/3/used");
        proposed["taken"]!.GetValue<bool>().ShouldBeFalse();
        var lines = proposed["lines"]!
            .AsArray()
            .Select(l => (Id: l!["materialId"]!.GetValue<string>(), Amount: l["amount"]!.GetValue<double>()))
            .ToArray();
        lines.ShouldNotBeEmpty();
        async Task<double> Have(string material) =>
            (await App.GetAsync($"/api/cupboard/{material}"))["have"]!.GetValue<double>();
        var had = await Have(lines[0].Id);
        var needs = (await App.GetAsync($"{Week}/materials")).ToJsonString();
        var body = new { lines = lines.Select(l => new { materialId = l.Id, amount = l.Amount }) };
        (await App.SendAsync(HttpMethod.Post, $"{Week}/days/3/used", body)).Status.ShouldBe(204);
        (await Have(lines[0].Id)).ShouldBe(had - lines[0].Amount, 1e-6);
        (await App.GetAsync($"{Week}/materials"))
            .ToJsonString()
            .ShouldBe(needs, "the week planned with it and still does");
        (await App.GetAsync($"{Week}/days/3/used"))["taken"]!.GetValue<bool>().ShouldBeTrue();
        (await App.SendAsync(HttpMethod.Post, $"{Week}/days/3/used", body)).Status.ShouldBe(409, "once");
        (await App.SendAsync(HttpMethod.Delete, $"{Week}/days/3/used")).Status.ShouldBe(204);
        (await Have(lines[0].Id)).ShouldBe(had, 1e-6);
        var all = new { lines = new[] { new { materialId = lines[0].Id, amount = had + 1 } } };
        var (tooMuch, why) = await App.SendAsync(HttpMethod.Post, $"{Week}/days/3/used", all);
        (tooMuch, why.ToJsonString().Contains("are on hand", StringComparison.Ordinal)).ShouldBe((400, true));
        var wrong = new { lines = new[] { new { materialId = "moon-dust", amount = 1 } } };
        (await App.SendAsync(HttpMethod.Post, $"{Week}/days/3/used", wrong)).Status.ShouldBe(400);
    }

    [Fact]
    public async Task How_it_went_and_what_was_seen_are_still_there_when_the_day_is_opened_again()
    {
        var offer = (await DayAsync())["blocks"]![0]!["offers"]![0]!;
        var ideaId = offer["card"]!["ideaId"]!.GetValue<string>();
        Task<(int Status, JsonNode Body)> Say(string? how) =>
            App.SendAsync(
                HttpMethod.Put,
                $"{Week}/days/0/went",
                new
                {
                    ideaId,
                    how,
                    minutes = 12,
                    line = "again",
                }
            );
        (await Say("withJoy")).Status.ShouldBe(204);
        (await Say("notSo")).Status.ShouldBe(204);
        var went = (await DayAsync())["blocks"]![0]!["offers"]![0]!["went"]!;
        (went["how"]!.GetValue<string>(), went["line"]!.GetValue<string>()).ShouldBe(("notSo", "again"));
        (await Say(null)).Status.ShouldBe(204);
        (await DayAsync())["blocks"]![0]!["offers"]![0]!["went"].ShouldBeNull();
        (
            await App.SendAsync(
                HttpMethod.Put,
                $"{Week}/days/0/went",
                new
                {
                    ideaId = "none",
                    how = "withJoy",
                    line = "",
                }
            )
        ).Status.ShouldBe(404);
    }

    [Fact]
    public async Task What_took_longer_three_times_is_planned_longer_from_the_next_week_on()
    {
        var card = (await DayAsync())["blocks"]![0]!["offers"]![0]!["card"]!;
        var (ideaId, written) = (card["ideaId"]!.GetValue<string>(), card["minutes"]!.GetValue<int>());
        foreach (var day in Enumerable.Range(0, 3))
        {
            (
                await App.SendAsync(
                    HttpMethod.Put,
                    $"{Week}/days/{day}/went",
                    new
                    {
                        ideaId,
                        how = "allRight",
                        minutes = written + 5 + day,
                        line = "",
                    }
                )
            ).Status.ShouldBe(204);
        }

        var monday = DateOnly.Parse((await App.GetAsync(Week))["monday"]!.GetValue<string>(), null);
        var (status, next) = await App.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = demo.Group,
                themeId = "little-post-office",
                monday = $"{monday.AddDays(7):yyyy-MM-dd}",
            }
        );
        status.ShouldBe(201, next.ToJsonString());
        var later = await App.GetAsync($"/api/weeks/{next["id"]!.GetValue<string>()}/ideas/{ideaId}");
        (later["minutes"]!.GetValue<int>(), later["minutesWritten"]!.GetValue<int>()).ShouldBe((written + 6, written));
        var now = await App.GetAsync($"{Week}/ideas/{ideaId}");
        (now["minutes"]!.GetValue<int>(), now["minutesWritten"]).ShouldBe(
            (written, null),
            "its own week stays as it was"
        );
    }

    [Fact]
    public async Task Tallies_are_kept_with_the_own_best_and_the_distance_that_comes_next()
    {
        var child = (await AtDoorAsync("Hina"))["childId"]!.GetValue<string>();
        Task<(int Status, JsonNode Body)> Count(int hits, int tries, int? distance) =>
            App.SendAsync(
                HttpMethod.Post,
                $"{Group}/tallies",
                new
                {
                    childId = child,
                    ideaId = "throw-to-target.sacks",
                    on = $"{DateTime.Now:yyyy-MM-dd}",
                    hits,
                    tries,
                    distance,
                }
            );
        var (status, best) = await Count(9, 10, 1000);
        status.ShouldBe(200);
        best["nextDistance"]!.GetValue<double>().ShouldBe(1250);
        best["why"]!.GetValue<string>().ShouldContain("90%");
        (await Count(11, 10, 1000)).Status.ShouldBe(400);
        (await Count(1, 10, 10)).Status.ShouldBe(400);
        var all = await App.GetAsync($"{Group}/tallies?ideaId=throw-to-target.sacks");
        all.AsArray().Single()!["last"]!["hits"]!.GetValue<int>().ShouldBe(9);
        (await App.SendAsync(HttpMethod.Delete, $"{Group}/tallies/{best["lastId"]}")).Status.ShouldBe(204);
        (await App.GetAsync($"{Group}/tallies?ideaId=throw-to-target.sacks")).AsArray().ShouldBeEmpty();
    }
}
