namespace Nido.Browser.Tests;

/// <summary>axe-core on every screen in both themes; WCAG 2.2 A and AA.</summary>
public class AccessibilityTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Theory]
    [InlineData(
        false,
        1280,
        "week",
        "week/term",
        "group",
        "cupboard",
        "ideas",
        "ideas/making/frame",
        "ideas/words",
        "ideas/theme",
        "prep",
        "prep/paper",
        "prep/paper/own-name",
        "today",
        "journal",
        "families",
        "house"
    )]
    [InlineData(
        true,
        1280,
        "week",
        "group",
        "cupboard",
        "ideas",
        "ideas/making/dots",
        "prep",
        "prep/paper/dice",
        "today",
        "house"
    )]
    [InlineData(false, 768, "week", "week/term", "ideas/making/stack", "prep/paper", "today")]
    [InlineData(false, 390, "prep/paper", "prep/paper/squares", "journal", "families")]
    public async Task Every_place_is_clean(bool dark, int width, params string[] places)
    {
        using var page = new Page(width, 800, dark);
        foreach (var place in places)
        {
            page.Go(await site.PlaceAsync(place)).See("h1");
            page.Until(_ => page.All("main button, main input, main select, main textarea, main a").Count > 3, place);
            Axe.Clean(page, $"{place}, {(dark ? "dusk" : "day")}, {width} wide", dark);
        }
    }

    [Fact]
    public async Task The_rota_and_the_drop_in_group_are_clean()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("article");
        page.Press(OpenQA.Selenium.Keys.ArrowRight + OpenQA.Selenium.Keys.ArrowRight);
        page.Named("button", "Groups").Click();
        page.See("[data-rota] table");
        Axe.Clean(page, "rota");
        var week = (await site.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => (string)w!["groupName"]! == "Saturday nestlings")!["id"];
        page.Go($"{site.Address}/w/{week}/group").See("[data-spread]");
        Axe.Clean(page, "drop-in group");
        page.Named("button", "Settings").Click();
        page.See("[data-expected]");
        Axe.Clean(page, "drop-in settings");
    }

    [Fact]
    public void The_start_page_is_clean()
    {
        using var page = new Page();
        page.Go($"{site.Address}/start").Named("h1", "Begin with a group");
        Axe.Clean(page, "start");
    }
}
