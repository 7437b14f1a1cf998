using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>The week from other sides, its days in Today, and the term.</summary>
public class TermTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task One_day_shows_who_works_where_and_the_loom_turns_to_days_strands_and_an_aim()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week")).See("[data-truth]");
        page.Press("d");
        page.See("[data-day-board] article");
        page.Until(
            _ =>
                page.See("[data-day-board]").Text.Contains("Farah") == false
                && page.See("[data-day-board] h2").Text == "Monday 7 December",
            "Monday without Farah"
        );
        page.Click("[aria-label='The next day']");
        page.Until(
            _ =>
                page.See("[data-day-board] h2").Text == "Tuesday 8 December"
                && page.See("[data-day-board]").Text.Contains("Farah"),
            "Tuesday with Farah"
        );
        page.Named("button", "The whole week").Click();
        page.See("#strip-0-stations-1");

        page.Named("button", "days").Click();
        page.Until(_ => page.All("[data-loom=days] tbody tr").Count == 14, "the loom by day");
        page.Named("button", "strands").Click();
        page.Until(_ => page.All("[data-loom=strands] thead th").Count == 31, "a head a strand");
        page.Named("button", "aims").Click();
        page.Click("[data-loom=aims] thead button");
        page.Until(
            _ => page.All("[data-strip].opacity-35").Count > 5,
            "strips that serve fine motor little are dimmed"
        );
    }

    [Fact]
    public async Task A_closed_afternoon_is_worked_in_shown_and_taken_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week")).See("[data-truth]");
        page.Until(_ => page.See("header").Text.Contains("Came up"), "the header");
        page.All("header button").First(b => b.Text.Contains("Came up")).Click();
        page.Click("[data-kind] option[value=closed]");
        page.Script.ExecuteScript(
            "const i = document.querySelector('[data-until]'); "
                + "Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(i, '12:00'); "
                + "i.dispatchEvent(new Event('input', { bubbles: true }))"
        );
        page.Named("button", "Work it in").Click();
        page.Until(
            _ => page.All("[data-came-up] li").Any(l => l.Text.Contains("Closed from 12:00, Monday")),
            "the sentence"
        );
        page.Press(Keys.Escape);
        page.Until(_ => page.See("#strip-0-table-0").Text.Contains("closed"), "the closed block");
        page.Truth().ShouldNotContain("empty");
        page.Press("u");
        page.Until(_ => !page.See("#strip-0-table-0").Text.Contains("closed"), "the block is back");
    }

    [Fact]
    public async Task Today_marks_who_was_shown_and_counts_turns()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("[data-shown] summary").Click();
        page.See("[data-shown] li button").Click();
        page.Until(_ => page.See("[data-shown] summary").Text.StartsWith("Shown to 1 of"), "one is marked");
        page.See("[data-shown] li button").Click();
        page.Until(_ => page.See("[data-shown] summary").Text.StartsWith("Shown to 0 of"), "taken back");
        for (var k = 0; k < 4 && page.All("[data-turns]").Count == 0; k++)
        {
            page.Press(Keys.ArrowRight);
            page.See("article");
        }

        page.See("[data-turns] summary").Click();
        page.See("[data-turns] li button").Click();
        page.Until(_ => page.See("[data-turns] li b").Text == "1", "a tally");
    }

    [Fact]
    public async Task Weeks_in_a_row_get_letters_that_can_be_changed()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week/term")).See("[data-term] tbody tr");
        for (var k = 0; k < 2; k++)
        {
            page.Click("[data-add-weeks] option:nth-of-type(3)");
            page.Until(_ => page.All("[data-add-weeks] ol li").Count == k + 1, "the theme is chosen");
        }

        page.Named("button", "Add 2 weeks").Click();
        page.Until(_ => page.All("[data-term] tbody tr").Count == 3, "three weeks");
        page.All("header button").First(b => b.Text.Contains("Propose letters")).Click();
        page.Until(
            _ =>
                page.All("[data-term] tbody input[maxlength='1']")
                    .Select(i => i.GetAttribute("value"))
                    .Distinct()
                    .Count() == 3,
            "three letters"
        );
        var last = page.All("[data-term] tbody input[maxlength='1']")[2];
        last.SendKeys(Keys.Backspace + "z" + Keys.Tab);
        page.Until(
            _ =>
                page.All("[data-term] tbody input[maxlength='1']")[2].GetAttribute("value") == "Z"
                && page.See("[data-term]").Text.Contains("zip"),
            "the letter is kept, with a word for it"
        );
    }
}
