using System.Text.Json.Nodes;

namespace Nido.Browser.Tests;

/// <summary>axe-core on every screen in both themes; WCAG 2.2 A and AA.</summary>
public class AccessibilityTests(RunningSite site) : IClassFixture<RunningSite>
{
    private static readonly string Axe = File.ReadAllText(Path.Combine(Repository.Root, "src/nido-ui/node_modules/axe-core/axe.min.js"));

    [Theory]
    [InlineData(false, 1280, "week", "group", "cupboard", "ideas", "ideas/making/frame", "ideas/words", "ideas/theme", "prep", "today")]
    [InlineData(true, 1280, "week", "group", "cupboard", "ideas", "ideas/making/dots", "prep", "today")]
    [InlineData(false, 768, "week", "ideas/making/stack", "today")]
    public async Task Every_place_is_clean(bool dark, int width, params string[] places)
    {
        using var page = new Page(width, 800, dark);
        foreach (var place in places)
        {
            page.Go(await site.PlaceAsync(place)).See("h1");
            page.Until(_ => page.All("main button, main input, main select, main textarea, main a").Count > 3, place);
            Clean(page, $"{place}, {(dark ? "dusk" : "day")}, {width} wide", dark);
        }
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public async Task Every_dialog_and_the_bench_are_clean(bool dark)
    {
        using var page = new Page(dark: dark);
        page.Go(await site.PlaceAsync("week"));
        page.Click("#strip-0-stations-1");
        page.See("[data-bench] button");
        Clean(page, "bench", dark);
        page.Press("?");
        Clean(page, "keys", dark);
        page.Press(OpenQA.Selenium.Keys.Escape);
        page.Press("s");
        page.See("[data-finding]");
        Clean(page, "safety", dark);
        page.Press(OpenQA.Selenium.Keys.Escape);
        foreach (var name in (string[])["Weeks", "What matters", "Open"])
        {
            page.Until(_ => page.All("dialog[open]").Count == 0, "no dialog");
            page.Named("button", name).Click();
            page.See("dialog[open] h2");
            Clean(page, name, dark);
            page.Press(OpenQA.Selenium.Keys.Escape);
        }

        page.Go(await site.PlaceAsync("group"));
        foreach (var name in (string[])["Add a child", "Paste or upload", "Settings"])
        {
            page.Until(_ => page.All("dialog[open]").Count == 0, "no dialog");
            page.Named("button", name).Click();
            page.See("dialog[open] h2");
            Clean(page, name, dark);
            page.Press(OpenQA.Selenium.Keys.Escape);
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
        Clean(page, "rota");
        var week = (await site.GetAsync("/api/weeks")).AsArray().First(w => (string)w!["groupName"]! == "Saturday nestlings")!["id"];
        page.Go($"{site.Address}/w/{week}/group").See("[data-spread]");
        Clean(page, "drop-in group");
        page.Named("button", "Settings").Click();
        page.See("[data-expected]");
        Clean(page, "drop-in settings");
    }

    [Fact]
    public void The_start_page_is_clean()
    {
        using var page = new Page();
        page.Go($"{site.Address}/start").Named("h1", "Begin with a group");
        Clean(page, "start");
    }

    /// <summary>Behind an open dialog nothing can be reached, so the dialog is what is judged.</summary>
    /// <remarks>The two themes differ in colour only, so dusk is judged by its colours. Colours are judged when nothing is fading any more; what never ends is not waited for.</remarks>
    private static void Clean(Page page, string where, bool onlyColours = false)
    {
        page.Script.ExecuteScript(Axe);
        var found = JsonNode.Parse((string)page.Script.ExecuteAsyncScript(
            "const done = arguments[arguments.length - 1];"
            + "Promise.race([Promise.all(document.getAnimations().map(a => a.finished.catch(() => 0))), new Promise(r => setTimeout(r, 1000))]).then(() =>"
            + "axe.run(document.querySelector('dialog[open]') ?? document, { resultTypes: ['violations'], elementRef: false, runOnly: " + (onlyColours ? "['color-contrast']" : "['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']") + " }))"
            + ".then(r => done(JSON.stringify(r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160) + ' ' + (n.any[0] ? n.any[0].message : '')).slice(0, 3).join(' | ')))));")!)!;
        found.AsArray().Select(v => v!.GetValue<string>()).ShouldBeEmpty(where);
    }
}
