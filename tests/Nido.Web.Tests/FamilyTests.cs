using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>What families read before the week, over the interface.</summary>
public class FamilyTests(DemoApp demo) : IClassFixture<DemoApp>
{
    [Fact]
    public async Task Every_child_has_a_letter_with_things_to_do_at_its_step_whole_in_either_language()
    {
        var group = await demo.App.GetAsync($"/api/groups/{demo.Group}");
        foreach (var child in group["children"]!.AsArray())
        {
            var address = $"/api/weeks/{demo.Week}/family?childId={child!["id"]}";
            var english = await demo.App.GetAsync($"{address}&language=en");
            var spanish = await demo.App.GetAsync($"{address}&language=es");
            var home = english["home"]!.AsArray();
            home.Count.ShouldBeGreaterThanOrEqualTo(3, $"{child["name"]}");
            foreach (var (one, other) in home.Zip(spanish["home"]!.AsArray()))
            {
                $"{one!["techniqueId"]}".ShouldBe($"{other!["techniqueId"]}");
                foreach (var said in (string[])["name", "do", "now", "easier", "harder", "why"])
                {
                    $"{one[said]}".ShouldNotBeNullOrWhiteSpace();
                    $"{one[said]}".ShouldNotBe($"{other[said]}");
                }
            }

            $"{english["text"]}".ShouldContain($"{child["name"]}");
            $"{spanish["text"]}".ShouldContain("Diez minutos en casa");
        }
    }

    [Fact]
    public async Task A_letter_for_all_names_no_child()
    {
        var group = await demo.App.GetAsync($"/api/groups/{demo.Group}");
        var text = $"{(await demo.App.GetAsync($"/api/weeks/{demo.Week}/family"))["text"]}";
        foreach (var child in group["children"]!.AsArray())
        {
            text.ShouldNotContain($" {child!["name"]}");
        }
    }

    [Fact]
    public async Task It_is_a_file_of_plain_text_and_a_page()
    {
        var address = $"/api/weeks/{demo.Week}/family";
        using var text = await demo.App.Client.GetAsync($"{address}.txt?language=es", NidoApp.Stop);
        text.Content.Headers.ContentType!.MediaType.ShouldBe("text/plain");
        (await text.Content.ReadAsStringAsync(NidoApp.Stop)).ShouldStartWith("Esta semana");
        using var pdf = await demo.App.Client.GetAsync($"{address}.pdf?language=en", NidoApp.Stop);
        pdf.Content.Headers.ContentType!.MediaType.ShouldBe("application/pdf");
    }

    [Theory]
    [InlineData("family?language=fr", 400)]
    [InlineData("family.txt?language=fr", 400)]
    [InlineData("family.pdf?language=fr", 400)]
    [InlineData("family?childId=nobody", 404)]
    [InlineData("family.txt?childId=nobody", 404)]
    [InlineData("family.pdf?childId=", 404)]
    public async Task What_there_is_not_is_said(string path, int status) =>
        (await demo.App.SendAsync(HttpMethod.Get, $"/api/weeks/{demo.Week}/{path}")).Status.ShouldBe(status);

    [Fact]
    public async Task Who_brings_what_stands_in_the_letter_as_in_the_week()
    {
        var week = await demo.App.GetAsync($"/api/weeks/{demo.Week}");
        var text = $"{(await demo.App.GetAsync($"/api/weeks/{demo.Week}/family"))["text"]}";
        text.Split('\n')
            .Count(l => l.StartsWith("[ ] ", StringComparison.Ordinal))
            .ShouldBe((int)week["truth"]!["toAsk"]!);
    }
}
