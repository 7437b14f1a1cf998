using System.Net;
using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>What an address names and is not here is named truly, in the language that was asked for.</summary>
public class NotHereTests(HouseApp house) : IClassFixture<HouseApp>
{
    private readonly NidoApp app = house.App;

    [Theory]
    [InlineData("/api/weeks/nowhere", "This week")]
    [InlineData("/api/weeks/nowhere/safety", "This week")]
    [InlineData("/api/weeks/nowhere/may-go-wrong", "This week")]
    [InlineData("/api/weeks/nowhere/wishes", "This week")]
    [InlineData("/api/weeks/nowhere/family", "This week")]
    [InlineData("/api/weeks/nowhere/family.txt", "This week")]
    [InlineData("/api/weeks/nowhere/family.pdf", "This week")]
    [InlineData("/api/weeks/{week}/days/9", "no such place")]
    [InlineData("/api/weeks/{week}/days/9.pdf", "no such place")]
    [InlineData("/api/weeks/{week}/slots/0/nowhere/0/bench", "no such place")]
    [InlineData("/api/weeks/{week}/ideas/nothing.there", "no such idea")]
    [InlineData("/api/weeks/{week}/ideas/nothing.there/why-not", "no such idea")]
    [InlineData("/api/groups/nowhere", "This group")]
    [InlineData("/api/groups/nowhere/steps", "This group")]
    [InlineData("/api/groups/nowhere/term", "This group")]
    [InlineData("/api/groups/nowhere/overrides", "This group")]
    [InlineData("/api/groups/nowhere/children/nobody/journal", "This group")]
    [InlineData("/api/groups/{group}/children/nobody", "This child")]
    [InlineData("/api/groups/{group}/children/nobody/journal", "This child")]
    [InlineData("/api/groups/{group}/children/nobody/ladders/scissors/step", "This child")]
    [InlineData("/api/groups/{group}/children/{child}/ladders/nothing/step", "This ladder")]
    [InlineData("/api/groups/{group}/children/{child}/ladders/nothing/objective", "This ladder")]
    [InlineData("/api/weeks/{week}/days/9/used", "no such place")]
    [InlineData("/api/groups/nowhere/journal/term", "This group")]
    [InlineData("/api/groups/nowhere/tallies?ideaId=x", "This group")]
    [InlineData("/api/groups/{group}/pictures/99/file", "This picture")]
    [InlineData("/api/cupboard/nothing?weekId={week}", "This material")]
    [InlineData("/api/themes/nothing", "This theme")]
    [InlineData("/api/house/backups/nothing.zip", "no such backup")]
    [InlineData("/api/nothing", "nothing at this address")]
    public async Task It_says_what_is_not_here(string address, string says)
    {
        var week = (await app.GetAsync("/api/weeks"))[0]!;
        var group = (await app.GetAsync($"/api/groups/{week["groupId"]}"))!;
        var asked = address
            .Replace("{week}", $"{week["id"]}")
            .Replace("{group}", $"{group["id"]}")
            .Replace("{child}", $"{group["children"]![0]!["id"]}");
        using var answer = await app.Client.GetAsync(asked, TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound, asked);
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        var english = (string)JsonNode.Parse(text)!["detail"]!;
        english.ShouldContain(says);
        using var request = new HttpRequestMessage(HttpMethod.Get, asked);
        request.Headers.AcceptLanguage.ParseAdd("es-MX, en;q=0.5");
        using var other = await app.Client.SendAsync(request, TestContext.Current.CancellationToken);
        var spanish = JsonNode.Parse(await other.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
        ((string)spanish["title"]!).ShouldBe("No encontrado");
        ((string)spanish["detail"]!).ShouldNotBe(english);
    }
}
