using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>Paper: from Prep to the pages of the week, and a sheet by itself.</summary>
public class PaperTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task From_prep_the_paper_of_the_week_is_chosen_and_counted()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("prep")).See("[data-paper]");
        page.Until(_ => page.See("[data-paper]").Text.Contains("page", StringComparison.Ordinal), "the pages counted");
        page.Click("[data-paper]");
        page.See("[data-order]");
        var all = Number(page.See("[data-print]").Text);
        all.ShouldBeGreaterThan(0);
        var first = page.All("[data-order]")[0];
        var own = first
            .Text.Split('\n')
            .Select(l => l.Trim())
            .First(l => l.Contains(" p. × ", StringComparison.Ordinal))
            .Split(" p. × ")
            .Select(t => int.Parse(t, null))
            .ToArray();
        first.FindElement(By.CssSelector("input[type=checkbox]")).Click();
        page.Until(_ => Number(page.See("[data-print]").Text) == all - (own[0] * own[1]), "one sheet fewer");
    }

    [Fact]
    public async Task A_sheet_shows_what_it_prints_and_a_wrong_value_is_told_at_its_field()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("prep/paper/squares")).See("[data-preview] img");
        var side = page.See("#field-side");
        side.SendKeys(Keys.Control + "a");
        side.SendKeys("2,5");
        page.Until(_ => page.All("#problem-side").Count == 1, "the refusal at the field");
        page.See("#problem-side").Text.ShouldContain("from 8 to 80");
        page.Focused.GetAttribute("id").ShouldBe("field-side", "what was typed and where one is stays");
        side.SendKeys(Keys.Control + "a");
        side.SendKeys("20,5");
        page.Until(_ => page.All("#problem-side").Count == 0 && page.All("[data-preview] img").Count > 0, "the sheet");
    }

    [Fact]
    public async Task A_child_s_name_goes_to_its_sheet_and_never_into_the_address()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("tbody tr");
        page.Until(
            _ =>
            {
                page.All("tbody th button").First(b => b.Text.StartsWith("Anouk", StringComparison.Ordinal)).Click();
                return true;
            },
            "the child"
        );
        page.Named("a", "Print own name").Click();
        page.See("#field-names").GetAttribute("value").ShouldBe("Anouk");
        page.Address.ShouldNotContain("Anouk");
    }

    private static int Number(string text) => int.Parse(string.Concat(text.Where(char.IsDigit)), null);
}
