using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>The language children learn to read in belongs to the group; adults read in their own.</summary>
public class LettersInTests(HouseApp house) : IClassFixture<HouseApp>
{
    private readonly NidoApp app = house.App;

    private async Task<JsonNode> InSpanishAsync(HttpMethod method, string path, object? body = null)
    {
        using var request = new HttpRequestMessage(method, path);
        request.Headers.AcceptLanguage.ParseAdd("es");
        if (body is not null)
        {
            request.Content = JsonContent.Create(body);
        }

        using var answer = await app.Client.SendAsync(request, NidoApp.Stop);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(NidoApp.Stop))!;
    }

    private async Task<JsonNode> ThemeOfWeekAsync(JsonNode group, string theme, string monday) =>
        (
            await app.GetAsync(
                $"/api/weeks/{(await app.SendAsync(HttpMethod.Post, "/api/weeks", new { groupId = (string)group["id"]!, themeId = theme, monday })).Body["id"]}"
            )
        )["theme"]!;

    [Fact]
    public async Task A_group_begun_in_spanish_names_its_day_and_reads_in_spanish()
    {
        var group = await InSpanishAsync(
            HttpMethod.Post,
            "/api/groups",
            new { name = "Aula de los zorzales", place = "" }
        );
        ((string)group["settings"]!["lettersIn"]!).ShouldBe("es");
        group["blocks"]!
            .AsArray()
            .Select(b => (string)b!["name"]!)
            .ShouldBe(["Bienvenida", "Asamblea", "Rincones", "Aire libre", "Mesa"]);
        group["adults"]!.AsArray().Select(a => (string)a!["name"]!).ShouldBe(["Responsable", "Auxiliar"]);
        // Asked for in English, it is still the letter the children read.
        var theme = await ThemeOfWeekAsync(group, "farm-morning", "2027-02-01");
        ((string)theme["name"]!).ShouldBe("Morning on the farm");
        ((string)theme["letter"]!, (string)theme["letterWord"]!).ShouldBe(("G", "gallina"));
        theme["words"]!.AsArray().Select(w => (string)w!).ShouldContain("oveja");
    }

    [Fact]
    public async Task A_group_changes_its_language_and_only_to_one_that_is_spoken()
    {
        var (_, group) = await app.SendAsync(HttpMethod.Post, "/api/groups", new { name = "Finch room", place = "" });
        ((string)(await ThemeOfWeekAsync(group, "farm-morning", "2027-02-08"))["letterWord"]!).ShouldBe("hen");
        var body = new JsonObject
        {
            ["name"] = "Finch room",
            ["place"] = "",
            ["days"] = group["days"]!.DeepClone(),
            ["adults"] = group["adults"]!.DeepClone(),
            ["blocks"] = group["blocks"]!.DeepClone(),
            ["settings"] = group["settings"]!.DeepClone(),
        };
        body["settings"]!["lettersIn"] = "es";
        var (status, _) = await app.SendAsync(HttpMethod.Put, $"/api/groups/{group["id"]}", body);
        status.ShouldBe(200);
        ((string)(await ThemeOfWeekAsync(group, "farm-morning", "2027-02-15"))["letterWord"]!).ShouldBe("gallina");
        body["settings"]!["lettersIn"] = "xx";
        var (refused, problem) = await app.SendAsync(HttpMethod.Put, $"/api/groups/{group["id"]}", body);
        refused.ShouldBe(400);
        problem.ToJsonString().ShouldContain("en or es is wanted");
    }

    [Fact]
    public async Task A_theme_opened_in_spanish_brings_the_words_of_its_own_letter()
    {
        var form = (await InSpanishAsync(HttpMethod.Get, "/api/themes/farm-morning"))["draft"]!;
        ((string)form["language"]!, (string)form["letter"]!).ShouldBe(("es", "G"));
        form["words"]!.AsArray().Count.ShouldBe(30);
        var english = (await app.GetAsync("/api/themes/farm-morning"))["draft"]!;
        ((string)english["language"]!, (string)english["letter"]!).ShouldBe(("en", "H"));
    }

    [Fact]
    public async Task What_is_left_as_it_was_in_a_theme_made_ones_own_stays_in_both_languages()
    {
        var draft = (await InSpanishAsync(HttpMethod.Get, "/api/themes/farm-morning"))["draft"]!.AsObject();
        draft["greeting"] = "Cada uno saluda a la gallina.";
        var kept = await InSpanishAsync(HttpMethod.Post, "/api/themes", draft);
        var address = $"/api/themes/{kept["id"]}";
        var english = (await app.GetAsync(address))["draft"]!;
        ((string)english["name"]!, (string)english["letter"]!, (string)english["slots"]!["small"]!).ShouldBe(
            (
                "Morning on the farm",
                "H",
                (string)(await app.GetAsync("/api/themes/farm-morning"))["draft"]!["slots"]!["small"]!
            )
        );
        english["words"]!.AsArray().Select(w => (string)w!).ShouldContain("hen");
        ((string)english["greeting"]!).ShouldBe("Cada uno saluda a la gallina.", "nobody said it in English");

        // Changed in English now, it is still read in Spanish.
        english["words"]!.AsArray().Add("tractor");
        (await app.SendAsync(HttpMethod.Put, address, english)).Status.ShouldBe(200);
        var spanish = (await InSpanishAsync(HttpMethod.Get, address))["draft"]!;
        ((string)spanish["name"]!, (string)spanish["letter"]!).ShouldBe(("Mañana en la granja", "G"));
        (await app.GetAsync(address))["draft"]!["words"]!.AsArray().Select(w => (string)w!).ShouldContain("tractor");
    }
}
