using System.IO.Compression;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using NJsonSchema;

namespace Nido.Web.Tests;

/// <summary>
/// Files that come in: what has the shape of a unit is still asked for its sense, and a house goes out and comes back
/// whole.
/// </summary>
/// <param name="demo">The composed demo house.</param>
public sealed class BringingInTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private NidoApp App => demo.App;

    [Theory]
    [InlineData("$.monday", "\"9999-12-31\"", "monday")]
    [InlineData("$.monday", "\"0001-01-01\"", "monday")]
    [InlineData("$.monday", "\"2026-12-08\"", "monday")]
    [InlineData("$.format", "\"other\"", "format")]
    [InlineData("$.formatVersion", "99", "formatVersion")]
    [InlineData("$.group.days", "[]", "group.days")]
    [InlineData("$.group.children[0].days", "[]", "group.children[0].days")]
    [InlineData("$.group.children[0].bornOn", "\"2031-01-01\"", "group.children[0].bornOn")]
    [InlineData("$.group.children[1].name", "\"Anouk\"", "group.children")]
    [InlineData("$.group.blocks[0].minutes", "-5", "group.blocks[0].minutes")]
    [InlineData("$.group.blocks[0].offers", "60", "group.blocks[0].offers")]
    [InlineData("$.group.settings.budgetCents", "-1", "group.settings.budgetCents")]
    [InlineData("$.plan[0].day", "9", "plan[0]")]
    [InlineData("$.plan[0].offer", "-1", "plan[0]")]
    [InlineData("$.changesInForce", "77", "changesInForce")]
    [InlineData("$.sliders.theme", "40", "sliders.theme")]
    [InlineData("$.cameUp", """[{"kind":"rain","subject":"","fromDay":0,"toDay":9}]""", "cameUp[0]")]
    [InlineData("$.cameUp", """[{"kind":"closed","subject":"noon","fromDay":0,"toDay":0}]""", "cameUp[0]")]
    [InlineData(
        "$.observations",
        """[{"id":1,"childId":"x","ladder":"fold","step":2,"help":"alone","on":"2026-12-01","by":"","note":"","minutes":-5}]""",
        "observations[0].minutes"
    )]
    [InlineData(
        "$.observations",
        """[{"id":1,"childId":"x","ladder":"flying","step":2,"help":"alone","on":"2026-12-01","by":"","note":""}]""",
        "observations[0].ladder"
    )]
    [InlineData(
        "$.observations",
        """[{"id":1,"childId":"x","ladder":"fold","step":99,"help":"alone","on":"2026-12-01","by":"","note":""}]""",
        "observations[0].step"
    )]
    [InlineData("$.group.children[0].allergies", """["ALLERGY"]""", "group.children[0].allergies")]
    [InlineData("$.group.children[0].id", "null", "group.children[0].id")]
    public async Task A_unit_without_sense_is_refused_with_its_field_and_nothing_is_kept(
        string at,
        string value,
        string field
    )
    {
        var unit = JsonNode.Parse(await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop))!;
        Put(unit, at, JsonNode.Parse(value.Replace("ALLERGY", new string('a', 300), StringComparison.Ordinal)));
        await using var other = new NidoApp { Demo = false };
        var (status, problem) = await other.SendTextAsync("/api/weeks/unit", unit.ToJsonString());
        status.ShouldBe(400, problem.ToJsonString());
        problem["fields"]!
            .AsArray()
            .Select(f => f!["field"]!.GetValue<string>())
            .ShouldContain(f => f.StartsWith(field, StringComparison.Ordinal), problem.ToJsonString());
        (await other.GetAsync("/api/groups")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Doubled_ids_and_two_ideas_in_one_place_are_told()
    {
        var unit = JsonNode.Parse(await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop))!;
        unit["group"]!["children"]![1]!["id"] = unit["group"]!["children"]![0]!["id"]!.DeepClone();
        unit["plan"]!.AsArray().Add(unit["plan"]![0]!.DeepClone());
        await using var other = new NidoApp { Demo = false };
        var (status, problem) = await other.SendTextAsync("/api/weeks/unit", unit.ToJsonString());
        status.ShouldBe(400);
        problem.ToJsonString().ShouldContain("The same id stands 2 times");
        problem.ToJsonString().ShouldContain("Two ideas lie in one place");
    }

    [Theory]
    [InlineData("9999-12-31")]
    [InlineData("0001-01-01")]
    public async Task A_week_no_calendar_of_a_house_has_is_refused_wherever_it_is_written(string day)
    {
        var (status, problem) = await App.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = demo.Group,
                themeId = "little-post-office",
                monday = day,
            }
        );
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("monday");
        (await App.SendAsync(HttpMethod.Get, $"/api/groups/{demo.Group}/steps?on={day}")).Status.ShouldBe(400);
        (
            await App.SendAsync(
                HttpMethod.Post,
                $"/api/weeks/{demo.Week}/copies",
                new { groupId = demo.Group, monday = day }
            )
        ).Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_house_goes_out_fits_its_schema_and_comes_back_into_an_empty_one_to_the_letter()
    {
        var house = await App.Client.GetStringAsync("/api/house/site.json", NidoApp.Stop);
        var schema = await App.Client.GetStringAsync("/api/formats/site.schema.json", NidoApp.Stop);
        (await JsonSchema.FromJsonAsync(schema, NidoApp.Stop)).Validate(house).ShouldBeEmpty();
        File.ReadAllText(Path.Combine(Repository.Root, "docs/formats/site.schema.json"))
            .Trim()
            .ShouldBe(schema.Trim(), "docs/formats/site.schema.json is old: ./nido client writes it anew");
        await using var other = new NidoApp { Demo = false };
        var (status, said) = await other.SendTextAsync("/api/house/site", house);
        status.ShouldBe(204, said.ToJsonString());
        WithoutLedgerNumbers(await other.Client.GetStringAsync("/api/house/site.json", NidoApp.Stop))
            .ShouldBe(WithoutLedgerNumbers(house));
        // Into a house that is lived in it does not go.
        (await other.SendTextAsync("/api/house/site", house)).Status.ShouldBe(409);
    }

    [Fact]
    public async Task A_house_with_a_week_without_sense_is_refused_whole()
    {
        var house = JsonNode.Parse(await App.Client.GetStringAsync("/api/house/site.json", NidoApp.Stop))!;
        house["weeks"]![0]!["monday"] = "2026-12-09";
        await using var other = new NidoApp { Demo = false };
        var (status, problem) = await other.SendTextAsync("/api/house/site", house.ToJsonString());
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("weeks[0].monday");
        (await other.GetAsync("/api/groups")).AsArray().ShouldBeEmpty();
    }

    [Theory]
    [InlineData("$.groups[1].blocks[0].minutes", "-5", "groups[1].blocks[0].minutes")]
    [InlineData("$.movements[0].amount", "1e300", "movements[0]")]
    [InlineData("$.weeks[0].groupId", "\"nobody\"", "weeks[0].groupId")]
    [InlineData("$.weeks[1].id", "\"WEEK\"", "weeks")]
    public async Task A_house_without_sense_is_told_where_even_where_no_week_stands_on_it(
        string at,
        string value,
        string field
    )
    {
        var house = JsonNode.Parse(await App.Client.GetStringAsync("/api/house/site.json", NidoApp.Stop))!;
        Put(house, at, value == "\"WEEK\"" ? house["weeks"]![0]!["id"]!.DeepClone() : JsonNode.Parse(value));
        await using var other = new NidoApp { Demo = false };
        var (status, problem) = await other.SendTextAsync("/api/house/site", house.ToJsonString());
        status.ShouldBe(400, problem.ToJsonString());
        problem["fields"]!
            .AsArray()
            .Select(f => f!["field"]!.GetValue<string>())
            .ShouldContain(f => f.StartsWith(field, StringComparison.Ordinal), problem.ToJsonString());
        (await other.GetAsync("/api/groups")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Everything_about_a_child_goes_along_as_data_and_as_a_page()
    {
        var child = (await App.GetAsync($"/api/groups/{demo.Group}"))["children"]![4]!;
        var id = child["id"]!.GetValue<string>();
        await App.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{demo.Group}/observations",
            new
            {
                observations = new[]
                {
                    new
                    {
                        childId = id,
                        ladder = "fold",
                        step = 2,
                        help = "shown",
                        note = "<b>Folded</b> a letter",
                        by = "Lead",
                    },
                },
            }
        );
        await using var zip = new ZipArchive(
            new MemoryStream(
                await App.Client.GetByteArrayAsync($"/api/groups/{demo.Group}/children/{id}/along.zip", NidoApp.Stop)
            )
        );
        using var data = await JsonDocument.ParseAsync(
            await zip.GetEntry("child.json")!.OpenAsync(NidoApp.Stop),
            default,
            NidoApp.Stop
        );
        data.RootElement.GetProperty("child")
            .GetProperty("name")
            .GetString()
            .ShouldBe(child["name"]!.GetValue<string>());
        data.RootElement.GetProperty("observations").GetArrayLength().ShouldBe(1);
        using var page = new StreamReader(await zip.GetEntry("read-me.html")!.OpenAsync(NidoApp.Stop), Encoding.UTF8);
        var text = await page.ReadToEndAsync(NidoApp.Stop);
        text.ShouldContain("&lt;b&gt;Folded&lt;/b&gt; a letter");
        text.ShouldNotContain("<b>Folded");
    }

    private static string WithoutLedgerNumbers(string house)
    {
        var node = JsonNode.Parse(house)!;
        foreach (var line in node["movements"]!.AsArray())
        {
            line!.AsObject().Remove("id");
        }

        return node.ToJsonString();
    }

    /// <summary>Puts a value at a path of names and numbers.</summary>
    private static void Put(JsonNode root, string path, JsonNode? value)
    {
        var steps = path[2..].Replace("[", ".[", StringComparison.Ordinal).Split('.');
        var at = steps[..^1]
            .Aggregate(
                root,
                (node, step) => step.StartsWith('[') ? node[int.Parse(step.Trim('[', ']'), null)]! : node[step]!
            );
        if (steps[^1].StartsWith('['))
        {
            at[int.Parse(steps[^1].Trim('[', ']'), null)] = value;
        }
        else
        {
            at[steps[^1]] = value;
        }
    }
}
