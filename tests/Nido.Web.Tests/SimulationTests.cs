namespace Nido.Web.Tests;

/// <summary>What may go wrong, over the interface.</summary>
public class SimulationTests(DemoApp demo) : IClassFixture<DemoApp>
{
    [Fact]
    public async Task A_week_is_played_and_says_the_same_every_time()
    {
        var first = await demo.App.GetAsync($"/api/weeks/{demo.Week}/may-go-wrong");
        ((int)first["runs"]!).ShouldBe(2000);
        first["runsOut"]!.AsArray().ShouldAllBe(r => (int)r!["percent"]! >= 1 && (double)r["more"]! > 0);
        first["fallsShort"]!.AsArray().ShouldAllBe(f => (int)f!["percent"]! >= 5);
        (await demo.App.GetAsync($"/api/weeks/{demo.Week}/may-go-wrong")).ToJsonString().ShouldBe(first.ToJsonString());
        (await demo.App.Client.GetAsync("/api/weeks/none/may-go-wrong", NidoApp.Stop)).StatusCode.ShouldBe(
            System.Net.HttpStatusCode.NotFound
        );
    }
}
