using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>The journal over HTTP: what was seen is there, of the right child and day, and found by words.</summary>
public sealed class JournalTests(PlainApp plain) : IClassFixture<PlainApp>
{
    private NidoApp App => plain.App;

    [Fact]
    public async Task What_was_seen_stands_in_the_child_s_journal_and_is_found_by_its_words()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var group = $"/api/groups/{ids["groupId"]}";
        var today = DateOnly.FromDateTime(DateTime.Now);
        JsonArray list = (await App.GetAsync($"{group}/journal")).AsArray();
        list[0]!["seen"]!.GetValue<int>().ShouldBe(0);
        (await ChildAsync(group, ids["childId"]))["ladders"]!
            .AsArray()
            .ShouldBeEmpty("nothing is said of what nobody saw");
        var observations = new[]
        {
            new
            {
                childId = ids["childId"],
                ladder = "scissors",
                step = 2,
                help = "shown",
                on = $"{today.AddDays(-20):yyyy-MM-dd}",
                note = "Snipped, tongue out",
                by = "Lead",
            },
            new
            {
                childId = ids["childId"],
                ladder = "scissors",
                step = 2,
                help = "alone",
                on = $"{today.AddDays(-2):yyyy-MM-dd}",
                note = "",
                by = "Lead",
            },
        };
        (await App.SendAsync(HttpMethod.Post, $"{group}/observations", new { observations })).Status.ShouldBe(200);
        var journal = await ChildAsync(group, ids["childId"]);
        var path = journal["ladders"]!.AsArray().Single()!;
        path["seen"]!.AsArray().Select(o => o!["on"]!.GetValue<string>()).ShouldBe(observations.Select(o => o.on));
        path["ownBest"]!.GetValue<int>().ShouldBe(2);
        path["points"]!.AsArray().Count.ShouldBe(13);
        journal["notes"]!.AsArray().Single()!["text"]!.GetValue<string>().ShouldBe("Snipped, tongue out");
        var (status, found) = await App.SendAsync(
            HttpMethod.Post,
            $"{group}/journal/find",
            new { words = "TONGUE ana" }
        );
        (status, found["count"]!.GetValue<int>()).ShouldBe((200, 1));
        (await App.SendAsync(HttpMethod.Post, $"{group}/journal/find", new { words = "tongue zoë" })).Body["count"]!
            .GetValue<int>()
            .ShouldBe(0);
    }

    [Fact]
    public async Task Days_the_wrong_way_round_and_children_of_another_group_are_refused()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var other = await Newcomer.WithAsync(App, "monday");
        using var turned = await App.Client.GetAsync(
            $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}/journal?from=2026-12-01&to=2026-11-01",
            NidoApp.Stop
        );
        ((int)turned.StatusCode).ShouldBe(400);
        using var stranger = await App.Client.GetAsync(
            $"/api/groups/{other["groupId"]}/children/{ids["childId"]}/journal",
            NidoApp.Stop
        );
        ((int)stranger.StatusCode).ShouldBe(404);
    }

    private Task<JsonNode> ChildAsync(string group, string child) => App.GetAsync($"{group}/children/{child}/journal");
}
