using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>What stays, what is new today, who was shown what, closed days, the forecast, and why a week or an idea
/// cannot be.</summary>
public class RunningTheWeekTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private NidoApp App => demo.App;

    private static IEnumerable<JsonNode> Offers(JsonNode day, string block) =>
        day["blocks"]!.AsArray().Single(b => (string)b!["id"]! == block)!["offers"]!.AsArray().Select(o => o!);

    [Fact]
    public async Task A_tray_stays_and_remembers_who_was_shown_it()
    {
        var day = await App.GetAsync($"/api/weeks/{demo.Week}/days/0");
        var tray = Offers(day, "welcome").First(o => (bool)o["stays"]!);
        var first = tray["shown"]![0]!;
        first["on"].ShouldBeNull();
        var mark = new
        {
            childId = (string)first["childId"]!,
            techniqueId = (string)tray["techniqueId"]!,
            shown = true,
            on = "2026-12-07",
        };
        (await App.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}/shown", mark)).Status.ShouldBe(204);
        // The mark is the child's: it is there on every day and in the weeks to come.
        var friday = Offers(await App.GetAsync($"/api/weeks/{demo.Week}/days/4"), "welcome")
            .First(o => (string)o["techniqueId"]! == mark.techniqueId);
        ((string)friday["shown"]!.AsArray().Single(s => (string)s!["childId"]! == mark.childId)!["on"]!).ShouldBe(
            "2026-12-07"
        );
        await App.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/shown",
            new
            {
                mark.childId,
                mark.techniqueId,
                shown = false,
            }
        );
        Offers(await App.GetAsync($"/api/weeks/{demo.Week}/days/0"), "welcome")
            .SelectMany(o => o["shown"]!.AsArray())
            .ShouldAllBe(s => s!["on"] == null);

        (
            await App.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{demo.Group}/shown",
                new
                {
                    mark.childId,
                    techniqueId = "no-such",
                    shown = true,
                }
            )
        ).Status.ShouldBe(400);
        (
            await App.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{demo.Group}/shown",
                new
                {
                    childId = "nobody",
                    mark.techniqueId,
                    shown = true,
                }
            )
        ).Status.ShouldBe(404);
    }

    [Fact]
    public async Task Who_was_shown_what_and_what_came_up_go_along_with_the_unit_and_undo_goes_on_there()
    {
        await using var own = demo.Site.Copy();
        var tray = Offers(await own.GetAsync($"/api/weeks/{demo.Week}/days/0"), "welcome")
            .First(o => (bool)o["stays"]!);
        await own.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/shown",
            new
            {
                childId = (string)tray["shown"]![0]!["childId"]!,
                techniqueId = (string)tray["techniqueId"]!,
                shown = true,
                on = "2026-12-07",
            }
        );
        await own.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{demo.Week}/came-up",
            new
            {
                kind = "closed",
                subject = "",
                fromDay = 2,
                toDay = 2,
            }
        );
        await own.SendAsync(HttpMethod.Delete, $"/api/weeks/{demo.Week}/slots/4/table/1");
        var unit = await own.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop);
        var (status, copy) = await own.SendTextAsync("/api/weeks/unit", unit);
        status.ShouldBe(201, copy.ToJsonString());
        Offers(await own.GetAsync($"/api/weeks/{copy["id"]}/days/0"), "welcome")
            .First(o => (string)o["techniqueId"]! == (string)tray["techniqueId"]!)["shown"]!
            .AsArray()
            .Count(s => s!["on"] is not null)
            .ShouldBe(1);
        // Taking back what came after the closed day leaves it closed.
        var (_, undone) = await own.SendAsync(HttpMethod.Post, $"/api/weeks/{copy["id"]}/undo");
        ((string)undone["cameUp"]![0]!["sentence"]!).ShouldBe("Closed, Wednesday");
        var (_, open) = await own.SendAsync(HttpMethod.Post, $"/api/weeks/{copy["id"]}/undo");
        open["cameUp"]!.AsArray().ShouldBeEmpty();
        open["strips"]!.AsArray().Count.ShouldBe(50);
    }

    [Fact]
    public async Task The_base_has_something_new_each_day_and_prep_lists_it()
    {
        var prep = (await App.GetAsync($"/api/weeks/{demo.Week}/prep"))["refreshes"]!.AsArray();
        prep.Count.ShouldBe(5);
        for (var d = 0; d < 5; d++)
        {
            var table = Offers(await App.GetAsync($"/api/weeks/{demo.Week}/days/{d}"), "table")
                .Single(o => o["refresh"] is not null);
            table["refresh"]!.ToJsonString().ShouldBe(prep[d]!["refresh"]!.ToJsonString());
            ((string)table["card"]!["title"]!).ShouldBe((string)prep[d]!["title"]!);
        }
    }

    [Fact]
    public async Task Turns_begin_with_another_child_each_day()
    {
        var firsts = new List<string>();
        for (var d = 0; d < 5; d++)
        {
            var day = await App.GetAsync($"/api/weeks/{demo.Week}/days/{d}");
            var played = day["blocks"]!
                .AsArray()
                .SelectMany(b => b!["offers"]!.AsArray())
                .First(o => o!["turns"]!.AsArray().Count > 0)!;
            firsts.Add((string)played["turns"]![0]!);
        }

        firsts.Distinct().Count().ShouldBeGreaterThan(3);
    }

    [Fact]
    public async Task A_closed_day_empties_is_undone_and_a_half_day_keeps_its_morning()
    {
        await using var own = demo.Site.Copy();
        var before = await own.GetAsync($"/api/weeks/{demo.Week}");
        var (status, closed) = await own.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{demo.Week}/came-up",
            new
            {
                kind = "closed",
                subject = "",
                fromDay = 2,
                toDay = 2,
            }
        );
        status.ShouldBe(200, closed.ToJsonString());
        var week = closed["week"]!;
        week["strips"]!.AsArray().ShouldNotContain(s => (int)s!["day"]! == 2);
        week["days"]![2]!["closed"]!.AsArray().Count.ShouldBe(5);
        ((int)week["truth"]!["empty"]!).ShouldBe(0);
        ((int)week["truth"]!["inReachEverywhere"]!).ShouldBe(14);
        ((string)week["cameUp"]![0]!["sentence"]!).ShouldBe("Closed, Wednesday");
        (await own.GetAsync($"/api/weeks/{demo.Week}/days/2"))["blocks"]!.AsArray().ShouldBeEmpty();
        var (_, undone) = await own.SendAsync(HttpMethod.Post, $"/api/weeks/{demo.Week}/undo");
        undone["strips"]!.ToJsonString().ShouldBe(before["strips"]!.ToJsonString());

        var (_, half) = await own.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{demo.Week}/came-up",
            new
            {
                kind = "closed",
                subject = "12:00",
                fromDay = 4,
                toDay = 4,
            }
        );
        half["week"]!["days"]![4]!["closed"]!.AsArray().Select(b => (string)b!).ShouldBe(["table"]);
        var (wrong, problem) = await own.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{demo.Week}/came-up",
            new
            {
                kind = "closed",
                subject = "noon",
                fromDay = 4,
                toDay = 4,
            }
        );
        wrong.ShouldBe(400);
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain("12:00");
        (
            await own.SendAsync(
                HttpMethod.Post,
                $"/api/weeks/{demo.Week}/came-up",
                new
                {
                    kind = "closed",
                    subject = "",
                    fromDay = 0,
                    toDay = 4,
                }
            )
        ).Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_closed_day_can_be_noted_before_the_week_is_composed()
    {
        await using var own = demo.Site.Copy();
        var (_, added) = await own.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = demo.Group,
                themeId = "night-train",
                monday = "2027-02-01",
            }
        );
        var (_, noted) = await own.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{added["id"]}/came-up",
            new
            {
                kind = "closed",
                subject = "",
                fromDay = 0,
                toDay = 0,
            }
        );
        noted["week"]!["strips"]!.AsArray().ShouldBeEmpty();
        await own.ComposeAsync((string)added["id"]!);
        var week = await own.GetAsync($"/api/weeks/{added["id"]}");
        week["strips"]!.AsArray().Count.ShouldBe(40);
        week["strips"]!.AsArray().ShouldNotContain(s => (int)s!["day"]! == 0);
    }

    [Fact]
    public async Task The_forecast_file_makes_days_wet_and_is_read_again_when_it_changes()
    {
        await using var own = demo.Site.Copy();
        var file = Path.Combine(Path.GetDirectoryName(own.File)!, "forecast.csv");
        (await own.GetAsync($"/api/weeks/{demo.Week}"))["days"]!.AsArray().ShouldAllBe(d => (bool)d!["dry"]!);
        await File.WriteAllTextAsync(file, "2026-12-08,0.4\n2026-12-10,6.5\nnonsense\n", NidoApp.Stop);
        (await own.GetAsync($"/api/weeks/{demo.Week}"))["days"]!
            .AsArray()
            .Select(d => (bool)d!["dry"]!)
            .ShouldBe([true, true, true, false, true]);
        File.Delete(file);
        (await own.GetAsync($"/api/weeks/{demo.Week}"))["days"]!.AsArray().ShouldAllBe(d => (bool)d!["dry"]!);
    }

    [Fact]
    public async Task A_week_that_cannot_be_says_which_rules_stand_against_each_other()
    {
        await using var own = demo.Site.Copy();
        var week = await own.GetAsync($"/api/weeks/{demo.Week}");
        var table = week["strips"]!
            .AsArray()
            .First(s => (int)s!["day"]! == 1 && (string)s["blockId"]! == "table" && !(bool)s["stays"]!)!;
        // Copied by hand into two blocks of one day, and locked: the same way of working twice.
        var ideas = (await own.GetAsync($"/api/weeks/{demo.Week}/ideas")).AsArray();
        var both = (string)
            ideas.First(i =>
                i!["blockIds"]!.AsArray().Any(b => (string)b! == "table")
                && i["blockIds"]!.AsArray().Any(b => (string)b! == "stations")
                && (int)i["placedTimes"]! == 0
                && !((string)i["ideaId"]!).StartsWith("deliver-letters")
            )!["ideaId"]!;
        var unit = await own.GetAsync($"/api/weeks/{demo.Week}/unit.json");
        foreach (var (block, offer) in new[] { ("table", 1), ("stations", 1) })
        {
            var at = unit["plan"]!
                .AsArray()
                .First(p => (int)p!["day"]! == 1 && (string)p["blockId"]! == block && (int)p["offer"]! == offer)!;
            (at["ideaId"], at["locked"]) = (both, true);
        }

        var (_, copy) = await own.SendTextAsync("/api/weeks/unit", unit.ToJsonString());
        var news = await own.ComposeAsync((string)copy["id"]!);
        ((string)news[^1]["kind"]!).ShouldBe("problem");
        ((string)news[^1]["problem"]!).ShouldStartWith("No week can keep all of these at once");
        news[^1]["rules"]!
            .AsArray()
            .Select(r => (string)r!["field"]!)
            .ShouldContain("The same way of working once a day");
        news[^1]["rules"]!.AsArray().ShouldAllBe(r => ((string)r!["message"]!).Length > 0);
        table.ShouldNotBeNull();
    }

    [Fact]
    public async Task An_idea_that_does_not_lie_out_says_its_best_place_and_the_change_holds()
    {
        var ideas = (await App.GetAsync($"/api/weeks/{demo.Week}/ideas")).AsArray();
        foreach (var idea in ideas.Where(i => (int)i!["placedTimes"]! == 0).Take(40))
        {
            var why = await App.GetAsync($"/api/weeks/{demo.Week}/ideas/{idea!["ideaId"]}/why-not");
            if (why["best"] is { } best)
            {
                var bench = await App.GetAsync(
                    $"/api/weeks/{demo.Week}/slots/{best["day"]}/{best["blockId"]}/{best["offer"]}/bench"
                );
                var alternative = bench["alternatives"]!
                    .AsArray()
                    .Single(a => (string)a!["ideaId"]! == (string)idea["ideaId"]!)!;
                alternative["keptOut"].ShouldBeNull();
                ((double)alternative["shortfallMinutes"]!).ShouldBe((double)best["shortfallMinutes"]!);
                ((string)bench["now"]!["title"]!).ShouldBe((string)best["instead"]!);
                return;
            }

            why["rules"]!.AsArray().ShouldNotBeEmpty();
        }

        Assert.Fail("no idea of forty had a place");
    }

    [Fact]
    public async Task The_loom_counts_by_day_and_by_strand_what_the_board_shows()
    {
        var week = await App.GetAsync($"/api/weeks/{demo.Week}");
        foreach (var row in week["loom"]!.AsArray())
        {
            var total = row!["aims"]!.AsArray().Sum(a => (double)a!["minutes"]!);
            row["days"]!.AsArray().Sum(d => d is null ? 0 : (double)d).ShouldBe(total, 0.6);
            row["strands"]!.AsArray().Count.ShouldBe(week["strands"]!.AsArray().Count);
            row["strands"]!
                .AsArray()
                .Count(s => s is not null && (int)s == 0)
                .ShouldBe(row["strandsMissing"]!.AsArray().Count);
        }

        week["loom"]!.AsArray().Single(r => (string)r!["name"]! == "Farah")!["days"]!
            .AsArray()
            .Select(d => d is null)
            .ShouldBe([true, false, false, false, true]);
    }
}
