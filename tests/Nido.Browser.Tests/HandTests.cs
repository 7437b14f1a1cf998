using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>What a hand on the keyboard and a thumb on a phone meet: nothing moves while it loads, the focus goes on where the work
/// is, keys can be moved or switched off.</summary>
public class HandTests(RunningSite site) : IClassFixture<RunningSite>
{
    /// <summary>Layout shift that counts as good (Core Web Vitals ask for less than 0.1; we want half).</summary>
    private const double Moves = 0.05;

    private const string Shifts = """
        const o = new PerformanceObserver(() => 0);
        o.observe({ type: 'layout-shift', buffered: true });
        const all = o.takeRecords().filter((s) => !s.hadRecentInput);
        return JSON.stringify({
          sum: all.reduce((sum, s) => sum + s.value, 0),
          what: all.filter((s) => s.value > 0.005).map((s) => `${s.value.toFixed(3)}: ` +
            s.sources.map((x) => (x.node?.outerHTML ?? x.node?.textContent ?? '').slice(0, 90)).join(' | ')).join('; '),
        });
        """;

    private static readonly string[] Places =
    [
        "week",
        "group",
        "cupboard",
        "ideas",
        "ideas/theme",
        "prep",
        "prep/paper",
        "today",
        "journal",
        "families",
        "house",
    ];

    [Theory]
    [InlineData(390)]
    [InlineData(768)]
    [InlineData(1280)]
    public async Task Nothing_moves_while_a_place_loads(int width)
    {
        using var page = new Page(width, 844);
        foreach (var place in Places)
        {
            page.Go(await site.PlaceAsync(place)).See("h1");
            page.Until(_ => page.All("[data-skeleton]").Count == 0, $"{place} without threads");
            var moved = JsonNode.Parse((string)page.Script.ExecuteScript(Shifts)!)!;
            moved["sum"]!.GetValue<double>().ShouldBeLessThan(Moves, $"{place} at {width}: {moved["what"]}");
        }
    }

    [Fact]
    public async Task Two_strips_change_places_by_keys_and_the_focus_stays_with_the_work()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week")).See("[data-truth]");
        var (here, there) = (Idea(page, "0-stations-0"), Idea(page, "0-stations-1"));
        page.Script.ExecuteScript("document.getElementById('strip-0-stations-0').focus()");
        page.Press("m");
        page.See("[data-hand]").Text.ShouldContain("is in hand");
        page.Press(Keys.ArrowDown + "m");
        page.Until(_ => Idea(page, "0-stations-0") == there && Idea(page, "0-stations-1") == here, "changed places");
        page.Focused.GetAttribute("id").ShouldBe("strip-0-stations-1");
        page.Press("u");
        page.Until(_ => Idea(page, "0-stations-0") == here, "undone");

        // After a swap the strip has the focus, after a day is opened the day, after it is closed its head.
        page.Click("#strip-0-stations-0");
        page.See("[data-bench] button:enabled");
        page.Press("x");
        page.Until(_ => page.Focused.FindElements(By.XPath("ancestor::*[@data-bench]")).Count == 1, "the bench");
        page.Press(Keys.Enter);
        page.Until(_ => Idea(page, "0-stations-0") != here, "swapped");
        page.Focused.GetAttribute("id").ShouldBe("strip-0-stations-0");
        page.Press("u");
        page.Until(_ => Idea(page, "0-stations-0") == here, "undone");
        page.Press("d");
        page.Until(_ => page.Focused.GetAttribute("id") == "day-board", "the day");
        page.Press(Keys.Escape);
        page.Until(_ => page.Focused.GetAttribute("id") == "day-0", "the week again");
        page.All("[data-day-board]").ShouldBeEmpty();
    }

    [Fact]
    public async Task A_block_is_written_in_ones_own_words_by_keys_and_taken_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week")).See("[data-truth]");
        page.Click("#strip-1-circle-0");
        page.See("[data-bench] button");
        page.Press("w");
        // A dialog begins at its first field, and gives the focus back.
        page.Until(_ => page.Focused.TagName == "input", "the first field");
        page.Press("Good morning, garden" + Keys.Enter);
        page.Until(_ => page.See("#strip-1-circle-0").Text.Contains("Good morning, garden"), "the title");
        page.Focused.GetAttribute("id").ShouldBe("strip-1-circle-0");
        page.Press("w");
        page.See("dialog[open] form:nth-of-type(2) input").SendKeys("Fire drill" + Keys.Enter);
        page.See("[data-pencil]").Text.ShouldContain("Fire drill");
        Axe.Clean(page, "a block in one's own words");
        page.Press(Keys.Delete);
        page.Until(_ => page.All("[data-pencil]").Count == 0, "taken out");
        page.Press("u");
        page.See("[data-pencil]");
        page.Press("u");
        page.Until(_ => page.All("[data-pencil]").Count == 0, "the words undone");
        page.See("#strip-1-circle-0").Text.ShouldContain("garden");
        page.Press("u");
        page.Until(_ => !page.See("#strip-1-circle-0").Text.Contains("garden"), "the title undone");
        page.Named("button", "Weeks").Click();
        page.Click("[data-colours] label:nth-of-type(3)");
        page.See("[data-colour=honey]");
    }

    [Fact]
    public async Task Letters_are_moved_and_switched_off_and_help_is_clean_in_both_looks()
    {
        foreach (var (dark, width) in ((bool, int)[])[(false, 1280), (true, 390)])
        {
            using var page = new Page(width, 844, dark);
            page.Go(await site.PlaceAsync("week")).See("[data-truth]");
            if (width < 768)
            {
                page.Click("nav summary");
                Axe.Clean(page, $"more, {width}", dark);
                page.Named("button", "Help: tour, signs, keys").Click();
            }
            else
            {
                page.Click("nav button[aria-label^='Help']");
            }

            page.See("[data-tour] a");
            Axe.Clean(page, $"tour, {width}", dark);
            page.Named("button", "What the signs mean").Click();
            page.See("[data-legend]");
            Axe.Clean(page, $"legend, {width}", dark);
            page.Named("button", "Keys").Click();
            page.See("dialog dl input");
            Axe.Clean(page, $"keys, {width}", dark);
        }

        using var desk = new Page();
        desk.Go(await site.PlaceAsync("week")).See("[data-truth]");
        desk.Press("?");
        var safety = desk.See("dialog input[aria-label='Key: Safety of the week']");
        safety.SendKeys(Keys.Control + "a");
        safety.SendKeys("l");
        desk.See("dialog [role=alert]").Text.ShouldContain("something else");
        safety.SendKeys(Keys.Control + "a");
        safety.SendKeys("k");
        desk.Press(Keys.Escape);
        desk.Until(_ => desk.All("dialog[open]").Count == 0, "the list to close");
        desk.Press("s");
        desk.All("dialog[open]").ShouldBeEmpty();
        desk.Press("k");
        desk.See("[data-finding]");
        desk.Press(Keys.Escape);
        desk.Until(_ => desk.All("dialog[open]").Count == 0, "safety to close");
        desk.Press("?");
        desk.Click("dialog input[type=checkbox]");
        desk.Press(Keys.Escape);
        desk.Until(_ => desk.All("dialog[open]").Count == 0, "the list to close");
        desk.Press("k" + "?" + "6");
        desk.All("dialog[open]").ShouldBeEmpty();
        desk.Address.ShouldEndWith("/week");
    }

    // What is asked for before the page is there has to be what the page asks for: else the house answers twice.
    [Fact]
    public async Task Nothing_is_asked_for_twice_while_a_place_loads()
    {
        using var page = new Page();
        foreach (var place in Places)
        {
            page.Go(await site.PlaceAsync(place)).See("main h1");
            page.Until(_ => page.All("[data-skeleton]").Count == 0, "all of it to be there");
            page.Script.ExecuteScript(
                    """
                    const asked = performance.getEntriesByType('resource').map((r) => r.name).filter((n) => n.includes('/api/'));
                    return asked.filter((n, i) => asked.indexOf(n) < i).join(', ')
                    """
                )
                .ShouldBe("", place);
        }
    }

    // Today's offers once had 151 of 800 pixels to scroll in, and the preview of a sheet 39. 640 × 400 is a desk at double zoom.
    [Theory]
    [InlineData(390, 844)]
    [InlineData(640, 400)]
    [InlineData(320, 640)]
    public async Task On_a_small_screen_a_place_scrolls_as_a_whole_and_never_sideways(int width, int height)
    {
        using var page = new Page(width, height);
        foreach (var place in Places.Concat(["ideas/making", "ideas/words", "prep/paper/dice"]))
        {
            page.Go(await site.PlaceAsync(place)).See("main h1");
            page.Until(_ => page.All("[data-skeleton]").Count == 0, "all of it to be there");
            page.Script.ExecuteScript(
                    """
                    const narrow = (e) => e.scrollWidth > e.clientWidth + 2 ? [`${e.tagName} ${e.scrollWidth} wide`] : [];
                    const main = document.querySelector('main');
                    return narrow(main).concat([...main.querySelectorAll('*')].filter((e) =>
                        !e.matches('textarea, select, .sr-only') && /auto|scroll/.test(getComputedStyle(e).overflowY)
                        && e.scrollHeight > e.clientHeight + 12 && e.clientHeight > 0 && e.clientHeight < innerHeight * 0.28)
                      .map((e) => `${e.tagName} ${e.className} ${e.clientHeight} of ${e.scrollHeight}`)).join('; ')
                    """
                )
                .ShouldBe("", $"{place} at {width} × {height}");
        }
    }

    // Today's menu once opened with two thirds of it left of a phone's edge.
    [Theory]
    [InlineData(390, 844)]
    [InlineData(768, 1024)]
    [InlineData(1280, 800)]
    public async Task Every_menu_opens_whole_on_the_page(int width, int height)
    {
        using var page = new Page(width, height);
        foreach (var place in (string[])["week", "today"])
        {
            page.Go(await site.PlaceAsync(place)).See("main h1");
            page.Until(_ => page.All("main details.dropdown summary").Count > 0, $"the menus of {place}");
            foreach (var button in page.All("details.dropdown > summary").Where(b => b.Displayed).ToArray())
            {
                button.Click();
                page.See("details.dropdown[open] .dropdown-content");
                page.Script.ExecuteScript(
                        """
                        const box = document.querySelector('details.dropdown[open] .dropdown-content').getBoundingClientRect();
                        return box.left < 0 || box.right > innerWidth || box.top < 0 || box.bottom > innerHeight
                          ? `${Math.round(box.left)} to ${Math.round(box.right)}, ${Math.round(box.top)} to ${Math.round(box.bottom)}` : ''
                        """
                    )
                    .ShouldBe("", $"a menu of {place} at {width}");
                page.Press(Keys.Escape);
                page.Until(_ => page.All("details.dropdown[open]").Count == 0, "closed");
            }
        }
    }

    [Fact]
    public async Task On_a_phone_the_week_begins_in_the_upper_third_and_on_a_desk_all_ladders_are_in_sight()
    {
        using (var phone = new Page(390, 844))
        {
            phone.Go(await site.PlaceAsync("week")).See("[data-strip]");
            var top = (long)
                phone.Script.ExecuteScript(
                    "return Math.round(document.querySelector('[data-strip]').getBoundingClientRect().top)"
                )!;
            top.ShouldBeLessThan(844 / 3 + 20);
            // What is not shown at once is a press away.
            phone.See("[data-truth]").Text.ShouldNotContain("of practice still missing");
            phone.Click("[data-truth-all]");
            phone.Until(_ => phone.See("[data-short]").Displayed, "all figures");
        }

        using var desk = new Page();
        desk.Go(await site.PlaceAsync("group")).See("#cell-0-0");
        desk.Script.ExecuteScript(
                """
                const grid = document.querySelector('main table').parentElement;
                return `${grid.scrollWidth - grid.clientWidth} px out of sight of ${document.querySelectorAll('main thead th').length - 1}`
                """
            )!
            .ToString()!
            .ShouldStartWith("0 px");
    }

    [Fact]
    public async Task On_a_phone_the_group_is_one_child_at_a_time()
    {
        using var page = new Page(390, 844);
        page.Go(await site.PlaceAsync("group")).See("[data-one-child]");
        page.See("[data-one-child] select").Text.ShouldContain("Anouk");
        page.All("[data-evidence]").Count.ShouldBe(1);
        page.Click("[data-one-child] button[aria-label='The next child']");
        page.Until(_ => page.See("[data-evidence] h2").Text.StartsWith("Bao", StringComparison.Ordinal), "the next");
        page.Click("#cell-1-2");
        page.Until(_ => page.See("[data-evidence] h2").Text.Contains("Fastening"), "the ladder");
        Axe.Clean(page, "one child, 390 wide");
    }

    [Theory]
    [InlineData("prep")]
    [InlineData("cupboard")]
    [InlineData("ideas")]
    [InlineData("families")]
    [InlineData("today")]
    public async Task The_browser_prints_all_of_a_place_not_only_what_is_in_sight(string place)
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync(place)).See("h1");
        page.Until(_ => page.All("[data-skeleton]").Count == 0 && page.All("main li").Count > 3, "all of it");
        string[] lines =
        [
            .. page.All("main li, main h2, main h3")
                .Where(e => e.Displayed)
                .Select(e => Letters(e.Text.Split('\n')[0]))
                .Where(t => t.Length > 3)
                .Select(t => t[..Math.Min(18, t.Length)])
                .Distinct(),
        ];
        using var pdf = UglyToad.PdfPig.PdfDocument.Open(page.Printed());
        var printed = Letters(string.Concat(pdf.GetPages().Select(p => p.Text)));
        lines.Where(l => !printed.Contains(l, StringComparison.Ordinal)).ShouldBeEmpty($"{place}, of {lines.Length}");
    }

    private static string Letters(string text) => string.Concat(text.Where(char.IsLetter));

    private static string Idea(Page page, string place) =>
        page.Until(_ => page.See($"#strip-{place}").GetAttribute("data-strip"), place)!;
}
