using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>A drop-in group over the interface: nobody is named, steps are a spread, kits are packed.</summary>
public class DropInTests(HouseApp house) : IClassFixture<HouseApp>
{
    private readonly NidoApp app = house.App;

    [Fact]
    public async Task The_demo_has_one_and_its_session_is_composed_for_those_expected()
    {
        var groups = (await app.GetAsync("/api/groups")).AsArray();
        ((string)groups[1]!["kind"]!).ShouldBe("dropIn");
        ((string)groups[1]!["name"]!).ShouldBe("Saturday nestlings");
        var week = (await app.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => (string)w!["groupId"]! == (string)groups[1]!["id"]!)!;
        await app.ComposeAsync((string)week["id"]!);
        var view = await app.GetAsync($"/api/weeks/{week["id"]}");
        ((string)view["groupKind"]!).ShouldBe("dropIn");
        ((int)view["truth"]!["children"]!).ShouldBe(24);
        view["loom"]!
            .AsArray()
            .Select(r => (string)r!["name"]!)
            .ShouldBe(["1;0–1;11 · 6", "2;0–3;11 · 8", "4;0–4;11 · 7", "5;0–5;11 · 3"], ignoreOrder: true);
        var bands = view["loom"]!.AsArray().Select(r => (string)r!["childId"]!).ToHashSet();
        view["strips"]!.AsArray().ShouldAllBe(s => s!["reach"]!.AsArray().All(c => bands.Contains((string)c!)));
    }

    [Fact]
    public async Task A_card_says_how_many_at_which_step_and_what_is_packed()
    {
        var week = (await app.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => (string)w!["groupName"]! == "Saturday nestlings")!;
        foreach (var idea in (await app.GetAsync($"/api/weeks/{week["id"]}/ideas")).AsArray())
        {
            var card = await app.GetAsync($"/api/weeks/{week["id"]}/ideas/{idea!["ideaId"]}");
            var kits = card["kits"]!.AsArray().Where(k => k!["holds"]!.AsArray().Count > 0).ToArray();
            if (kits.Length > 1)
            {
                kits.ShouldAllBe(k => (int)k!["count"]! > (int)k["expected"]!);
                kits.Sum(k => (int)k!["expected"]!).ShouldBeLessThanOrEqualTo(24);
                return;
            }
        }

        Assert.Fail("no idea of the session hands anything out");
    }

    [Fact]
    public async Task One_of_ones_own_begins_with_usual_numbers_that_can_be_changed()
    {
        var (status, group) = await app.SendAsync(
            HttpMethod.Post,
            "/api/groups",
            new
            {
                name = "Thursday story time",
                place = "",
                kind = "dropIn",
            }
        );
        status.ShouldBe(201, group.ToJsonString());
        group["expected"]!.AsArray().Sum(b => (int)b!["children"]!).ShouldBe(24);
        group["days"]!.AsArray().Select(d => (string)d!).ShouldBe(["saturday"]);
        group["expected"] = new JsonArray(
            new JsonObject
            {
                ["fromMonths"] = 24,
                ["toMonths"] = 60,
                ["children"] = 10,
            }
        );
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{group["id"]}", group)).Status.ShouldBe(200);
        var steps = await app.GetAsync($"/api/groups/{group["id"]}/steps");
        steps["children"]!.AsArray().Count.ShouldBe(10);
    }

    [Theory]
    [InlineData(24, 24, 5, "ends later than it begins")]
    [InlineData(0, 24, 5, "6 to 107 months")]
    [InlineData(24, 60, 500, "0 to 100 children")]
    public async Task Headcounts_that_cannot_be_are_refused(int from, int to, int children, string says) =>
        await RefusedAsync(
            new JsonArray(
                new JsonObject
                {
                    ["fromMonths"] = from,
                    ["toMonths"] = to,
                    ["children"] = children,
                }
            ),
            says
        );

    [Fact]
    public async Task Two_bands_do_not_share_an_age() =>
        await RefusedAsync(
            new JsonArray(
                new JsonObject
                {
                    ["fromMonths"] = 24,
                    ["toMonths"] = 48,
                    ["children"] = 3,
                },
                new JsonObject
                {
                    ["fromMonths"] = 36,
                    ["toMonths"] = 60,
                    ["children"] = 3,
                }
            ),
            "share an age"
        );

    private async Task RefusedAsync(JsonArray expected, string says)
    {
        var group = await app.GetAsync($"/api/groups/{(await app.GetAsync("/api/groups"))[1]!["id"]}");
        group["expected"] = expected;
        var (status, body) = await app.SendAsync(HttpMethod.Put, $"/api/groups/{group["id"]}", group);
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain(says);
    }
}
