using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Materials and ways of working of one's own: made in the application, through every rule, taken along.</summary>
public class OwnTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private static JsonObject Reels(double across = 40) =>
        new()
        {
            ["name"] = "Cable reels",
            ["like"] = "wooden-blocks",
            ["shape"] = "disc",
            ["length"] = null,
            ["width"] = across,
            ["height"] = across,
            ["hasCord"] = false,
            ["cordMm"] = null,
            ["loopMm"] = null,
            ["breaksOpen"] = false,
            ["answers"] = new JsonArray("plastic"),
        };

    private static JsonObject Towers(string material, params int[] steps) =>
        new()
        {
            ["title"] = "Reel towers",
            ["from"] = "stack-and-build",
            ["minutes"] = 12,
            ["things"] = new JsonArray(new JsonObject { ["materialId"] = material, ["each"] = 1 }),
            ["steps"] = new JsonArray([
                .. steps.Select(s =>
                    (JsonNode)
                        new JsonObject
                        {
                            ["step"] = s,
                            ["do"] = "Reel on reel, as high as your knee.",
                            ["say"] = null,
                            ["easier"] = null,
                            ["harder"] = null,
                            ["seen"] = null,
                        }
                ),
            ]),
        };

    private static JsonObject Bare(string title, string material) =>
        new()
        {
            ["title"] = title,
            ["ladder"] = "grasp",
            ["minutes"] = 10,
            ["blocks"] = new JsonArray("stations", "shelf"),
            ["actions"] = new JsonArray("stack"),
            ["things"] = new JsonArray(new JsonObject { ["materialId"] = material, ["each"] = 4 }),
            ["steps"] = new JsonArray(
                new JsonObject
                {
                    ["step"] = 2,
                    ["do"] = "Lay four in a row.",
                    ["say"] = "",
                    ["easier"] = "",
                    ["harder"] = "",
                    ["seen"] = "",
                }
            ),
        };

    private static async Task<string> AddAsync(NidoApp app, string kind, JsonNode draft)
    {
        var (status, kept) = await app.SendAsync(HttpMethod.Post, $"/api/own/{kind}", draft);
        status.ShouldBe(201, kept.ToJsonString());
        return (string)kept["id"]!;
    }

    private static async Task CountAsync(NidoApp app, string material, double amount) =>
        (
            await app.SendAsync(
                HttpMethod.Post,
                "/api/cupboard/counts",
                new
                {
                    counts = new[]
                    {
                        new
                        {
                            materialId = material,
                            amount,
                            note = "",
                        },
                    },
                }
            )
        ).Status.ShouldBeLessThan(300);

    [Fact]
    public async Task A_material_stands_on_its_shelf_and_a_copy_of_a_way_of_working_is_done_with_it()
    {
        await using var app = demo.Site.Copy();
        var reels = await AddAsync(app, "materials", Reels());
        await CountAsync(app, reels, 60);
        (await app.GetAsync("/api/cupboard"))["shelves"]!
            .AsArray()
            .SelectMany(s => s!["tiles"]!.AsArray())
            .Select(t => (string)t!["name"]!)
            .ShouldContain("Cable reels");
        var near = await app.GetAsync($"/api/weeks/{demo.Week}/techniques/stack-and-build");
        near["fits"]!.AsArray().Select(f => (string)f!).ShouldContain(reels);
        var steps = near["draft"]!["steps"]!.AsArray().Select(s => (int)s!["step"]!).ToArray();
        var towers = await AddAsync(app, "ideas", Towers(reels, steps[0], steps[1]));

        var ideas = (await app.GetAsync($"/api/weeks/{demo.Week}/ideas")).AsArray();
        ideas
            .Where(i => ((string)i!["ideaId"]!).StartsWith(towers, StringComparison.Ordinal))
            .Select(i => (string)i!["ideaId"]!)
            .ShouldBe([$"{towers}.{reels}"], "only with the thing that was chosen");
        var card = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/{towers}.{reels}");
        ((string)card["title"]!, (int)card["minutes"]!).ShouldBe(("Reel towers", 12));
        card["steps"]!.AsArray().Select(s => (int)s!["step"]!).ShouldBeSubsetOf([steps[0], steps[1]]);
        card["steps"]!.AsArray().ShouldAllBe(s => (string)s!["do"]! == "Reel on reel, as high as your knee.");

        // It lies in the week, and goes along to another house with what it is done with.
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{demo.Week}/slots/0/stations/0",
                new { ideaId = $"{towers}.{reels}" }
            )
        ).Status.ShouldBe(200);
        var unit = await app.GetAsync($"/api/weeks/{demo.Week}/unit.json");
        unit["own"]!.AsArray().Select(o => (string)o!["id"]!).ShouldBe([towers, reels], ignoreOrder: true);
        await using var other = new NidoApp { Demo = false };
        var (taken, week) = await other.SendTextAsync("/api/weeks/unit", unit.ToJsonString());
        taken.ShouldBe(201, week.ToJsonString());
        (await other.GetAsync("/api/own"))
            .AsArray()
            .Select(o => (string)o!["name"]!)
            .ShouldBe(["Cable reels", "Reel towers"]);
        // Brought again, it is the same thing.
        (await other.SendTextAsync("/api/weeks/unit", unit.ToJsonString())).Status.ShouldBe(201);
        (await other.GetAsync("/api/own")).AsArray().Count.ShouldBe(2);
    }

    [Fact]
    public async Task What_is_small_is_found_by_the_rules_as_in_anything_shipped_and_a_change_is_judged_anew()
    {
        await using var app = demo.Site.Copy();
        var reels = await AddAsync(app, "materials", Reels(across: 20));
        await CountAsync(app, reels, 60);
        var towers = await AddAsync(app, "ideas", Bare("Reels in a row", reels));
        // Small things ask an adult beside them, and the one who mouths things is not given them.
        async Task<(int Adults, bool Anouk)> GivenAsync()
        {
            var card = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/{towers}.{reels}");
            var who = card["steps"]!.AsArray().SelectMany(s => s!["who"]!.AsArray()).Select(w => (string)w!["name"]!);
            return ((int)card["adults"]!, who.Contains("Anouk"));
        }

        (await GivenAsync()).ShouldBe((1, false), "20 mm, and Anouk mouths things");
        (await app.SendAsync(HttpMethod.Put, $"/api/own/materials/{reels}", Reels(across: 70))).Status.ShouldBe(200);
        (await GivenAsync()).ShouldBe((0, true));
        // A size nobody measured is the risky case.
        var unmeasured = Reels();
        (unmeasured["width"], unmeasured["height"]) = (null, null);
        (await app.SendAsync(HttpMethod.Put, $"/api/own/materials/{reels}", unmeasured)).Status.ShouldBe(200);
        (await GivenAsync()).ShouldBe((1, false));
    }

    [Fact]
    public async Task An_allergen_in_it_keeps_it_from_the_child_who_must_not_meet_it()
    {
        await using var app = demo.Site.Copy();
        var sticks = Reels(across: 70);
        (sticks["name"], sticks["like"]) = ("Sesame rings", "wooden-blocks");
        sticks["answers"] = new JsonArray("wood", "small-food");
        var (status, problem) = await app.SendAsync(HttpMethod.Post, "/api/own/materials", sticks);
        status.ShouldBe(400, "it is food, and nobody said what is in it");
        problem.ToJsonString().ShouldContain("Say which allergens it holds");
        sticks["contains"] = new JsonArray("moon-dust");
        (await app.SendAsync(HttpMethod.Post, "/api/own/materials", sticks)).Status.ShouldBe(400);
        // Ivo must not meet wheat.
        sticks["contains"] = new JsonArray("wheat");
        var rings = await AddAsync(app, "materials", sticks);
        await CountAsync(app, rings, 60);
        var row = await AddAsync(app, "ideas", Bare("Rings in a row", rings));
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{demo.Week}/ideas/{row}.{rings}")).Status.ShouldBe(404);
        (await app.GetAsync($"/api/weeks/{demo.Week}/ideas/kept-out"))
            .AsArray()
            .ShouldContain(k => k!.ToJsonString().Contains("Rings in a row") && k.ToJsonString().Contains("Ivo"));
    }

    [Fact]
    public async Task Begun_bare_it_says_what_lies_out_and_what_is_done()
    {
        await using var app = demo.Site.Copy();
        (await app.GetAsync("/api/own/choices"))["ladders"]!
            .AsArray()
            .Select(l => (string)l!["id"]!)
            .ShouldContain("grasp");
        var id = await AddAsync(app, "ideas", Bare("Lids in a row", "jar-lids"));
        var card = await app.GetAsync($"/api/weeks/{demo.Week}/ideas/{id}.jar-lids");
        ((string)card["title"]!).ShouldBe("Lids in a row");
        card["strands"]!.AsArray().Sum(s => (int)s!["percent"]!).ShouldBe(100);
        card["quantities"]!.AsArray().ShouldNotBeEmpty();

        // Taken out, it is gone from the week, and comes back from the bin.
        (await app.SendAsync(HttpMethod.Delete, $"/api/own/{id}")).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{demo.Week}/ideas/{id}.jar-lids")).Status.ShouldBe(404);
        var bin = (await app.GetAsync("/api/house/bin")).AsArray().Single(b => (string)b!["id"]! == id)!;
        ((string)bin["kind"]!, (string)bin["name"]!).ShouldBe(("own", "Lids in a row"));
        (await app.SendAsync(HttpMethod.Post, $"/api/house/bin/{id}/back")).Status.ShouldBeLessThan(300);
        (await app.GetAsync($"/api/weeks/{demo.Week}/ideas/{id}.jar-lids"))["title"]!.ShouldNotBeNull();
    }

    [Fact]
    public async Task What_is_not_said_is_asked_for_and_what_no_list_knows_is_refused()
    {
        var app = demo.App;
        async Task RefusedAsync(string kind, JsonObject draft, string field, string says)
        {
            var (status, problem) = await app.SendAsync(HttpMethod.Post, $"/api/own/{kind}", draft);
            status.ShouldBe(400, problem.ToJsonString());
            problem["fields"]!
                .AsArray()
                .ShouldContain(
                    f =>
                        ((string)f!["field"]!).StartsWith(field, StringComparison.Ordinal)
                        && ((string)f["message"]!).Contains(says, StringComparison.Ordinal),
                    problem.ToJsonString()
                );
        }

        var silent = Reels();
        silent["answers"] = new JsonArray();
        await RefusedAsync("materials", silent, "answers", "what it is made of");
        var unlike = Reels();
        unlike["like"] = "gold-dust";
        await RefusedAsync("materials", unlike, "like", "most like");
        var half = Reels();
        half["packSize"] = 10;
        await RefusedAsync("materials", half, "packCents", "or neither");
        var dye = Reels();
        dye["colours"] = new JsonArray("octarine");
        await RefusedAsync("materials", dye, "colours", "no colour Nido knows");
        var doing = Towers("wooden-blocks", 1);
        doing["actions"] = new JsonArray("juggle");
        await RefusedAsync("ideas", doing, "actions", "nothing the rules know");
        await RefusedAsync("ideas", Towers("gold-dust"), "things", "material of the cupboard");
        await RefusedAsync("ideas", Towers("rice"), "things", "cannot be used for it");
        await RefusedAsync("ideas", Towers("wooden-blocks", 99), "steps", "stands on the ladder");
        var bare = new JsonObject { ["title"] = "Bare", ["blocks"] = new JsonArray() };
        await RefusedAsync("ideas", bare, "ladder", "ladder");
        await RefusedAsync("ideas", bare, "blocks", "kind of block");
        await RefusedAsync("ideas", bare, "steps", "at least one step");
    }

    [Fact]
    public async Task What_an_idea_is_done_with_is_not_taken_from_under_it()
    {
        await using var app = demo.Site.Copy();
        var reels = await AddAsync(app, "materials", Reels());
        var towers = await AddAsync(app, "ideas", Towers(reels));
        var (status, problem) = await app.SendAsync(HttpMethod.Delete, $"/api/own/{reels}");
        status.ShouldBe(409, problem.ToJsonString());
        ((string)problem["detail"]!).ShouldContain("Reel towers");
        (await app.SendAsync(HttpMethod.Delete, $"/api/own/{towers}")).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Delete, $"/api/own/{reels}")).Status.ShouldBe(204);
        (await app.GetAsync("/api/own")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task What_a_house_said_of_an_unknown_allergy_holds_for_a_thing_that_is_like_what_it_named()
    {
        await using var app = demo.Site.Copy();
        var ivo = (await app.GetAsync($"/api/groups/{demo.Group}"))["children"]!
            .AsArray()
            .Single(c => (string)c!["name"]! == "Ivo")!;
        var address = $"/api/groups/{demo.Group}/children/{ivo["id"]}";
        ivo["unknownAllergies"] = new JsonArray("annatto");
        (await app.SendAsync(HttpMethod.Put, address, ivo)).Status.ShouldBe(200);
        var marked = new { word = "annatto", materialIds = new[] { "wooden-blocks" } };
        (await app.SendAsync(HttpMethod.Put, "/api/allergens/unknown", marked)).Status.ShouldBe(200);
        var reels = await AddAsync(app, "materials", Reels(across: 70));
        await CountAsync(app, reels, 60);
        await AddAsync(app, "ideas", Bare("Reels in a row", reels));
        (await app.GetAsync($"/api/weeks/{demo.Week}/ideas/kept-out"))
            .AsArray()
            .ShouldContain(k => k!.ToJsonString().Contains("Reels in a row") && k.ToJsonString().Contains("Ivo"));
    }

    [Fact]
    public async Task A_unit_with_a_spoiled_thing_of_its_own_is_refused_by_name()
    {
        await using var app = demo.Site.Copy();
        var unit = (await app.GetAsync($"/api/weeks/{demo.Week}/unit.json")).AsObject();
        async Task RefusedAsync(string says, params JsonObject[] own)
        {
            unit["own"] = new JsonArray([.. own.Select(o => o.DeepClone())]);
            var (status, problem) = await app.SendTextAsync("/api/weeks/unit", unit.ToJsonString());
            status.ShouldBe(400, problem.ToJsonString());
            problem.ToJsonString().ShouldContain(says);
        }

        JsonObject Row(string id, JsonObject? material, JsonObject? idea) =>
            new()
            {
                ["id"] = id,
                ["material"] = material,
                ["idea"] = idea,
            };
        await RefusedAsync("\"value\":\"own-a1\"", Row("own-a1", Reels(), null), Row("own-a1", Reels(), null));
        await RefusedAsync("own[0].id", Row("own-a.b", Reels(), null));
        await RefusedAsync("one of the two", Row("own-a1", null, null));
        var unlike = Reels();
        unlike["like"] = "gold-dust";
        await RefusedAsync("own[0].material.like", Row("own-a1", unlike, null));
        await RefusedAsync("own[0].idea.things", Row("own-a1", null, Bare("Row", "own-b2")));
        // With what it is done with beside it, it is taken.
        unit["own"] = new JsonArray(Row("own-a1", null, Bare("Row", "own-b2")), Row("own-b2", Reels(), null));
        (await app.SendTextAsync("/api/weeks/unit", unit.ToJsonString())).Status.ShouldBe(201);
    }
}
