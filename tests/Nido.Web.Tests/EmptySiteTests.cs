using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>A newcomer's first minute: an empty site, a group with a child, nothing in the cupboard; and calls that
/// leave out what they please.</summary>
public sealed class EmptySiteTests(PlainApp plain) : IClassFixture<PlainApp>
{
    private NidoApp App => plain.App;

    [Fact]
    public async Task Every_address_answers_for_a_group_with_an_empty_cupboard()
    {
        var ids = await Newcomer.WithAsync(App, "monday tuesday wednesday thursday friday");
        var week = await App.GetAsync($"/api/weeks/{ids["weekId"]}");
        week["loom"]!.AsArray().Count.ShouldBe(1);
        week["strips"]!.AsArray().ShouldBeEmpty();
        await EveryGetAnswersAsync(ids);
        var (status, body) = await App.SendAsync(HttpMethod.Post, $"/api/weeks/{ids["weekId"]}/composition");
        status.ShouldBe(409);
        body.ToJsonString().ShouldContain("the cupboard is empty");
    }

    [Fact]
    public async Task An_empty_cupboard_shows_what_needs_hands_and_voice_alone_and_nothing_else()
    {
        // A house of its own: in the other one a hostile call may have counted something.
        await using var app = new NidoApp { Demo = false };
        var ids = await Newcomer.WithAsync(app, "monday tuesday wednesday thursday friday");
        var ideas = (await app.GetAsync($"/api/weeks/{ids["weekId"]}/ideas")).AsArray();
        ideas.Select(i => i!["ideaId"]!.GetValue<string>()).ShouldContain("hand-warm-up");
        ideas.ShouldAllBe(i => i!["material"] == null && i["nothingToBuy"]!.GetValue<bool>());
        foreach (var idea in ideas)
        {
            var card = await app.GetAsync($"/api/weeks/{ids["weekId"]}/ideas/{idea!["ideaId"]}");
            card["title"]!.ToJsonString().Length.ShouldBeGreaterThan(2);
        }

        var (status, week) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{ids["weekId"]}/slots/0/circle/0",
            new { ideaId = "hand-warm-up" }
        );
        status.ShouldBe(200, week.ToJsonString());
        (await app.GetAsync($"/api/weeks/{ids["weekId"]}"))["strips"]!.AsArray().ShouldHaveSingleItem();
    }

    [Fact]
    public async Task Every_address_answers_for_a_group_whose_child_comes_on_no_day_it_meets()
    {
        var ids = await Newcomer.WithAsync(App, "saturday");
        await EveryGetAnswersAsync(ids);
        var (status, body) = await App.SendAsync(HttpMethod.Post, $"/api/weeks/{ids["weekId"]}/composition");
        status.ShouldBe(409);
        body.ToJsonString().ShouldContain("comes on");
    }

    [Fact]
    public async Task A_body_that_leaves_out_or_voids_a_field_is_refused_and_never_breaks()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var described = await ApiDescription.OfAsync(App);
        var (calls, named) = (0, 0);
        foreach (var (path, method, schema) in ApiDescription.Writes(described))
        {
            var whole = ApiDescription.Sample(described, schema);
            var fields = whole.Select(p => p.Key).ToArray();
            JsonNode?[] bodies =
            [
                new JsonObject(),
                null,
                .. fields.Select(f => Without(whole, f, keepAsNull: true)),
                .. fields.Select(f => Without(whole, f, keepAsNull: false)),
                .. fields.Where(f => whole[f] is JsonArray).Select(f => WithNullIn(whole, f)),
            ];
            foreach (var body in bodies)
            {
                using var request = new HttpRequestMessage(
                    new(method.ToUpperInvariant()),
                    ApiDescription.Filled(path, ids)
                )
                {
                    Content = new StringContent(body?.ToJsonString() ?? "null", Encoding.UTF8, "application/json"),
                };
                using var answer = await App.Client.SendAsync(request, NidoApp.Stop);
                var text = await answer.Content.ReadAsStringAsync(NidoApp.Stop);
                ((int)answer.StatusCode).ShouldBeLessThan(500, $"{method} {path} {body?.ToJsonString()}: {text}");
                calls++;
                named +=
                    answer.StatusCode == HttpStatusCode.BadRequest
                    && text.Contains("\"fields\"", StringComparison.Ordinal)
                        ? 1
                        : 0;
            }
        }

        calls.ShouldBeGreaterThan(300);
        named.ShouldBeGreaterThan(calls / 4);
    }

    [Fact]
    public async Task A_missing_field_is_named_with_its_path()
    {
        var (status, body) = await App.SendAsync(HttpMethod.Post, "/api/groups", new { name = "Room" });
        status.ShouldBe(400);
        body["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("place");
    }

    private async Task EveryGetAnswersAsync(Dictionary<string, string> ids)
    {
        var described = await ApiDescription.OfAsync(App);
        foreach (var path in described["paths"]!.AsObject().Where(p => p.Value!["get"] is not null).Select(p => p.Key))
        {
            using var answer = await App.Client.GetAsync(ApiDescription.Filled(path, ids), NidoApp.Stop);
            ((int)answer.StatusCode).ShouldBeLessThan(
                500,
                $"GET {path}: {await answer.Content.ReadAsStringAsync(NidoApp.Stop)}"
            );
        }
    }

    private static JsonObject Without(JsonObject whole, string field, bool keepAsNull)
    {
        var body = whole.DeepClone().AsObject();
        body.Remove(field);
        if (keepAsNull)
        {
            body[field] = null;
        }

        return body;
    }

    private static JsonObject WithNullIn(JsonObject whole, string list)
    {
        var body = whole.DeepClone().AsObject();
        body[list] = new JsonArray((JsonNode?)null);
        return body;
    }

    [Fact]
    public async Task The_example_is_laid_out_once_and_only_where_nobody_lives()
    {
        await using var app = new NidoApp { Demo = false };
        var (status, week) = await app.SendAsync(HttpMethod.Post, "/api/house/example");
        status.ShouldBe(201, week.ToJsonString());
        week["groupName"]!.GetValue<string>().ShouldBe("Wren room");
        (await app.GetAsync($"/api/weeks/{week["id"]}"))["blocks"]!.AsArray().ShouldNotBeEmpty();
        (status, var problem) = await app.SendAsync(HttpMethod.Post, "/api/house/example");
        status.ShouldBe(409);
        problem["detail"]!.GetValue<string>().ShouldContain("without a group");
        // It goes like one's own: into the bin.
        (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{week["groupId"]}")).Status.ShouldBe(204);
    }
}
