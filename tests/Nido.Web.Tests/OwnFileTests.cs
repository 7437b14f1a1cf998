using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>What is one's own as a file to read and mend by hand, and the photo of a thing.</summary>
public class OwnFileTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private static readonly object Reels = new
    {
        name = "Cable reels",
        like = "wooden-blocks",
        shape = "disc",
        length = (double?)null,
        width = 60,
        height = 60,
        hasCord = false,
        cordMm = (double?)null,
        loopMm = (double?)null,
        breaksOpen = false,
        answers = new[] { "plastic" },
        colours = new[] { "red", "blue" },
    };

    private static async Task<string> AddAsync(NidoApp app, string address, object draft)
    {
        var (status, kept) = await app.SendAsync(HttpMethod.Post, address, draft);
        status.ShouldBe(201, kept.ToJsonString());
        return (string)kept["id"]!;
    }

    private static Task<string> TowersAsync(NidoApp app, string reels) =>
        AddAsync(
            app,
            "/api/own/ideas",
            new
            {
                title = "Reel towers: high, higher",
                from = "stack-and-build",
                minutes = 12,
                things = new[] { new { materialId = reels, each = 1 } },
                steps = Array.Empty<object>(),
            }
        );

    private static async Task<string[]> NamesAsync(NidoApp app) =>
        [.. (await app.GetAsync("/api/own")).AsArray().Select(o => (string)o!["name"]!)];

    private static async Task<(int Status, JsonNode Body)> PhotoAsync(NidoApp app, string id, byte[] bytes)
    {
        using var request = new HttpRequestMessage(HttpMethod.Put, $"/api/own/materials/{id}/photo")
        {
            Content = new ByteArrayContent(bytes),
        };
        request.Content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        return await app.AnswerAsync(request);
    }

    [Fact]
    public async Task A_way_of_working_goes_into_another_house_as_a_file_with_what_it_is_done_with()
    {
        await using var app = demo.Site.Copy();
        var reels = await AddAsync(app, "/api/own/materials", Reels);
        var towers = await TowersAsync(app, reels);
        var yaml = await app.Client.GetStringAsync($"/api/own/{towers}/own.yaml", NidoApp.Stop);
        yaml.ShouldContain("title: 'Reel towers: high, higher'");
        yaml.ShouldContain("colours: [red, blue]");

        // Mended by hand, it is asked what is asked when it is typed.
        var mended = yaml.Replace("minutes: 12", "minutes: 15", StringComparison.Ordinal);
        await using var other = new NidoApp { Demo = false };
        var (status, brought) = await other.SendTextAsync("/api/own/file", mended);
        status.ShouldBe(200, brought.ToJsonString());
        brought["names"]!.AsArray().Count.ShouldBe(2);
        (await NamesAsync(other)).ShouldBe(["Cable reels", "Reel towers: high, higher"]);
        ((int)(await other.GetAsync($"/api/own/ideas/{towers}"))["minutes"]!).ShouldBe(15);
        // Brought again, it is the same thing, as it is here.
        (_, brought) = await other.SendTextAsync("/api/own/file", yaml);
        ((int)brought["here"]!, brought["names"]!.AsArray().Count).ShouldBe((2, 0));
        ((int)(await other.GetAsync($"/api/own/ideas/{towers}"))["minutes"]!).ShouldBe(15);
    }

    [Fact]
    public async Task A_theme_goes_as_a_file_and_is_one_where_it_comes_twice()
    {
        await using var app = demo.Site.Copy();
        var yaml = await app.Client.GetStringAsync("/api/themes/night-train/theme.yaml", NidoApp.Stop);
        var mended = yaml.Replace("letter: T", "letter: W", StringComparison.Ordinal);
        mended.ShouldNotBe(yaml);
        await using var other = new NidoApp { Demo = false };
        (await other.SendTextAsync("/api/own/file", mended)).Status.ShouldBe(200);
        ((int)(await other.SendTextAsync("/api/own/file", mended)).Body["here"]!).ShouldBe(1);
        var own = (await other.GetAsync("/api/themes")).AsArray().Where(t => ((string)t!["letter"]!) == "W");
        own.ShouldContain(t => ((string)t!["name"]!).Contains("night", StringComparison.OrdinalIgnoreCase));
    }

    [Fact]
    public async Task A_file_that_is_none_is_refused_by_place_and_nothing_of_it_comes_in()
    {
        await using var app = demo.Site.Copy();
        var towers = await TowersAsync(app, await AddAsync(app, "/api/own/materials", Reels));
        var yaml = await app.Client.GetStringAsync($"/api/own/{towers}/own.yaml", NidoApp.Stop);
        await using var other = new NidoApp { Demo = false };
        async Task RefusedAsync(string text, string says)
        {
            var (status, problem) = await other.SendTextAsync("/api/own/file", text);
            status.ShouldBe(400, problem.ToJsonString());
            problem.ToJsonString().ShouldContain(says);
        }

        string With(string was, string now)
        {
            var changed = yaml.Replace(was, now, StringComparison.Ordinal);
            changed.ShouldNotBe(yaml, was);
            return changed;
        }

        await RefusedAsync("", "nothing stands in it");
        await RefusedAsync("- a list", "object");
        await RefusedAsync("just words", "object");
        await RefusedAsync(With("minutes: 12", "minutes: [12"), "line");
        await RefusedAsync(With("minutes: 12", "minutes: 12\n    minutes: 13"), "twice");
        await RefusedAsync(With("minutes: 12", "minutes: twelve"), "number");
        await RefusedAsync(With("minutes: 12", "minutes: 1e99"), "own");
        await RefusedAsync(With("minutes: 12", "minutes: 900"), "3 to 60 minutes");
        await RefusedAsync(With("like: wooden-blocks", "like: gold-dust"), "most like");
        await RefusedAsync(With("formatVersion: 1", "formatVersion: 7"), "newer Nido");
        await RefusedAsync(With("name: Cable reels", "name: \"Cable\\u202Ereels\""), "cannot be seen");
        await RefusedAsync(With("format: nido-own", "format: &a nido-own"), "anchor");
        (await NamesAsync(other)).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_photo_is_kept_small_and_bare_goes_along_and_can_be_taken_away()
    {
        await using var app = demo.Site.Copy();
        var reels = await AddAsync(app, "/api/own/materials", Reels);
        var towers = await TowersAsync(app, reels);
        var address = $"/api/own/materials/{reels}/photo";
        (await app.SendAsync(HttpMethod.Get, address)).Status.ShouldBe(404);
        (await PhotoAsync(app, reels, "no picture"u8.ToArray())).Status.ShouldBe(400);
        (await PhotoAsync(app, towers, Nido.Sheets.ChildsDrawing.Of(3))).Status.ShouldBe(404, "it is no thing");
        (await PhotoAsync(app, reels, Nido.Sheets.ChildsDrawing.Of(3))).Status.ShouldBe(204);
        var photo = await app.Client.GetByteArrayAsync(address, NidoApp.Stop);
        photo.Length.ShouldBeInRange(200, 14_000);
        (await app.GetAsync("/api/own")).AsArray().Count(o => (bool)o!["hasPhoto"]!).ShouldBe(1);

        // In a file of a stranger something is hidden behind its end: what is kept is drawn anew from its points.
        var file = JsonNode.Parse((await app.GetAsync("/api/house/site.json")).ToJsonString())!;
        byte[] hiding = [.. photo, .. "gloamberry"u8];
        file["own"]!.AsArray().Single(o => (string)o!["id"]! == reels)!["photo"] = Convert.ToBase64String(hiding);
        await using var house = new NidoApp { Demo = false };
        var (taken, problem) = await house.SendTextAsync("/api/house/site", file.ToJsonString());
        taken.ShouldBe(204, problem?.ToJsonString());
        var kept = await house.Client.GetByteArrayAsync(address, NidoApp.Stop);
        Encoding.Latin1.GetString(kept).ShouldNotContain("gloamberry");
        kept[..2].ShouldBe([(byte)0xFF, (byte)0xD8]);

        await using var other = new NidoApp { Demo = false };
        var yaml = await app.Client.GetStringAsync($"/api/own/{reels}/own.yaml", NidoApp.Stop);
        (await other.SendTextAsync("/api/own/file", yaml)).Status.ShouldBe(200);
        (await other.Client.GetByteArrayAsync(address, NidoApp.Stop)).Length.ShouldBeGreaterThan(200);
        var spoiled = yaml.Replace("photo: ", "photo: AAAA", StringComparison.Ordinal);
        (await house.SendTextAsync("/api/own/file", spoiled)).Status.ShouldBe(400);

        (await app.SendAsync(HttpMethod.Delete, address)).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Get, address)).Status.ShouldBe(404);
    }

    [Fact]
    public async Task A_title_that_was_left_is_read_in_the_words_of_each_week()
    {
        await using var app = demo.Site.Copy();
        var near = (await app.GetAsync($"/api/weeks/{demo.Week}/techniques/sort-the-post"))["draft"]!;
        near["keepsTitle"] = true;
        var id = await AddAsync(app, "/api/own/ideas", near);
        async Task<string[]> TitlesAsync(string week) =>
            [
                .. (await app.GetAsync($"/api/weeks/{week}/ideas"))
                    .AsArray()
                    .Where(i => ((string)i!["ideaId"]!).StartsWith($"{id}.", StringComparison.Ordinal))
                    .Select(i => (string)i!["title"]!),
            ];
        (await TitlesAsync(demo.Week)).ShouldNotBeEmpty();
        foreach (var title in await TitlesAsync(demo.Week))
        {
            (await app.GetAsync($"/api/weeks/{demo.Week}/ideas"))
                .AsArray()
                .Count(i => (string)i!["title"]! == title)
                .ShouldBeGreaterThan(1, "as what it is a copy of is called");
        }
    }
}
