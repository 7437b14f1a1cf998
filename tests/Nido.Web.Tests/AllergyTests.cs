using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nido.Data;

namespace Nido.Web.Tests;

/// <summary>Every place where an allergy is entered: it is read, asked back, or kept and loud.</summary>
public sealed class AllergyTests : IAsyncLifetime
{
    private static readonly string[] AllDays = ["monday", "tuesday", "wednesday", "thursday", "friday"];

    private static readonly string[] NoSuchThing = ["no-such-thing"];
    private static readonly string[] Rice = ["rice"];
    private static readonly string[] Coeliac = ["coeliac"];
    private static readonly string[] Annatto = ["annatto"];

    private readonly NidoApp app = new();
    private string week = "";
    private string group = "";

    public async ValueTask InitializeAsync()
    {
        week = await app.WeekAsync();
        group = await app.GroupAsync();
    }

    public ValueTask DisposeAsync() => app.DisposeAsync();

    [Theory]
    [InlineData("gluten", "gluten")]
    [InlineData("Coeliac", "gluten")]
    [InlineData("Wheat", "wheat")]
    [InlineData("dairy", "milk")]
    [InlineData("nuts", "tree-nut,peanut")]
    [InlineData("cacahuete", "peanut")]
    [InlineData("maize", "maize")]
    public async Task The_api_takes_the_words_of_families(string written, string ids)
    {
        var child = await AddAsync("Tavi", [written]);
        string.Join(',', child["allergies"]!.AsArray().Select(a => a!.GetValue<string>())).ShouldBe(ids);
        child["unknownAllergies"]!.AsArray().ShouldBeEmpty();
        (await app.GetAsync($"/api/weeks/{week}"))["truth"]!["unread"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_near_miss_is_asked_back_and_can_be_kept_as_it_is()
    {
        var (status, problem) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{group}/children",
            new { children = new[] { Body("Tavi", ["penut"], []) } }
        );
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldContain("allergies");
        problem["fields"]![0]!["value"]!.GetValue<string>().ShouldBe("penut");
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain("Did you mean peanut?");
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"/api/groups/{group}/children",
                new { children = new[] { Body("Tavi", [], ["penut"]) } }
            )
        ).Status.ShouldBe(200);
    }

    [Fact]
    public async Task A_word_nobody_knows_is_kept_and_loud_until_the_house_says_which_materials_hold_it()
    {
        var child = await AddAsync("Tavi", ["annatto", "egg"]);
        child["unknownAllergies"]!.AsArray().Single()!.GetValue<string>().ShouldBe("annatto");
        var unread = (await app.GetAsync($"/api/weeks/{week}"))["truth"]!["unread"]!.AsArray().Single()!;
        (unread["word"]!.GetValue<string>(), unread["child"]!.GetValue<string>()).ShouldBe(("annatto", "Tavi"));
        await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/0/table/0",
            new { ideaId = "pour-and-measure.rice" }
        );
        var told = (await app.GetAsync($"/api/weeks/{week}/safety"))["findings"]!
            .AsArray()
            .First(f => f!["ruleId"]!.GetValue<string>() == "unread-allergy")!;
        told["why"]!
            .AsArray()
            .ShouldContain(w => w!.GetValue<string>().Contains("Nido cannot watch for \u201cannatto\u201d"));

        var known = (await app.GetAsync("/api/allergens/unknown")).AsArray().Single()!;
        known["materialIds"].ShouldBeNull();
        (
            await app.SendAsync(
                HttpMethod.Put,
                "/api/allergens/unknown",
                new { word = "annatto", materialIds = NoSuchThing }
            )
        ).Status.ShouldBe(400);
        (
            await app.SendAsync(HttpMethod.Put, "/api/allergens/unknown", new { word = "Annatto", materialIds = Rice })
        ).Status.ShouldBe(200);
        var view = await app.GetAsync($"/api/weeks/{week}");
        view["truth"]!["unread"]!.AsArray().ShouldBeEmpty();
        view["keptOut"]!.AsArray().ShouldContain(b => b!["ideaId"]!.GetValue<string>() == "pour-and-measure.rice");
    }

    [Fact]
    public async Task A_table_asks_back_what_is_near_and_keeps_what_is_not_known()
    {
        var (_, read) = await app.SendTextAsync(
            $"/api/groups/{group}/children/table",
            "name,born,allergies\nTavi,2023-05-17,cacahuete; tree nuts\nRune,2022-01-05,\"annatto, "
                + "leche\"\nMilo,2022-01-05,penut\nLina,2022-02-05,ninguna\n"
        );
        read["problems"]!.AsArray().Single()!["message"]!.GetValue<string>().ShouldContain("Did you mean peanut?");
        var good = read["good"]!.AsArray();
        good[0]!["allergies"]!.ToJsonString().ShouldBe("""["peanut","tree-nut"]""");
        good[1]!["allergies"]!.ToJsonString().ShouldBe("""["milk"]""");
        good[1]!["unknownAllergies"]!.ToJsonString().ShouldBe("""["annatto"]""");
        good[2]!["allergies"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task An_old_file_brings_its_words_and_they_are_read()
    {
        var unit = JsonNode.Parse(await app.Client.GetStringAsync($"/api/weeks/{week}/unit.json", NidoApp.Stop))!;
        var ivo = unit["group"]!["children"]!.AsArray().Single(c => c!["name"]!.GetValue<string>() == "Ivo")!;
        ivo["allergies"] = new JsonArray("Coeliac", "annatto", "peanutt");
        ivo.AsObject().Remove("unknownAllergies");
        var (status, made) = await app.SendTextAsync("/api/weeks/unit", unit.ToJsonString());
        status.ShouldBe(201, made.ToJsonString());
        var copy = await app.GetAsync($"/api/weeks/{made["id"]!.GetValue<string>()}");
        var child = (await app.GetAsync($"/api/groups/{copy["groupId"]!.GetValue<string>()}"))["children"]!
            .AsArray()
            .Single(c => c!["name"]!.GetValue<string>() == "Ivo")!;
        child["allergies"]!.ToJsonString().ShouldBe("""["gluten"]""");
        child["unknownAllergies"]!.ToJsonString().ShouldBe("""["annatto","peanutt"]""");
        copy["truth"]!["unread"]!.AsArray().Count.ShouldBe(2);
    }

    [Fact]
    public async Task What_an_old_site_holds_is_read_when_it_is_opened()
    {
        await using var scope = app.Services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
        var row = await db.Children.FirstAsync(c => c.Name == "Kofi", NidoApp.Stop);
        row.Allergies = ["Cacahuete", "tree nuts", "quornish stuff"];
        await db.SaveChangesAsync(NidoApp.Stop);
        await Site.ReadAllergiesAsync(
            db,
            scope.ServiceProvider.GetRequiredService<Nido.Catalog.Content>().Allergens,
            NidoApp.Stop
        );
        row.Allergies.ShouldBe(["peanut", "tree-nut"]);
        row.UnknownAllergies.ShouldBe(["quornish stuff"]);
    }

    [Fact]
    public async Task A_written_plan_needs_material_adult_date_and_wording()
    {
        var body = Body("Tavi", ["rice"], []);
        body["plans"] = new JsonArray(
            new JsonObject
            {
                ["materialId"] = "gold",
                ["adult"] = "",
                ["on"] = "2031-01-01",
                ["wording"] = "ok",
            }
        );
        var (status, problem) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{group}/children",
            new { children = new[] { body } }
        );
        status.ShouldBe(400);
        problem["fields"]!.AsArray().Count.ShouldBe(4);
        body["plans"] = new JsonArray(
            new JsonObject
            {
                ["materialId"] = "rice",
                ["adult"] = "Lead",
                ["on"] = "2026-03-03",
                ["wording"] = "baked only",
            }
        );
        (
            await app.SendAsync(HttpMethod.Post, $"/api/groups/{group}/children", new { children = new[] { body } })
        ).Status.ShouldBe(200);
        await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{week}/slots/0/table/0",
            new { ideaId = "pour-and-measure.rice" }
        );
        var safety = await app.GetAsync($"/api/weeks/{week}/safety");
        safety["findings"]!.AsArray().ShouldContain(f => f!["ruleId"]!.GetValue<string>() == "allergen-by-plan");
        safety["findings"]!.AsArray().ShouldNotContain(f => f!["ruleId"]!.GetValue<string>() == "allergen");
    }

    [Fact]
    public async Task A_recipe_is_scaled_without_what_is_to_be_avoided_in_whatever_words()
    {
        var (status, made) = await app.SendAsync(
            HttpMethod.Post,
            "/api/making/recipe-scale",
            new
            {
                recipe = "dough-wheat-cooked",
                children = 10,
                amountEach = 100,
                avoid = Coeliac,
            }
        );
        status.ShouldBe(200, made.ToJsonString());
        made["allergens"]!.AsArray().ShouldNotContain(a => a!.GetValue<string>() == "wheat");
        var (refused, problem) = await app.SendAsync(
            HttpMethod.Post,
            "/api/making/recipe-scale",
            new
            {
                recipe = "dough-wheat-cooked",
                children = 10,
                amountEach = 100,
                avoid = Annatto,
            }
        );
        refused.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("avoid");
    }

    [Fact]
    public async Task A_session_has_signs_for_the_door_and_each_table_in_both_languages()
    {
        var session = (await app.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => w!["groupName"]!.GetValue<string>() == "Saturday nestlings")!["id"]!.GetValue<string>();
        var id = (await app.GetAsync($"/api/weeks/{session}"))["groupId"]!.GetValue<string>();
        var house = await app.GetAsync($"/api/groups/{id}");
        house["settings"]!["letIn"] = new JsonArray("gluten", "almond milk");
        var (refused, problem) = await app.SendAsync(HttpMethod.Put, $"/api/groups/{id}", house);
        refused.ShouldBe(400);
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain("almond");
        house["settings"]!["letIn"] = new JsonArray("gluten");
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{id}", house)).Status.ShouldBe(200);
        var block = house["blocks"]!
            .AsArray()
            .First(b => b!["kind"]!.GetValue<string>() is "table" or "stations" or "shelf")!["id"]!.GetValue<string>();
        var oats = await app.SendAsync(
            HttpMethod.Put,
            $"/api/weeks/{session}/slots/0/{block}/0",
            new { ideaId = "pour-and-measure.rice" }
        );
        oats.Status.ShouldBe(200, oats.Body.ToJsonString());
        var signs = (await app.GetAsync($"/api/weeks/{session}/safety/signs")).AsArray();
        signs[0]!["title"].ShouldBeNull();
        signs[1]!["allergens"]!
            .AsArray()
            .ShouldContain(a => a!["name"]!.GetValue<string>() == "rice" && a["nameEs"]!.GetValue<string>() == "arroz");
        var bytes = await app.Client.GetByteArrayAsync($"/api/weeks/{session}/safety/signs.pdf", NidoApp.Stop);
        using var document = UglyToad.PdfPig.PdfDocument.Open(bytes);
        document.NumberOfPages.ShouldBe(signs.Count);
        var words = string.Join(' ', document.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        words.ShouldContain("arroz");
        words.ShouldContain("rice");
    }

    private async Task<JsonNode> AddAsync(string name, string[] allergies)
    {
        var (status, house) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{group}/children",
            new { children = new[] { Body(name, allergies, []) } }
        );
        status.ShouldBe(200, house.ToJsonString());
        return house["children"]!.AsArray().Single(c => c!["name"]!.GetValue<string>() == name)!;
    }

    private static JsonObject Body(string name, string[] allergies, string[] unknown) =>
        new()
        {
            ["name"] = name,
            ["bornOn"] = "2023-01-05",
            ["days"] = new JsonArray([.. AllDays.Select(d => JsonValue.Create(d))]),
            ["mouths"] = false,
            ["hand"] = "right",
            ["avoidsTouch"] = false,
            ["homeLanguage"] = "en",
            ["note"] = "",
            ["allergies"] = new JsonArray([.. allergies.Select(a => JsonValue.Create(a))]),
            ["unknownAllergies"] = new JsonArray([.. unknown.Select(a => JsonValue.Create(a))]),
        };
}
