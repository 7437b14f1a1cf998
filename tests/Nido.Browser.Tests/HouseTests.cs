using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>Settings of the house as its owner walks them, and two people at one child.</summary>
public class HouseTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task What_was_taken_away_comes_back_and_a_backup_is_made_looked_into_and_brought_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("house")).See("[data-backups]");
        page.Named("button", "Make a backup now").Click();
        page.Until(
            _ => page.All("[data-backup]").Count >= 1 && page.All("[data-backup]")[0].Text.Contains("made by hand"),
            "the backup"
        );
        page.See("[data-age]").Text.ShouldContain("less than an hour");

        page.All("section[aria-labelledby=here] > ul > li > div button")[^1].Click();
        page.Until(_ => page.See("[data-bin]").Text.Contains("Group Saturday nestlings"), "the bin");
        page.Named("button", "Put back").Click();
        page.Until(
            _ => page.See("section[aria-labelledby=here]").Text.Contains("Saturday nestlings"),
            "the group back"
        );

        page.Named("button", "Bring back…").Click();
        page.See("dialog[open] table").Text.ShouldContain("Children");
        page.Named("button", "Bring it back").Click();
        page.Until(_ => page.See("[data-restored]").Text.Contains("nido-"), "what was here, kept aside");
        page.Press(Keys.Escape);
        page.Until(_ => page.All("[data-backup]").Count >= 2, "the one kept aside");
    }

    [Fact]
    public async Task Two_people_at_one_child_see_both_and_what_the_second_did_not_touch_stays()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("tbody tr");
        var group = (await site.GetAsync("/api/weeks"))[0]!["groupId"]!.GetValue<string>();
        var child = (await site.GetAsync($"/api/groups/{group}"))["children"]![5]!;
        page.All("tbody th button")
            .First(b => b.Text.StartsWith(child["name"]!.GetValue<string>(), StringComparison.Ordinal))
            .Click();
        page.See("dialog[open] input[name=note]");
        await site.ChangeAsync(
            $"/api/groups/{group}/children/{child["id"]}",
            c => c["allergies"]!.AsArray().Add("kiwi")
        );
        page.See("dialog[open] input[name=note]").SendKeys("Sings at the door");
        page.Named("button", "Save").Click();
        page.Until(_ => page.See("[data-both]").Text.Contains("not touched"), "both");
        page.Named("button", "Keep mine").Click();
        page.Until(_ => page.All("dialog[open]").Count == 0, "the dialog to close");
        var kept = await site.GetAsync($"/api/groups/{group}/children/{child["id"]}");
        kept["allergies"]!.AsArray().Select(a => a!.GetValue<string>()).ShouldContain("kiwi");
        kept["note"]!.GetValue<string>().ShouldContain("Sings at the door");
    }
}
