using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

public sealed class SafetyTests : IAsyncLifetime
{
    private static readonly string[] Monday = ["monday"];

    private readonly NidoApp app = new();
    private string week = "";
    private string group = "";

    public async ValueTask InitializeAsync()
    {
        week = await app.WeekAsync();
        group = await app.GroupAsync();
    }

    public ValueTask DisposeAsync() => app.DisposeAsync();

    [Fact]
    public async Task A_new_allergy_on_a_running_week_is_found_and_swapped_away_and_no_sentence_lifts_it()
    {
        await PutAsync(0, "pour-and-measure.rice");
        await AllergicAsync("Bao", "arroz");
        var keptOut = (await app.GetAsync($"/api/weeks/{week}"))["keptOut"]!.AsArray().Single()!;
        keptOut["bySafety"]!.GetValue<bool>().ShouldBeTrue();
        var finding = await FindingAsync("allergen");
        finding["whom"]!.AsArray().Select(w => w!.GetValue<string>()).ShouldBe(["Bao"]);
        finding["source"]!.GetValue<string>().ShouldContain("Caring for Our Children");
        finding["waysOut"]!.AsArray().Select(w => w!["kind"]!.GetValue<string>()).ShouldBe(["swap", "takeOut"]);

        var lift = new
        {
            ideaId = keptOut["ideaId"]!.GetValue<string>(),
            ruleId = "allergen",
            adult = "Lead",
            reason = "The pots held oat drink, label kept",
        };
        var (status, problem) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/safety/overrides", lift);
        status.ShouldBe(400);
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain("written plan");

        // One press takes what would serve instead.
        var swap = finding["waysOut"]![0]!;
        var at = swap["at"]!;
        var (taken, view) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/{at["day"]}/{at["blockId"]}/{at["offer"]}",
            new { ideaId = swap["ideaId"]!.GetValue<string>() }
        );
        taken.ShouldBe(200, view.ToJsonString());
        view["keptOut"]!.AsArray().ShouldBeEmpty();
        view["truth"]!["blocked"]!.GetValue<int>().ShouldBe(0);
    }

    [Fact]
    public async Task What_may_be_lifted_is_lifted_for_a_day_or_a_week_by_name_and_reason_and_kept_in_the_journal()
    {
        await PutAsync(0, "pour-and-measure.rice");
        var house = await app.GetAsync($"/api/groups/{group}");
        house["settings"]!["food"] = "never";
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{group}", house)).Status.ShouldBe(200);
        var finding = await FindingAsync("no-food-here");
        finding["waysOut"]!
            .AsArray()
            .Select(w => w!["kind"]!.GetValue<string>())
            .ShouldBe(["swap", "takeOut", "override"]);

        var lift = new
        {
            ideaId = "pour-and-measure.rice",
            ruleId = "no-food-here",
            adult = "Lead",
            reason = "The families were asked and agree",
            day = "2026-12-07",
        };
        var (status, view) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/safety/overrides", lift);
        status.ShouldBe(200, view.ToJsonString());
        view["keptOut"]!.AsArray().ShouldBeEmpty();
        view["truth"]!["lifted"]!.GetValue<int>().ShouldBe(1);
        view["strips"]!.AsArray().Count(s => s!["lifted"]!.GetValue<bool>()).ShouldBeGreaterThan(0);
        (await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/safety/overrides", lift)).Status.ShouldBe(409);
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"/api/weeks/{week}/safety/overrides",
                new
                {
                    lift.ideaId,
                    lift.ruleId,
                    lift.adult,
                    lift.reason,
                    day = "2026-12-19",
                }
            )
        ).Status.ShouldBe(400);
        // It is lifted on that day and no other.
        (
            await app.SendAsync(HttpMethod.Put, $"/api/weeks/{week}/slots/1/table/0", new { lift.ideaId })
        ).Status.ShouldNotBe(200);

        var unit = await app.Client.GetStringAsync($"/api/weeks/{week}/unit.json", NidoApp.Stop);
        var (made, name) = await app.SendTextAsync("/api/weeks/unit", unit);
        made.ShouldBe(201, name.ToJsonString());
        var copy = await app.GetAsync($"/api/weeks/{name["id"]!.GetValue<string>()}/safety");
        copy["overrides"]!.AsArray().Single()!["day"]!.GetValue<string>().ShouldBe("2026-12-07");

        var id = (await app.GetAsync($"/api/weeks/{week}/safety"))["overrides"]![0]!["id"]!.GetValue<string>();
        var (_, back) = await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{week}/safety/overrides/{id}");
        back["keptOut"]!.AsArray().Count.ShouldBe(1);
        var journal = (await app.GetAsync($"/api/groups/{group}/overrides")).AsArray();
        journal.Single()!["override"]!["withdrawnAt"].ShouldNotBeNull();
        journal.Single()!["override"]!["reason"]!.GetValue<string>().ShouldContain("families");
    }

    [Fact]
    public async Task What_is_barred_says_what_would_serve_instead_and_where()
    {
        var keptOut = (await app.GetAsync($"/api/weeks/{week}/ideas/kept-out")).AsArray();
        keptOut.ShouldNotBeEmpty();
        foreach (var instead in keptOut.Select(b => b!["instead"]).OfType<JsonNode>())
        {
            (await app.GetAsync($"/api/weeks/{week}/ideas"))
                .AsArray()
                .ShouldContain(i => i!["ideaId"]!.GetValue<string>() == instead["ideaId"]!.GetValue<string>());
        }

        var one = keptOut.First(b => b!["instead"]?["day"] is not null)!["instead"]!;
        var (status, view) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/{one["day"]}/{one["blockId"]}/{one["offer"]}",
            new { ideaId = one["ideaId"]!.GetValue<string>() }
        );
        status.ShouldBe(200, view.ToJsonString());
    }

    [Theory]
    [InlineData("adult", "Nobody", "Lead, Assistant, Trainee, Volunteer")]
    [InlineData("reason", "because", "10 to 300 letters")]
    [InlineData("ruleId", "blade", "no blocking rule")]
    [InlineData("ideaId", "nothing.here", "not among those")]
    public async Task An_override_without_a_name_a_reason_or_a_rule_is_refused_with_the_way_out(
        string field,
        string value,
        string message
    )
    {
        var body = new JsonObject
        {
            ["ideaId"] = "pour-and-measure.rice",
            ["ruleId"] = "small-part",
            ["adult"] = "Lead",
            ["reason"] = "The label was read aloud",
        };
        body[field] = value;
        var (status, problem) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/safety/overrides", body);
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe(field);
        problem["fields"]![0]!["value"]!.GetValue<string>().ShouldBe(value);
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain(message);
        (await app.GetAsync($"/api/weeks/{week}/safety"))["overrides"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_block_short_of_adults_is_found_and_an_asked_adult_resolves_it()
    {
        var house = await app.GetAsync($"/api/groups/{group}");
        house["adults"]!.AsArray().Single(a => a!["name"]!.GetValue<string>() == "Trainee")!["from"] = "09:30:00";
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{group}", house)).Status.ShouldBe(200);
        var before = await ShortAsync();
        before.Length.ShouldBe(5);
        var way = before[0]["waysOut"]!.AsArray().First(w => w!["kind"]!.GetValue<string>() == "askAdult")!;
        (
            await app.SendAsync(HttpMethod.Post, $"/api/groups/{group}/adults", way["adult"]!.DeepClone())
        ).Status.ShouldBe(200);
        (await ShortAsync()).Length.ShouldBe(4);
        var (status, problem) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{group}/adults",
            new
            {
                name = "",
                days = Monday,
                from = "10:00:00",
                to = "09:00:00",
            }
        );
        status.ShouldBe(400);
        problem["fields"]!.AsArray().Select(f => f!["field"]!.GetValue<string>()).ShouldBe(["name", "to"]);
    }

    [Fact]
    public async Task A_group_that_works_with_no_food_gets_none_and_the_ideas_say_why()
    {
        var house = await app.GetAsync($"/api/groups/{group}");
        house["settings"]!["food"] = "never";
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{group}", house)).Status.ShouldBe(200);
        var keptOut = (await app.GetAsync($"/api/weeks/{week}/ideas/kept-out")).AsArray();
        keptOut.ShouldContain(b => b!["by"]!["ruleId"]!.GetValue<string>() == "no-food-here");
        (await app.GetAsync($"/api/weeks/{week}/ideas"))
            .AsArray()
            .ShouldNotContain(i => i!["ideaId"]!.GetValue<string>().EndsWith(".rice"));
    }

    [Fact]
    public async Task A_ratio_of_ones_own_must_begin_at_birth_and_rise()
    {
        var house = await app.GetAsync($"/api/groups/{group}");
        house["settings"]!["ratioTable"] = "own";
        house["settings"]!["ownRatio"] = new JsonArray(new JsonObject { ["fromMonths"] = 12, ["children"] = 3 });
        var (status, problem) = await app.SendAsync(HttpMethod.Put, $"/api/groups/{group}", house);
        status.ShouldBe(400);
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain("begins at 0 months");
    }

    [Fact]
    public async Task Every_rule_can_be_read_with_its_source()
    {
        var rules = (await app.GetAsync("/api/safety-rules")).AsArray();
        rules.Count.ShouldBeGreaterThanOrEqualTo(60);
        rules.ShouldAllBe(r =>
            r!["source"]!.GetValue<string>().Length > 3 && r["deferTo"]!.GetValue<string>().Length > 3
        );
    }

    [Fact]
    public async Task Cautions_stand_on_the_day_the_prep_task_and_the_family_sheet_with_their_source()
    {
        await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/0/table/0",
            new { ideaId = "snip-and-cut.paper-a4" }
        );
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{week}/slots/1/welcome/0",
                new { ideaId = "post-in-slots.jar-lids" }
            )
        ).Status.ShouldBe(200);
        var day = await app.GetAsync($"/api/weeks/{week}/days/0");
        day["children"]!.GetValue<int>().ShouldBe(13);
        var cut = day["blocks"]!.AsArray().Single(b => b!["id"]!.GetValue<string>() == "table")!["offers"]![0]![
            "card"
        ]!;
        cut["cautions"]!.AsArray().Select(c => c!["ruleId"]!.GetValue<string>()).ShouldContain("blade");
        cut["steps"]!
            .AsArray()
            .SelectMany(s => s!["who"]!.AsArray())
            .ShouldNotContain(w => w!["name"]!.GetValue<string>() == "Farah");
        var tasks = (await app.GetAsync($"/api/weeks/{week}/prep"))["evenings"]!
            .AsArray()
            .SelectMany(e => e!["tasks"]!.AsArray())
            .ToArray();
        tasks.ShouldContain(t =>
            t!["adultOnly"]!.GetValue<bool>()
            && t["cautions"]!.AsArray().Any(c => c!["ruleId"]!.GetValue<string>() == "cut-beforehand")
        );

        var english = await PdfAsync("en");
        english.ShouldContain("What we mind, and you may too");
        english.ShouldContain("common practice");
        english.ShouldNotContain("Anouk");
        (await PdfAsync("es")).ShouldContain("Lo que cuidamos");
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{week}/family.pdf?language=fr")).Status.ShouldBe(400);
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{week}/days/9")).Status.ShouldBe(404);
    }

    private async Task<string> PdfAsync(string language)
    {
        var bytes = await app.Client.GetByteArrayAsync(
            $"/api/weeks/{week}/family.pdf?language={language}",
            NidoApp.Stop
        );
        using var document = UglyToad.PdfPig.PdfDocument.Open(bytes);
        return string.Join(' ', document.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
    }

    private async Task<JsonNode[]> ShortAsync() =>
        [
            .. (await app.GetAsync($"/api/weeks/{week}/safety"))["findings"]!
                .AsArray()
                .Where(f => f!["ruleId"]!.GetValue<string>() == "ratio")
                .Select(f => f!),
        ];

    private async Task<JsonNode> FindingAsync(string rule) =>
        (await app.GetAsync($"/api/weeks/{week}/safety"))["findings"]!
            .AsArray()
            .First(f => f!["ruleId"]!.GetValue<string>() == rule)!;

    private async Task PutAsync(int day, string idea)
    {
        var (status, placed) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/{day}/table/0",
            new { ideaId = idea }
        );
        status.ShouldBe(200, placed.ToJsonString());
    }

    private async Task AllergicAsync(string name, params string[] words)
    {
        var house = await app.GetAsync($"/api/groups/{group}");
        var child = house["children"]!.AsArray().Single(c => c!["name"]!.GetValue<string>() == name)!;
        child["allergies"] = new JsonArray([.. words.Select(w => JsonValue.Create(w))]);
        var (status, body) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{group}/children/{child["id"]!.GetValue<string>()}",
            child
        );
        status.ShouldBe(200, body.ToJsonString());
    }
}
