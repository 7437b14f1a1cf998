using System.Text.Json.Nodes;

namespace Nido.Browser.Tests;

/// <summary>axe-core over what is on a page; WCAG 2.2 A and AA.</summary>
internal static class Axe
{
    private static readonly string Source = File.ReadAllText(
        Path.Combine(Repository.Root, "src/nido-ui/node_modules/axe-core/axe.min.js")
    );

    /// <summary>Behind an open dialog nothing can be reached, so the dialog is what is judged.</summary>
    /// <remarks>The two themes differ in colour only, so dusk is judged by its colours. Colours are judged when nothing
    /// is fading any more; what never ends, or goes with scrolling, is not waited for.</remarks>
    public static void Clean(Page page, string where, bool onlyColours = false)
    {
        page.Script.ExecuteScript(Source);
        var found = JsonNode.Parse(
            (string)
                page.Script.ExecuteAsyncScript(
                    "const done = arguments[arguments.length - 1];"
                        + "const ending = document.getAnimations().filter(a => a.timeline === document.timeline && "
                        + "a.effect.getComputedTiming().endTime !== Infinity);"
                        + "Promise.race([Promise.all(ending.map(a => a.finished.catch(() => 0))), new Promise(r => "
                        + "setTimeout(r, 1000))]).then(() =>"
                        + "axe.run(document.querySelector('dialog[open]') ?? document, { resultTypes: ['violations'], "
                        + "elementRef: false, runOnly: "
                        + (
                            onlyColours
                                ? "['color-contrast']"
                                : "['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']"
                        )
                        + " }))"
                        + ".then(r => done(JSON.stringify(r.violations.map(v => v.id + ': ' + v.nodes.map(n => "
                        + "n.html.slice(0, 160) + ' ' + (n.any[0] ? n.any[0].message : '')).slice(0, 3).join(' | "
                        + "')))));"
                )!
        )!;
        found.AsArray().Select(v => v!.GetValue<string>()).ShouldBeEmpty(where);
    }
}
