using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>How the group works, who goes with whom, whoever comes, and a theme of one's own: each to its effect on the
/// screen.</summary>
public class GroupTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task Escape_asks_before_it_drops_what_was_typed()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group"));
        page.Named("button", "Add a child").Click();
        page.See("dialog[open] h2");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "nothing typed: it closes");
        page.Named("button", "Add a child").Click();
        page.See("dialog[open] input[name=name]").SendKeys("Tavi");
        page.Press(Keys.Escape);
        page.See("dialog[open] [role=alert]").Text.ShouldContain("not kept yet");
        page.Named("button", "Keep typing").Click();
        page.See("dialog[open] input[name=name]").GetAttribute("value").ShouldBe("Tavi");
        page.See("dialog[open] [aria-label=Close]").Click();
        page.Named("button", "Drop it").Click();
        page.Until(_ => page.All("dialog[open]").Count == 0, "it is dropped");
    }

    [Fact]
    public async Task What_the_server_refuses_stands_at_its_field()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group"));
        page.Named("button", "Add a child").Click();
        page.See("dialog[open] input[name=name]").SendKeys("Tavi");
        page.See("dialog[open] input[name=bornOn]").SendKeys("01022023");
        var language = page.See("dialog[open] input[name=homeLanguage]");
        language.Clear();
        language.SendKeys("99");
        page.Named("button", "Save").Click();
        page.See("dialog[open] input[name=homeLanguage][aria-invalid=true]");
        page.See("dialog[open] label:has([name=homeLanguage])").Text.ShouldContain("two small letters");
        page.See("dialog[open] input[name=name]").GetAttribute("value").ShouldBe("Tavi");
    }

    [Fact]
    public async Task A_menu_closes_on_escape_on_a_choice_and_on_a_press_elsewhere()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        var button = page.See("details.dropdown summary");
        button.Click();
        page.See("details.dropdown[open] a");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("details.dropdown[open]").Count == 0, "Escape closes it");
        page.Focused.TagName.ShouldBe("summary");
        button.Click();
        page.See("details.dropdown[open] a");
        page.See("h1").Click();
        page.Until(_ => page.All("details.dropdown[open]").Count == 0, "a press elsewhere closes it");
    }

    [Fact]
    public async Task A_way_of_working_is_chosen_and_the_card_says_so()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("tbody tr");
        page.Named("button", "Settings").Click();
        page.See("[data-ways]").Text.ShouldContain("How a way of working is shown");
        Choose(page, "[data-ways] select", "Thinking aloud");
        page.See("[data-ways]").Text.ShouldContain("The order of the steps is remembered better");
        page.Named("button", "Save").Click();
        page.Until(_ => page.All("dialog[open]").Count == 0, "the settings saved");
        page.Go(await site.PlaceAsync("ideas/snip-and-cut.card-a4"));
        page.Until(_ => page.See("[data-cues]").Text.Contains("say each thought", StringComparison.Ordinal), "the cue");
    }

    [Fact]
    public async Task A_child_gets_a_support_and_an_objective_and_the_card_has_both()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("tbody tr");
        page.Until(
            _ =>
            {
                page.All("tbody th button").First(b => b.Text.StartsWith("Mateus", StringComparison.Ordinal)).Click();
                return true;
            },
            "the row"
        );
        page.Until(
            _ =>
            {
                page.All("dialog[open] label")
                    .First(l => l.Text.Contains("half as long again", StringComparison.Ordinal))
                    .Click();
                return true;
            },
            "the support"
        );
        page.Named("button", "Save").Click();
        page.Until(_ => page.All("dialog[open]").Count == 0, "the child saved");
        var scissors = page.All("thead th").Select(h => h.Text).ToList().IndexOf("Scissors") - 1;
        page.Click($"#cell-12-{scissors}");
        page.Until(_ => page.See("[data-evidence] h2").Text == "Mateus · Scissors", "the cell");
        page.Named("button", "Set").Click();
        page.Until(
            _ => page.See("[data-objective]").Text.Contains("Working towards step", StringComparison.Ordinal),
            "the objective"
        );
        page.See($"#cell-12-{scissors}").Text.ShouldContain("◎");
        page.Go(await site.PlaceAsync("ideas/snip-and-cut.card-a4"));
        page.Until(
            _ =>
                page.See("article").Text is var card
                && card.Contains("Mateus: half as long again")
                && card.Contains("Working towards step"),
            "both on the card"
        );
    }

    [Fact]
    public async Task Groups_at_stations_are_changed_by_keyboard_and_formed_again()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("article");
        page.Press(Keys.ArrowRight + Keys.ArrowRight);
        page.Named("button", "Groups").Click();
        page.See("[data-rota-problems]").Text.ShouldContain("All wishes are kept");
        page.All("[data-rota] table tbody tr").Count.ShouldBe(3);
        page.See("[data-rota] select").SendKeys("Group 3");
        page.Until(
            _ =>
                page.All("[data-rota] section").Select(s => s.FindElements(By.TagName("li")).Count).ToArray()
                    is [3, _, _],
            "the child moved"
        );
        page.Named("button", "Let Nido form them again").Click();
        page.Until(
            _ =>
                page.See("[data-rota-problems]").Text.Contains("All wishes are kept", StringComparison.Ordinal)
                && page.All("[data-rota] section")[0].FindElements(By.TagName("li")).Count > 3,
            "the groups formed"
        );
    }

    [Fact]
    public async Task A_drop_in_group_shows_a_spread_and_kits_and_names_nobody()
    {
        using var page = new Page();
        var week = (await site.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => (string)w!["groupName"]! == "Saturday nestlings")!["id"];
        page.Go($"{site.Address}/w/{week}/group");
        page.Until(
            _ => page.See("[data-spread]").Text.Contains("24 children are expected", StringComparison.Ordinal),
            "the spread"
        );
        page.See("[data-spread]").Text.ShouldContain("about 9");
        page.Named("button", "Settings").Click();
        page.See("[data-expected]");
        var last = page.All("[data-expected] input[aria-label=children]")[^1];
        last.SendKeys(Keys.Control + "a");
        last.SendKeys("13");
        page.Named("button", "Save").Click();
        page.Until(
            _ =>
                page.All("[data-spread]").Count == 1
                && page.See("[data-spread]").Text.Contains("34 children are expected"),
            "the new headcount"
        );
        page.Go($"{site.Address}/w/{week}/week");
        page.Until(_ => page.All("[aria-label='The loom'] tbody tr").Count == 4, "a row an age");
        page.Go($"{site.Address}/w/{week}/ideas").See("article");
        page.Until(_ => page.See("article").Text.Contains("about ", StringComparison.Ordinal), "how many");
    }

    [Fact]
    public async Task A_theme_of_ones_own_is_written_kept_and_used()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas/theme/new")).See("[data-theme-form]");
        page.Named("button", "Keep this theme").Click();
        page.See("[data-theme-form] label:has([aria-invalid=true])").Text.ShouldContain("needs a name");
        page.See("[data-theme-name]").SendKeys("The little lighthouse");
        page.See("[data-theme-letter]").SendKeys("l");
        page.See("[data-theme-words]").SendKeys("lamp, ladder, boat, knot, fnerb");
        page.Until(_ => page.All("[data-word]").Count == 5, "the words");
        page.See("[data-word=ladder] img").GetAttribute("src")!.ShouldContain("/pictures/");
        page.See("[data-word=ladder]").Text.ShouldContain("Says L clearly");
        Choose(page, "[data-word=fnerb] select", "Other words");
        page.Click("[data-word=boat] button");
        page.Until(_ => page.All("[data-word=boat] button img").Count > 3, "pictures to choose from");
        page.Until(
            _ =>
            {
                page.All("[data-word=boat] button[title]")[1].Click();
                return true;
            },
            "a picture"
        );
        page.Named("button", "Keep this theme").Click();
        page.Until(_ => page.All("header a").Any(a => a.Text == "The little lighthouse"), "the theme in the list");
        page.Until(
            _ =>
                page.All("[data-word]").Count == 5
                && page.See("[data-word=fnerb] select").GetAttribute("value") == "notThis",
            "what was set"
        );
        page.Press("4");
        page.Named("button", "Weeks").Click();
        Choose(page, "dialog[open] form label:nth-of-type(2) select", "The little lighthouse");
        page.Named("button", "Add the week").Click();
        page.Named("h1", "The little lighthouse");
    }

    private static void Choose(Page page, string css, string text) =>
        page.Until(
            _ =>
            {
                page.See(css).FindElements(By.TagName("option")).First(o => o.Text == text).Click();
                return true;
            },
            $"{text} to choose"
        );
}
