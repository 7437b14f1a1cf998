namespace Nido.Browser.Tests;

/// <summary>axe-core on every dialog in both themes.</summary>
public class DialogAccessibilityTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public async Task Every_dialog_and_the_bench_are_clean(bool dark)
    {
        using var page = new Page(dark: dark);
        page.Go(await site.PlaceAsync("week"));
        page.Click("#strip-0-stations-1");
        page.See("[data-bench] button");
        Axe.Clean(page, "bench", dark);
        page.Press("?");
        Axe.Clean(page, "keys", dark);
        page.Press(OpenQA.Selenium.Keys.Escape);
        page.Press("s");
        page.See("[data-finding]");
        Axe.Clean(page, "safety", dark);
        page.Press(OpenQA.Selenium.Keys.Escape);
        foreach (var name in (string[])["Weeks", "What matters", "Open"])
        {
            page.Until(_ => page.All("dialog[open]").Count == 0, "no dialog");
            page.Named("button", name).Click();
            page.See("dialog[open] h2");
            Axe.Clean(page, name, dark);
            page.Press(OpenQA.Selenium.Keys.Escape);
        }

        page.Until(_ => page.All("dialog[open]").Count == 0, "no dialog");
        page.Named("button", "strands").Click();
        page.See("[data-loom=strands]");
        page.Press("d");
        page.See("[data-day-board] article");
        Axe.Clean(page, "loom by strand, one day", dark);
        page.Go(await site.PlaceAsync("group"));
        foreach (var name in (string[])["Add a child", "Paste or upload", "Settings"])
        {
            page.Until(_ => page.All("dialog[open]").Count == 0, "no dialog");
            page.Named("button", name).Click();
            page.See("dialog[open] h2");
            Axe.Clean(page, name, dark);
            page.Press(OpenQA.Selenium.Keys.Escape);
        }
    }
}
