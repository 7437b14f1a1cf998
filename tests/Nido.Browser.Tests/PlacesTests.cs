using OpenQA.Selenium;

namespace Nido.Browser.Tests;

public class PlacesTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task A_child_is_added_changed_and_removed_and_a_wrong_date_is_explained()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("tbody tr");
        page.Named("button", "Add a child").Click();
        page.See("dialog[open] input[name=name]").SendKeys("Tavi");
        SetDate(page, "2031-05-01");
        page.Named("button", "Save").Click();
        page.See("dialog[open] label:has([aria-invalid=true])").Text.ShouldContain("in the future");
        SetDate(page, "2023-05-01");
        page.Named("button", "Save").Click();
        page.Until(_ => page.All("dialog[open]").Count == 0 && page.All("tbody tr").Count == 15, "the new row");

        page.Until(
            _ =>
            {
                page.All("tbody th button").First(b => b.Text.StartsWith("Tavi", StringComparison.Ordinal)).Click();
                return true;
            },
            "the row"
        );
        page.See("dialog[open] input[name=mouths]").Click();
        page.Named("button", "Save").Click();
        page.Until(
            _ => page.All("tbody tr").Any(r => r.Text.Contains("Tavi") && r.Text.Contains("mouths")),
            "the mark"
        );

        page.Until(
            _ =>
            {
                page.All("tbody th button").First(b => b.Text.StartsWith("Tavi", StringComparison.Ordinal)).Click();
                return true;
            },
            "the row"
        );
        page.Named("button", "Remove from the group").Click();
        page.Until(_ => page.All("tbody tr").Count == 14, "the row gone");
    }

    [Fact]
    public async Task The_steps_of_the_group_are_walked_with_the_arrows()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("tbody tr");
        page.Script.ExecuteScript("document.getElementById('cell-0-0').focus()");
        page.Press(Keys.ArrowDown + Keys.ArrowDown + Keys.ArrowRight);
        page.Focused.GetAttribute("id").ShouldBe("cell-2-1");
        page.See("section[aria-label='The chosen step']").Text.ShouldContain("Ciro · Carrying with tools");
    }

    [Fact]
    public async Task A_material_shows_what_it_can_do_how_it_is_made_and_leads_to_the_idea()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("cupboard")).See("main h2");
        page.See("[data-find]").SendKeys("wooden blocks");
        page.Until(_ => page.All("main section[aria-label=Cupboard] button").Count == 1, "one tile");
        page.Click("main section[aria-label=Cupboard] button");
        page.Until(_ => page.See("aside h2").Text == "Wooden blocks", "the material");
        page.See("[data-carries]").Text.ShouldContain("do this week?");
        page.Until(_ => page.All("[data-carries] li").Count > 1, "what it can do");
        var amount = page.See("[data-carries] input");
        amount.SendKeys(Keys.Control + "a");
        amount.SendKeys("1");
        page.Until(_ => page.All("[data-carries] li").All(l => l.Text.Contains("would take")), "too few");
        page.Click("[data-carries] a");
        page.See("article").Text.ShouldContain("Who works how");
    }

    [Fact]
    public async Task A_shelf_is_counted_with_the_keyboard()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("cupboard")).See("main h2");
        page.Named("button", "Count a shelf").Click();
        page.See("dialog[open] form input").Click();
        page.Press("17" + Keys.Tab + "4");
        page.Named("button", "Keep 2 counts").Click();
        page.Until(
            _ => page.All("dialog[open]").Count == 0 && page.All("main button").Any(b => b.Text.Contains("17 pieces")),
            "the new amount"
        );
    }

    [Fact]
    public async Task The_ledger_explains_what_cannot_be()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("cupboard")).See("main h2");
        page.See("[data-find]").SendKeys("dice");
        page.Until(_ => page.All("aside h2").Any(h => h.Text == "Dice, large"), "the panel");
        page.See("aside select").SendKeys("used");
        page.See("aside form input").SendKeys("99");
        page.Named("button", "Write").Click();
        page.See("aside form label span.text-error").Text.ShouldContain("Only 4");
    }

    [Fact]
    public async Task Ideas_are_found_by_word_and_by_aim()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas")).See("main li button");
        var all = page.All("main li button").Count;
        page.See("[data-find]").SendKeys("scissors");
        page.Until(
            _ =>
                page.All("main ul > li button").Count is > 0 and var n && n < all
                || page.All("main li button").Count < all,
            "fewer ideas"
        );
        page.See("[data-find]").SendKeys(Keys.Control + "a" + Keys.Backspace);
        page.Named("button", "sensory").Click();
        page.Until(_ => page.All("main li button")[0].Text.Length > 0, "the list");
    }

    [Fact]
    public async Task What_is_ticked_off_stays_ticked()
    {
        using var page = new Page();
        var address = await site.PlaceAsync("prep");
        page.Go(address);
        page.Click("main input[type=checkbox]");
        page.Go(address);
        page.See("main input[type=checkbox]").Selected.ShouldBeTrue();
    }

    [Fact]
    public async Task A_new_week_begins_empty_and_the_old_one_is_still_there()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Named("button", "Weeks").Click();
        page.See("dialog[open] form");
        page.Named("button", "Add the week").Click();
        page.Until(_ => page.Strips() is { Length: 50 } strips && strips.All(s => s.Length == 0), "an empty board");
        page.Truth().ShouldContain("50 places empty");
        page.Named("button", "Weeks").Click();
        page.Until(_ => page.See("dialog[open]").Text.Contains("7 December"), "the old week");
        page.Until(
            _ =>
            {
                page.All("dialog[open] li button").First(b => b.Text.Contains("7 December")).Click();
                return true;
            },
            "the old week"
        );
        page.Until(_ => page.Strips().All(s => s.Length > 0), "the old board");
    }

    [Fact]
    public async Task The_week_can_be_taken_away_in_every_form()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Click("summary");
        string[] files = [.. page.All("details a[download]").Select(a => a.GetAttribute("href") ?? "")];
        files.Length.ShouldBe(5);
        page.Click("details a[href$='/families']");
        page.Until(_ => page.All("[data-home]").Count > 2, "things to do at home");
        string[] links =
        [
            .. files,
            .. page.All("[data-letter-tools] a[download]").Select(a => a.GetAttribute("href") ?? ""),
        ];
        links.Length.ShouldBe(7);
        page.Click("[data-letter-tools] fieldset:nth-of-type(2) button:nth-of-type(2)");
        page.Until(_ => page.See("[data-letter]").Text.Contains("Diez minutos en casa"), "the page in Spanish");
        using var client = new HttpClient();
        foreach (var link in links)
        {
            (await client.GetByteArrayAsync(link, TestContext.Current.CancellationToken)).Length.ShouldBeGreaterThan(
                500,
                link
            );
        }
    }

    private static void SetDate(Page page, string date) =>
        page.Script.ExecuteScript(
            "const i = document.querySelector('dialog[open] input[type=date]');"
                + "Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(i, arguments[0]);"
                + "i.dispatchEvent(new Event('input', { bubbles: true })); i.dispatchEvent(new Event('change', { bubbles: true }));",
            date
        );
}
