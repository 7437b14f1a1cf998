using OpenQA.Selenium;

namespace Nido.Browser.Tests;

public class SafetyTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task A_finding_is_opened_by_key_lifted_with_a_name_and_a_reason_and_put_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas"));
        page.Until(_ => page.All("[data-barred]").Count == 1, "ideas kept out");
        page.Click("[data-barred] summary");
        page.Click("[data-barred] li button");
        page.See("[data-barred] form input").SendKeys("Watched by the lead alone");
        page.Named("button", "Lift the rule").Click();
        page.Until(_ => page.All("[data-barred] form").Count == 0, "the idea to be let in");

        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Press("s");
        var dialog = page.See("dialog[open]");
        page.Until(_ => dialog.Text.Contains("Kept in the journal") && dialog.Text.Contains("Watched by the lead alone"), "the journal");
        dialog.Text.ShouldContain("your licence");
        page.Click("[data-finding='rolling-underfoot'] div details summary");
        page.See("[data-finding='rolling-underfoot']").Text.ShouldContain("What counts more:");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "the dialog to close");
    }
}
