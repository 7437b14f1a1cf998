using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>A theme of one's own, from typed words to a composed week.</summary>
public class ThemeTests(HouseApp house) : IClassFixture<HouseApp>
{
    private readonly NidoApp app = house.App;

    private static readonly string[] Unknown = ["fnerb"];

    private static JsonObject Lighthouse() =>
        new()
        {
            ["name"] = "The little lighthouse",
            ["letter"] = "l",
            ["words"] = new JsonArray("lamp", "ladder", "light", "boat", "knot"),
            ["pictures"] = new JsonObject { ["boat"] = "26F5" },
            ["books"] = new JsonArray(
                new JsonObject
                {
                    ["title"] = "Up the stairs",
                    ["onShelf"] = false,
                    ["minutes"] = 7,
                    ["instead"] = "Count the steps",
                }
            ),
            ["slots"] = new JsonObject { ["small"] = "shell", ["smalls"] = "shells" },
            ["greeting"] = "Each lights a lamp.",
        };

    [Fact]
    public async Task It_is_kept_changed_used_in_a_week_and_stays_as_long_as_the_week_does()
    {
        var (status, kept) = await app.SendAsync(HttpMethod.Post, "/api/themes", Lighthouse());
        status.ShouldBe(201, kept.ToJsonString());
        var id = (string)kept["id"]!;
        ((bool)kept["own"]!).ShouldBeTrue();
        kept["draft"]!["rhyme"]!.AsArray().Count.ShouldBe(4, "one of ours, with sums, to 5");

        var changed = Lighthouse();
        changed["numbersTo"] = 8;
        (
            (int)(await app.SendAsync(HttpMethod.Put, $"/api/themes/{id}", changed)).Body["draft"]!["numbersTo"]!
        ).ShouldBe(8);
        (await app.GetAsync("/api/themes"))
            .AsArray()
            .Select(t => (string)t!["name"]!)
            .ShouldContain("The little lighthouse");

        var group = await app.GroupAsync();
        var (_, week) = await app.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = group,
                themeId = id,
                monday = "2027-01-11",
            }
        );
        ((string)week["themeName"]!).ShouldBe("The little lighthouse");
        await app.ComposeAsync((string)week["id"]!);
        var view = await app.GetAsync($"/api/weeks/{week["id"]}");
        view["strips"]!.AsArray().Count.ShouldBe(50);
        view["strips"]!
            .AsArray()
            .ShouldContain(s => ((string)s!["title"]!).Contains("shell", StringComparison.OrdinalIgnoreCase));
        var circle = (await app.GetAsync($"/api/weeks/{week["id"]}/days/0"))["blocks"]!
            .AsArray()
            .First(b => (string)b!["id"]! == "circle")!["offers"]![0]!["card"]!["talk"]!;
        ((string)circle["greeting"]!).ShouldBe("Each lights a lamp.");
        ((string)circle["books"]![0]!["instead"]!).ShouldBe("Count the steps");

        changed["greeting"] = "Each puts a lamp out.";
        await app.SendAsync(HttpMethod.Put, $"/api/themes/{id}", changed);
        (await app.GetAsync($"/api/weeks/{week["id"]}/days/0"))
            .ToJsonString()
            .ShouldContain("Each puts a lamp out.", Case.Sensitive, "the week reads the theme as it is now");

        var (refused, body) = await app.SendAsync(HttpMethod.Delete, $"/api/themes/{id}");
        refused.ShouldBe(409);
        body.ToJsonString().ShouldContain("A week stands on it");
        await TakesItAlongAsync((string)week["id"]!);
    }

    [Fact]
    public async Task One_that_no_week_stands_on_can_go()
    {
        var id = (string)(await app.SendAsync(HttpMethod.Post, "/api/themes", Lighthouse())).Body["id"]!;
        (await app.SendAsync(HttpMethod.Delete, $"/api/themes/{id}")).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Put, $"/api/themes/{id}", Lighthouse())).Status.ShouldBe(404);
    }

    [Fact]
    public async Task What_comes_with_nido_is_looked_at_and_not_changed()
    {
        var shipped = await app.GetAsync("/api/themes/night-train");
        ((bool)shipped["own"]!).ShouldBeFalse();
        var (status, body) = await app.SendAsync(HttpMethod.Put, "/api/themes/night-train", shipped["draft"]);
        status.ShouldBe(409);
        body.ToJsonString().ShouldContain("theme of your own");
        // As one's own it is taken as it is.
        (await app.SendAsync(HttpMethod.Post, "/api/themes", shipped["draft"])).Status.ShouldBe(201);
    }

    [Theory]
    [InlineData("words", "[]", "The theme is empty")]
    [InlineData("words", "[\"lamp\",\" \",\"\"]", "The theme is empty")]
    [InlineData("words", "[\"lamp\",\"b0at\",\"rope\"]", "is not a word")]
    [InlineData("letter", "\"\"", "One letter is wanted")]
    [InlineData("letter", "\"7\"", "One letter is wanted")]
    [InlineData("name", "\" \"", "needs a name")]
    [InlineData("numbersTo", "40", "2 to 20")]
    [InlineData("olderNumbersTo", "3", "at least as far")]
    [InlineData("language", "\"fr\"", "en or es")]
    [InlineData("slots", "{\"huge\":\"x\"}", "huge is not one of")]
    [InlineData("books", "[{\"title\":\"\",\"onShelf\":true,\"minutes\":5,\"instead\":\"\"}]", "A book needs a title")]
    [InlineData("books", "[{\"title\":\"A\",\"onShelf\":true,\"minutes\":0,\"instead\":\"\"}]", "1 to 60 minutes")]
    public async Task What_is_wrong_is_said_by_field_and_nothing_is_kept(string field, string value, string says)
    {
        var before = (await app.GetAsync("/api/themes")).AsArray().Count;
        var draft = Lighthouse();
        draft[field] = JsonNode.Parse(value);
        var (status, body) = await app.SendAsync(HttpMethod.Post, "/api/themes", draft);
        status.ShouldBe(400);
        body.ToJsonString().ShouldContain(says);
        ((string)body["fields"]![0]!["field"]!).ShouldStartWith(field, Case.Insensitive);
        (await app.GetAsync("/api/themes")).AsArray().Count.ShouldBe(before);
    }

    [Fact]
    public async Task A_word_no_dictionary_knows_is_said_and_can_be_set()
    {
        var (_, unknown) = await app.SendAsync(
            HttpMethod.Post,
            "/api/words",
            new
            {
                words = Unknown,
                letter = "f",
                language = "en",
            }
        );
        ((string)unknown[0]!["fit"]!).ShouldBe("unknown");
        var (_, known) = await app.SendAsync(
            HttpMethod.Post,
            "/api/words",
            new
            {
                words = Unknown,
                letter = "f",
                language = "en",
                fits = new { fnerb = "clear" },
            }
        );
        ((string)known[0]!["fit"]!).ShouldBe("clear");
    }

    /// <summary>A unit on a theme of one's own brings the theme to another site.</summary>
    private async Task TakesItAlongAsync(string week)
    {
        var unit = await app.Client.GetStringAsync($"/api/weeks/{week}/unit.json", NidoApp.Stop);
        await using var other = new NidoApp { Demo = false };
        var (status, taken) = await other.SendTextAsync("/api/weeks/unit", unit);
        status.ShouldBe(201, taken.ToJsonString());
        ((string)taken["themeName"]!).ShouldBe("The little lighthouse");
        (await other.GetAsync("/api/themes"))
            .AsArray()
            .Count(t => (string)t!["name"]! == "The little lighthouse")
            .ShouldBe(1);
    }
}
