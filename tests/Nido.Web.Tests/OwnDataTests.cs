using System.Text;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>A teacher's own data, from an empty site to a composed week, and everything that can be wrong with
/// it.</summary>
public class OwnDataTests
{
    [Fact]
    public async Task From_an_empty_site_to_a_composed_week()
    {
        await using var app = new NidoApp { Demo = false };
        (await app.GetAsync("/api/weeks")).AsArray().ShouldBeEmpty();
        var (created, group) = await app.SendAsync(
            HttpMethod.Post,
            "/api/groups",
            new { name = "Finch room", place = "" }
        );
        created.ShouldBe(201);
        var id = group["id"]!.GetValue<string>();

        var (_, read) = await app.SendTextAsync(
            $"/api/groups/{id}/children/table",
            "name,born,days,allergies\nTavi,2024-02-10,,\nRune,2022-08-01,Mo We Fr,egg\nSol,2021-11-30,,\n"
        );
        read["problems"]!.AsArray().ShouldBeEmpty();
        (await app.GetAsync($"/api/groups/{id}"))["children"]!.AsArray().ShouldBeEmpty();
        var (saved, _) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{id}/children",
            new { children = read["good"] }
        );
        saved.ShouldBe(200);

        var (_, counts) = await app.SendTextAsync(
            "/api/cupboard/table",
            "material,amount,unit\nWooden blocks,60,piece\nRice,3,kg\nLetter cards\\, large,40\n".Replace(
                "\\,",
                "",
                StringComparison.Ordinal
            ) + string.Join('\n', Cupboard)
        );
        var (taken, number) = await app.SendAsync(
            HttpMethod.Post,
            "/api/cupboard/counts",
            new { counts = counts["good"] }
        );
        taken.ShouldBe(200, number.ToJsonString());

        var (_, week) = await app.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = id,
                themeId = "under-the-hedge",
                monday = "2026-12-09",
            }
        );
        week["monday"]!.GetValue<string>().ShouldBe("2026-12-07");
        var news = await app.ComposeAsync(week["id"]!.GetValue<string>());
        news[^1]["kind"]!.GetValue<string>().ShouldBe("done", news[^1].ToJsonString());
        var view = await app.GetAsync($"/api/weeks/{week["id"]}");
        view["strips"]!.AsArray().Count.ShouldBe(50);
        view["truth"]!["inReachEverywhere"]!.GetValue<int>().ShouldBe(3);
    }

    [Fact]
    public async Task Composing_without_children_or_cupboard_says_which_and_what_to_do()
    {
        await using var app = new NidoApp { Demo = false };
        var (_, group) = await app.SendAsync(HttpMethod.Post, "/api/groups", new { name = "Empty room", place = "" });
        var (_, week) = await app.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId = group["id"]!.GetValue<string>(),
                themeId = "night-train",
                monday = "2026-12-07",
            }
        );
        var (status, problem) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week["id"]}/composition");
        status.ShouldBe(409);
        problem["fields"]!.AsArray().Count.ShouldBe(2);
        problem["detail"]!.GetValue<string>().ShouldContain("no children yet");
        problem["detail"]!.GetValue<string>().ShouldContain("Add children in Group");
        problem["detail"]!.GetValue<string>().ShouldContain("cupboard is empty");
        (await app.GetAsync($"/api/weeks/{week["id"]}"))["strips"]!.AsArray().ShouldBeEmpty();
    }

    [Theory]
    [InlineData("name,days\nTavi,Mo\n", 1, "born", "is missing")]
    [InlineData("name,born\nTavi,2023-02-30\n", 2, "born", "not a date")]
    [InlineData("name,born\nTavi,30.05.2023\n", 2, "born", "year-month-day")]
    [InlineData("name,born\nTavi,2031-01-01\n", 2, "born", "in the future")]
    [InlineData("name,born\nTavi,2010-01-01\n", 2, "born", "more than 9 years")]
    [InlineData("name,born\nTavi,2023-05-01\ntavi,2022-05-01\n", 3, "name", "first in row 2")]
    [InlineData("name,born\nKofi,2023-05-01\n", 2, "name", "already in Wren room")]
    [InlineData("name,born,days\nTavi,2023-05-01,Mo Xx\n", 2, "days", "is not a day")]
    [InlineData("name,born,mouths\nTavi,2023-05-01,perhaps\n", 2, "mouths", "neither yes nor no")]
    [InlineData("name,born,hand\nTavi,2023-05-01,third\n", 2, "hand", "not a hand")]
    [InlineData("name,born,note\nTavi,2023-05-01,=1+1\n", 2, "note", "looks like a formula")]
    [InlineData("name,born\n,2023-05-01\n", 2, "name", "1 to 60 letters")]
    [InlineData("", 1, "", "Nothing to read")]
    public async Task A_wrong_children_table_names_row_column_and_way_out(
        string table,
        int row,
        string column,
        string message
    )
    {
        var (_, read) = await Demo.SendTextAsync($"/api/groups/{await Demo.GroupAsync()}/children/table", table);
        var problem = read["problems"]!.AsArray().Last()!;
        problem["row"]!.GetValue<int>().ShouldBe(row);
        problem["column"]!.GetValue<string>().ShouldBe(column);
        problem["message"]!.GetValue<string>().ShouldContain(message);
    }

    [Theory]
    [InlineData("material,amount\nWooden bloks,3\n", "material", "Near it: Wooden b")]
    [InlineData("material,amount\nRice,much\n", "amount", "is not an amount")]
    [InlineData("material,amount\nRice,-2\n", "amount", "is not an amount")]
    [InlineData("material,amount,unit\nRice,2,piece\n", "unit", "counted in g")]
    [InlineData("material,amount\nRice,2\nrice,3\n", "material", "first in row 2")]
    [InlineData("material\nRice\n", "amount", "is missing")]
    public async Task A_wrong_cupboard_table_names_row_column_and_way_out(string table, string column, string message)
    {
        var (_, read) = await Demo.SendTextAsync("/api/cupboard/table", table);
        var problem = read["problems"]!.AsArray().Last()!;
        problem["column"]!.GetValue<string>().ShouldBe(column);
        problem["message"]!.GetValue<string>().ShouldContain(message);
    }

    [Fact]
    public async Task Good_rows_are_offered_beside_wrong_ones()
    {
        var (_, read) = await Demo.SendTextAsync(
            $"/api/groups/{await Demo.GroupAsync()}/children/table",
            "name;born\nTavi;2023-05-01\nRune;never\nSol;2022-01-01\n"
        );
        read["good"]!.AsArray().Select(c => c!["name"]!.GetValue<string>()).ShouldBe(["Tavi", "Sol"]);
        read["problems"]!.AsArray().Count.ShouldBe(1);
    }

    [Theory]
    [InlineData("utf-8", "UTF-8")]
    [InlineData("utf-16", "UTF-16")]
    [InlineData("utf-16BE", "UTF-16")]
    [InlineData("latin1", "Latin-1")]
    public async Task Letters_arrive_whatever_the_encoding(string encoding, string named)
    {
        var as_ = Encoding.GetEncoding(encoding);
        byte[] bytes = [.. as_.GetPreamble(), .. as_.GetBytes("name,born\nZoë Núñez,2023-05-01\n")];
        var (_, read) = await Demo.SendTextAsync($"/api/groups/{await Demo.GroupAsync()}/children/table", bytes);
        read["good"]![0]!["name"]!.GetValue<string>().ShouldBe("Zoë Núñez");
        read["encoding"]!.GetValue<string>().ShouldBe(named);
    }

    [Fact]
    public async Task A_file_of_20_megabytes_is_refused_in_words()
    {
        var (status, read) = await Demo.SendTextAsync("/api/cupboard/table", new byte[20 * 1024 * 1024]);
        status.ShouldBe(413);
        read["detail"]!.GetValue<string>().ShouldContain("8 MB");
    }

    [Fact]
    public async Task Children_go_out_as_a_table_and_come_back_the_same()
    {
        var id = await Demo.GroupAsync();
        var table = await Demo.Client.GetStringAsync($"/api/groups/{id}/children.csv", NidoApp.Stop);
        await using var other = new NidoApp { Demo = false };
        var (_, group) = await other.SendAsync(HttpMethod.Post, "/api/groups", new { name = "Copy", place = "" });
        var (_, read) = await other.SendTextAsync($"/api/groups/{group["id"]}/children/table", table);
        read["problems"]!.AsArray().ShouldBeEmpty();
        await other.SendAsync(HttpMethod.Post, $"/api/groups/{group["id"]}/children", new { children = read["good"] });
        (await other.Client.GetStringAsync($"/api/groups/{group["id"]}/children.csv", NidoApp.Stop)).ShouldBe(table);
    }

    [Fact]
    public async Task The_cupboard_goes_out_as_a_table_and_comes_back_the_same()
    {
        var table = await Demo.Client.GetStringAsync("/api/cupboard/table.csv", NidoApp.Stop);
        await using var other = new NidoApp { Demo = false };
        var (_, read) = await other.SendTextAsync("/api/cupboard/table", table);
        read["problems"]!.AsArray().ShouldBeEmpty();
        await other.SendAsync(HttpMethod.Post, "/api/cupboard/counts", new { counts = read["good"] });
        (await other.Client.GetStringAsync("/api/cupboard/table.csv", NidoApp.Stop)).ShouldBe(table);
    }

    [Fact]
    public async Task A_child_that_cannot_be_is_refused_and_nothing_is_half_saved()
    {
        await using var app = new NidoApp();
        var id = await app.GroupAsync();
        object Child(string name, string born) =>
            new
            {
                name,
                bornOn = born,
                days = Monday,
                mouths = false,
                hand = "left",
                avoidsTouch = false,
                allergies = Array.Empty<string>(),
                homeLanguage = "en",
                note = "",
            };
        var (status, problem) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{id}/children",
            new { children = new[] { Child("Tavi", "2023-05-01"), Child("Rune", "2031-01-01") } }
        );
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("children[1].bornOn");
        var (twice, _) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{id}/children",
            new { children = new[] { Child("Kofi", "2023-05-01") } }
        );
        twice.ShouldBe(400);
        (await app.GetAsync($"/api/groups/{id}"))["children"]!.AsArray().Count.ShouldBe(14);
    }

    [Fact]
    public async Task Adding_a_child_with_an_allergy_changes_the_ideas_at_once()
    {
        await using var app = new NidoApp();
        var (group, week) = (await app.GroupAsync(), await app.WeekAsync());
        string[] Ideas(JsonNode list) => [.. list.AsArray().Select(i => i!["ideaId"]!.GetValue<string>())];
        Ideas(await app.GetAsync($"/api/weeks/{week}/ideas")).ShouldContain(i => i.EndsWith(".rice"));
        var child = new
        {
            name = "Tavi",
            bornOn = "2025-03-01",
            days = Monday,
            mouths = true,
            hand = "undecided",
            avoidsTouch = false,
            allergies = new[] { "latex" },
            homeLanguage = "en",
            note = "",
        };
        await app.SendAsync(HttpMethod.Post, $"/api/groups/{group}/children", new { children = new[] { child } });
        (await app.GetAsync($"/api/weeks/{week}"))["loom"]!.AsArray().Count.ShouldBe(15);
    }

    [Fact]
    public async Task Settings_that_cannot_be_are_refused_by_field()
    {
        await using var app = new NidoApp();
        var id = await app.GroupAsync();
        var group = await app.GetAsync($"/api/groups/{id}");
        group["blocks"]![0]!["minutes"] = 500;
        var (status, problem) = await app.SendAsync(HttpMethod.Put, $"/api/groups/{id}", group);
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("blocks[0].minutes");
        group["blocks"]![0]!["minutes"] = 30;
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{id}", group)).Status.ShouldBe(200);
        (await app.GetAsync($"/api/groups/{id}"))["blocks"]![0]!["minutes"]!.GetValue<int>().ShouldBe(30);
        (await app.GetAsync($"/api/groups/{id}"))["adults"]!.AsArray().Count.ShouldBe(4);
    }

    [Fact]
    public async Task The_ledger_does_not_go_below_nothing()
    {
        await using var app = new NidoApp();
        var (status, problem) = await app.SendAsync(
            HttpMethod.Post,
            "/api/cupboard/dice/movements",
            new
            {
                kind = "used",
                amount = 9,
                note = "",
            }
        );
        status.ShouldBe(400);
        problem["detail"]!.GetValue<string>().ShouldContain("Only 4");
        (
            await app.SendAsync(
                HttpMethod.Post,
                "/api/cupboard/dice/movements",
                new
                {
                    kind = "counted",
                    amount = 7,
                    note = "under the sofa",
                }
            )
        ).Status.ShouldBe(204);
        var dice = await app.GetAsync("/api/cupboard/dice");
        dice["have"]!.GetValue<double>().ShouldBe(7);
        dice["ledger"]![0]!["amount"]!.GetValue<double>().ShouldBe(3);
        (
            await app.SendAsync(
                HttpMethod.Post,
                "/api/cupboard/dice/movements",
                new
                {
                    kind = "bought",
                    amount = -2,
                    note = "",
                }
            )
        ).Status.ShouldBe(400);
    }

    private static readonly string[] Monday = ["monday"];
    private static readonly NidoApp Demo = new();

    private static readonly string[] Cupboard =
    [
        "picture-cards,40",
        "numeral-cards,40",
        "letter-cards,60",
        "story,1",
        "paper-a4,100",
        "newspaper,60",
        "index-cards,60",
        "lace-cards,6",
        "laces,10",
        "string,30",
        "pegs-large,20",
        "scissors-child,6",
        "trays,10",
        "bowls,10",
        "yoghurt-pots,20",
        "scoops,6",
        "spoons,10",
        "pom-poms-large,40",
        "jar-lids,60",
        "buttons-coat,60",
        "pretend-coins,60",
        "lidded-boxes,8",
        "small-boxes,30",
        "soft-balls,6",
        "bean-bags,12",
        "sacks,4",
        "crate,3",
        "tunnel,1",
        "cardboard-boxes-big,3",
        "rope,6",
        "chalk,10",
        "scarves,10",
        "lavender-bags,8",
        "shakers,8",
        "bells,4",
        "dice,6",
        "cloths,8",
        "washing-basin,3",
        "parcels-heavy,12",
        "balance-scale,3",
        "texture-pieces,20",
        "feel-bags,4",
        "picture-story,6",
        "books-week,6",
        "shirts-old,6",
        "jars-plastic,20",
        "sponges,8",
        "brushes-wide,8",
        "buckets,6",
        "water,50000",
        "stamps-foam,10",
        "ready-paint,900",
    ];
}
