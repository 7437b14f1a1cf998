using System.Net.Http.Json;
using OpenQA.Selenium;

namespace Nido.Browser.Tests;

/// <summary>What is seen changes the step, the card and the week; all of it by keyboard or with one tap.</summary>
public class ObservationTests(RunningSite site) : IClassFixture<RunningSite>
{
    [Fact]
    public async Task Ten_observations_by_keyboard_move_three_children_and_their_cards()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas/snip-and-cut.card-a4")).See("article");
        var before = Card(page);
        page.Go(await site.PlaceAsync("group")).See("[data-evidence]");
        page.Press("o");
        page.See("[data-quick]");
        string[] lines =
        [
            "hin sci 5 a",
            "hin sci 6 a",
            "hin sci 7 s",
            "zo sci 7 n",
            "zo sci 6 n",
            "zo sci 5 s",
            "jun sci 6 a",
            "jun sci 7 a",
            "jun fo 5 a",
            "ci tou 3 h",
        ];
        foreach (var line in lines)
        {
            page.Press(line + Keys.Enter);
        }

        page.Until(_ => page.All("[data-taken] li").Count == 10, "ten lines taken");
        page.Press("gus sci 99 a");
        page.Until(
            _ => page.See("dialog[open] [aria-live]").Text.Contains("“99” is not known", StringComparison.Ordinal),
            "the wrong step named"
        );
        page.Press(string.Concat(Enumerable.Repeat(Keys.Backspace, 12)) + Keys.Enter);
        page.Until(_ => page.All("dialog[open]").Count == 0, "all kept");
        page.Until(_ => page.All("button[aria-label$=', seen']").Count >= 5, "five cells seen");

        page.Go(await site.PlaceAsync("ideas/snip-and-cut.card-a4")).See("article");
        page.Until(_ => Card(page) != before, "the card to change");
        StepOf(Card(page), "Hina").ShouldBeGreaterThan(StepOf(before, "Hina"));
        StepOf(Card(page), "Junia").ShouldBeGreaterThan(StepOf(before, "Junia"));
        StepOf(Card(page), "Zoë").ShouldBeLessThan(StepOf(before, "Zoë"));
        // Those of whom nothing was seen stay where they were.
        StepOf(Card(page), "Mateus").ShouldBe(StepOf(before, "Mateus"));
    }

    /// <summary>Step by step: what lies out is looked up, three children are seen at it, then card, quantities and plan
    /// are others.</summary>
    [Fact]
    public async Task What_is_seen_reaches_the_card_the_quantities_and_the_plan()
    {
        var (week, idea, ladder, head, top) = await CountedByStepAsync();
        using var page = new Page();
        var planned = await PlannedAsync(week);
        var before = await site.GetAsync($"/api/weeks/{week}/ideas/{idea}");

        page.Go(await site.PlaceAsync("group")).See("[data-evidence]");
        page.Press("o");
        page.See("[data-quick]");
        foreach (
            var line in (string[])
                [
                    $"hin {head} {top} a",
                    $"hin {head} {top - 1} a",
                    $"gus {head} {top} a",
                    $"gus {head} {top - 1} a",
                    $"mat {head} 1 n",
                    $"mat {head} 2 n",
                ]
        )
        {
            page.Press(line + Keys.Enter);
        }

        page.Until(_ => page.All("[data-taken] li").Count == 6, $"six lines taken on {ladder}");
        page.Press(Keys.Enter);
        page.Until(_ => page.All("dialog[open]").Count == 0, "all kept");

        var after = await site.GetAsync($"/api/weeks/{week}/ideas/{idea}");
        StepIn(after, "Hina").ShouldBeGreaterThan(StepIn(before, "Hina"));
        StepIn(after, "Gustav").ShouldBeGreaterThan(StepIn(before, "Gustav"));
        StepIn(after, "Mateus").ShouldBeLessThan(StepIn(before, "Mateus"));
        after["quantities"]!.ToJsonString().ShouldNotBe(before["quantities"]!.ToJsonString());
        page.Go(await site.PlaceAsync($"ideas/{idea}"));
        page.Until(_ => page.See("article").Text.Contains("Hina", StringComparison.Ordinal), "the card");
        // Just right again, so the shares may stay; what the week takes and who works where does not.
        (await PlannedAsync(week)).ShouldNotBe(planned);
    }

    /// <summary>An idea that lies out this week and takes another number of pieces at another step.</summary>
    private async Task<(string Week, string Idea, string Ladder, string Head, int Top)> CountedByStepAsync()
    {
        var weeks = await site.GetAsync("/api/weeks");
        var week = (string)weeks[0]!["id"]!;
        var ladders = (await site.GetAsync($"/api/groups/{weeks[0]!["groupId"]}/steps"))["ladders"]!.AsArray();
        foreach (var strip in (await site.GetAsync($"/api/weeks/{week}"))["strips"]!.AsArray())
        {
            var card = await site.GetAsync($"/api/weeks/{week}/ideas/{strip!["ideaId"]}");
            var ladder = ladders.First(l => (string)l!["id"]! == (string)card["ladder"]!)!;
            var each = card["quantities"]!
                .AsArray()
                .SelectMany(q => q!["trace"]!.AsArray())
                .Select(t =>
                    System
                        .Text.RegularExpressions.Regex.Matches((string)t!, @"\((\d+) piece each")
                        .Select(m => m.Value)
                        .Distinct()
                        .Count()
                )
                .DefaultIfEmpty(0)
                .Max();
            if (
                each >= 3
                && !((string)ladder["head"]!).Contains(' ')
                && StepIn(card, "Hina") < ladder["steps"]!.AsArray().Count - 1
                && StepIn(card, "Mateus") > 2
            )
            {
                return (
                    week,
                    (string)strip["ideaId"]!,
                    (string)ladder["id"]!,
                    ((string)ladder["head"]!).ToLowerInvariant(),
                    ladder["steps"]!.AsArray().Count
                );
            }
        }

        throw new InvalidOperationException("no idea of the week is counted by step");
    }

    /// <summary>What the week takes, and who works where on each of its days.</summary>
    private async Task<string> PlannedAsync(string week)
    {
        var planned = (await site.GetAsync($"/api/weeks/{week}/materials")).ToJsonString();
        foreach (var day in Enumerable.Range(0, 5))
        {
            planned += (await site.GetAsync($"/api/weeks/{week}/days/{day}"))["blocks"]!.ToJsonString();
        }

        return planned;
    }

    private static int StepIn(System.Text.Json.Nodes.JsonNode card, string name) =>
        (int?)
            card["steps"]!
                .AsArray()
                .FirstOrDefault(s => s!["who"]!.AsArray().Any(w => (string)w!["name"]! == name))
                ?["step"]
        ?? 0;

    [Fact]
    public async Task A_cell_shows_its_evidence_takes_one_more_and_gives_it_back()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("group")).See("[data-evidence] svg");
        page.Click("#cell-6-4");
        page.Until(_ => page.See("[data-evidence]").Text.Contains("Gustav · ", StringComparison.Ordinal), "the cell");
        page.Named("button", "alone").Click();
        page.Until(_ => page.All("[data-seen] li").Count == 1, "what was seen");
        page.Click("[data-seen] button");
        page.Until(_ => page.All("[data-seen] li").Count == 0, "it taken back");

        page.Click("[data-evidence] select option[value='6']");
        page.Until(
            _ => page.See("[data-evidence]").Text.Contains("was chosen by an adult", StringComparison.Ordinal),
            "the choice"
        );
        page.Click("[data-evidence] select option[value='0']");
        page.Until(
            _ => !page.See("[data-evidence]").Text.Contains("was chosen by an adult", StringComparison.Ordinal),
            "Nido to choose again"
        );
    }

    [Fact]
    public async Task Today_takes_what_was_seen_with_two_taps()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("today")).See("article");
        page.Click("article section li button");
        page.Click("[data-one-tap] button");
        page.Until(_ => page.All("article section li button svg").Count == 1, "the tick");
    }

    [Fact]
    public async Task A_shortage_of_the_week_leads_to_its_ways_out_and_back()
    {
        using var page = new Page();
        await EmptyWhatIsSoldAsync();
        page.Go(await site.PlaceAsync("week")).See("[data-truth] a").Click();
        page.See("[data-ways-out]").Text.ShouldContain("Buy or ask.");
        page.Named("a", "Week").Click();
        page.See("[data-truth]");
    }

    [Fact]
    public async Task The_cupboard_is_shared_out_and_prep_shows_when_to_begin()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("cupboard")).See("main h2");
        page.Named("button", "Share out").Click();
        page.See("dialog[open] dl").Text.ShouldContain("to buy");
        page.Press(Keys.Escape);
        page.Go(await site.PlaceAsync("prep"))
            .See("figure svg[role=img]")
            .GetAttribute("aria-label")!
            .ShouldContain("needed");
        page.All("figure svg path").Count.ShouldBeGreaterThan(3);
    }

    /// <summary>The first thing of the week that a shop sells is counted as gone.</summary>
    private async Task EmptyWhatIsSoldAsync()
    {
        var week = (await site.GetAsync("/api/weeks"))[0]!["id"]!.GetValue<string>();
        foreach (var line in (await site.GetAsync($"/api/weeks/{week}/materials")).AsArray())
        {
            var id = line!["materialId"]!.GetValue<string>();
            if ((await site.GetAsync($"/api/cupboard/{id}"))["packSize"] is not null)
            {
                using var client = new HttpClient { BaseAddress = new Uri(site.Address) };
                var counts = new
                {
                    counts = new[]
                    {
                        new
                        {
                            materialId = id,
                            amount = 0.0,
                            note = "",
                        },
                    },
                };
                (
                    await client.PostAsJsonAsync("/api/cupboard/counts", counts, TestContext.Current.CancellationToken)
                ).EnsureSuccessStatusCode();
                return;
            }
        }
    }

    private static string Card(Page page) => page.Until(_ => page.See("article").Text, "the card");

    [Fact]
    public async Task Words_of_ones_own_are_sorted_for_a_letter_and_misleading_ones_are_marked()
    {
        using var page = new Page();
        page.Go(await site.PlaceAsync("ideas")).See("main h1");
        page.Named("a", "Words").Click();
        page.See("[data-fit=clear]").Text.ShouldContain("parcel");
        var words = page.See("[data-words]");
        words.Clear();
        words.SendKeys("gate, giraffe, goat, gnome, glue, boat, qqzz");
        page.Until(_ => page.See("main input").GetAttribute("value") == "P", "the letter");
        page.See("main input").SendKeys(Keys.Backspace + "g");
        page.Until(_ => page.See("[data-fit=clear]").Text.Contains("goat", StringComparison.Ordinal), "the sorting");
        page.See("[data-fit=clear]").Text.ShouldContain("rhymes with boat");
        page.See("[data-fit=otherSound]").Text.ShouldContain("giraffe");
        page.See("[data-fit=hidden]").Text.ShouldContain("gnome");
        page.See("[data-fit=blendOrDigraph]").Text.ShouldContain("glue");
        page.See("[data-fit=unknown]").Text.ShouldContain("decide");
        words.SendKeys(", 7up");
        page.See("[role=alert]").Text.ShouldContain("letters only");
    }

    /// <summary>The step whose heading stands before the name.</summary>
    private static int StepOf(string card, string name)
    {
        var at = card.IndexOf($"\n{name} ", StringComparison.Ordinal);
        at.ShouldBeGreaterThan(0, card);
        var head = card.LastIndexOf("Step ", at, StringComparison.Ordinal);
        return card[head + 5] - '0';
    }
}
