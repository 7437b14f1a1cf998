using System.Text;
using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>A material and a way of working of one's own, made by hand from the first press to the board.</summary>
public class OwnTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task A_thing_is_kept_and_an_idea_begun_bare_is_done_with_it()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas")).See("[data-make-own]");
        page.Click("[data-own-open]");
        page.Named("button", "A material of your own").Click();
        page.See("[data-own-material]");
        Axe.Clean(page, "a material of one's own");
        Choose(page, "[data-like]", "Wooden blocks");
        Field(page, "What is it called?").SendKeys("Cable reels");
        foreach (var side in (string[])["Length", "Width", "Thickness"])
        {
            Field(page, side).SendKeys("60");
        }

        // What it is made of is asked for, at its place, and nothing typed is lost.
        page.Click("[data-own-material] [data-keep]");
        page.Until(_ => page.See("dialog[open] [role=alert]").Text.Contains("made of"), "the question");
        Field(page, "What is it called?").GetAttribute("value").ShouldBe("Cable reels");
        page.Named("label", "plastic").Click();
        page.Click("[data-own-material] [data-keep]");
        // How many there are is the next thing to say.
        page.Until(_ => page.Address.Contains("/cupboard?open=own-", StringComparison.Ordinal), "the cupboard");
        page.Until(_ => page.All("main aside, main section").Any(p => p.Text.Contains("Cable reels")), "its panel");
        page.Give("[data-own-photo] input", Written("reels.png", Convert.FromBase64String(Dot)));
        page.Until(_ => page.All("[data-own-photo] img").Count == 1, "its photo");
        page.Named("button", "Without a photo").Click();
        page.Until(_ => page.All("[data-own-photo] img").Count == 0, "no photo");

        page.Go(await site.PlaceAsync("ideas")).See("[data-own-open]");
        page.Click("[data-own-open]");
        page.Click("[data-own-bare]");
        page.See("[data-own-idea]");
        page.See("[data-own-title]").SendKeys("Reels in a row");
        Choose(page, "[data-own-ladder]", "In-hand movement", part: true);
        page.Named("label", "stations, rotating").Click();
        Choose(page, "[data-add-thing]", "Cable reels", part: true);
        page.Click("[data-own-steps] input[type=checkbox]");
        page.See("[data-own-text='1-do']").SendKeys("Lay three in a row.");
        Axe.Clean(page, "a way of working of one's own");
        page.Click("[data-own-idea] [data-keep]");
        page.Until(_ => page.See("[data-own-list]").Text.Contains("Reels in a row"), "kept");

        // Taken along as a file and mended by hand, it comes back under another name; a spoiled one says where.
        var address = page.All("[data-own-list] a[download]")[^1].GetAttribute("href")!;
        using var house = new HttpClient();
        var yaml = await house.GetStringAsync(address, TestContext.Current.CancellationToken);
        var mended = yaml.Replace("id: own-", "id: own-a", StringComparison.Ordinal)
            .Replace("materialId: own-", "materialId: own-a", StringComparison.Ordinal)
            .Replace("Reels in a row", "Reels side by side", StringComparison.Ordinal);
        page.Give("[data-own-bring]", Written("spoiled.yaml", Encoding.UTF8.GetBytes(mended + "[")));
        page.Until(_ => page.See("dialog[open] [role=alert]").Text.Contains("line"), "the line");
        page.Give("[data-own-bring]", Written("mended.yaml", Encoding.UTF8.GetBytes(mended)));
        page.Until(_ => page.See("[data-own-list]").Text.Contains("Reels side by side"), "brought");
        Axe.Clean(page, "what is one's own");
    }

    [Fact]
    public async Task A_copy_says_what_was_changed_and_keeps_the_rest()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas")).See("[data-make-own]");
        page.Click("[data-make-own]");
        var title = page.See("[data-own-title]");
        page.Until(_ => title.GetAttribute("value") is { Length: > 0 }, "what it is a copy of");
        title.SendKeys(Keys.Control + "a");
        title.SendKeys("Our own way");
        page.Click("[data-own-steps] summary b");
        var text = page.See("[data-own-steps] textarea");
        text.SendKeys(Keys.Control + "a");
        text.SendKeys("As we do it here.");
        page.Click("[data-own-idea] [data-keep]");
        page.Until(_ => page.All("dialog[open]").Count == 0, "kept");
        page.See("[data-find]").SendKeys("Our own way");
        page.Until(_ => page.All("main li button").Any(b => b.Text.Contains("Our own way")), "found");
        page.All("main li button").First(b => b.Text.Contains("Our own way", StringComparison.Ordinal)).Click();
        page.Until(_ => page.See("article").Text.Contains("As we do it here."), "its card");
        page.See("[data-make-own]").Text.ShouldBe("Change");

        // Taken out by one press, it lies in the bin.
        page.Click("[data-own-open]");
        page.Click("button[aria-label='Take out Our own way']");
        page.Until(_ => !page.See("dialog[open]").Text.Contains("Our own way"), "gone");
        page.Go($"{site.Address}/house").See("[data-bin]");
        page.Until(_ => page.See("[data-bin]").Text.Contains("Our own way"), "in the bin");
    }

    // One white point, as PNG.
    private const string Dot =
        "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8/5+hHgAHggJ/PchI7wAAAABJRU5ErkJggg==";

    private static string Written(string name, byte[] bytes)
    {
        var path = Path.Combine(Directory.CreateTempSubdirectory("nido-own").FullName, name);
        File.WriteAllBytes(path, bytes);
        return path;
    }

    private static IWebElement Field(Page page, string label) =>
        page.See("dialog[open]").FindElement(By.XPath($".//label[contains(., '{label}')]//input"));

    private static void Choose(Page page, string css, string option, bool part = false)
    {
        page.Until(_ => page.All($"{css} option").Count > 1, option);
        page.All($"{css} option")
            .First(o =>
                part
                    ? o.Text.Contains(option, StringComparison.Ordinal)
                    : o.Text.StartsWith(option, StringComparison.Ordinal)
            )
            .Click();
    }
}
