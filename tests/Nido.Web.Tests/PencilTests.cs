using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Words of one's own on the board: written, undone, kept when the week is composed, taken along, forgotten.</summary>
public class PencilTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private NidoApp App => demo.App;
    private string Week => $"/api/weeks/{demo.Week}";

    private async Task<JsonNode> WriteAsync(int day, string block, string words)
    {
        var (status, body) = await App.SendAsync(
            HttpMethod.Put,
            $"{Week}/days/{day}/blocks/{block}/words",
            new { words }
        );
        status.ShouldBe(200, body.ToJsonString());
        return body;
    }

    /// <summary>Those of the stations; the other tests write in other blocks of the same week.</summary>
    private static string[] Stations(JsonNode week) => [.. Own(week).Where(o => o.Contains(" stations "))];

    private static string[] Own(JsonNode week) =>
        [.. week["pencilled"]!.AsArray().Select(p => $"{p!["day"]} {p["blockId"]} {p["words"]}")];

    [Fact]
    public async Task A_block_in_ones_own_words_is_written_moved_shown_undone_and_survives_composing()
    {
        var before = await App.GetAsync(Week);
        var there = before["strips"]!.AsArray().Count(s => (int)s!["day"]! == 2 && (string)s["blockId"]! == "stations");
        var written = await WriteAsync(2, "stations", "  Birthday in the garden ");
        Stations(written).ShouldBe(["2 stations Birthday in the garden"]);
        written["strips"]!.AsArray().Count.ShouldBe(before["strips"]!.AsArray().Count - there);
        written["truth"]!["empty"]!.GetValue<int>().ShouldBe(0);
        written["keptOut"]!.AsArray().ShouldBeEmpty();
        written["days"]![2]!["nobody"]!.AsArray().ShouldBeEmpty();

        var (_, moved) = await App.SendAsync(
            HttpMethod.Post,
            $"{Week}/slots/2/stations/0/move",
            new
            {
                day = 3,
                blockId = "stations",
                offer = 0,
            }
        );
        Stations(moved).ShouldBe(["3 stations Birthday in the garden"]);
        var day = await App.GetAsync($"{Week}/days/3");
        var block = day["blocks"]!.AsArray().Single(b => (string)b!["id"]! == "stations")!;
        block["own"]!.GetValue<string>().ShouldBe("Birthday in the garden");
        block["offers"]!.AsArray().ShouldBeEmpty();
        var (refused, problem) = await App.SendAsync(
            HttpMethod.Put,
            $"{Week}/slots/3/stations/1",
            new { ideaId = before["strips"]![0]!["ideaId"]!.GetValue<string>() }
        );
        refused.ShouldBe(409, problem.ToJsonString());

        await App.ComposeAsync(demo.Week);
        var composed = await App.GetAsync(Week);
        Stations(composed).ShouldBe(["3 stations Birthday in the garden"]);
        composed["strips"]!
            .AsArray()
            .ShouldNotContain(s => (int)s!["day"]! == 3 && (string)s["blockId"]! == "stations");
        composed["truth"]!["empty"]!.GetValue<int>().ShouldBe(0);
        composed["truth"]!["changed"]!.GetValue<bool>().ShouldBeFalse("it was composed with its own words");
        var strip = composed["strips"]![0]!;
        async Task<(int, JsonNode)> Lay(JsonNode from, object to) =>
            await App.SendAsync(
                HttpMethod.Post,
                $"{Week}/slots/{from["day"]}/{from["blockId"]}/{from["offer"]}/move",
                to
            );
        var undo = composed["canUndo"]!.GetValue<string>();
        var (same, stays) = await Lay(
            strip,
            new
            {
                day = strip["day"],
                blockId = strip["blockId"],
                offer = strip["offer"],
            }
        );
        same.ShouldBe(200, "laid down where it was");
        stays["strips"]!.AsArray().Count.ShouldBe(composed["strips"]!.AsArray().Count);
        stays["canUndo"]!.GetValue<string>().ShouldBe(undo);
        (
            await Lay(
                strip,
                new
                {
                    day = 3,
                    blockId = "stations",
                    offer = 0,
                }
            )
        ).Item1.ShouldBe(409, "the block is taken");

        var (_, out_) = await App.SendAsync(HttpMethod.Delete, $"{Week}/slots/3/stations/0");
        Stations(out_).ShouldBeEmpty();
        var (_, back) = await App.SendAsync(HttpMethod.Post, $"{Week}/undo");
        Stations(back).ShouldBe(["3 stations Birthday in the garden"]);
        var name = (await App.GetAsync($"/api/groups/{demo.Group}"))["children"]![0]!["name"]!.GetValue<string>();
        await WriteAsync(0, "table", $"{name} is four");
        var calendar = await App.Client.GetStringAsync($"{Week}/week.ics", NidoApp.Stop);
        calendar.ShouldContain("Birthday in the garden");
        // A calendar is shared: words that name a child stay at home.
        calendar.ShouldNotContain(name);
        foreach (var paper in (string[])["days/3.pdf", "plan.pdf"])
        {
            using var answer = await App.Client.GetAsync($"{Week}/{paper}", NidoApp.Stop);
            ((int)answer.StatusCode).ShouldBe(200, paper);
        }
    }

    [Fact]
    public async Task A_title_and_a_colour_of_ones_own_go_along_with_the_unit()
    {
        var strip = (await App.GetAsync(Week))["strips"]![0]!;
        var at = $"{strip["day"]}/{strip["blockId"]}/{strip["offer"]}";
        var (_, named) = await App.SendAsync(
            HttpMethod.Put,
            $"{Week}/slots/{at}/title",
            new { title = "Our morning tray" }
        );
        JsonNode Strip(JsonNode week) =>
            week["strips"]!.AsArray().Single(s => $"{s!["day"]}/{s["blockId"]}/{s["offer"]}" == at)!;
        Strip(named)["ownTitle"]!.GetValue<string>().ShouldBe("Our morning tray");
        Strip(named)["title"]!.GetValue<string>().ShouldBe(strip["title"]!.GetValue<string>());
        var (_, coloured) = await App.SendAsync(HttpMethod.Put, $"{Week}/colour", new { colour = "pond" });
        coloured["colour"]!.GetValue<string>().ShouldBe("pond");
        await WriteAsync(4, "circle", "Fire drill");

        var unit = await App.Client.GetStringAsync($"{Week}/unit.json", NidoApp.Stop);
        var (status, brought) = await App.SendTextAsync("/api/weeks/unit", unit);
        status.ShouldBe(201, brought.ToJsonString());
        var there = await App.GetAsync($"/api/weeks/{brought["id"]}");
        Strip(there)["ownTitle"]!.GetValue<string>().ShouldBe("Our morning tray");
        Own(there).ShouldContain("4 circle Fire drill");
        there["colour"]!.GetValue<string>().ShouldBe("pond");

        var (_, plain) = await App.SendAsync(HttpMethod.Put, $"{Week}/slots/{at}/title", new { title = " " });
        Strip(plain)["ownTitle"].ShouldBeNull();
    }

    [Theory]
    [InlineData("words", "")]
    [InlineData("words", "   ")]
    [InlineData("words", "two\nlines")]
    [InlineData("title", "\u0007bell")]
    public async Task What_cannot_be_read_on_a_strip_is_refused_by_its_field(string field, string value)
    {
        var path = field == "words" ? $"{Week}/days/1/blocks/circle/words" : $"{Week}/slots/1/circle/0/title";
        var (status, problem) = await App.SendAsync(
            HttpMethod.Put,
            path,
            new Dictionary<string, string> { [field] = value }
        );
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe(field);
    }

    [Fact]
    public async Task What_is_too_long_or_nowhere_is_refused()
    {
        (
            await App.SendAsync(
                HttpMethod.Put,
                $"{Week}/days/1/blocks/circle/words",
                new { words = new string('a', 81) }
            )
        ).Status.ShouldBe(400);
        (
            await App.SendAsync(HttpMethod.Put, $"{Week}/days/9/blocks/circle/words", new { words = "x" })
        ).Status.ShouldBe(404);
        (await App.SendAsync(HttpMethod.Put, $"{Week}/days/1/blocks/attic/words", new { words = "x" })).Status.ShouldBe(
            404
        );
        (await App.SendAsync(HttpMethod.Put, $"{Week}/colour", new { colour = "rainbow" })).Status.ShouldBe(400);
    }
}
