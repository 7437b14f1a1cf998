using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

public class ObservationTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private readonly NidoApp app = demo.App;

    [Fact]
    public async Task What_is_seen_moves_the_step_and_taking_it_back_moves_it_back()
    {
        var child = await ChildAsync("Hina");
        var before = await EvidenceAsync(child);
        var (status, ids) = await SendAsync(
            new
            {
                childId = child,
                ladder = "scissors",
                step = 7,
                help = "alone",
            },
            new
            {
                childId = child,
                ladder = "scissors",
                step = 6,
                help = "alone",
            }
        );
        status.ShouldBe(200);
        var after = await EvidenceAsync(child);
        ((double)after["mean"]!).ShouldBeGreaterThan((double)before["mean"]!);
        ((int)after["offer"]!["step"]!).ShouldBeGreaterThan((int)before["offer"]!["step"]!);
        ((double)after["low"]!).ShouldBeLessThan((double)after["high"]!);
        ((bool)after["offer"]!["seen"]!).ShouldBeTrue();
        after["curve"]!.AsArray().Sum(p => (double)p!["weight"]!).ShouldBe(1, 0.01);

        foreach (var id in ids.AsArray())
        {
            (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{demo.Group}/observations/{id}")).Status.ShouldBe(
                204
            );
        }

        (await EvidenceAsync(child)).ToJsonString().ShouldBe(before.ToJsonString());
    }

    [Fact]
    public async Task A_step_chosen_by_an_adult_is_offered_until_nido_may_choose_again()
    {
        var child = await ChildAsync("Kofi");
        var before = (int)(await EvidenceAsync(child))["offer"]!["step"]!;
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"/api/groups/{demo.Group}/children/{child}/ladders/scissors/step",
                new { step = 2, knowsBetter = false }
            )
        ).Status.ShouldBe(204);
        ((int)(await EvidenceAsync(child))["offer"]!["step"]!).ShouldBe(2);
        (
            await app.SendAsync(HttpMethod.Delete, $"/api/groups/{demo.Group}/children/{child}/ladders/scissors/step")
        ).Status.ShouldBe(204);
        ((int)(await EvidenceAsync(child))["offer"]!["step"]!).ShouldBe(before);
        var (status, body) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/children/{child}/ladders/scissors/step",
            new { step = 99, knowsBetter = true }
        );
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain("steps 1 to 7");
    }

    [Theory]
    [InlineData("""{"ladder":"flying"}""", "ladder")]
    [InlineData("""{"step":0}""", "step")]
    [InlineData("""{"step":8}""", "step")]
    [InlineData("""{"on":"2999-01-01"}""", "on")]
    [InlineData("""{"on":"2019-01-01"}""", "on")]
    [InlineData("""{"childId":"nobody"}""", "childId")]
    public async Task What_cannot_have_been_seen_is_refused_and_nothing_of_the_rest_is_kept(string wrong, string field)
    {
        var child = await ChildAsync("Emeka");
        var bad = new JsonObject
        {
            ["childId"] = child,
            ["ladder"] = "scissors",
            ["step"] = 3,
            ["help"] = "alone",
        };
        foreach (var (key, value) in JsonNode.Parse(wrong)!.AsObject())
        {
            bad[key] = value!.DeepClone();
        }

        var (status, body) = await SendAsync(
            new
            {
                childId = child,
                ladder = "scissors",
                step = 3,
                help = "alone",
            },
            bad
        );
        status.ShouldBe(400);
        body["fields"]![0]!["field"]!.GetValue<string>().ShouldBe($"observations[1].{field}");
        (await EvidenceAsync(child))["seen"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Two_days_alone_are_proposed_as_a_step_up()
    {
        var child = await ChildAsync("Lumi");
        var step = (int)(await EvidenceAsync(child))["offer"]!["step"]!;
        await SendAsync(
            new
            {
                childId = child,
                ladder = "scissors",
                step,
                help = "alone",
                on = "2026-11-02",
            },
            new
            {
                childId = child,
                ladder = "scissors",
                step,
                help = "alone",
                on = "2026-11-03",
            }
        );
        var proposal = (await EvidenceAsync(child))["offer"]!["proposal"]!;
        ((int)proposal["to"]!).ShouldBeGreaterThan(step);
        ((string)proposal["reason"]!).ShouldContain("2 days");
    }

    private async Task<(int Status, JsonNode Body)> SendAsync(params object[] observations) =>
        await app.SendAsync(HttpMethod.Post, $"/api/groups/{demo.Group}/observations", new { observations });

    private async Task<JsonNode> EvidenceAsync(string child) =>
        await app.GetAsync($"/api/groups/{demo.Group}/children/{child}/ladders/scissors?on=2026-12-07");

    private async Task<string> ChildAsync(string name) =>
        (await app.GetAsync($"/api/groups/{demo.Group}"))["children"]!
            .AsArray()
            .First(c => (string)c!["name"]! == name)!["id"]!.GetValue<string>();
}
