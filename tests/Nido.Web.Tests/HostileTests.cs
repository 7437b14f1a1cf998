using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>
/// Calls nobody means well with, made from the description of every operation by a seeded chance. Nothing breaks, every
/// refusal
/// says why.
/// </summary>
public sealed class HostileTests(PlainApp plain) : IClassFixture<PlainApp>
{
    // More by hand: NIDO_FUZZ="calls a write,seed".
    private static readonly int[] Asked =
    [
        .. (Environment.GetEnvironmentVariable("NIDO_FUZZ") ?? "24,20261126")
            .Split(',')
            .Select(n => int.Parse(n, CultureInfo.InvariantCulture)),
    ];

    // As JSON text, because some of them no serializer would write.
    private static readonly string[] Values =
    [
        "null",
        "true",
        "0",
        "-1",
        "1",
        "5e-324",
        "1e-320",
        "0.1",
        "1e308",
        "-1e308",
        "2147483648",
        "9223372036854775808",
        "1e999",
        "\"\"",
        "\" \"",
        "\"x\"",
        "\"\\u0000\"",
        "\"\\ud800\"",
        "\"a\\udfff\"",
        "\"\\u202eabc\"",
        "\"\\u200b\\u200b\"",
        "\"../../etc/passwd\"",
        "\"9999-12-31\"",
        "\"0001-01-01\"",
        "\"2026-02-30\"",
        "\"25:99\"",
        "\"NaN\"",
        "\"'; DROP TABLE children; --\"",
        "\"=1+1\"",
        $"\"{new string('a', 30_000)}\"",
        "[]",
        "[null]",
        "[[[[[[]]]]]]",
        "{}",
        "{\"a\":{\"b\":{}}}",
        $"[{string.Join(',', Enumerable.Repeat("1", 3000))}]",
        $"{{{string.Join(',', Enumerable.Range(0, 500).Select(k => $"\"k{k}\":1"))}}}",
    ];

    private const int MostPlaces = 30;
    private static readonly string[] Words = ["boat", "bell", "rope", "wave"];

    private static readonly string[] Ids =
    [
        "..",
        "%F0%9F%90%A4",
        "x'--",
        "0",
        "-1",
        "99999999999",
        new('a', 500),
        "%E2%80%AE",
        "a%2Fb",
    ];

    private NidoApp App => plain.App;

    [Fact]
    public async Task No_operation_breaks_and_every_refusal_says_what_and_the_way_out()
    {
        var ids = await Newcomer.WithAsync(App, "monday tuesday");
        var described = await ApiDescription.OfAsync(App);
        var chance = new Random(Asked[1]);
        var (calls, refused) = (0, 0);
        foreach (var (path, method, schema) in ApiDescription.Writes(described))
        {
            var whole = ApiDescription.Sample(described, schema);
            for (var k = 0; k < Asked[0]; k++)
            {
                var body = Spoiled(whole, chance);
                refused += await AnswersAsync(method, ApiDescription.Filled(path, ids), body) ? 1 : 0;
                calls++;
            }
        }

        foreach (var (path, operations) in described["paths"]!.AsObject())
        {
            foreach (var (method, _) in operations!.AsObject())
            {
                foreach (var id in path.Contains('{') ? Ids : ["x"])
                {
                    var hostile = string.Join(
                        '/',
                        path.Split('/')
                            .Select(part =>
                                part.StartsWith('{')
                                    ? chance.Next(3) == 0
                                        ? ids.GetValueOrDefault(part.Trim('{', '}'), id)
                                        : id
                                    : part
                            )
                    );
                    refused += await AnswersAsync(
                        method,
                        $"{hostile}?on=9999-99-99&amount=NaN&weekId={id}&all=maybe",
                        method == "get" ? null : "{}"
                    )
                        ? 1
                        : 0;
                    calls++;
                }
            }
        }

        calls.ShouldBeGreaterThan(1500);
        refused.ShouldBeGreaterThan(calls / 2);
        // And the house stands.
        (await App.GetAsync("/api/health"))["status"]!
            .GetValue<string>()
            .ShouldBe("ready");
        (await App.GetAsync("/api/house"))["here"].ShouldNotBeNull();
    }

    [Fact]
    public async Task A_good_body_with_one_value_spoiled_never_breaks_whichever_it_is()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await Newcomer.WithAsync(app, "monday");
        var (group, week) = ($"/api/groups/{ids["groupId"]}", $"/api/weeks/{ids["weekId"]}");
        var theme = (
            await app.SendAsync(
                HttpMethod.Post,
                "/api/themes",
                new
                {
                    name = "Boats",
                    letter = "B",
                    words = Words,
                }
            )
        ).Body["id"]!.GetValue<string>();
        (string Method, string Path, string Body)[] good =
        [
            (
                "post",
                $"{group}/children",
                """
                {"children":[{"name":"Bo","bornOn":"2023-05-01","days":["monday"],"mouths":false,"hand":"right","avoidsTouch":false,
                 "allergies":["egg"],"homeLanguage":"en","note":"","supports":["seat"],"ways":{},"unknownAllergies":[],"plans":[]}]}
                """
            ),
            ("put", group, (await app.GetAsync(group)).ToJsonString()),
            (
                "put",
                $"{group}/children/{ids["childId"]}",
                (await app.GetAsync($"{group}/children/{ids["childId"]}")).ToJsonString()
            ),
            ("post", $"{group}/adults", """{"name":"Helper","days":["monday"],"from":"09:00:00","to":"12:00:00"}"""),
            (
                "post",
                $"{group}/observations",
                $$"""{"observations":[{"childId":"{{ids[
                    "childId"]}}","ladder":"fold","step":2,"help":"shown","on":"2026-11-02","minutes":9,"by":"Lead","note":"x"}]}"""
            ),
            ("put", $"{group}/children/{ids["childId"]}/ladders/fold/objective", """{"step":4,"by":"2027-02-01"}"""),
            ("post", "/api/cupboard/counts", """{"counts":[{"materialId":"corks","amount":20,"note":""}]}"""),
            ("post", "/api/cupboard/corks/movements", """{"kind":"found","amount":6,"note":""}"""),
            (
                "put",
                $"{week}/sliders",
                """{"fairShares":5,"theme":5,"useTheCupboard":5,"lightPrep":5,"freshIdeas":5}"""
            ),
            ("put", $"{week}/focus", """{"letter":"B","numbersTo":5,"olderNumbersTo":10}"""),
            ("post", $"{week}/came-up", """{"kind":"closed","subject":"12:00","fromDay":0,"toDay":0}"""),
            ("post", $"{week}/copies", $$"""{"groupId":"{{ids["groupId"]}}","monday":"2027-01-04"}"""),
            (
                "post",
                "/api/weeks",
                $$"""{"groupId":"{{ids["groupId"]}}","themeId":"little-post-office","monday":"2027-03-01"}"""
            ),
            ("post", $"{group}/term", """{"monday":"2027-04-05","themeIds":["little-post-office"]}"""),
            ("put", $"/api/themes/{theme}", (await app.GetAsync($"/api/themes/{theme}"))["draft"]!.ToJsonString()),
            (
                "post",
                "/api/own/materials",
                """
                {"name":"Reels","like":"wooden-blocks","shape":"disc","length":null,"width":60,"height":60,"hasCord":true,"cordMm":100,
                 "loopMm":50,"breaksOpen":true,"answers":["plastic"],"contains":["egg"],"hole":8,"opening":20,"mass":5,"colours":["red"],
                 "packSize":10,"packCents":300}
                """
            ),
            (
                "post",
                "/api/own/ideas",
                """
                {"title":"Towers","from":"stack-and-build","minutes":9,"blocks":["shelf"],"actions":["stack"],"strands":[],
                 "things":[{"materialId":"wooden-blocks","each":2}],
                 "steps":[{"step":1,"do":"Build.","say":"Show.","easier":"Less","harder":"More","seen":"stands"}]}
                """
            ),
            (
                "post",
                "/api/own/ideas",
                """
                {"title":"Corks","ladder":"grasp","minutes":9,"blocks":["shelf"],"actions":["stack"],"strands":["pinch"],
                 "things":[{"materialId":"corks","each":2}],
                 "steps":[{"step":1,"do":"Build.","say":"Show.","easier":"Less","harder":"More","seen":"stands"}]}
                """
            ),
            ("post", "/api/words", """{"letter":"B","words":["boat","bell"],"language":"en"}"""),
            ("post", "/api/weeks/unit", await app.Client.GetStringAsync($"{week}/unit.json", NidoApp.Stop)),
        ];
        var calls = 0;
        foreach (var (method, path, body) in good)
        {
            var places = Everything(JsonNode.Parse(body)!).Select(n => n.GetPath()).ToArray();
            foreach (
                var place in places.Length <= MostPlaces
                    ? places
                    : [.. places.Where((_, k) => k % ((places.Length / MostPlaces) + 1) == 0)]
            )
            {
                foreach (var value in Values)
                {
                    await AnswersAsync(method, path, With(body, place, value), app);
                    calls++;
                }
            }
        }

        calls.ShouldBeGreaterThan(3000);
        (await app.GetAsync("/api/health"))["status"]!.GetValue<string>().ShouldBe("ready");
        (await app.SendAsync(HttpMethod.Get, week)).Status.ShouldBe(200);
    }

    [Fact]
    public async Task No_number_of_a_calculator_makes_it_work_without_end()
    {
        string[] extremes =
        [
            "0",
            "-1",
            "1e-320",
            "5e-324",
            "0.001",
            "0.1",
            "1e6",
            "1e9",
            "1e300",
            "-1e300",
            "2147483647",
            "-2147483648",
            "NaN",
            "\"NaN\"",
            "1e999",
        ];
        var largest = 0L;
        foreach (var (name, ask) in MakingTests.ValidAsks)
        {
            foreach (var (path, text) in Numbers(JsonNode.Parse(ask)!))
            {
                foreach (var extreme in extremes)
                {
                    var before = GC.GetTotalAllocatedBytes();
                    await AnswersAsync("post", $"/api/making/{name}", text(extreme));
                    var used = GC.GetTotalAllocatedBytes() - before;
                    used.ShouldBeLessThan(300_000_000, $"{name} {path} = {extreme}");
                    largest = Math.Max(largest, used);
                }
            }
        }

        largest.ShouldBePositive();
    }

    [Theory]
    [InlineData("GET", "/api/nothing/here", 404)]
    [InlineData("POST", "/api/nothing/here", 404)]
    [InlineData("PATCH", "/api/groups", 405)]
    [InlineData("DELETE", "/api/cupboard", 405)]
    [InlineData("GET", "/api/groups/nobody", 404)]
    public async Task An_address_or_method_nobody_serves_is_told_in_a_sentence(string method, string path, int expected)
    {
        using var request = new HttpRequestMessage(new(method), path);
        using var answer = await App.Client.SendAsync(request, NidoApp.Stop);
        ((int)answer.StatusCode).ShouldBe(expected);
        JsonNode.Parse(await answer.Content.ReadAsStringAsync(NidoApp.Stop))!["detail"]!
            .GetValue<string>()
            .Length.ShouldBeGreaterThan(20);
    }

    [Fact]
    public async Task A_body_of_another_kind_is_415_and_one_too_large_413()
    {
        using var xml = new StringContent("<a/>", Encoding.UTF8, "application/xml");
        using var kind = await App.Client.PostAsync("/api/groups", xml, NidoApp.Stop);
        kind.StatusCode.ShouldBe(HttpStatusCode.UnsupportedMediaType);
        (await kind.Content.ReadAsStringAsync(NidoApp.Stop)).ShouldContain("application/json");
        using var large = new StringContent(
            $"{{\"name\":\"{new string('x', 9_000_000)}\"}}",
            Encoding.UTF8,
            "application/json"
        );
        using var size = await App.Client.PostAsync("/api/groups", large, NidoApp.Stop);
        size.StatusCode.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
        var said = await size.Content.ReadAsStringAsync(NidoApp.Stop);
        said.ShouldContain("8 MB");
        said.Length.ShouldBeLessThan(1000);
    }

    [Fact]
    public async Task A_refusal_says_back_only_as_much_as_one_needs_to_know_it_again()
    {
        var (status, body) = await App.SendAsync(
            HttpMethod.Post,
            "/api/groups",
            new { name = new string('n', 15_000), place = "" }
        );
        status.ShouldBe(400);
        body.ToJsonString().Length.ShouldBeLessThan(1000);
    }

    [Fact]
    public async Task A_name_written_with_composed_letters_and_with_marks_is_one_name()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        object Child(string name) =>
            new
            {
                children = new[]
                {
                    new
                    {
                        name,
                        bornOn = "2023-05-01",
                        days = new[] { "monday" },
                        mouths = false,
                        hand = "right",
                        avoidsTouch = false,
                        allergies = Array.Empty<string>(),
                        homeLanguage = "en",
                        note = "",
                    },
                },
            };
        (
            await App.SendAsync(HttpMethod.Post, $"/api/groups/{ids["groupId"]}/children", Child("Zo\u00EB"))
        ).Status.ShouldBe(200);
        var (status, body) = await App.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{ids["groupId"]}/children",
            Child("Zoe\u0308")
        );
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain("already");
        var (hidden, why) = await App.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{ids["groupId"]}/children",
            Child("A\u202Enn")
        );
        hidden.ShouldBe(400);
        why["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("children[0].name");
        why["fields"]![0]!["message"]!.GetValue<string>().ShouldContain("U+202E");
        (
            await App.SendAsync(HttpMethod.Post, $"/api/groups/{ids["groupId"]}/children", Child("\u200B\u200B"))
        ).Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_table_of_separators_is_refused_before_it_is_read()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var before = GC.GetTotalAllocatedBytes();
        var (status, body) = await App.SendTextAsync(
            $"/api/groups/{ids["groupId"]}/children/table",
            "name" + new string(';', 1_900_000)
        );
        status.ShouldBe(200);
        body.ToJsonString().Length.ShouldBeLessThan(10_000);
        body["problems"]!.AsArray().ShouldNotBeEmpty();
        (GC.GetTotalAllocatedBytes() - before).ShouldBeLessThan(200_000_000);
    }

    /// <summary>Sends a call and looks at the answer; whether it was refused.</summary>
    private async Task<bool> AnswersAsync(string method, string path, string? body, NidoApp? app = null)
    {
        using var request = new HttpRequestMessage(new(method.ToUpperInvariant()), path);
        request.Headers.TryAddWithoutValidation("If-Match", "*");
        request.Content = body is null ? null : new StringContent(body, Encoding.UTF8, "application/json");
        using var answer = await (app ?? App).Client.SendAsync(request, NidoApp.Stop);
        var status = (int)answer.StatusCode;
        var what = $"{method} {path[..Math.Min(path.Length, 200)]} {body?[..Math.Min(body.Length, 300)]}";
        if (status < 400)
        {
            return false;
        }

        var text = await answer.Content.ReadAsStringAsync(NidoApp.Stop);
        status.ShouldBeLessThan(500, $"{what}: {text}");
        answer.Content.Headers.ContentType?.MediaType.ShouldBe("application/problem+json", $"{status} {what}");
        text.Length.ShouldBeLessThan(60_000, what);
        var problem = JsonNode.Parse(text)!;
        problem["title"]!.GetValue<string>().ShouldNotBeEmpty(what);
        problem["detail"]!.GetValue<string>().ShouldNotBeEmpty(what);
        foreach (var field in problem["fields"]!.AsArray())
        {
            field!["field"]!.GetValue<string>().ShouldNotBeEmpty(what);
            field["value"]!.GetValue<string>().Length.ShouldBeLessThan(90, what);
            field["message"]!.GetValue<string>().ShouldNotBeEmpty(what);
        }

        return true;
    }

    /// <summary>A body with one or two of its values spoiled, at any depth.</summary>
    private static string Spoiled(JsonObject whole, Random chance)
    {
        if (whole.Count == 0)
        {
            return Values[chance.Next(Values.Length)];
        }

        var fields = whole.Select(f => (f.Key, Text: f.Value?.ToJsonString() ?? "null")).ToArray();
        for (var k = chance.Next(1, 3); k > 0; k--)
        {
            var at = chance.Next(fields.Length);
            var value = Values[chance.Next(Values.Length)];
            fields[at].Text = fields[at].Text.StartsWith('[') && chance.Next(2) == 0 ? $"[{value}]" : value;
        }

        return $"{{{string.Join(',', fields.Select(f => $"{JsonSerializer.Serialize(f.Key)}:{f.Text}"))}}}";
    }

    /// <summary>Every number of an ask, with what the ask is when another text stands in its place.</summary>
    private static (string Path, Func<string, string> With)[] Numbers(JsonNode ask)
    {
        var text = ask.ToJsonString();
        return Leaves(ask)
            .Select(leaf =>
                (
                    leaf.GetPath(),
                    (Func<string, string>)(
                        value =>
                        {
                            var copy = JsonNode.Parse(text)!;
                            var mark = $"~{value}~";
                            Replace(copy, leaf.GetPath(), mark);
                            return copy.ToJsonString()
                                .Replace(JsonSerializer.Serialize(mark), value, StringComparison.Ordinal);
                        }
                    )
                )
            )
            .ToArray();
    }

    /// <summary>A body with another text in one place.</summary>
    private static string With(string body, string place, string value)
    {
        var copy = JsonNode.Parse(body)!;
        var mark = $"~{Guid.NewGuid():N}~";
        Everything(copy).First(n => n.GetPath() == place).ReplaceWith(JsonValue.Create(mark));
        return copy.ToJsonString().Replace($"\"{mark}\"", value, StringComparison.Ordinal);
    }

    private static IEnumerable<JsonNode> Everything(JsonNode node) =>
        node switch
        {
            JsonObject o => o.Where(p => p.Value is not null)
                .SelectMany(p => Everything(p.Value!).Prepend(p.Value!))
                .Distinct(),
            JsonArray a => a.OfType<JsonNode>().SelectMany(n => Everything(n).Prepend(n)).Distinct(),
            _ => [],
        };

    private static IEnumerable<JsonNode> Leaves(JsonNode node) =>
        node switch
        {
            JsonObject o => o.Where(p => p.Value is not null).SelectMany(p => Leaves(p.Value!)),
            JsonArray a => a.OfType<JsonNode>().SelectMany(Leaves),
            _ => node.GetValueKind() == JsonValueKind.Number ? [node] : [],
        };

    private static void Replace(JsonNode root, string path, string mark)
    {
        var leaf = Leaves(root).First(l => l.GetPath() == path);
        leaf.ReplaceWith(JsonValue.Create(mark));
    }
}
