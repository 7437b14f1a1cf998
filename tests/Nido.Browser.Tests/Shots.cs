using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>Takes the pictures of docs/screenshots from the demo; run by ./nido shots only.</summary>
public class Shots(Shots.FullSite site) : IClassFixture<Shots.FullSite>
{
    private static readonly string Folder =
        Environment.GetEnvironmentVariable("NIDO_SHOTS") ?? Path.Combine(Repository.Root, "docs", "screenshots");

    [Fact(Explicit = true)]
    public async Task All()
    {
        using (var page = new Page())
        {
            page.Go(await site.PlaceAsync("week")).See("[data-truth]");
            Save(page, "week");
            page.Click("#strip-1-stations-0");
            page.See("[data-bench] button");
            Save(page, "week-bench");
            page.Named("button", "Open").Click();
            page.See("dialog[open] article");
            Save(page, "week-idea");
            page.Press(Keys.Escape);
            page.Until(_ => page.All("dialog[open]").Count == 0, "the card to close");
            page.Press("s");
            page.See("[data-finding]");
            Save(page, "week-safety");
            foreach (var (place, name) in new[] { ("ideas/making/frame", "making"), ("today", "today") })
            {
                page.Go(await site.PlaceAsync(place)).See("main ol li");
                Save(page, name);
            }

            foreach (var place in (string[])["cupboard", "ideas/snip-and-cut.card-a4", "prep", "house"])
            {
                page.Go(await site.PlaceAsync(place)).See("h1");
                page.Until(_ => page.All("main section li, main tbody tr, main article").Count > 0, place);
                Save(page, place.Split('/')[0]);
            }

            page.Go(await site.PlaceAsync("ideas/theme")).See("[data-word] img");
            Save(page, "theme");
            page.Go(await site.PlaceAsync("prep/paper")).See("[data-order]");
            page.See("[data-kinds] a");
            Save(page, "paper");
            page.Go(await site.PlaceAsync("families")).See("[data-home]");
            page.Click("main fieldset button:nth-of-type(4)");
            page.Until(_ => page.All("[data-home]").Count > 2 && page.All("[data-letter]").Count == 1, "the page");
            Save(page, "families");
            page.Go(await site.PlaceAsync("group")).See("[data-evidence] svg");
            page.Click("#cell-7-6");
            var seen = page.All("[data-seen] li").Count;
            foreach (var help in (string[])["shown", "alone"])
            {
                page.Named("button", help).Click();
            }

            page.Until(_ => page.All("[data-seen] li").Count >= Math.Min(seen + 2, 2), "what was seen");
            Save(page, "group");
            page.Go(await site.PlaceAsync("journal")).See("[data-path] svg");
            page.All("main nav button")[10].Click();
            page.Until(_ => page.All("[data-shares] li").Count == 4, "the aims");
            Save(page, "journal");
            page.Go(await site.PlaceAsync("week")).See("[data-truth]");
            page.Named("button", "Came up").Click();
            page.See("[data-kind]").SendKeys("A material is gone");
            page.Named("button", "Work it in").Click();
            page.See("[data-look]");
            Save(page, "week-came-up");
            page.Press(Keys.Escape);
            page.Until(_ => page.All("dialog[open]").Count == 0, "the dialog to close");
            page.Press("u");
            page.Until(_ => page.All("button[aria-label^='Redo: ']").Count == 1, "the undo");
            page.Named("button", "strands").Click();
            page.Press("d");
            page.See("[data-day-board] article");
            Save(page, "week-day");
        }

        using (var page = new Page(dark: true))
        {
            page.Go(await site.PlaceAsync("week"));
            page.Click("#strip-3-welcome-1");
            page.See("[data-bench] button");
            Save(page, "week-dusk");
        }

        // Last, because the weeks it adds are newer than the demo's own.
        using (var page = new Page())
        {
            page.Go(await site.PlaceAsync("week/term")).See("[data-term] tbody tr");
            var before = page.All("[data-term] tbody tr").Count;
            for (var k = 2; k < 5; k++)
            {
                page.Click($"[data-add-weeks] option:nth-of-type({k})");
                page.Until(_ => page.All("[data-add-weeks] ol li").Count == k - 1, "the theme");
            }

            page.Named("button", "Add 3 weeks").Click();
            page.Until(_ => page.All("[data-term] tbody tr").Count == before + 3, "the weeks");
            Save(page, "term");
        }
    }

    private static void Save(Page page, string name)
    {
        // Fonts and what is still being read come first; then the picture is the same every time.
        page.Script.ExecuteAsyncScript(
            "const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)))"
        );
        Directory.CreateDirectory(Folder);
        page.Save(Path.Combine(Folder, $"{name}.png"));
    }

    /// <summary>A demo composed with all the work a real one gets.</summary>
    public sealed class FullSite(ComposedSite composed) : RunningSite(composed)
    {
        protected override bool Quick => false;

        protected override bool Past => true;

        protected override bool Copied => false;
    }
}
