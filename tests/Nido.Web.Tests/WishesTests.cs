using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>What each wish pays, over the interface.</summary>
public class WishesTests(DemoApp demo) : IClassFixture<DemoApp>
{
    [Fact]
    public async Task Every_wish_is_named_adds_up_and_speaks_both_languages()
    {
        var english = await demo.App.GetAsync($"/api/weeks/{demo.Week}/wishes?language=en");
        var spanish = await demo.App.GetAsync($"/api/weeks/{demo.Week}/wishes?language=es");
        JsonNode[] wishes = [.. english["wishes"]!.AsArray().Select(w => w!)];
        wishes.Sum(w => (long)w["points"]!).ShouldBe((long)english["points"]!);
        wishes.Length.ShouldBe(spanish["wishes"]!.AsArray().Count);
        foreach (var (one, other) in wishes.Zip(spanish["wishes"]!.AsArray()))
        {
            $"{one["name"]}".ShouldNotBe($"{other!["name"]}");
            ((long)one["points"]!).ShouldBe((long)other["points"]!);
        }

        // What any week costs is no more than what this one does.
        var truth = (await demo.App.GetAsync($"/api/weeks/{demo.Week}"))["truth"]!;
        ((int)english["atLeastCents"]!).ShouldBeLessThanOrEqualTo((int)truth["cents"]!);
    }
}
