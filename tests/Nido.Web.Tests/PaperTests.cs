using System.Net;
using System.Net.Http.Json;
using UglyToad.PdfPig;

namespace Nido.Web.Tests;

/// <summary>The paper of a week, and any sheet by itself, over HTTP.</summary>
public sealed class PaperTests(ComposedSite demo) : IAsyncDisposable
{
    private readonly NidoApp app = demo.Copy();

    public async ValueTask DisposeAsync() => await app.DisposeAsync();

    [Fact]
    public async Task What_a_week_needs_is_counted_and_printed_by_evening_with_its_list_first()
    {
        var paper = await app.GetAsync($"/api/weeks/{demo.Week}/paper");
        var orders = paper["orders"]!.AsArray();
        orders.Count.ShouldBeGreaterThan(3);
        orders.Select(o => o!["evening"]!.GetValue<string>()).ShouldBeInOrder();
        orders.Select(o => o!["id"]!.GetValue<string>()).ShouldBeUnique();
        orders.ShouldAllBe(o => o!["problem"] == null, orders.ToJsonString());
        var pages = orders.Sum(o => o!["pages"]!.GetValue<int>() * o["copies"]!.GetValue<int>());
        paper["pages"]!.GetValue<int>().ShouldBe(pages);
        using var all = await PdfAsync($"/api/weeks/{demo.Week}/paper/pdf", new { without = Array.Empty<string>() });
        all.NumberOfPages.ShouldBe(pages + 1, "the list comes first");
        all.GetPage(1).Text.ShouldContain("Paper of the week");
        // Left out is left out, and nothing else.
        var first = orders[0]!;
        using var fewer = await PdfAsync(
            $"/api/weeks/{demo.Week}/paper/pdf",
            new { without = new[] { first["id"]!.GetValue<string>() } }
        );
        fewer.NumberOfPages.ShouldBe(
            all.NumberOfPages - (first["pages"]!.GetValue<int>() * first["copies"]!.GetValue<int>())
        );
    }

    [Fact]
    public async Task Printing_spares_minutes_in_prep_and_without_a_printer_all_is_drawn_by_hand()
    {
        async Task<int> MinutesAsync() =>
            (await app.GetAsync($"/api/weeks/{demo.Week}/prep"))["evenings"]!
                .AsArray()
                .Sum(e => e!["minutes"]!.GetValue<int>());
        var spared = (await app.GetAsync($"/api/weeks/{demo.Week}/paper"))["spared"]!.GetValue<int>();
        spared.ShouldBeGreaterThan(0);
        var printed = await MinutesAsync();
        var group = (await app.GetAsync($"/api/groups/{demo.Group}")).AsObject();
        group["settings"]!["hasPrinter"] = false;
        (await app.SendAsync(HttpMethod.Put, $"/api/groups/{demo.Group}", group)).Status.ShouldBe(200);
        var paper = await app.GetAsync($"/api/weeks/{demo.Week}/paper");
        paper["orders"]!.AsArray().ShouldBeEmpty();
        paper["spared"]!.GetValue<int>().ShouldBe(0);
        // Things made of card take longer by hand, too.
        (await MinutesAsync()).ShouldBeGreaterThanOrEqualTo(printed + spared);
    }

    [Fact]
    public async Task A_day_on_paper_says_who_is_there_what_they_do_and_each_source_once()
    {
        using var answer = await app.Client.GetAsync($"/api/weeks/{demo.Week}/days/1.pdf", NidoApp.Stop);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        using var pdf = PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync(NidoApp.Stop));
        var text = string.Join(" ", pdf.GetPages().Select(p => p.Text));
        var group = await app.GetAsync($"/api/groups/{demo.Group}");
        foreach (var child in group["children"]!.AsArray())
        {
            text.ShouldContain(child!["name"]!.GetValue<string>());
        }

        foreach (var block in group["blocks"]!.AsArray())
        {
            text.ShouldContain(block!["name"]!.GetValue<string>());
        }

        text.ShouldContain("The ratio asks for");
        text.Split("Caring for Our Children standard 2.2.0.4").Length.ShouldBeLessThanOrEqualTo(2);
        (await app.Client.GetAsync($"/api/weeks/{demo.Week}/days/9.pdf", NidoApp.Stop)).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Theory]
    [InlineData("plan.pdf?paper=letter&language=es")]
    [InlineData("family.pdf?language=es")]
    [InlineData("cards.pdf")]
    [InlineData("safety/signs.pdf")]
    public async Task Every_page_for_adults_is_made(string address)
    {
        using var answer = await app.Client.GetAsync($"/api/weeks/{demo.Week}/{address}", NidoApp.Stop);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        using var pdf = PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync(NidoApp.Stop));
        pdf.NumberOfPages.ShouldBeGreaterThan(0);
        pdf.GetPage(1).Text.Length.ShouldBeGreaterThan(100);
    }

    [Fact]
    public async Task A_week_with_nothing_on_it_and_a_group_of_nobody_print_too()
    {
        await using var fresh = new NidoApp { Demo = false };
        var ids = await Newcomer.WithAsync(fresh, "monday");
        foreach (var file in new[] { "days/0.pdf", "plan.pdf", "family.pdf", "cards.pdf" })
        {
            (await fresh.Client.GetAsync($"/api/weeks/{ids["weekId"]}/{file}", NidoApp.Stop)).StatusCode.ShouldBe(
                HttpStatusCode.OK,
                file
            );
        }

        (await fresh.GetAsync($"/api/weeks/{ids["weekId"]}/paper"))["orders"]!.AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task A_sheet_is_looked_at_and_what_it_does_not_take_is_refused_at_its_field()
    {
        var (status, sheet) = await app.SendAsync(
            HttpMethod.Post,
            "/api/paper/pages",
            Asked("squares", new { side = 19, count = 88 })
        );
        status.ShouldBe(200);
        sheet["shown"]![0]!.GetValue<string>().ShouldStartWith("<svg");
        (status, var problem) = await app.SendAsync(
            HttpMethod.Post,
            "/api/paper/pages",
            Asked("squares", new { side = 1e-320, count = 88 })
        );
        status.ShouldBe(400);
        problem["fields"]![0]!["field"]!.GetValue<string>().ShouldBe("side");
        (status, problem) = await app.SendAsync(HttpMethod.Post, "/api/paper/pages", Asked("castle", new { }));
        (status, problem["fields"]![0]!["field"]!.GetValue<string>()).ShouldBe((400, "kind"));
        using var zip = await app.Client.PostAsJsonAsync("/api/paper/svg", Asked("dice", new { }), NidoApp.Stop);
        using var files = new System.IO.Compression.ZipArchive(await zip.Content.ReadAsStreamAsync(NidoApp.Stop));
        files.Entries.Select(e => e.Name).ShouldBe(["dice-001.svg"]);
    }

    [Fact]
    public async Task Kinds_and_fields_are_named_in_both_languages()
    {
        var english = (await app.GetAsync("/api/paper/kinds")).AsArray();
        var spanish = (await app.GetAsync("/api/paper/kinds?language=es")).AsArray();
        english.Count.ShouldBe(spanish.Count);
        english
            .Zip(spanish)
            .Count(p => p.First!["name"]!.GetValue<string>() != p.Second!["name"]!.GetValue<string>())
            .ShouldBe(english.Count);
    }

    private static object Asked(string kind, object numbers) =>
        new
        {
            kind,
            values = new
            {
                numbers,
                texts = new { },
                lists = new { },
            },
        };

    private async Task<PdfDocument> PdfAsync(string path, object body)
    {
        using var answer = await app.Client.PostAsJsonAsync(path, body, NidoApp.Stop);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK, await answer.Content.ReadAsStringAsync(NidoApp.Stop));
        return PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync(NidoApp.Stop));
    }
}
