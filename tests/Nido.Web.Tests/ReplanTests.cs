using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Something comes up in the middle of a week; a slider is looked at before it is moved.</summary>
public class ReplanTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private readonly NidoApp app = demo.App;

    [Fact]
    public async Task A_child_away_is_worked_in_said_taken_back_and_done_again()
    {
        var child = (await app.GetAsync($"/api/groups/{demo.Group}"))["children"]!
            .AsArray()
            .First(c => (string)c!["name"]! == "Hina")!;
        var before = await WeekAsync();
        var (status, body) = await PostAsync(
            new
            {
                kind = "childAway",
                subject = (string)child["id"]!,
                fromDay = 2,
                toDay = 3,
            }
        );
        status.ShouldBe(200, body.ToJsonString());
        var week = body["week"]!;
        ((string)week["cameUp"]![0]!["sentence"]!).ShouldBe("Hina away, Wednesday to Thursday");
        ((string)week["canUndo"]!).ShouldBe("Hina away, Wednesday to Thursday");
        ((int)week["truth"]!["empty"]!).ShouldBe(0);
        Strips(week, d => d < 2).ShouldBe(Strips(before, d => d < 2));
        body["look"]!["changed"]!.AsArray().Count.ShouldBeLessThan(15);
        ((int)(await app.GetAsync($"/api/weeks/{demo.Week}/days/2"))["children"]!).ShouldBe(13);

        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
        (await WeekAsync())["cameUp"]!.AsArray().ShouldBeEmpty();
        Strips(await WeekAsync(), _ => true).ShouldBe(Strips(before, _ => true));
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/redo");
        (await WeekAsync())["cameUp"]!.AsArray().Count.ShouldBe(1);
        (await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{demo.Week}/came-up/0")).Body["week"]!["cameUp"]!
            .AsArray()
            .ShouldBeEmpty();
        (await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{demo.Week}/came-up/0")).Status.ShouldBe(404);
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
    }

    [Fact]
    public async Task Rain_and_a_lost_material_change_the_days_from_then_on()
    {
        var lead = (await WeekAsync())["strips"]!
            .AsArray()
            .First(s => (int)s!["day"]! == 3 && ((string)s["ideaId"]!).Contains('.'))!;
        var material = ((string)lead["ideaId"]!).Split('.')[1];
        var (status, body) = await PostAsync(
            new
            {
                kind = "materialGone",
                subject = material,
                fromDay = 3,
                toDay = 4,
            }
        );
        status.ShouldBe(200, body.ToJsonString());
        body["week"]!["strips"]!
            .AsArray()
            .ShouldNotContain(s => (int)s!["day"]! >= 3 && ((string)s["ideaId"]!).EndsWith($".{material}"));
        (
            await PostAsync(
                new
                {
                    kind = "rain",
                    subject = "",
                    fromDay = 4,
                    toDay = 4,
                }
            )
        ).Status.ShouldBe(200);
        (await WeekAsync())["cameUp"]!.AsArray().Count.ShouldBe(2);
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
    }

    [Theory]
    [InlineData("childAway", "nobody", 1, 1, "subject", "not in the group")]
    [InlineData("adultAway", "nobody", 1, 1, "subject", "not in the group")]
    [InlineData("materialGone", "moon-dust", 1, 1, "subject", "not known")]
    [InlineData("rain", "", 7, 7, "fromDay", "days 0 to 4")]
    [InlineData("rain", "", 3, 2, "toDay", "from 3 to 4")]
    public async Task What_cannot_be_is_refused_and_the_week_stays(
        string kind,
        string subject,
        int fromDay,
        int toDay,
        string field,
        string says
    )
    {
        var before = (await WeekAsync()).ToJsonString();
        var (status, body) = await PostAsync(
            new
            {
                kind,
                subject,
                fromDay,
                toDay,
            }
        );
        status.ShouldBe(400);
        ((string)body["fields"]![0]!["field"]!).ShouldBe(field);
        body.ToJsonString().ShouldContain(says);
        (await WeekAsync()).ToJsonString().ShouldBe(before);
    }

    [Fact]
    public async Task A_slider_is_looked_at_then_taken_and_can_be_undone()
    {
        var before = await WeekAsync();
        var sliders = new
        {
            fairShares = 5,
            theme = 0,
            useTheCupboard = 5,
            lightPrep = 10,
            freshIdeas = 0,
        };
        var (status, look) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/sliders/look", sliders);
        status.ShouldBe(200, look.ToJsonString());
        ((int)look["after"]!["prepMinutes"]!).ShouldBeLessThan((int)look["before"]!["prepMinutes"]!);
        (await WeekAsync()).ToJsonString().ShouldBe(before.ToJsonString(), "looking changes nothing");
        var (_, taken) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/sliders/take", sliders);
        taken["truth"]!["prepMinutes"]!
            .ToJsonString()
            .ShouldBe(look["after"]!["prepMinutes"]!.ToJsonString(), "as it was shown");
        ((int)taken["sliders"]!["lightPrep"]!).ShouldBe(10);
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
        Strips(await WeekAsync(), _ => true).ShouldBe(Strips(before, _ => true));
        (
            await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/sliders/look", new { fairShares = 50 })
        ).Status.ShouldBe(400);
    }

    private async Task<JsonNode> WeekAsync() => await app.GetAsync($"/api/weeks/{demo.Week}");

    private async Task<(int Status, JsonNode Body)> PostAsync(object happening) =>
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/came-up", happening);

    private static string[] Strips(JsonNode week, Func<int, bool> onDay) =>
        [
            .. week["strips"]!
                .AsArray()
                .Where(s => onDay((int)s!["day"]!))
                .Select(s => $"{s!["day"]} {s["blockId"]} {s["offer"]} {s["ideaId"]}"),
        ];
}
