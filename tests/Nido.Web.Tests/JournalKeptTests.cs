using System.Globalization;
using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Nido.Core.Words;
using Nido.Data;

namespace Nido.Web.Tests;

/// <summary>The journal of a house with a past: notes, what was tried, pictures and consent, finding, a page to share;
/// and nothing left of a child that is erased.</summary>
public sealed class JournalKeptTests(PastHouse house) : IAsyncDisposable
{
    private readonly NidoApp app = house.Copy();

    public ValueTask DisposeAsync() => app.DisposeAsync();

    private async Task<(string Group, JsonArray Children)> HouseAsync()
    {
        var week = (await app.GetAsync("/api/weeks"))[0]!;
        var group = $"/api/groups/{week["groupId"]}";
        return (group, (await app.GetAsync(group))["children"]!.AsArray());
    }

    private static string IdOf(JsonArray children, string name) =>
        children.Single(c => c!["name"]!.GetValue<string>() == name)!["id"]!.GetValue<string>();

    private async Task<(int Status, JsonNode Body)> SendFileAsync(string path, byte[] bytes)
    {
        using var request = new HttpRequestMessage(HttpMethod.Put, path) { Content = new ByteArrayContent(bytes) };
        request.Content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await app.Client.SendAsync(request, NidoApp.Stop);
        var text = await answer.Content.ReadAsStringAsync(NidoApp.Stop);
        return ((int)answer.StatusCode, text.Length == 0 ? new JsonObject() : JsonNode.Parse(text)!);
    }

    private async Task<int> StatusAsync(string path)
    {
        using var answer = await app.Client.GetAsync(path, NidoApp.Stop);
        return (int)answer.StatusCode;
    }

    [Fact]
    public async Task A_term_shows_planned_and_met_and_finding_agrees_with_reading_everything()
    {
        var (group, children) = await HouseAsync();
        var term = await app.GetAsync($"{group}/journal/term?from=2026-10-01&to=2026-11-26");
        term["weeks"]!.AsArray().Count.ShouldBeGreaterThan(3);
        foreach (var row in term["children"]!.AsArray())
        {
            for (var aim = 0; aim < 4; aim++)
            {
                // Some things went on longer, so met may be a little more than planned, never much.
                var (met, planned) = (row!["met"]![aim]!.GetValue<int>(), row["planned"]![aim]!.GetValue<int>());
                met.ShouldBeInRange(planned / 2, planned + 1, row.ToJsonString());
            }
        }

        var again = await app.GetAsync($"{group}/journal/term?from=2026-10-01&to=2026-11-26");
        again.ToJsonString().ShouldBe(term.ToJsonString(), "what is kept says the same");

        await using var scope = app.Services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
        var groupId = group.Split('/')[^1];
        var names = children.ToDictionary(c => c!["id"]!.GetValue<string>(), c => c!["name"]!.GetValue<string>());
        var written = db
            .Observations.AsEnumerable()
            .Select(o => $"{o.Note} {o.By} {names.GetValueOrDefault(o.ChildId)}")
            .Concat(
                db.Notes.AsEnumerable()
                    .Where(n => n.GroupId == groupId)
                    .Select(n => $"{n.Text} {n.By} {names.GetValueOrDefault(n.ChildId ?? "")}")
            )
            .Concat(
                db.Pictures.AsEnumerable()
                    .Select(p => $"{p.Words} {string.Join(' ', p.Of.Select(c => names.GetValueOrDefault(c)))}")
            )
            .Select(Words)
            .ToArray();
        foreach (
            var asked in (string[])
                [
                    "tongue",
                    "TONGUE hina",
                    "zoe",
                    "zoë line",
                    "paste table",
                    "tak",
                    "nowhere",
                    "\"",
                    "a*",
                    "NOT hina",
                    "grp:x",
                ]
        )
        {
            string[] words = [.. Words(asked)];
            var expected = written.Count(text =>
                words.All(a => text.Any(t => t.StartsWith(a, StringComparison.Ordinal)))
            );
            var (status, found) = await app.SendAsync(HttpMethod.Post, $"{group}/journal/find", new { words = asked });
            status.ShouldBe(200, found.ToJsonString());
            found["count"]!.GetValue<int>().ShouldBe(expected, asked);
        }
    }

    [Fact]
    public async Task It_is_found_by_child_and_day_too_and_a_span_that_ends_before_it_begins_is_told()
    {
        var (group, children) = await HouseAsync();
        var hina = IdOf(children, "Hina");
        async Task<JsonNode> FindAsync(object body)
        {
            var (status, found) = await app.SendAsync(HttpMethod.Post, $"{group}/journal/find", body);
            status.ShouldBe(200, found.ToJsonString());
            return found;
        }

        var all = await FindAsync(new { words = "", childId = hina });
        string[] days = [.. all["lines"]!.AsArray().Select(l => $"{l!["on"]}").Order(StringComparer.Ordinal)];
        days.Length.ShouldBeGreaterThan(3);
        all["lines"]!.AsArray().ShouldAllBe(l => $"{l!["child"]}" == "Hina");
        var (first, last) = (days[1], days[^2]);
        var some = await FindAsync(
            new
            {
                words = "",
                childId = hina,
                from = first,
                to = last,
            }
        );
        some["lines"]!
            .AsArray()
            .Select(l => $"{l!["on"]}")
            .Order(StringComparer.Ordinal)
            .ShouldBe(days.Where(d => string.CompareOrdinal(d, first) >= 0 && string.CompareOrdinal(d, last) <= 0));
        var (refused, problem) = await app.SendAsync(
            HttpMethod.Post,
            $"{group}/journal/find",
            new
            {
                words = "",
                from = "2026-03-02",
                to = "2026-03-01",
            }
        );
        refused.ShouldBe(400);
        problem.ToJsonString().ShouldContain("comes before");
    }

    private static string[] Words(string text) =>
        string.Concat(
                Letters
                    .Plainly(Letters.Composed(text))
                    .ToLower(CultureInfo.InvariantCulture)
                    .Select(c => char.IsLetterOrDigit(c) ? c : ' ')
            )
            .Split(' ', StringSplitOptions.RemoveEmptyEntries);

    [Fact]
    public async Task A_note_and_what_was_tried_are_kept_followed_up_and_taken_back()
    {
        var (group, children) = await HouseAsync();
        var hina = IdOf(children, "Hina");
        var today = $"{DateTime.Now:yyyy-MM-dd}";
        var (status, id) = await app.SendAsync(
            HttpMethod.Post,
            $"{group}/notes",
            new
            {
                on = today,
                text = "Sang to the quibberwick all morning",
                childId = hina,
            }
        );
        status.ShouldBe(200, id.ToJsonString());
        async Task<int> Found() =>
            (
                await app.SendAsync(HttpMethod.Post, $"{group}/journal/find", new { words = "quibber", kind = "note" })
            ).Body["count"]!.GetValue<int>();
        (await Found()).ShouldBe(1);
        (await app.SendAsync(HttpMethod.Delete, $"{group}/notes/{id}")).Status.ShouldBe(204);
        (await Found()).ShouldBe(0);
        (await app.SendAsync(HttpMethod.Delete, $"{group}/notes/{id}")).Status.ShouldBe(404);
        (
            await app.SendAsync(HttpMethod.Post, $"{group}/notes", new { on = "2126-01-01", text = "later" })
        ).Status.ShouldBe(400);

        var observations = Enumerable
            .Range(2, 2)
            .Select(ago => new
            {
                childId = hina,
                ladder = "fasten",
                step = 2,
                help = "notYet",
                sign = "pulls",
                on = $"{DateTime.Now.AddDays(-ago):yyyy-MM-dd}",
            })
            .ToArray();
        (await app.SendAsync(HttpMethod.Post, $"{group}/observations", new { observations })).Status.ShouldBe(200);
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"{group}/observations",
                new { observations = new[] { observations[0] with { sign = "paper-turns" } } }
            )
        ).Status.ShouldBe(400, "a sign of another ladder");
        async Task<JsonNode> Journal() => await app.GetAsync($"{group}/children/{hina}/journal");
        var hard = (await Journal())["hard"]!.AsArray().Single(h => h!["ladder"]!.GetValue<string>() == "fasten")!;
        hard["change"]!.GetValue<string>().ShouldContain("larger, stiff button");
        var (begun, follow) = await app.SendAsync(
            HttpMethod.Post,
            $"{group}/follow-ups",
            new
            {
                childId = hina,
                ladder = "fasten",
                step = 2,
                sign = "pulls",
                change = hard["change"]!.GetValue<string>(),
                lookAgainOn = today,
            }
        );
        begun.ShouldBe(200, follow.ToJsonString());
        var tried = (await Journal());
        tried["hard"]!.AsArray().ShouldAllBe(h => h!["ladder"]!.GetValue<string>() != "fasten");
        tried["followUps"]!.AsArray().Single(f => f!["id"]!.ToJsonString() == follow.ToJsonString())!["isDue"]!
            .GetValue<bool>()
            .ShouldBeTrue();
        (await app.GetAsync($"{group}/journal")).AsArray().Single(c => c!["childId"]!.GetValue<string>() == hina)![
            "lookAgain"
        ]!
            .GetValue<bool>()
            .ShouldBeTrue();
        (await app.SendAsync(HttpMethod.Put, $"{group}/follow-ups/{follow}", new { helped = true })).Status.ShouldBe(
            204
        );
        (await app.SendAsync(HttpMethod.Delete, $"{group}/follow-ups/{follow}")).Status.ShouldBe(204);
    }

    [Fact]
    public async Task A_picture_needs_consent_is_kept_bare_and_leaves_everything_when_consent_is_taken_back()
    {
        var (group, children) = await HouseAsync();
        string With(string consent) =>
            children.First(c => c!["pictures"]!.GetValue<string>() == consent)!["id"]!.GetValue<string>();
        var (none, family) = (With("none"), With("ownFamily"));
        object Of(string of, params string[] shows) =>
            new
            {
                on = $"{DateTime.Now:yyyy-MM-dd}",
                ideaId = (string?)null,
                words = "the tower, gloamberry",
                of = new[] { of },
                shows,
            };
        (await app.SendAsync(HttpMethod.Post, $"{group}/pictures", Of(family, none))).Status.ShouldBe(400);
        (await app.SendAsync(HttpMethod.Post, $"{group}/pictures", Of("nobody"))).Status.ShouldBe(400);
        (await app.SendAsync(HttpMethod.Post, $"{group}/pictures", Of(none))).Status.ShouldBe(
            200,
            "work and hands only"
        );
        var (status, id) = await app.SendAsync(HttpMethod.Post, $"{group}/pictures", Of(family, family));
        status.ShouldBe(200, id.ToJsonString());
        var (refused, why) = await SendFileAsync($"{group}/pictures/{id}/file", "no picture"u8.ToArray());
        (
            refused,
            why["fields"]![0]!["message"]!.GetValue<string>().Contains("no picture", StringComparison.Ordinal)
        ).ShouldBe((400, true));
        (await StatusAsync($"{group}/pictures/{id}/file")).ShouldBe(404, "what had no file is not kept");
        (_, id) = await app.SendAsync(HttpMethod.Post, $"{group}/pictures", Of(family, family));
        (await SendFileAsync($"{group}/pictures/{id}/file", Nido.Sheets.ChildsDrawing.Of(3))).Status.ShouldBe(204);
        (await StatusAsync($"{group}/pictures/{id}/file?small=true")).ShouldBe(200);
        JsonArray Pictures(JsonNode journal) => journal["pictures"]!.AsArray();
        bool Has(JsonNode journal) => Pictures(journal).Any(p => p!["id"]!.ToJsonString() == id.ToJsonString());
        Task<JsonNode> Journal() => app.GetAsync($"{group}/children/{family}/journal");
        Has(await Journal()).ShouldBeTrue();
        var with = await PageAsync(group, family, id, await Journal());
        using (
            var zip = new ZipArchive(
                await app.Client.GetStreamAsync($"{group}/children/{family}/along.zip", NidoApp.Stop)
            )
        )
        {
            zip.Entries.ShouldContain(e => e.FullName == $"pictures/{id}.jpg");
        }

        var child = await app.GetAsync($"{group}/children/{family}");
        child["pictures"] = "none";
        (await app.SendAsync(HttpMethod.Put, $"{group}/children/{family}", child)).Status.ShouldBe(200);
        Has(await Journal()).ShouldBeFalse();
        (await StatusAsync($"{group}/pictures/{id}/file")).ShouldBe(404);
        (await PageAsync(group, family, id, await Journal())).ShouldBeLessThan(
            with - 10_000,
            "the picture is no longer on it"
        );
        using var along = new ZipArchive(
            await app.Client.GetStreamAsync($"{group}/children/{family}/along.zip", NidoApp.Stop)
        );
        along.Entries.ShouldNotContain(e => e.FullName == $"pictures/{id}.jpg");
    }

    private async Task<int> PageAsync(string group, string child, JsonNode picture, JsonNode journal)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"{group}/children/{child}/page.pdf")
        {
            Content = System.Net.Http.Json.JsonContent.Create(
                new
                {
                    language = "es",
                    from = journal["from"]!.GetValue<string>(),
                    to = journal["to"]!.GetValue<string>(),
                    ladders = Array.Empty<string>(),
                    notes = Array.Empty<object>(),
                    pictures = new[] { picture.GetValue<long>() },
                    comes = false,
                    helps = false,
                    loves = false,
                    shares = false,
                }
            ),
        };
        using var answer = await app.Client.SendAsync(request, NidoApp.Stop);
        var bytes = await answer.Content.ReadAsByteArrayAsync(NidoApp.Stop);
        answer.IsSuccessStatusCode.ShouldBeTrue(Encoding.UTF8.GetString(bytes[..Math.Min(400, bytes.Length)]));
        Encoding.ASCII.GetString(bytes[..5]).ShouldBe("%PDF-");
        return bytes.Length;
    }

    [Fact]
    public async Task Nothing_of_an_erased_child_is_left_in_the_file()
    {
        var (group, children) = await HouseAsync();
        var zoe = IdOf(children, "Zoë");
        var today = $"{DateTime.Now:yyyy-MM-dd}";
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"{group}/notes",
                new
                {
                    on = today,
                    text = "xylowimble danced",
                    childId = zoe,
                }
            )
        ).Status.ShouldBe(200);
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"{group}/notes",
                new { on = today, text = "Zoë brought a grandwimble" }
            )
        ).Status.ShouldBe(200);
        var (_, id) = await app.SendAsync(
            HttpMethod.Post,
            $"{group}/pictures",
            new
            {
                on = today,
                words = "her kwimbletower",
                of = new[] { zoe },
                shows = Array.Empty<string>(),
            }
        );
        (await SendFileAsync($"{group}/pictures/{id}/file", Nido.Sheets.ChildsDrawing.Of(9))).Status.ShouldBe(204);
        async Task<int> FoundAsync() =>
            (await app.SendAsync(HttpMethod.Post, $"{group}/journal/find", new { words = "xylowimble" })).Body[
                "count"
            ]!.GetValue<int>();
        (await FoundAsync()).ShouldBe(1);
        (await app.SendAsync(HttpMethod.Delete, $"{group}/children/{zoe}")).Status.ShouldBe(204);
        (await FoundAsync()).ShouldBe(0, "what lies in the bin is not found");
        var bin = (await app.GetAsync("/api/house/bin"))
            .AsArray()
            .Single(b => b!["name"]!.GetValue<string>() == "Zoë")!;
        (await app.SendAsync(HttpMethod.Delete, $"/api/house/bin/{bin["id"]}")).Status.ShouldBe(200);
        await app.FoldAsync();
        var file = Encoding.Latin1.GetString(await File.ReadAllBytesAsync(app.File, NidoApp.Stop));
        foreach (var word in (string[])["xylowimble", "grandwimble", "kwimbletower", zoe])
        {
            file.ShouldNotContain(word);
        }
    }

    [Fact]
    public async Task A_house_is_taken_along_with_all_that_happened_and_brought_into_an_empty_one()
    {
        var (group, _) = await HouseAsync();
        await app.GetAsync($"{group}/journal/term");
        var text = (await app.GetAsync("/api/house/site.json")).ToJsonString();
        await using var other = new NidoApp { Demo = false };
        var (status, body) = await other.SendTextAsync("/api/house/site", text);
        status.ShouldBe(204, body.ToJsonString());
        (await other.GetAsync("/api/house/site.json")).ToJsonString().ShouldBe(text);
        (await other.SendAsync(HttpMethod.Post, $"{group}/journal/find", new { words = "tongue" }))
            .Body.ToJsonString()
            .ShouldBe(
                (
                    await app.SendAsync(HttpMethod.Post, $"{group}/journal/find", new { words = "tongue" })
                ).Body.ToJsonString()
            );
    }
}
