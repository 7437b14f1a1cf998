namespace Nido.Web.Tests;

/// <summary>What a newcomer has after a minute.</summary>
internal static class Newcomer
{
    private static readonly string[] Milk = ["milk"];

    /// <summary>A group with one child and a week, on a site without anything else.</summary>
    public static async Task<Dictionary<string, string>> WithAsync(NidoApp app, string days)
    {
        var (_, group) = await app.SendAsync(
            HttpMethod.Post,
            "/api/groups",
            new { name = "Fresh room", place = "New house" }
        );
        var groupId = group["id"]!.GetValue<string>();
        var (added, children) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{groupId}/children",
            new
            {
                children = new[]
                {
                    new
                    {
                        name = "Ana",
                        bornOn = "2023-05-01",
                        days = days.Split(' '),
                        mouths = false,
                        hand = "right",
                        avoidsTouch = false,
                        allergies = Milk,
                        homeLanguage = "en",
                        note = "",
                    },
                },
            }
        );
        added.ShouldBeLessThan(300, children.ToJsonString());
        var theme = (await app.GetAsync("/api/themes"))[0]!["id"]!.GetValue<string>();
        var (_, week) = await app.SendAsync(
            HttpMethod.Post,
            "/api/weeks",
            new
            {
                groupId,
                themeId = theme,
                monday = "2026-12-07",
            }
        );
        return new()
        {
            ["groupId"] = groupId,
            ["themeId"] = theme,
            ["weekId"] = week["id"]!.GetValue<string>(),
            ["childId"] = (await app.GetAsync($"/api/groups/{groupId}"))["children"]![0]!["id"]!.GetValue<string>(),
            ["blockId"] = "welcome",
            ["ladder"] = "scissors",
            ["day"] = "0",
            ["offer"] = "0",
        };
    }
}
