namespace Nido.Browser.Tests;

/// <summary>A newcomer's first minutes on an empty site.</summary>
public class FirstWeekTests(EmptySite site) : IClassFixture<EmptySite>
{
    private const int MostPresses = 120;

    [Fact]
    public void A_first_week_lies_there_after_a_handful_of_presses_and_without_one_error()
    {
        const string Name = "Finch room";
        using var page = new Page();
        page.Go(site.Address).See("[data-what]");
        // A key for each letter of the name and of what is chosen by its first letters, a press for each choice.
        var presses = Name.Length + "A family".Length;
        void Press(Action one)
        {
            one();
            presses++;
        }

        page.See("form input").SendKeys(Name);
        Press(() => page.Click("[data-who] input[type=radio]:not(:checked)"));
        page.Until(_ => page.All("[data-set] option").Count > 3, "the quick sets");
        Press(() => page.See("[data-set]").SendKeys("A family"));
        Press(() => page.Named("button", "Begin").Click());
        Press(() => page.Named("button", "Compose").Click());
        page.UntilComposed(() => page.Strips() is { Length: > 0 } all && all.All(x => x.Length > 0));
        page.Truth().ShouldContain("12 of 12");
        page.All("[role=alert]").ShouldBeEmpty();
        presses.ShouldBeLessThan(MostPresses);

        // What a room like this may have beside it is put there in one go; what was counted stays.
        page.Press("2");
        page.Named("h1", "Cupboard");
        page.Named("button", "Quick set").Click();
        page.Until(_ => page.All("input[name=set]").Count == 3, "three sets");
        page.Click("input[name=set]");
        page.Until(_ => page.See("dialog[open]").Text.Contains("with paint"), "its parts");
        page.See("dialog[open] button[type=submit]").Enabled.ShouldBeFalse("all of it is there already");
    }
}
