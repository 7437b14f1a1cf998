using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>Several people at once: nobody overwrites what they have not seen, nobody takes what is not
/// there.</summary>
public sealed class TogetherTests(PlainApp plain, ComposedSite demo) : IClassFixture<PlainApp>
{
    private const int AtOnce = 10;
    private static readonly string[] Milk = ["milk"],
        Egg = ["egg"],
        Monday = ["monday"];

    private NidoApp App => plain.App;

    [Fact]
    public async Task Of_two_who_opened_a_child_the_second_does_not_undo_the_first()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var path = $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}";
        var opened = await App.EditionAsync(path);
        opened.ShouldNotBeNull();
        (await App.ChangeAsync(path, Child("Ana", Egg), opened)).Status.ShouldBe(200);
        var (status, problem) = await App.ChangeAsync(path, Child("Ana", Milk), opened);
        status.ShouldBe(412);
        problem["current"]!["allergies"]![0]!.GetValue<string>().ShouldBe("egg");
        (await App.GetAsync(path))["allergies"]![0]!.GetValue<string>().ShouldBe("egg");
        (await App.ChangeAsync(path, Child("Ana", Milk), await App.EditionAsync(path))).Status.ShouldBe(200);
    }

    [Fact]
    public async Task A_change_that_does_not_say_of_which_edition_is_asked_for_it()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var (status, problem) = await App.ChangeAsync(
            $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}",
            Child("Ana", Milk),
            null
        );
        status.ShouldBe(428);
        problem["detail"]!.GetValue<string>().ShouldContain("If-Match");
    }

    [Fact]
    public async Task Of_many_changes_of_one_edition_at_once_one_is_taken()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var path = $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}";
        var opened = await App.EditionAsync(path);
        var all = await Task.WhenAll(
            Enumerable
                .Range(0, AtOnce)
                .Select(k => App.ChangeAsync(path, Child($"Ana {(char)('A' + k)}", Milk), opened))
        );
        all.Count(a => a.Status == 200).ShouldBe(1);
        all.Count(a => a.Status == 412).ShouldBe(AtOnce - 1);
    }

    [Fact]
    public async Task The_edition_of_a_group_changes_with_its_settings_and_not_with_its_children()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var path = $"/api/groups/{ids["groupId"]}";
        var before = await App.EditionAsync(path);
        await App.SendAsync(HttpMethod.Put, $"{path}/children/{ids["childId"]}", Child("Ana", Egg));
        (await App.EditionAsync(path)).ShouldBe(before);
        var group = (await App.GetAsync(path)).AsObject();
        group["place"] = "Another house";
        (await App.SendAsync(HttpMethod.Put, path, group)).Status.ShouldBe(200);
        (await App.EditionAsync(path)).ShouldNotBe(before);
        (await App.ChangeAsync(path, group, before)).Status.ShouldBe(412);
    }

    [Theory]
    [InlineData("/api/weeks/{week}/sliders")]
    [InlineData("/api/weeks/{week}/focus")]
    [InlineData("/api/weeks/{week}/rota/0/{block}")]
    [InlineData("/api/groups/{group}/children/{child}/ladders/fold/step")]
    [InlineData("/api/groups/{group}/children/{child}/ladders/fold/objective")]
    public async Task What_two_set_at_once_is_set_by_one(string address)
    {
        await using var app = demo.Copy();
        var group = (await app.GetAsync($"/api/groups/{demo.Group}"))!;
        var there = group["children"]!
            .AsArray()
            .Where(c => c!["days"]!.AsArray().Any(d => d!.GetValue<string>() == "monday"))
            .Select(c => c!["id"]!.GetValue<string>())
            .ToArray();
        var block = group["blocks"]!.AsArray().First(b => b!["kind"]!.GetValue<string>() == "stations")![
            "id"
        ]!.GetValue<string>();
        var path = address
            .Replace("{week}", demo.Week, StringComparison.Ordinal)
            .Replace("{group}", demo.Group, StringComparison.Ordinal)
            .Replace("{child}", there[0], StringComparison.Ordinal)
            .Replace("{block}", block, StringComparison.Ordinal);
        object Body(int k) =>
            path.Split('/')[^1] switch
            {
                "sliders" => new
                {
                    fairShares = k,
                    theme = 5,
                    useTheCupboard = 5,
                    lightPrep = 5,
                    freshIdeas = 5,
                },
                "focus" => new
                {
                    letter = "M",
                    numbersTo = k + 2,
                    olderNumbersTo = k + 20,
                },
                "step" => new { step = (k % 3) + 1, knowsBetter = true },
                "objective" => new { step = (k % 3) + 1, by = $"{DateTime.Now.AddDays(30 + k):yyyy-MM-dd}" },
                _ => new { groups = new[] { there[..(k + 1)], there[(k + 1)..] } },
            };
        (await app.ChangeAsync(path, Body(1), null)).Status.ShouldBe(428);
        var opened = await app.EditionAsync(path);
        opened.ShouldNotBeNull();
        var all = await Task.WhenAll(Enumerable.Range(1, 3).Select(k => app.ChangeAsync(path, Body(k), opened)));
        all.Count(a => a.Status is 200 or 204).ShouldBe(1, string.Join("\n", all.Select(a => a.Body?.ToJsonString())));
        var stale = all.Where(a => a.Status == 412).ToArray();
        stale.Length.ShouldBe(2);
        stale[0].Body["current"].ShouldNotBeNull();
        (await app.ChangeAsync(path, Body(2), await app.EditionAsync(path))).Status.ShouldBeOneOf(200, 204);
    }

    [Fact]
    public async Task Of_ten_things_six_are_taken_once()
    {
        await CountAsync("corks", 10);
        var all = await AllAtOnceAsync(() =>
            App.SendAsync(
                HttpMethod.Post,
                "/api/cupboard/corks/movements",
                new
                {
                    kind = "used",
                    amount = 6,
                    note = "",
                }
            )
        );
        all.Count(s => s == 204).ShouldBe(1);
        (await HaveAsync("corks")).ShouldBe(4);
    }

    [Fact]
    public async Task Counted_seventeen_by_ten_people_is_seventeen()
    {
        await CountAsync("pegs-wooden", 3);
        await AllAtOnceAsync(() =>
            App.SendAsync(
                HttpMethod.Post,
                "/api/cupboard/counts",
                new
                {
                    counts = new[]
                    {
                        new
                        {
                            materialId = "pegs-wooden",
                            amount = 17.0,
                            note = "",
                        },
                    },
                }
            )
        );
        (await HaveAsync("pegs-wooden")).ShouldBe(17);
    }

    [Fact]
    public async Task The_same_new_thing_twice_at_once_is_there_once_and_nobody_sees_a_break()
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        var group = $"/api/groups/{ids["groupId"]}";
        var children = await AllAtOnceAsync(() =>
            App.SendAsync(HttpMethod.Post, $"{group}/children", new { children = new[] { Child("Bea", Milk) } })
        );
        children.Count(s => s == 200).ShouldBe(1);
        var ladder = $"{group}/children/{ids["childId"]}/ladders/fold";
        (
            await AllAtOnceAsync(() =>
                App.SendAsync(HttpMethod.Put, $"{ladder}/step", new { step = 2, knowsBetter = false })
            )
        ).ShouldAllBe(s => s < 300 || s == 412);
        (
            await AllAtOnceAsync(() =>
                App.SendAsync(HttpMethod.Put, $"{ladder}/objective", new { step = 4, by = "2027-02-01" })
            )
        ).ShouldAllBe(s => s < 300 || s == 412);
        (
            await AllAtOnceAsync(() =>
                App.SendAsync(
                    HttpMethod.Put,
                    $"{group}/shown",
                    new
                    {
                        childId = ids["childId"],
                        techniqueId = "fold-and-crease",
                        shown = true,
                    }
                )
            )
        ).ShouldAllBe(s => s < 500);
        (await AllAtOnceAsync(() => App.SendAsync(HttpMethod.Delete, $"{group}/children/{ids["childId"]}")))
            .Count(s => s == 204)
            .ShouldBe(1);
    }

    [Theory]
    [InlineData("evil.example", null, null, 421)]
    [InlineData("127.0.0.1.evil.example:5180", null, null, 421)]
    [InlineData(null, "http://evil.example", null, 403)]
    [InlineData(null, "null", null, 403)]
    [InlineData(null, null, "cross-site", 403)]
    [InlineData(null, null, "same-site", 403)]
    [InlineData(null, "http://localhost", "same-origin", 409)]
    [InlineData("127.0.0.1:5180", "http://127.0.0.1:5180", "same-origin", 409)]
    [InlineData(null, null, null, 409)]
    public async Task A_stranger_neither_reads_nor_writes(string? host, string? origin, string? site, int expected)
    {
        var ids = await Newcomer.WithAsync(App, "monday");
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/weeks/{ids["weekId"]}/undo");
        request.Headers.Host = host;
        if (origin is not null)
        {
            request.Headers.Add("Origin", origin);
        }

        if (site is not null)
        {
            request.Headers.Add("Sec-Fetch-Site", site);
        }

        using var answer = await App.Client.SendAsync(request, NidoApp.Stop);
        ((int)answer.StatusCode).ShouldBe(expected);
        (await answer.Content.ReadFromJsonAsync<JsonNode>(NidoApp.Stop))!["detail"]!
            .GetValue<string>()
            .ShouldNotBeEmpty();
    }

    [Fact]
    public async Task A_name_of_elsewhere_reads_nothing()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/groups");
        request.Headers.Host = "evil.example";
        using var answer = await App.Client.SendAsync(request, NidoApp.Stop);
        answer.StatusCode.ShouldBe(HttpStatusCode.MisdirectedRequest);
    }

    [Fact]
    public async Task Data_is_kept_nowhere_and_pages_load_nothing_from_elsewhere()
    {
        using var data = await App.Client.GetAsync("/api/groups", NidoApp.Stop);
        data.Headers.CacheControl!.NoStore.ShouldBeTrue();
        using var page = await App.Client.GetAsync("/", NidoApp.Stop);
        page.Headers.CacheControl!.NoCache.ShouldBeTrue();
        page.Headers.GetValues("Content-Security-Policy").Single().ShouldContain("frame-ancestors 'none'");
        page.Headers.GetValues("Content-Security-Policy").Single().ShouldNotContain("script-src");
        page.Headers.GetValues("X-Content-Type-Options").Single().ShouldBe("nosniff");
    }

    private static async Task<int[]> AllAtOnceAsync(Func<Task<(int Status, JsonNode Body)>> call)
    {
        var all = await Task.WhenAll(Enumerable.Range(0, AtOnce).Select(_ => Task.Run(call, NidoApp.Stop)));
        all.ShouldAllBe(a => a.Status < 500);
        return [.. all.Select(a => a.Status)];
    }

    private async Task CountAsync(string material, double amount) =>
        (
            await App.SendAsync(
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
        ).Status.ShouldBe(200);

    private async Task<double> HaveAsync(string material) =>
        (await App.GetAsync($"/api/cupboard/{material}"))["have"]!.GetValue<double>();

    private static object Child(string name, string[] allergies) =>
        new
        {
            name,
            bornOn = "2023-05-01",
            days = Monday,
            mouths = false,
            hand = "right",
            avoidsTouch = false,
            allergies,
            homeLanguage = "en",
            note = "",
        };
}
