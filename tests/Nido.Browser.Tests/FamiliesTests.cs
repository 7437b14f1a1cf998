using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>Families and a session as they are worked with: a home, what is asked for, a bag, a count at the door.</summary>
public class FamiliesTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task What_a_home_lacks_is_asked_no_longer_and_what_is_missing_is_shared_out()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("families"));
        page.Named("button", "Mateus").Click();
        page.Until(_ => page.See("[data-letter]").Text.Contains("Mateus"), "his letter");
        page.Click("[data-at-home] summary");
        page.Click("[data-at-home] label input[type=checkbox]");
        foreach (var box in page.All("[data-at-home] fieldset input:checked"))
        {
            box.Click();
        }

        page.Named("button", "Save").Click();
        page.Until(_ => page.See("[data-at-home]").Text.Contains("0 of 29"), "what the home has");
        page.Until(_ => page.All("[data-home]").All(h => !h.Text.Contains("spoon")), "activities without things");
        Axe.Clean(page, "families, a home");
        page.Named("button", "Asking").Click();
        page.Named("button", "Share it out among the families").Click();
        page.Until(_ => page.All("[data-asking] select").Count > 1, "who is asked for what");
        page.All("[data-asking] select")[0].SendKeys("brought");
        page.Until(_ => page.All("[data-asking] tbody tr td:last-child").Any(d => d.Text != "–"), "what was brought");
        Axe.Clean(page, "families, asking");
        page.Named("button", "Bags").Click();
        page.See("[data-bag] ol li");
        Axe.Clean(page, "families, bags");
    }

    [Theory]
    [InlineData(1280)]
    [InlineData(390)]
    public async Task A_session_is_seen_from_welcome_to_farewell_and_counted(int width)
    {
        using var page = new Page(width);
        page.Go(await site.PlaceAsync("today", dropIn: true));
        page.Until(_ => page.All("[data-session] ol > li").Count == 5, "five parts");
        page.Click("[data-session] button:nth-of-type(2)");
        page.See("[data-session] ul li");
        page.Named("button", "Count at the door").Click();
        page.See("[data-count] input");
        Axe.Clean(page, $"session at {width}");
        page.Until(
            _ => (bool)page.Script.ExecuteScript("return document.documentElement.scrollWidth <= innerWidth + 1")!,
            "nothing wider than the page"
        );
        page.Go(await site.PlaceAsync("group", dropIn: true));
        page.Until(_ => page.All("[data-who-comes] tbody tr").Count >= 5, "who comes");
        Axe.Clean(page, $"who comes at {width}");
    }
}
