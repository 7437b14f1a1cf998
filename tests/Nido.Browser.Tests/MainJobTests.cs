using OpenQA.Selenium;

namespace Nido.Browser.Tests;

public class MainJobTests(RunningSite site) : IClassFixture<RunningSite>
{
    private const string Table = "#strip-1-table-0";

    [Fact]
    public async Task By_mouse_swap_an_idea_see_the_figures_change_and_take_it_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Until(_ => page.Strips().Length == 50, "fifty places");
        page.Strips().ShouldAllBe(s => s.Length > 0);
        page.Truth().ShouldContain("14 of 14");
        page.See("[aria-label='The loom']").FindElements(By.CssSelector("tbody tr")).Count.ShouldBe(14);

        var before = page.See(Table).GetAttribute("data-strip");
        page.Click(Table);
        page.See("[data-bench] button");
        page.See("[data-bench-bar]").Text.ShouldContain("Why here?");
        page.Click("[data-bench] button:enabled");
        var after = page.Until(
            _ => page.See(Table).GetAttribute("data-strip") is { } now && now != before ? now : null,
            "the swap"
        );
        after.ShouldNotBe(before);
        page.Click("button[aria-label^='Undo: Put in']");
        page.Until(_ => page.See(Table).GetAttribute("data-strip") == before, "the undo");
        page.Click("button[aria-label^='Redo']");
        page.Until(_ => page.See(Table).GetAttribute("data-strip") == after, "the redo");
        page.Click("button[aria-label^='Undo: Put in']");
        page.Until(_ => page.See(Table).GetAttribute("data-strip") == before, "the undo");
    }

    [Fact]
    public async Task Compose_tells_how_far_it_is_and_ends_with_a_whole_week()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Click(Table);
        page.See("[data-bench] button");
        page.Named("button", "Take out").Click();
        page.Until(_ => page.See(Table).GetAttribute("data-strip") == "", "the empty place");
        page.Truth().ShouldContain("1 place empty");
        page.Named("button", "Compose").Click();
        page.See("[data-composing]").Text.ShouldContain("best so far");
        page.UntilComposed(() => page.Truth().Contains("14 of 14") && !page.Truth().Contains("empty"));
        page.Strips().ShouldAllBe(s => s.Length > 0);
    }

    [Fact]
    public async Task By_keyboard_the_whole_main_job()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Script.ExecuteScript("document.getElementById('strip-0-welcome-0').focus()");
        page.Press(Keys.ArrowRight + Keys.ArrowDown);
        page.Focused.GetAttribute("id").ShouldBe("strip-1-welcome-1");
        page.Press(Keys.Enter);
        page.Until(
            _ => page.See("dialog[open]").Text.Contains("Who works how", StringComparison.Ordinal),
            "who works how"
        );
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "the card to close");

        var before = page.See("#strip-1-welcome-1").GetAttribute("data-strip");
        page.See("[data-bench] button");
        page.Press("x");
        page.Until(
            _ => page.Focused.FindElements(By.XPath("ancestor::*[@data-bench]")).Count > 0,
            "the focus on the bench"
        );
        page.Press(Keys.Enter);
        page.Until(_ => page.See("#strip-1-welcome-1").GetAttribute("data-strip") != before, "the swap");
        page.Press("u");
        page.Until(_ => page.See("#strip-1-welcome-1").GetAttribute("data-strip") == before, "the undo");
        page.Press("l");
        page.Until(
            _ => page.See("#strip-1-welcome-1").FindElements(By.CssSelector("[aria-label=locked]")).Count == 1,
            "the lock"
        );
        page.Script.ExecuteScript("document.getElementById('strip-2-table-1').focus()");
        page.Press(Keys.Enter);
        page.See("dialog[open]");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "the card to close");
        page.Press(Keys.Delete);
        page.Until(_ => page.Truth().Contains("1 place empty"), "the empty place");
        page.Press("c");
        page.Until(_ => page.All("[data-composing]").Count == 0 && !page.Truth().Contains("empty"), "the composition");
        page.See("#strip-1-welcome-1").GetAttribute("data-strip").ShouldBe(before);

        foreach (
            var (key, heading) in new[]
            {
                ("1", "Wren room"),
                ("2", "Cupboard"),
                ("3", "Ideas"),
                ("5", "Prep"),
                ("4", "The little post office"),
            }
        )
        {
            page.Press(key);
            page.Named("h1", heading);
        }

        page.Press("2");
        page.See("[data-find]");
        page.Press("/");
        page.Press("dice");
        page.Until(_ => page.All("main h2").Any(h => h.Text == "Dice, large"), "the find");
        page.Press(Keys.Tab);
        page.Press("?");
        page.See("dialog[open]").Text.ShouldContain("Compose the week");
    }

    [Fact]
    public async Task Something_comes_up_is_worked_in_and_taken_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        var before = page.Strips();
        page.Named("button", "Came up").Click();
        page.See("[data-kind]").SendKeys("It rains");
        page.Until(_ => page.All("[data-subject]").Count == 0, "no child to choose");
        page.Named("button", "Work it in").Click();
        page.See("[data-came-up]").Text.ShouldContain("Rain, Monday");
        page.See("[data-look]").Text.ShouldContain("Smallest share");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "the dialog closed");
        page.Press("u");
        page.Until(_ => page.Strips().SequenceEqual(before), "the week as it was");

        page.Named("button", "What matters").Click();
        page.Until(_ => page.All("dialog[open] input[type=range]").Count == 5, "the sliders");
        page.All("dialog[open] input[type=range]")[3].SendKeys(string.Concat(Enumerable.Repeat(Keys.ArrowRight, 5)));
        page.Named("button", "Show what it would do").Click();
        page.See("[data-look]").Text.ShouldContain("Prep");
        page.Strips().ShouldBe(before, "looking changes nothing");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "the dialog closed");
        page.Named("button", "what may go wrong").Click();
        page.See("[data-played]").Text.ShouldContain("played 2000 times");
    }

    [Fact]
    public async Task Choosing_a_child_lights_what_serves_it()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Click("[aria-label='The loom'] tbody tr button");
        page.Until(_ => page.All("[aria-label='The loom'] tbody button[aria-pressed='true']").Count == 1, "the choice");
    }

    [Fact]
    public async Task Every_number_of_a_card_opens_to_its_trace()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas/snip-and-cut.card-a4"));
        page.Click("article table details summary");
        page.See("article table details li").Text.ShouldContain("→");
        page.Click("article > ul details summary");
        page.See("article > ul").Text.ShouldContain("Source:");
    }

    [Fact]
    public async Task Spanish_and_dusk_are_one_press_away()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Click("button[aria-label='Español']");
        page.Named("button", "Componer");
        page.Click("button[aria-label='Claro u oscuro']");
        page.Script.ExecuteScript("return document.documentElement.dataset.theme").ShouldBe("nido-dusk");
    }

    [Fact]
    public async Task Nothing_is_loaded_from_outside()
    {
        using var page = new Page();
        foreach (var place in (string[])["week", "group", "cupboard", "ideas", "ideas/making/dots", "prep", "today"])
        {
            page.Go(await site.PlaceAsync(place)).See("h1");
            var loaded =
                (IReadOnlyCollection<object>)
                    page.Script.ExecuteScript("return performance.getEntriesByType('resource').map(e => e.name)")!;
            loaded.ShouldAllBe(name => $"{name}".StartsWith(site.Address) || $"{name}".StartsWith("data:"));
        }
    }
}
