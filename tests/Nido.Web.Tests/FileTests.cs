using System.Text;
using System.Text.Json.Nodes;
using Ical.Net;
using NJsonSchema;
using UglyToad.PdfPig;

namespace Nido.Web.Tests;

public class FileTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private NidoApp App => demo.App;

    // ISO 216: A4 is 210 × 297 mm; ANSI/ASME Y14.1: Letter is 215.9 × 279.4 mm. 72 points to 25.4 mm.
    [Theory]
    [InlineData("a4", 297, 210)]
    [InlineData("letter", 279.4, 215.9)]
    public async Task The_plan_prints_on_paper_of_the_right_size(string paper, double width, double height)
    {
        using var pdf = PdfDocument.Open(
            await App.Client.GetByteArrayAsync($"/api/weeks/{demo.Week}/plan.pdf?paper={paper}", NidoApp.Stop)
        );
        pdf.GetPage(1).Width.ShouldBe(width * 72 / 25.4, 0.5);
        pdf.GetPage(1).Height.ShouldBe(height * 72 / 25.4, 0.5);
    }

    [Fact]
    public async Task The_printed_plan_names_every_day_block_and_what_to_watch()
    {
        using var pdf = PdfDocument.Open(
            await App.Client.GetByteArrayAsync($"/api/weeks/{demo.Week}/plan.pdf", NidoApp.Stop)
        );
        var text = string.Join(' ', pdf.GetPages().Select(p => string.Join(' ', p.GetWords().Select(w => w.Text))));
        foreach (
            var word in (string[])
                ["post", "Monday", "Friday", "Welcome", "Stations", "prepare", "watch", "Sources", "cupboard"]
        )
        {
            text.ShouldContain(word);
        }
    }

    [Fact]
    public async Task The_materials_list_agrees_with_the_screen()
    {
        var lines = (await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/materials.csv", NidoApp.Stop)).Split(
            "\r\n",
            StringSplitOptions.RemoveEmptyEntries
        );
        lines[0].ShouldBe("shelf,material,unit,have,used,short,packs to buy,price,where");
        lines.Length.ShouldBe((await App.GetAsync($"/api/weeks/{demo.Week}/materials")).AsArray().Count + 1);
    }

    [Fact]
    public async Task The_calendar_has_an_event_for_every_block_of_every_day()
    {
        var text = await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/week.ics", NidoApp.Stop);
        // RFC 5545 section 3.1: lines end with CRLF and are folded at 75 octets.
        text.Split("\r\n").ShouldAllBe(l => Encoding.UTF8.GetByteCount(l) <= 75);
        var calendar = Calendar.Load(text)!;
        calendar.Events.Count.ShouldBe(25);
        var first = calendar.Events.MinBy(e => e.Start!.Value)!;
        first.Start!.Value.ShouldBe(new DateTime(2026, 12, 7, 9, 0, 0));
        first.End!.Value.ShouldBe(new DateTime(2026, 12, 7, 9, 20, 0));
        var names = (await App.GetAsync($"/api/groups/{demo.Group}"))["children"]!
            .AsArray()
            .Select(c => c!["name"]!.GetValue<string>());
        names.ShouldAllBe(n => !text.Contains(n));
    }

    [Fact]
    public async Task A_unit_goes_out_and_comes_back_and_nothing_is_lost()
    {
        await SomethingSeenAsync();
        var unit = await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop);
        var seen = JsonNode.Parse(unit)!;
        seen["observations"]!.AsArray().Count.ShouldBe(1);
        seen["chosenSteps"]!.AsArray().Count.ShouldBe(1);
        seen["objectives"]!.AsArray().Count.ShouldBe(1);
        await using var other = new NidoApp { Demo = false };
        var (status, week) = await other.SendTextAsync("/api/weeks/unit", unit);
        status.ShouldBe(201, week.ToJsonString());
        var back = await other.Client.GetStringAsync($"/api/weeks/{week["id"]}/unit.json", NidoApp.Stop);
        WithoutIds(back).ShouldBe(WithoutIds(unit));
    }

    [Fact]
    public async Task A_unit_written_with_the_words_of_an_earlier_version_is_still_opened()
    {
        await App.SendAsync(
            HttpMethod.Post,
            $"/api/weeks/{demo.Week}/came-up",
            new
            {
                kind = "rain",
                fromDay = 1,
                toDay = 1,
                subject = "",
            }
        );
        var unit = await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop);
        unit.ShouldContain("\"cameUp\"");
        var former = unit.Replace("\"cameUp", "\"happenings", StringComparison.Ordinal);
        await using var other = new NidoApp { Demo = false };
        var (status, week) = await other.SendTextAsync("/api/weeks/unit", former);
        status.ShouldBe(201, week.ToJsonString());
        WithoutIds(await other.Client.GetStringAsync($"/api/weeks/{week["id"]}/unit.json", NidoApp.Stop))
            .ShouldBe(WithoutIds(unit));
    }

    [Fact]
    public async Task A_unit_fits_the_published_schema()
    {
        var schema = await App.Client.GetStringAsync("/api/formats/unit.schema.json", NidoApp.Stop);
        var unit = await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop);
        (await JsonSchema.FromJsonAsync(schema, NidoApp.Stop)).Validate(unit).ShouldBeEmpty();
        File.ReadAllText(Path.Combine(Repository.Root, "docs/formats/unit.schema.json"))
            .Trim()
            .ShouldBe(schema.Trim(), "docs/formats/unit.schema.json is old: ./nido client writes it anew");
    }

    [Theory]
    [InlineData("not json at all", "not a unit file")]
    [InlineData("{}", "docs/formats/unit.schema.json says")]
    [InlineData("THEME", "is not known here")]
    public async Task A_wrong_unit_file_is_refused_and_nothing_is_saved(string text, string message)
    {
        await using var other = new NidoApp { Demo = false };
        if (text == "THEME")
        {
            text = (await App.Client.GetStringAsync($"/api/weeks/{demo.Week}/unit.json", NidoApp.Stop)).Replace(
                "\"little-post-office\"",
                "\"no-such-theme\"",
                StringComparison.Ordinal
            );
        }

        var (status, problem) = await other.SendTextAsync("/api/weeks/unit", text);
        status.ShouldBe(400);
        problem["fields"]![0]!["message"]!.GetValue<string>().ShouldContain(message);
        (await other.GetAsync("/api/groups")).AsArray().ShouldBeEmpty();
    }

    private async Task SomethingSeenAsync()
    {
        var child = (string)(await App.GetAsync($"/api/groups/{demo.Group}"))["children"]![3]!["id"]!;
        await App.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{demo.Group}/observations",
            new
            {
                observations = new[]
                {
                    new
                    {
                        childId = child,
                        ladder = "fold",
                        step = 2,
                        help = "shown",
                        minutes = 9,
                    },
                },
            }
        );
        await App.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/children/{child}/ladders/fold/step",
            new { step = 2, knowsBetter = false }
        );
        await App.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{demo.Group}/children/{child}/ladders/fold/objective",
            new { step = 4, by = "2027-02-01" }
        );
    }

    /// <summary>Ids are given anew where a unit arrives; everything else must be the same to the letter.</summary>
    private static string WithoutIds(string json)
    {
        var unit = JsonNode.Parse(json)!;
        // What lies out and how it is made hangs on the cupboard of the house: it is written for readers and not read
        // back.
        unit.AsObject().Remove("laid");
        unit.AsObject().Remove("making");
        var group = unit["group"]!;
        foreach (var thing in group["children"]!.AsArray().Concat(group["adults"]!.AsArray()).Append(group))
        {
            thing!["id"] = "";
        }

        foreach (
            var about in unit["observations"]!
                .AsArray()
                .Concat(unit["chosenSteps"]!.AsArray())
                .Concat(unit["objectives"]!.AsArray())
        )
        {
            about!["childId"] = "";
            about.AsObject().Remove("id");
        }

        return unit.ToJsonString();
    }
}
