using OpenQA.Selenium;

namespace Nido.Browser.Tests;

public class SafetyTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task A_finding_is_opened_by_key_lifted_with_a_name_and_a_reason_and_put_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas"));
        page.Until(_ => page.All("[data-kept-out]").Count == 1, "ideas kept out");
        page.Click("[data-kept-out] summary");
        // An allergen is never lifted: it has what would serve instead, and no form.
        page.See("[data-kept-out]").Text.ShouldContain("Instead:");
        page.All("[data-kept-out] li button")
            .First(b => b.Text.StartsWith("Override", StringComparison.Ordinal))
            .Click();
        page.See("[data-kept-out] form input").SendKeys("Watched by the lead alone");
        page.Named("button", "Lift the rule").Click();
        page.Until(_ => page.All("[data-kept-out] form").Count == 0, "the idea to be let in");

        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        page.Press("s");
        var dialog = page.See("dialog[open]");
        page.Until(
            _ => dialog.Text.Contains("Kept in the journal") && dialog.Text.Contains("Watched by the lead alone"),
            "the journal"
        );
        dialog.Text.ShouldContain("your licence");
        page.Click("[data-finding='rolling-underfoot'] div details summary");
        page.See("[data-finding='rolling-underfoot']").Text.ShouldContain("What counts more:");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("dialog[open]").Count == 0, "the dialog to close");
    }

    [Fact]
    public async Task A_finding_is_resolved_in_one_press_and_checked_again_at_once()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("week"));
        page.Truth();
        await TraineeComesAsync("09:30:00");
        try
        {
            page.Go(await site.PlaceAsync("week"));
            page.Until(_ => page.Truth().Contains("5 blocked"), "five short blocks");
            page.Press("s");
            page.Until(_ => page.All("[data-finding=ratio]").Count == 5, "the findings");
            page.See("[data-finding=ratio]").Text.ShouldContain("3 adults are asked and 2 are there");
            page.Until(
                _ =>
                {
                    page.All("[data-finding=ratio] button")[0].Click();
                    return true;
                },
                "the way out"
            );
            page.Until(_ => page.All("[data-finding=ratio]").Count == 4, "one finding fewer");
            page.Press(Keys.Escape);
            page.Until(_ => page.Truth().Contains("4 blocked"), "the line of truth");
        }
        finally
        {
            await TraineeComesAsync("08:30:00");
        }
    }

    private async Task TraineeComesAsync(string from)
    {
        var path = $"/api/groups/{(await site.GetAsync("/api/groups"))[0]!["id"]!.GetValue<string>()}";
        await site.ChangeAsync(
            path,
            group => group["adults"]!.AsArray().First(a => a!["name"]!.GetValue<string>() == "Trainee")!["from"] = from
        );
    }
}
