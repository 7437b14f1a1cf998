using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>How a group works, what children work towards, what helps them: from the settings to the card.</summary>
public class GroupWaysTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private readonly NidoApp app = demo.App;

    [Fact]
    public async Task A_way_of_working_changes_cards_and_ideas_at_once()
    {
        var differences = (await app.GetAsync("/api/differences")).AsArray();
        differences.Count.ShouldBeGreaterThanOrEqualTo(20);
        differences.ShouldAllBe(d => d!["choices"]!.AsArray().All(c => ((string)c!["reason"]!).Length > 0));

        var card = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/snip-and-cut.card-a4");
        card["cues"]!.AsArray().ShouldContain(c => ((string)c!["say"]!).StartsWith("Sit beside the child"));
        await SetWaysAsync(new JsonObject { ["demonstrating"] = "aloud", ["guide-lines"] = "free" });
        card = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/snip-and-cut.card-a4");
        card["cues"]!.AsArray().ShouldContain(c => ((string)c!["say"]!).Contains("say each thought"));
        card["prep"]!.AsArray().ShouldNotContain(p => ((string)p!).StartsWith("Draw lines"));

        await SetWaysAsync(new JsonObject { ["sheets"] = "none" });
        (await app.GetAsync($"/api/weeks/{demo.Week}/ideas/unsuited"))
            .AsArray()
            .ShouldContain(u => ((string)u!["reasons"]![0]!).StartsWith("Paper sheets: none"));
        (await app.GetAsync($"/api/weeks/{demo.Week}/ideas"))
            .AsArray()
            .ShouldNotContain(i => (string)i!["techniqueId"]! == "snip-and-cut");
        await SetWaysAsync([]);
    }

    [Fact]
    public async Task A_choice_that_is_not_there_is_refused_by_name_and_nothing_is_saved()
    {
        var before = (await app.GetAsync($"/api/groups/{demo.Group}")).ToJsonString();
        var (status, body) = await PutGroupAsync(g =>
            g["settings"]!["ways"] = new JsonObject { ["helping"] = "shouting" }
        );
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain("helping: shouting is not a choice there is");
        (await app.GetAsync($"/api/groups/{demo.Group}")).ToJsonString().ShouldBe(before);
    }

    [Fact]
    public async Task A_child_with_a_way_and_supports_of_its_own_has_them_on_the_card()
    {
        var child = await ChildAsync("Lumi");
        child["supports"]!.AsArray().Select(s => (string)s!).ShouldBe(["seat", "frame"]);
        child["ways"] = new JsonObject { ["help-point"] = "elbow" };
        (
            await app.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}/children/{child["id"]}", child)
        ).Status.ShouldBe(200);
        var who = Who(await app.GetAsync($"/api/weeks/{demo.Week}/ideas/snip-and-cut.card-a4"), "Lumi");
        who["cues"]!.AsArray().Single()!.GetValue<string>().ShouldContain("elbow");
        (await app.GetAsync($"/api/weeks/{demo.Week}/ideas"))
            .AsArray()
            .Select(i => (string)i!["ideaId"]!)
            .First(i => i.StartsWith("water-painting", StringComparison.Ordinal))
            .ShouldNotBeNull();
        var idea = (await app.GetAsync($"/api/weeks/{demo.Week}/ideas"))
            .AsArray()
            .First(i => (string)i!["techniqueId"]! == "water-painting")!;
        Who(await app.GetAsync($"/api/weeks/{demo.Week}/ideas/{idea["ideaId"]}"), "Lumi")["supports"]!
            .AsArray()
            .Select(s => (string)s!)
            .ShouldContain("seat");

        child["ways"] = new JsonObject { ["sheets"] = "none" };
        var (status, body) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/children/{child["id"]}",
            child
        );
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain("is not a choice for a child");
    }

    [Fact]
    public async Task An_objective_is_set_shown_and_dropped()
    {
        var id = (string)(await ChildAsync("Hina"))["id"]!;
        var at = $"/api/groups/{demo.Group}/children/{id}/ladders/scissors/objective";
        Who(await app.GetAsync($"/api/weeks/{demo.Week}/ideas/snip-and-cut.card-a4"), "Hina")["objective"]
            .ShouldBeNull();
        (await app.SendAsync(HttpMethod.Put, at, new { step = 6, by = "2027-02-01" })).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Put, at, new { step = 5, by = "2027-02-01" })).Status.ShouldBe(204);
        var objective = Who(await app.GetAsync($"/api/weeks/{demo.Week}/ideas/snip-and-cut.card-a4"), "Hina")[
            "objective"
        ]!;
        ((int)objective["step"]!).ShouldBe(5);
        var ladders = (await app.GetAsync($"/api/groups/{demo.Group}/steps"))["ladders"]!
            .AsArray()
            .Select(l => (string)l!["id"]!)
            .ToList();
        var row = (await app.GetAsync($"/api/groups/{demo.Group}/steps"))["children"]!
            .AsArray()
            .First(c => (string)c!["childId"]! == id)!;
        ((string)row["offers"]![ladders.IndexOf("scissors")]!["objective"]!["by"]!).ShouldBe("2027-02-01");
        (await app.SendAsync(HttpMethod.Delete, at)).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Delete, at)).Status.ShouldBe(404);
    }

    [Theory]
    [InlineData(9, "2027-02-01", "step", "steps 1 to 7")]
    [InlineData(4, "2020-02-01", "by", "two years ahead")]
    [InlineData(4, "2037-02-01", "by", "two years ahead")]
    public async Task An_objective_that_cannot_be_is_refused(int step, string by, string field, string says)
    {
        var id = (string)(await ChildAsync("Ivo"))["id"]!;
        var (status, body) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/children/{id}/ladders/scissors/objective",
            new { step, by }
        );
        status.ShouldBe(400);
        ((string)body["fields"]![0]!["field"]!).ShouldBe(field);
        body.ToJsonString().ShouldContain(says);
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{demo.Group}/children/{id}/ladders/flying/objective",
                new { step = 1, by = "2027-02-01" }
            )
        ).Status.ShouldBe(404);
    }

    [Fact]
    public async Task Minutes_of_own_work_are_learned_and_a_block_that_would_cut_them_off_says_so()
    {
        var id = (string)(await ChildAsync("Junia"))["id"]!;
        var seen = Enumerable
            .Range(1, 4)
            .Select(k => new
            {
                childId = id,
                ladder = "fold",
                step = 3,
                help = "alone",
                on = $"2026-11-0{k}",
                minutes = 34,
            });
        var (status, ids) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{demo.Group}/observations",
            new { observations = seen }
        );
        status.ShouldBe(200, ids.ToJsonString());
        var own = (await app.GetAsync($"/api/groups/{demo.Group}/children/{id}/ladders/fold"))["own"]!;
        ((int)own["seen"]!).ShouldBe(4);
        ((double)own["median"]!).ShouldBeInRange(13, 34);
        var blocks = (await app.GetAsync($"/api/weeks/{demo.Week}/days/0"))["blocks"]!.AsArray();
        blocks.First(b => (string)b!["id"]! == "welcome")!["longWork"]!
            .AsArray()
            .ShouldContain(w => (string)w!["name"]! == "Junia");
        blocks.First(b => (string)b!["id"]! == "stations")!["longWork"]!.AsArray().ShouldBeEmpty();
        var cutOff = (await app.GetAsync($"/api/weeks/{demo.Week}/may-go-wrong"))["cutOff"]!
            .AsArray()
            .Where(w => (string)w!["name"]! == "Junia")
            .ToArray();
        cutOff.Select(w => (string)w!["block"]!).ShouldBe(["Welcome", "Table"]);
        cutOff.ShouldAllBe(w => (int)w!["enough"]! > 20 && (int)w["enough"]! % 5 == 0);
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"/api/groups/{demo.Group}/observations",
                new
                {
                    observations = new[]
                    {
                        new
                        {
                            childId = id,
                            ladder = "fold",
                            step = 3,
                            help = "alone",
                            minutes = 0,
                        },
                    },
                }
            )
        ).Status.ShouldBe(400);
        foreach (var taken in ids.AsArray())
        {
            await app.SendAsync(HttpMethod.Delete, $"/api/groups/{demo.Group}/observations/{taken}");
        }
    }

    [Fact]
    public async Task Words_letters_numbers_and_talk_stand_on_the_card_by_step()
    {
        var card = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/letter-match.letter-cards");
        card["steps"]!.AsArray().ShouldAllBe(s => ((string)s!["words"]!).StartsWith('P'));
        card["talk"]!["sayings"]!.AsArray().Count.ShouldBeGreaterThan(3);
        card["talk"]!["questions"]!.AsArray().Count.ShouldBe(1);
        var circle = (await app.GetAsync($"/api/weeks/{demo.Week}/days/0"))["blocks"]!
            .AsArray()
            .First(b => (string)b!["id"]! == "circle")!["offers"]![0]!["card"]!["talk"]!;
        ((string)circle["greeting"]!).ShouldContain("letter with their name");
        circle["books"]!.AsArray().Count.ShouldBe(2);
        circle["rhyme"]!.AsArray().Count.ShouldBe(4);
        var sized = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/snip-and-cut.card-a4");
        sized["steps"]!
            .AsArray()
            .ShouldContain(s => s!["size"] != null && ((string)s["size"]!).Contains("steering index"));
    }

    private static JsonNode Who(JsonNode card, string name) =>
        card["steps"]!
            .AsArray()
            .SelectMany(s => s!["who"]!.AsArray())
            .Concat(card["outOfReach"]!.AsArray())
            .First(w => (string)w!["name"]! == name)!;

    private async Task<JsonNode> ChildAsync(string name) =>
        (await app.GetAsync($"/api/groups/{demo.Group}"))["children"]!
            .AsArray()
            .First(c => (string)c!["name"]! == name)!;

    private async Task SetWaysAsync(JsonObject ways) =>
        (await PutGroupAsync(g => g["settings"]!["ways"] = ways)).Status.ShouldBe(200);

    private async Task<(int Status, JsonNode Body)> PutGroupAsync(Action<JsonNode> change)
    {
        var group = await app.GetAsync($"/api/groups/{demo.Group}");
        change(group);
        return await app.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}", group);
    }
}
