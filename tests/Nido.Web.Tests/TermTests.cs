using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Weeks in a row, their letters and numbers, and what goes over from one to the next.</summary>
public class TermTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private static readonly string[] Themes = ["night-train", "under-the-hedge"];
    private static readonly string[] Unknown = ["no-such-theme"];

    private NidoApp App => demo.App;

    [Fact]
    public async Task Weeks_are_added_in_a_row_letters_proposed_changed_and_given_back()
    {
        await using var own = demo.Site.Copy();
        var term = $"/api/groups/{demo.Group}/term";
        var (status, weeks) = await own.SendAsync(
            HttpMethod.Post,
            term,
            new { monday = "2026-12-16", themeIds = Themes }
        );
        status.ShouldBe(200, weeks.ToJsonString());
        weeks.AsArray().Select(w => (string)w!["monday"]!).ShouldBe(["2026-12-07", "2026-12-14", "2026-12-21"]);
        weeks.AsArray().Select(w => (int)w!["placed"]!).ShouldBe([50, 0, 0]);

        var (_, proposed) = await own.SendAsync(HttpMethod.Post, $"{term}/letters", new { from = "2026-12-14" });
        proposed[0]!["isOwn"]!.GetValue<bool>().ShouldBeFalse("it lies before");
        var letters = proposed.AsArray().Select(w => (string)w!["letter"]!).ToArray();
        letters.Distinct().Count().ShouldBe(3);
        letters[0].ShouldBe("P");

        var second = (string)proposed[1]!["weekId"]!;
        (
            await own.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{second}/focus",
                new
                {
                    letter = "r",
                    numbersTo = 4,
                    olderNumbersTo = 9,
                }
            )
        ).Status.ShouldBe(204);
        var view = await own.GetAsync($"/api/weeks/{second}");
        ((string)view["theme"]!["letter"]!).ShouldBe("R");
        ((int)view["theme"]!["numbersTo"]!).ShouldBe(4);
        (await own.GetAsync($"/api/weeks/{second}/unit.json"))["focus"]!["letter"]!.GetValue<string>().ShouldBe("R");
        (
            await own.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{second}/focus",
                new
                {
                    letter = (string?)null,
                    numbersTo = 0,
                    olderNumbersTo = 0,
                }
            )
        ).Status.ShouldBe(204);
        ((bool)(await own.GetAsync(term))[1]!["isOwn"]!).ShouldBeFalse();
    }

    [Fact]
    public async Task What_a_thin_week_lacks_is_carried_into_the_next()
    {
        await using var own = demo.Site.Copy();
        foreach (var block in (string[])["stations", "welcome"])
        {
            for (var offer = 0; offer < 3; offer++)
            {
                for (var day = 0; day < 5; day++)
                {
                    await own.SendAsync(HttpMethod.Delete, $"/api/weeks/{demo.Week}/slots/{day}/{block}/{offer}");
                }
            }
        }

        var (_, weeks) = await own.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{demo.Group}/term",
            new { monday = "2026-12-14", themeIds = Themes }
        );
        var next = await own.GetAsync($"/api/weeks/{weeks[1]!["weekId"]}");
        var after = await own.GetAsync($"/api/weeks/{weeks[2]!["weekId"]}");
        next["carried"]!.AsArray().Select(c => (string)c!["name"]!).ShouldContain("Zoë");
        after["carried"]!.AsArray().ShouldBeEmpty("the week before it is not composed");
        double Target(JsonNode week, string name) =>
            (double)week["loom"]!.AsArray().Single(r => (string)r!["name"]! == name)!["aims"]![0]!["target"]!;
        Target(next, "Zoë").ShouldBeInRange(Target(after, "Zoë") + 1, 1.2 * Target(after, "Zoë") + 1);
    }

    [Fact]
    public async Task A_week_is_copied_to_another_group_with_the_steps_of_the_children_there()
    {
        await using var own = demo.Site.Copy();
        var (_, group) = await own.SendAsync(
            HttpMethod.Post,
            "/api/groups",
            new
            {
                name = "Robin room",
                place = "",
                timetable = "half-day",
            }
        );
        group["blocks"]!.AsArray().Count.ShouldBe(4);
        var child = new
        {
            name = "Tavi",
            bornOn = "2022-01-10",
            days = Days,
            mouths = false,
            hand = "left",
            avoidsTouch = false,
            allergies = Array.Empty<string>(),
            homeLanguage = "en",
            note = "",
        };
        await own.SendAsync(HttpMethod.Post, $"/api/groups/{group["id"]}/children", new { children = new[] { child } });
        var (status, copy) = await own.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{demo.Week}/copies",
            new { groupId = (string)group["id"]!, monday = "2027-12-08" }
        );
        status.ShouldBe(201, copy.ToJsonString());
        ((string)copy["monday"]!).ShouldBe("2027-12-06");
        var (from, to) = (
            await own.GetAsync($"/api/weeks/{demo.Week}"),
            await own.GetAsync($"/api/weeks/{copy["id"]}")
        );
        to["strips"]!.AsArray().Count.ShouldBeGreaterThan(30);
        to["strips"]!
            .AsArray()
            .Select(s => (string)s!["ideaId"]!)
            .ShouldBeSubsetOf(from["strips"]!.AsArray().Select(s => (string)s!["ideaId"]!));
        to["loom"]!.AsArray().ShouldHaveSingleItem()!["name"]!.GetValue<string>().ShouldBe("Tavi");
        to["strips"]!
            .AsArray()
            .ShouldAllBe(
                s => !(bool)s!["locked"]! && (int)s["stepFrom"]! == (int)s["stepTo"]!,
                "one child works at one step"
            );
    }

    [Fact]
    public async Task What_cannot_be_is_refused_by_field()
    {
        var (theme, problem) = await App.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{demo.Group}/term",
            new { monday = "2026-12-14", themeIds = Unknown }
        );
        theme.ShouldBe(400);
        problem["fields"]![0]!["value"]!.GetValue<string>().ShouldBe("no-such-theme");
        (
            await App.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{demo.Week}/focus",
                new
                {
                    letter = "PQ",
                    numbersTo = 5,
                    olderNumbersTo = 10,
                }
            )
        ).Status.ShouldBe(400);
        var (numbers, body) = await App.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{demo.Week}/focus",
            new
            {
                letter = "P",
                numbersTo = 9,
                olderNumbersTo = 5,
            }
        );
        numbers.ShouldBe(400);
        body["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("olderNumbersTo");
        (
            await App.SendAsync(
                HttpMethod.Post,
                $"/api/weeks/{demo.Week}/copies",
                new { groupId = "none", monday = "2027-01-04" }
            )
        ).Status.ShouldBe(400);
        (await App.SendAsync(HttpMethod.Get, "/api/groups/none/term")).Status.ShouldBe(404);
        (
            await App.SendAsync(
                HttpMethod.Post,
                "/api/groups",
                new
                {
                    name = "X",
                    place = "",
                    timetable = "long-day",
                }
            )
        ).Status.ShouldBe(400);
    }

    private static readonly string[] Days = ["monday", "tuesday", "wednesday", "thursday", "friday"];
}
