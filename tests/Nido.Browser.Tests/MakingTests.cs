using OpenQA.Selenium;

namespace Nido.Browser.Tests;

public class MakingTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task A_number_changes_the_drawing_and_a_wrong_one_is_explained_beside_its_field()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas/making/arc-rows")).See("[data-made] svg");
        page.Until(_ => page.All("[data-made] svg g circle").Count == 66, "66 pieces");
        Type(page, "Rows", "3");
        page.Until(_ => page.All("[data-made] svg g circle").Count == 54, "54 pieces");
        Type(page, "Rows", "9");
        page.Until(_ => page.All("form [aria-invalid='true']").Count == 1, "the field to be marked");
        page.See("[data-made] [role=alert]").Text.ShouldContain("at most 8 rows");
    }

    [Fact]
    public async Task Every_calculator_shows_an_answer_from_the_start()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas/making")).See("[data-made] ol li");
        var names = page.All("nav[aria-label='Making'] a").Select(a => a.GetAttribute("href")!).ToArray();
        names.Length.ShouldBe(30);
        foreach (var name in names.Select(n => n.Split('/')[^1]))
        {
            page.Script.ExecuteScript($"document.querySelector('nav a[href$=\"/{name}\"]').click()");
            page.Until(
                _ =>
                    page.Address.EndsWith($"/{name}", StringComparison.Ordinal)
                    && page.All("[data-made] ol li").Count > 0,
                name
            );
            page.All("[data-made] [role=alert]").ShouldBeEmpty(name);
        }
    }

    [Fact]
    public async Task The_drawings_show_what_was_counted()
    {
        using var page = new Page();
        (string Name, string Parts, int Count)[] drawn =
        [
            ("frame", "svg line", 21),
            ("stack", "svg rect", 4),
            ("radial-cuts", "svg path", 6),
            ("strips-squares", "svg .piece", 140),
            ("sheet-yield", "svg .piece", 21),
            ("dots", "svg circle", 36),
            ("missing-numbers", "p:first-of-type span", 12),
            ("two-ended-sticks", "ul li", 6),
            ("thread", "svg rect", 20),
            ("direction-strips", "ul li", 6),
            ("mix-colours", "ul li", 3),
            ("recipe-scale", "tbody tr", 5),
        ];
        foreach (var (name, parts, count) in drawn)
        {
            page.Go(await site.PlaceAsync($"ideas/making/{name}")).See("[data-made] ol li");
            page.Until(_ => page.All($"[data-made] {parts}").Count == count, $"{count} parts of {name}");
        }
    }

    [Fact]
    public async Task A_frame_is_turned_and_a_row_added()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas/making/frame")).See("[data-made] svg");
        var before = page.See("[data-made] svg line").GetAttribute("x2");
        page.See("[data-made] input[type=range]").SendKeys(Keys.ArrowRight + Keys.ArrowRight + Keys.ArrowRight);
        page.Until(_ => page.See("[data-made] svg line").GetAttribute("x2") != before, "the turn");
        page.Go(await site.PlaceAsync("ideas/making/stack")).See("[data-made] svg");
        page.Named("button", "Add a row").Click();
        page.Until(_ => page.All("[data-made] svg rect").Count == 5, "the new block");
        page.Click("button[aria-label='Remove row 5']");
        page.Until(_ => page.All("[data-made] svg rect").Count == 4, "the block gone");
    }

    [Fact]
    public async Task Today_shows_one_block_at_a_time_with_who_works_how_and_what_to_mind()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("article");
        page.See("main h2").Text.ShouldStartWith("Welcome");
        page.All("article").Count.ShouldBe(3);
        page.Press(Keys.ArrowRight);
        page.Until(_ => page.See("main h2").Text.StartsWith("Circle", StringComparison.Ordinal), "the next block");
        page.Click("main button[aria-pressed='false'].tabular-nums");
        page.Until(
            _ =>
                page.See("main button[aria-pressed='true'].tabular-nums")
                    .Text.Contains("14:5", StringComparison.Ordinal),
            "the minutes to run"
        );
        page.Named("button", "Wed 9").Click();
        page.Until(_ => page.See("main h1").Text.StartsWith("Wednesday", StringComparison.Ordinal), "Wednesday");
        page.See("main").Text.ShouldContain("14 children");
    }

    private static void Type(Page page, string label, string text)
    {
        var id = page.Named("label", label).GetAttribute("for")!;
        var input = page.Until(d => d.FindElement(By.Id(id)), label);
        input.SendKeys(Keys.Control + "a");
        input.SendKeys(text);
    }
}
