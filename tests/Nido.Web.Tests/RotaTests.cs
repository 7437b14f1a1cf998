using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Who goes round the stations with whom.</summary>
public class RotaTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private readonly NidoApp app = demo.App;

    private string At => $"/api/weeks/{demo.Week}/rota/1/stations";

    [Fact]
    public async Task Groups_are_formed_go_round_and_hold_the_ratio()
    {
        var rota = await app.GetAsync(At);
        rota["groups"]!.AsArray().Select(g => g!["children"]!.AsArray().Count).Order().ShouldBe([4, 5, 5]);
        rota["stations"]!.AsArray().Count.ShouldBe(3);
        rota["rounds"]!.AsArray().Select(r => (string)r!["starts"]!).ShouldBe(["10:00:00", "10:15:00", "10:30:00"]);
        rota["problems"]!.AsArray().ShouldBeEmpty();
        ((bool)rota["byHand"]!).ShouldBeFalse();
        (await app.GetAsync(At)).ToJsonString().ShouldBe(rota.ToJsonString(), "the same every time");
    }

    [Fact]
    public async Task By_hand_a_child_moves_the_consequences_are_said_and_nido_may_form_them_again()
    {
        var before = await app.GetAsync(At);
        var groups = Ids(before);
        groups[1].Add(groups[0][0]);
        groups[1].Add(groups[0][1]);
        groups[0].RemoveRange(0, 2);
        var (status, rota) = await app.SendAsync(HttpMethod.Put, At, new { groups });
        status.ShouldBe(200, rota.ToJsonString());
        ((bool)rota["byHand"]!).ShouldBeTrue();
        rota["problems"]!.AsArray().ShouldContain(p => ((string)p!).Contains("sizes differ by"));
        Ids(await app.GetAsync(At)).Select(g => g.Count).ShouldBe(groups.Select(g => g.Count));
        // On another day, when not all of them are there, the groups are their own.
        (await app.GetAsync($"/api/weeks/{demo.Week}/rota/0/stations"))["groups"]!
            .AsArray()
            .Sum(g => g!["children"]!.AsArray().Count)
            .ShouldBe(13);
        (await app.SendAsync(HttpMethod.Delete, At)).Status.ShouldBe(204);
        (await app.GetAsync(At)).ToJsonString().ShouldBe(before.ToJsonString());
    }

    [Fact]
    public async Task What_cannot_be_is_refused_by_name()
    {
        var groups = Ids(await app.GetAsync(At));
        var name = (string)(await app.GetAsync(At))["groups"]![0]!["children"]![0]!["name"]!;
        var missing = groups.Select(g => g.ToList()).ToList();
        missing[0].RemoveAt(0);
        await RefusedAsync(missing, $"{name} is in no group");
        var twice = groups.Select(g => g.ToList()).ToList();
        twice[1].Add(twice[0][0]);
        await RefusedAsync(twice, $"{name} is in two groups");
        await RefusedAsync(
            [
                ["nobody"],
            ],
            "not there on that day"
        );
        await RefusedAsync([], "One to six groups");
        (await app.Client.GetAsync($"/api/weeks/{demo.Week}/rota/1/circle", NidoApp.Stop)).StatusCode.ShouldBe(
            System.Net.HttpStatusCode.NotFound
        );
        (await app.Client.GetAsync($"/api/weeks/{demo.Week}/rota/9/stations", NidoApp.Stop)).StatusCode.ShouldBe(
            System.Net.HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task Wishes_and_mixed_groups_are_settings_of_the_group()
    {
        var group = await app.GetAsync($"/api/groups/{demo.Group}");
        string Id(string name) => (string)group["children"]!.AsArray().First(c => (string)c!["name"]! == name)!["id"]!;
        group["settings"]!["grouping"] = "mixed";
        group["wishes"] = new JsonArray(
            new JsonObject
            {
                ["childId"] = Id("Anouk"),
                ["otherId"] = Id("Bao"),
                ["together"] = true,
            }
        );
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}", group)).Status.ShouldBe(200);
        var rota = await app.GetAsync(At);
        ((string)rota["grouping"]!).ShouldBe("mixed");
        var (anouk, bao) = (Id("Anouk"), Id("Bao"));
        Ids(rota).ShouldContain(g => g.Contains(anouk) && g.Contains(bao));
        rota["groups"]!.AsArray().ShouldAllBe(g => g!["pairs"]!.AsArray().Count >= 2);

        group["wishes"] = new JsonArray(
            new JsonObject
            {
                ["childId"] = Id("Bao"),
                ["otherId"] = Id("Bao"),
                ["together"] = true,
            }
        );
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}", group)).Status.ShouldBe(400);
        group["wishes"] = new JsonArray();
        group["settings"]!["grouping"] = "nearSteps";
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}", group)).Status.ShouldBe(200);
    }

    private async Task RefusedAsync(List<List<string>> groups, string says)
    {
        var (status, body) = await app.SendAsync(HttpMethod.Put, At, new { groups });
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain(says);
    }

    private static List<List<string>> Ids(JsonNode rota) =>
        [
            .. rota["groups"]!
                .AsArray()
                .Select(g => g!["children"]!.AsArray().Select(c => (string)c!["childId"]!).ToList()),
        ];
}
