using OpenQA.Selenium;

namespace Nido.Browser.Tests;

public class OwnDataTests(EmptySite site) : IClassFixture<EmptySite>
{
    [Fact]
    public void A_teacher_begins_with_nothing_and_ends_with_a_week()
    {
        using var page = new Page();
        page.Go(site.Address);
        page.Named("h1", "Begin with a group");
        page.See("input").SendKeys("Finch room");
        page.Named("button", "Begin").Click();
        page.Named("h2", "No children yet");

        // A week without children and cupboard says which and what to do.
        page.Press("4");
        page.Named("button", "Compose").Click();
        page.See("[role=alert]").Text.ShouldContain("no children yet");
        page.See("[role=alert]").Text.ShouldContain("cupboard is empty");

        page.Press("1");
        page.Named("h2", "No children yet");
        Paste(page, "name,born\nTavi,2024-02-10\nRune,2022-13-01\nSol,2021-11-30\n");
        page.Until(_ => page.See("dialog[open]").Text.Contains("is not a date"), "the problem");
        page.See("dialog[open]").Text.ShouldContain("row 3, born");
        page.Named("button", "Take over 2 rows").Click();
        page.Until(_ => page.All("tbody tr").Count == 2 && page.All("dialog[open]").Count == 0, "two children");

        page.Press("2");
        page.Named("h1", "Cupboard");
        Paste(page, Cupboard);
        page.Until(_ => page.See("dialog[open]").Text.Contains("rows are good"), "the reading");
        page.See("dialog[open]")
            .FindElement(By.XPath(".//button[starts-with(normalize-space(), 'Take over')]"))
            .Click();
        page.Until(
            _ => page.All("dialog[open]").Count == 0 && page.See("header").Text.Contains("things on"),
            "the shelves"
        );

        page.Press("4");
        page.Named("button", "Compose").Click();
        page.UntilComposed(() => page.All("[data-strip]").Count == 50 && page.Strips().All(s => s.Length > 0));
        page.Truth().ShouldContain("2 of 2");
    }

    private static void Paste(Page page, string table)
    {
        page.Named("button", "Paste or upload").Click();
        page.See("dialog[open] textarea").SendKeys(table);
        page.Named("button", "Look at it").Click();
    }

    private const string Cupboard = """
        material,amount
        Picture pairs,40
        Numeral cards,40
        "Letter cards, large",60
        "Paper, A4",100
        Index cards,60
        "Lacing cards, card",6
        Shoelaces,10
        String,30
        "Clothes pegs, large",20
        Child scissors,6
        Trays,10
        Bowls,10
        "Yoghurt pots, washed",20
        Scoops,6
        Dessert spoons,10
        "Pom-poms, large",40
        Large pom-poms,40
        Jar lids,60
        "Buttons, extra large",60
        Lidded boxes,8
        Wooden blocks,60
        "Soft balls, large",6
        "Cloth bags, sewn shut",12
        Cloth sacks,4
        Wooden crates,3
        Cloth tunnel,1
        Skipping rope lengths,6
        Pavement chalk,10
        Scarves,10
        "Scent bags, sewn shut",8
        "Sound shakers, sealed",8
        "Dice, large",6
        Wiping cloths,8
        Rice,3000
        "Story pictures, large",6
        Picture books,6
        "Old shirts with large buttons",6
        Plastic jars with lids,20
        """;
}
