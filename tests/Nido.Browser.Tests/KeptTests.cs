using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>What happened is kept: seen in two taps, the door, otherwise than planned, a picture, a page to share.</summary>
public class KeptTests(KeptTests.PastSite site) : IClassFixture<KeptTests.PastSite>
{
    private static void OpenFirstChild(Page page) => page.Click("main article section li button");

    [Fact]
    public async Task Two_taps_keep_what_was_seen_and_it_is_there_when_the_page_is_opened_again()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        OpenFirstChild(page);
        page.Until(_ => page.All("[data-one-tap] button").FirstOrDefault(b => b.Text == "alone"), "the four words")!
            .Click();
        page.Until(
            _ => page.See("main article section li button").Text.Contains("alone", StringComparison.Ordinal),
            "kept"
        );
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        page.Until(
            _ => page.See("main article section li button").Text.Contains("alone", StringComparison.Ordinal),
            "still"
        );
        OpenFirstChild(page);
        page.Named("button", "Take back").Click();
        page.Until(
            _ => !page.See("main article section li button").Text.Contains("alone", StringComparison.Ordinal),
            "back"
        );
    }

    [Fact]
    public async Task A_sign_brings_its_one_change_and_goes_along_with_what_was_seen()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        page.Until(_ => page.All("main article section li button").Count > 1, "children");
        page.All("main article section li button")[1].Click();
        page.See("[data-more] summary").Click();
        page.See("[data-more] fieldset button").Click();
        page.See("[data-change]").Text.ShouldStartWith("Try:");
        page.Until(_ => page.All("[data-one-tap] > button").FirstOrDefault(b => b.Text == "hands"), "the words")!
            .Click();
        page.Until(
            _ => page.All("main article section li button")[1].Text.Contains("hands", StringComparison.Ordinal),
            "kept"
        );
        page.All("main article section li button")[1].Click();
        page.Named("button", "Take back").Click();
        page.Until(_ => page.All("[data-one-tap]").Count == 0, "closed");
    }

    [Fact]
    public async Task One_tap_at_the_door_changes_who_is_there()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        page.See("[data-door] summary").Click();
        var before = page.See("[data-door] summary").Text;
        page.Until(
                    _ => page.All("[data-door] li:first-of-type fieldset button").FirstOrDefault(b => b.Text == "away"),
                    "the marks"
                )!
            .Click();
        page.Until(_ => page.See("[data-door] summary").Text != before, "one less");
        page.See("[data-door] summary").Text.ShouldContain("away:");
        page.Until(
                    _ =>
                        page.All("[data-door] li:first-of-type fieldset button")
                            .FirstOrDefault(b => b.Text == "there" && b.Enabled),
                    "the marks"
                )!
            .Click();
        page.Until(_ => page.See("[data-door] summary").Text == before, "as before");
    }

    [Fact]
    public async Task Left_out_is_one_choice_and_as_planned_takes_it_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        page.See("article [data-otherwise] summary").Click();
        page.Until(
                    _ =>
                        page.All("article [data-otherwise] li button")
                            .FirstOrDefault(b => b.Displayed && b.Text == "left out"),
                    "the menu"
                )!
            .Click();
        page.Until(
            _ =>
                page.All("article [data-otherwise] p") is [var note, ..]
                && note.Text.Contains("left out", StringComparison.Ordinal),
            "said"
        );
        page.Named("button", "as planned after all").Click();
        page.Until(_ => page.All("article [data-otherwise] p").Count == 0, "back");
    }

    [Theory]
    [InlineData("en")]
    [InlineData("es")]
    public async Task The_journal_shows_the_past_of_a_child_and_of_the_group_without_a_fault(string language)
    {
        using var page = new Page();
        page.Go($"{site.Address}/start");
        page.Script.ExecuteScript($"localStorage.setItem('nido.language', '{language}')");
        page.Go(await site.PlaceAsync("journal")).See("[data-path] svg");
        page.Until(_ => page.All("[data-shares] li").Count == 4, "the aims");
        page.Until(_ => page.All("[data-portfolio] img, [data-hard], [data-notes] li").Count > 1, "what was kept");
        Axe.Clean(page, "a child's journal", false);
        page.Click("main nav button");
        page.Until(_ => page.All("[data-group-term] tbody tr").Count == 14, "the group");
        Axe.Clean(page, "the group's term", false);
        page.See("[data-find]").SendKeys("tongue");
        page.Until(_ => page.All("[data-found] li").Count > 0, "found");
        Axe.Clean(page, "found", false);
    }

    [Fact]
    public async Task The_dialogs_of_today_and_of_the_page_to_share_are_clean()
    {
        using var page = new Page(dark: true);
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        page.See("[data-door] summary").Click();
        OpenFirstChild(page);
        page.See("[data-more] summary").Click();
        Axe.Clean(page, "door and what was seen", true);
        foreach (var name in (string[])["Someone joins", "End of the day", "A picture of the work"])
        {
            page.Named("button", name).Click();
            page.See("dialog[open] h2");
            Axe.Clean(page, name, true);
            page.Press(Keys.Escape);
            page.Until(_ => page.All("dialog[open]").Count == 0, "no dialog");
        }

        page.Go(await site.PlaceAsync("journal")).See("[data-path] svg");
        page.Named("button", "A page to share").Click();
        page.See("dialog[open] input[type=checkbox]");
        Axe.Clean(page, "a page to share", true);
    }

    [Fact]
    public async Task What_is_seen_while_the_house_is_away_waits_and_goes_up_by_itself()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("main ol li");
        page.Until(_ => page.All("main article section li button").Count > 2, "children");
        // The house cannot be reached: nothing that is sent to it gets an answer.
        page.Script.ExecuteScript(
            "window.held = window.fetch; window.fetch = () => Promise.reject(new TypeError('away'))"
        );
        // By name: what was written down may move a child to another step, and with it its place in the list.
        var child = page.All("main article section li button")[2].Text.Split('\n')[0].Trim();
        page.All("main article section li button")[2].Click();
        page.Until(_ => page.All("[data-one-tap] > button").FirstOrDefault(b => b.Text == "shown"), "the words")!
            .Click();
        page.See("[data-waits]").Text.ShouldStartWith("1 ");
        page.Script.ExecuteScript("window.fetch = window.held; window.dispatchEvent(new Event('online'))");
        page.Until(_ => page.All("[data-waits]").Count == 0, "it went up");
        page.Until(
            _ =>
                page.All("main article section li button")
                    .Any(b =>
                        b.Text.StartsWith(child, StringComparison.Ordinal)
                        && b.Text.Contains("shown", StringComparison.Ordinal)
                    ),
            "kept"
        );
    }

    /// <summary>A house with a past, quickly composed.</summary>
    public sealed class PastSite(ComposedSite composed) : RunningSite(composed)
    {
        protected override bool Past => true;

        protected override bool Copied => false;
    }
}
