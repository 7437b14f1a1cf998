using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>Every place and dialog is read in both languages: what is the same in both are names, and words of the
/// content, which has its own languages.</summary>
public partial class LanguageTests(RunningSite site) : IClassFixture<RunningSite>
{
    private static readonly string[] Places =
    [
        "week",
        "week/term",
        "group",
        "cupboard",
        "ideas",
        "ideas/making/frame",
        "ideas/making/screw-board",
        "ideas/making/recipe-scale",
        "ideas/words",
        "ideas/theme",
        "prep",
        "prep/paper",
        "prep/paper/own-name",
        "today",
        "journal",
        "house",
    ];

    // What is pressed in a place: css, or the key of a button's text.
    private static readonly (string Place, string[] Press)[] Opened =
    [
        ("week", ["#strip-0-stations-1"]),
        ("week", ["#strip-0-stations-1", "bench.open"]),
        ("week", ["weeks.title"]),
        ("week", ["week.whatMatters"]),
        ("week", ["cameUp.open"]),
        ("week", ["played.open"]),
        ("group", ["group.addChild"]),
        ("group", ["table.open"]),
        ("group", ["group.settings"]),
        ("cupboard", ["cupboard.count"]),
        ("cupboard", ["table.open"]),
        ("cupboard", ["thing.open"]),
        ("cupboard", ["sharing.open"]),
        ("cupboard", ["main section button"]),
        ("group", ["main td button"]),
        ("today", ["main article button"]),
        ("today", ["endOfDay.open"]),
        ("today", ["picture.take"]),
        ("today", ["main article section li button", "main [data-more] summary"]),
        ("today", ["main [data-door] summary"]),
        ("today", ["main [data-door] summary", "door.visitor"]),
        ("ideas", ["own.open"]),
        ("ideas", ["own.open", "own.newIdea"]),
        ("ideas", ["own.open", "own.newMaterial"]),
        ("ideas", ["main [data-make-own]"]),
        ("journal", ["main nav button"]),
        ("journal", ["share.open"]),
    ];

    private const string Gather = """
        const found = [];
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        for (let n = walk.nextNode(); n; n = walk.nextNode()) {
          if (n.parentElement.checkVisibility() && !n.parentElement.closest("textarea, [data-own-words]")) {
            found.push(n.textContent);
          }
        }
        for (const e of document.querySelectorAll("[title], [aria-label], [placeholder]")) {
          found.push(e.getAttribute("title"), e.getAttribute("aria-label"), e.closest("textarea") ? "" : e.getAttribute("placeholder"));
        }
        return found.filter(Boolean).map(t => t.replace(/\s+/g, " ").trim());
        """;

    [Fact]
    public async Task No_place_says_in_spanish_what_it_says_in_english()
    {
        using var page = new Page();
        var english = await ReadAsync(page, "en");
        var spanish = await ReadAsync(page, "es");
        var content = new Content(Repository.Root, await NamesAsync());
        english
            .SelectMany(seen => seen.Value.Intersect(spanish[seen.Key]).Select(t => (seen.Key, Text: t)))
            .Where(x => !content.Has(x.Text))
            .DistinctBy(x => x.Text)
            .Select(x => $"{x.Key}: {x.Text}")
            .ShouldBeEmpty();
        english.Values.ShouldAllBe(texts => texts.Length > 20);
    }

    // What was drawn is remembered: days and figures written in the language before must not be.
    [Theory]
    [InlineData("week")]
    [InlineData("week/term")]
    [InlineData("prep")]
    [InlineData("today")]
    [InlineData("journal")]
    public async Task A_place_read_on_in_another_language_says_what_it_says_opened_in_it(string place)
    {
        using var page = new Page();
        // Until it is drawn it has yet to remember the language it begins in.
        page.Go($"{site.Address}/start").See("h1");
        var spanish = await OpenedAsync("es");
        (await OpenedAsync("en")).ShouldNotBe(spanish);
        page.Click("nav button[aria-label='Español']");
        page.Until(_ => Settled(page).SequenceEqual(spanish), $"{place} in Spanish, as when it is opened in it");

        async Task<string[]> OpenedAsync(string language)
        {
            page.Script.ExecuteScript($"localStorage.setItem('nido.language', '{language}')");
            page.Go(await site.PlaceAsync(place)).See("main h1");
            page.Until(_ => page.All("[data-skeleton]").Count == 0, "all of it to be there");
            return Settled(page);
        }
    }

    private async Task<Dictionary<string, string[]>> ReadAsync(Page page, string language)
    {
        // Until it is drawn it has yet to remember the language it begins in.
        page.Go($"{site.Address}/start").See("h1");
        page.Script.ExecuteScript($"localStorage.setItem('nido.language', '{language}')");
        var words = Words(language);
        var read = new Dictionary<string, string[]>();
        foreach (var (place, press) in Places.Select(p => (p, Array.Empty<string>())).Concat(Opened))
        {
            page.Go(await site.PlaceAsync(place)).See("h1");
            page.Until(_ => page.All("main button, main input, main select, main a").Count > 3, place);
            foreach (var what in press)
            {
                Press(page, what, words);
            }

            read[string.Join(" ", (string[])[place, .. press])] = Settled(page);
        }

        return read;
    }

    /// <summary>What stands on screen once two looks in a row see the same.</summary>
    private static string[] Settled(Page page)
    {
        string[] seen = [];
        return page.Until(
            _ =>
            {
                var before = seen;
                seen = [.. ((IEnumerable<object>)page.Script.ExecuteScript(Gather)!).Cast<string>()];
                return seen.Length > 20 && seen.SequenceEqual(before) ? seen : null;
            },
            "the screen to settle"
        )!;
    }

    private static void Press(Page page, string what, Dictionary<string, string> words)
    {
        if (what.Contains('#') || what.StartsWith("main", StringComparison.Ordinal))
        {
            page.Click(what);
            return;
        }

        var name = words[$".{what}"];
        page.Until(_ => page.All("button, summary, a").FirstOrDefault(e => e.Displayed && e.Text.Trim() == name), name)!
            .Click();
    }

    private static Dictionary<string, string> Words(string language)
    {
        var words = new Dictionary<string, string>();
        void Read(JsonNode node, string path)
        {
            foreach (var (key, value) in node.AsObject())
            {
                if (value is JsonObject inner)
                {
                    Read(inner, $"{path}.{key}");
                }
                else
                {
                    words[$"{path}.{key}"] = (string)value!;
                }
            }
        }

        Read(
            JsonNode.Parse(
                File.ReadAllText(Path.Combine(Repository.Root, "src", "nido-ui", "src", "i18n", $"{language}.json"))
            )!,
            ""
        );
        return words;
    }

    /// <summary>What the demo house itself has written: its names, and a note of its cupboard.</summary>
    private async Task<string> NamesAsync() =>
        $"{await site.GetAsync("/api/groups")} Quill Street Children's Library and Nursery. First count.".ToLowerInvariant();

    /// <summary>Words of the content folder; places for words of the theme stand for anything.</summary>
    private sealed class Content
    {
        private readonly string plain;
        private readonly Regex[] slotted;

        public Content(string root, string own)
        {
            string[] files =
            [
                .. Directory
                    .EnumerateFiles(Path.Combine(root, "content"), "*.yaml", SearchOption.AllDirectories)
                    .Where(f => !f.Contains("/tongues/"))
                    .Select(File.ReadAllText),
            ];
            plain = $"{own}\n{string.Join("\n", files)}".ToLowerInvariant();
            slotted =
            [
                .. files
                    .SelectMany(f => Quoted().Matches(f))
                    .Select(m => m.Groups[1].Value)
                    .Where(t => t.Contains('{'))
                    .Distinct()
                    .Select(t => new Regex(
                        $"^{Slot().Replace(Regex.Escape(t).Replace("\\{", "{"), ".+")}$",
                        RegexOptions.IgnoreCase
                    )),
            ];
        }

        /// <summary>Whether each stretch of words of a text is a name or content, or is too short to tell a
        /// language.</summary>
        public bool Has(string text) =>
            slotted.Any(s => s.IsMatch(text))
            || Between()
                .Split(text)
                .Select(t => t.Trim().ToLowerInvariant())
                // What is cut off is read whole elsewhere.
                .Where(t => TwoWords().IsMatch(t) && !t.EndsWith('…'))
                .All(t =>
                    plain.Contains(t.TrimEnd('.', '!', '?'), StringComparison.Ordinal) || slotted.Any(s => s.IsMatch(t))
                );
    }

    [GeneratedRegex("\"([^\"]+)\"")]
    private static partial Regex Quoted();

    [GeneratedRegex(@"{[\w-]+}")]
    private static partial Regex Slot();

    [GeneratedRegex(@"[·:;,–—()“”«»×%=+|/\d]|\. |\b(?:ml|mm|cm|kg|g)\b")]
    private static partial Regex Between();

    [GeneratedRegex(@"\p{Ll}{2,} \p{Ll}{2,}")]
    private static partial Regex TwoWords();
}
