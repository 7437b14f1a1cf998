using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace Nido.Web.Tests;

/// <summary>What holds for the house as a whole: the client, the words, the pages, the file.</summary>
public class HouseTests(DemoApp demo) : IClassFixture<DemoApp>
{
    [Fact]
    public async Task The_client_of_the_pages_is_made_from_this_api()
    {
        var served = JsonNode.Parse(await demo.App.Client.GetStringAsync("/openapi/v1.json", NidoApp.Stop))!;
        var kept = JsonNode.Parse(
            await File.ReadAllTextAsync(Path.Combine(Repository.Root, "src/nido-ui/openapi.json"), NidoApp.Stop)
        )!;
        JsonNode
            .DeepEquals(served, kept)
            .ShouldBeTrue("src/nido-ui/openapi.json is old: ./nido client writes it and the client anew");
    }

    [Fact]
    public void English_and_spanish_have_the_same_words()
    {
        string[] Keys(string language) =>
            [
                .. Flat(
                    JsonNode.Parse(
                        File.ReadAllText(Path.Combine(Repository.Root, $"src/nido-ui/src/i18n/{language}.json"))
                    )!,
                    ""
                ),
            ];
        Keys("es").ShouldBe(Keys("en"));
        Keys("en").Length.ShouldBeGreaterThan(250);
    }

    [Fact]
    public async Task Every_page_loads_only_from_here()
    {
        using var answer = await demo.App.Client.GetAsync("/api/health", NidoApp.Stop);
        answer.Headers.GetValues("Content-Security-Policy").Single().ShouldContain("default-src 'self'");
        answer.Headers.GetValues("Referrer-Policy").Single().ShouldBe("no-referrer");
    }

    [Fact]
    public async Task The_site_is_one_file_with_foreign_keys_and_a_write_ahead_log()
    {
        // The house opens its file first, whichever test begins.
        await demo.App.GetAsync("/api/health");
        using var connection = new SqliteConnection($"Data Source={demo.App.File}");
        connection.Open();
        Read(connection, "PRAGMA journal_mode").ShouldBe("wal");
        Read(connection, "PRAGMA foreign_key_check").ShouldBe("");
        Read(connection, "SELECT count(*) FROM children").ShouldBe("14");
    }

    [Fact]
    public async Task Ids_say_nothing_about_a_child()
    {
        var group = await demo.App.GetAsync($"/api/groups/{demo.Group}");
        group["children"]!
            .AsArray()
            .ShouldAllBe(c =>
                System.Text.RegularExpressions.Regex.IsMatch(c!["id"]!.GetValue<string>(), "^[0-9a-f]{12}$")
            );
    }

    [Fact]
    public async Task The_steps_of_a_group_are_offered_for_every_child_and_ladder()
    {
        var steps = await demo.App.GetAsync($"/api/groups/{demo.Group}/steps?on=2026-12-07");
        var ladders = steps["ladders"]!.AsArray().Count;
        ladders.ShouldBeGreaterThanOrEqualTo(16);
        steps["children"]!.AsArray().Count.ShouldBe(14);
        steps["children"]!.AsArray().ShouldAllBe(c => c!["offers"]!.AsArray().Count == ladders);
    }

    [Fact]
    public async Task A_material_tells_its_stand_ins_roles_and_ledger()
    {
        var stickers = await demo.App.GetAsync($"/api/cupboard/stickers-round?weekId={demo.Week}");
        stickers["have"]!.GetValue<double>().ShouldBe(126);
        stickers["smallPart"]!.GetValue<bool>().ShouldBeTrue();
        stickers["ledger"]!.AsArray().Count.ShouldBe(2);
        var shelves = await demo.App.GetAsync($"/api/cupboard?weekId={demo.Week}");
        shelves["shelves"]!.AsArray().Count.ShouldBeGreaterThan(6);
        var all = await demo.App.GetAsync("/api/cupboard?all=true");
        all["shelves"]!.AsArray().Sum(s => s!["tiles"]!.AsArray().Count).ShouldBeGreaterThanOrEqualTo(150);
    }

    private static string Read(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return $"{command.ExecuteScalar()}";
    }

    private static IEnumerable<string> Flat(JsonNode node, string path) =>
        node is JsonObject map ? map.SelectMany(p => Flat(p.Value!, $"{path}.{p.Key}")) : [path];
}
