using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Nido.Web.Week;

namespace Nido.Web.Tests;

public class CompositionTests(ComposedSite site)
{
    [Fact]
    public async Task Two_who_compose_at_once_join_the_same_composition()
    {
        await using var app = new NidoApp();
        var week = await app.WeekAsync();
        var both = await Task.WhenAll(app.ComposeAsync(week), app.ComposeAsync(week));
        both.Select(news => news[^1]["kind"]!.GetValue<string>())
            .ShouldBe(["done", "done"], string.Join(' ', both.Select(news => news[^1].ToJsonString())));
        var view = await app.GetAsync($"/api/weeks/{week}");
        view["strips"]!.AsArray().Count.ShouldBe(50);
        view["composing"]!.GetValue<bool>().ShouldBeFalse();
        view["canUndo"]!.GetValue<string>().ShouldBe("Compose the week");
    }

    [Fact]
    public async Task A_change_made_while_composing_is_not_overwritten()
    {
        await using var app = site.Copy();
        var week = site.Week;
        await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/sliders",
            new
            {
                fairShares = 0,
                theme = 10,
                useTheCupboard = 0,
                lightPrep = 0,
                freshIdeas = 10,
            }
        );
        var composing = app.ComposeAsync(week);
        var (status, changed) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/0/circle/0/lock",
            new { locked = true }
        );
        var news = await composing;
        var after = await app.GetAsync($"/api/weeks/{week}");
        status.ShouldBe(200, changed.ToJsonString());
        after["strips"]!
            .AsArray()
            .ShouldContain(s => s!["locked"]!.GetValue<bool>() && s["blockId"]!.GetValue<string>() == "circle");
        // The lock came first and was composed around, or it came in between and the composition gave way and said so.
        (news[^1]["problem"]?.GetValue<string>() ?? "changed by someone").ShouldContain("changed by someone");
    }

    [Fact]
    public async Task Composing_the_same_again_keeps_the_plan()
    {
        await using var app = site.Copy();
        var week = site.Week;
        var first = await app.GetAsync($"/api/weeks/{week}");
        await app.ComposeAsync(week);
        var second = await app.GetAsync($"/api/weeks/{week}");
        second["strips"]!.ToJsonString().ShouldBe(first["strips"]!.ToJsonString());
    }

    [Fact]
    public async Task Two_who_compose_two_weeks_at_once_do_not_spoil_each_others()
    {
        await using var app = site.Copy();
        async Task<string> Added(string monday) =>
            (string)
                (
                    await app.SendAsync(
                        HttpMethod.Post,
                        "/api/weeks",
                        new
                        {
                            groupId = site.Group,
                            themeId = "night-train",
                            monday,
                        }
                    )
                ).Body["id"]!;
        var (one, two) = (await Added("2027-03-01"), await Added("2027-09-06"));
        var both = await Task.WhenAll(app.ComposeAsync(one), app.ComposeAsync(two));
        both.Select(news => (string)news[^1]["kind"]!)
            .ShouldBe(["done", "done"], string.Join(' ', both.Select(news => news[^1].ToJsonString())));
        foreach (var week in (string[])[one, two])
        {
            var view = await app.GetAsync($"/api/weeks/{week}");
            view["strips"]!.AsArray().Count.ShouldBe(50);
            ((string)view["canUndo"]!).ShouldBe("Compose the week");
            ((int)view["truth"]!["inReachEverywhere"]!).ShouldBe(14);
        }

        var demo = await app.GetAsync($"/api/weeks/{site.Week}");
        ((int)demo["version"]!).ShouldBe(1, "the week beside them was not touched");
    }

    [Fact]
    public async Task Stopping_at_once_still_keeps_a_whole_week()
    {
        await using var app = site.Copy();
        var week = (string)
            (
                await app.SendAsync(
                    HttpMethod.Post,
                    "/api/weeks",
                    new
                    {
                        groupId = site.Group,
                        themeId = "night-train",
                        monday = "2027-03-01",
                    }
                )
            ).Body["id"]!;
        var composing = app.ComposeAsync(week);
        while ((await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{week}/composition")).Status == 404)
        {
            await Task.Yield();
        }

        var news = await composing;
        ((string)news[^1]["kind"]!).ShouldBe("done");
        (await app.GetAsync($"/api/weeks/{week}"))["strips"]!.AsArray().Count.ShouldBe(50);
    }

    [Fact]
    public async Task Stopping_what_is_not_running_is_not_found()
    {
        await using var app = new NidoApp();
        (await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{await app.WeekAsync()}/composition")).Status.ShouldBe(
            404
        );
        (await app.SendAsync(HttpMethod.Post, "/api/weeks/none/composition")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task After_the_group_changed_what_can_no_longer_be_is_named_and_composing_mends_it()
    {
        await using var app = site.Copy();
        var (week, group) = (site.Week, site.Group);
        var body = await app.GetAsync($"/api/groups/{group}");
        body["blocks"]!.AsArray().RemoveAt(4);
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{group}", body)).Status.ShouldBe(200);
        var view = await app.GetAsync($"/api/weeks/{week}");
        view["strips"]!.AsArray().Count.ShouldBe(40);
        view["keptOut"]!.AsArray().Count.ShouldBe(10);
        await app.ComposeAsync(week);
        (await app.GetAsync($"/api/weeks/{week}"))["keptOut"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task With_an_adult_away_the_board_says_where_one_is_missing()
    {
        await using var app = new NidoApp();
        var (week, group) = (await app.WeekAsync(), await app.GroupAsync());
        var body = await app.GetAsync($"/api/groups/{group}");
        body["adults"]!.AsArray().RemoveAt(2);
        await app.SendAsync(HttpMethod.Put, $"/api/groups/{group}", body);
        var ratio = (await app.GetAsync($"/api/weeks/{week}/safety"))["findings"]!
            .AsArray()
            .Where(f => f!["ruleId"]!.GetValue<string>() == "ratio")
            .ToArray();
        ratio.ShouldContain(f =>
            f!["message"]!.GetValue<string>() == "Monday, Circle: 3 adults are asked and 2 are there."
        );
        ratio.ShouldAllBe(f => f!["deferTo"]!.GetValue<string>() == "your licence");
    }

    [Fact]
    public async Task A_unit_carries_its_changes_so_that_undo_goes_on_elsewhere()
    {
        await using var app = site.Copy();
        var week = site.Week;
        await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{week}/slots/0/table/0");
        var unit = await app.Client.GetStringAsync($"/api/weeks/{week}/unit.json", NidoApp.Stop);
        JsonNode.Parse(unit)!["changes"]!.AsArray().Count.ShouldBe(2);
        var (_, other) = await app.SendTextAsync("/api/weeks/unit", unit);
        var (status, undone) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{other["id"]}/undo");
        status.ShouldBe(200);
        undone["truth"]!["empty"]!.GetValue<int>().ShouldBe(0);
    }

    [Fact]
    public async Task The_next_week_knows_what_was_done_and_prefers_something_else()
    {
        await using var app = site.Copy();
        var first = site.Week;
        var (_, next) = await app.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = await app.GroupAsync(),
                themeId = "night-train",
                monday = "2026-12-14",
            }
        );
        var id = next["id"]!.GetValue<string>();
        using var scope = app.Services.CreateScope();
        var recent = await scope
            .ServiceProvider.GetRequiredService<Nido.Data.NidoDb>()
            .RecentTechniquesAsync(await app.GroupAsync(), new(2026, 12, 14), NidoApp.Stop);
        string[] Techniques(JsonNode week) =>
            [.. week["strips"]!.AsArray().Select(s => s!["ideaId"]!.GetValue<string>().Split('.')[0])];
        recent
            .Select(r => r.Key)
            .ShouldBe(Techniques(await app.GetAsync($"/api/weeks/{first}")).Distinct(), ignoreOrder: true);

        await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{id}/sliders",
            new
            {
                fairShares = 0,
                theme = 0,
                useTheCupboard = 0,
                lightPrep = 0,
                freshIdeas = 10,
            }
        );
        await app.ComposeAsync(id);
        var fresh = Techniques(await app.GetAsync($"/api/weeks/{id}")).Count(t => !recent.Contains(t));
        fresh.ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task Where_the_house_is_closed_nothing_is_composed_any_more()
    {
        var app = site.Copy();
        var week = (await app.GetAsync("/api/weeks"))[0]!["id"]!.GetValue<string>();
        var compositions = app.Services.GetRequiredService<Compositions>();
        var composition = compositions.Begin(week);
        compositions.IsComposing(week).ShouldBeTrue();
        await app.DisposeAsync();
        compositions.IsComposing(week).ShouldBeFalse();
        composition.IsLeft.ShouldBeTrue();
    }
}
