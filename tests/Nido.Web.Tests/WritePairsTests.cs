using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>
/// Every two things people do to a house, done at the same moment, again and again: no break, and the house reads as
/// before.
/// </summary>
public sealed class WritePairsTests
{
    private static readonly string[] Monday = ["monday"],
        None = [];

    [Fact]
    public async Task No_pair_of_changes_at_once_breaks_or_leaves_the_house_unreadable()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await Newcomer.WithAsync(app, "monday");
        var (group, week) = ($"/api/groups/{ids["groupId"]}", $"/api/weeks/{ids["weekId"]}");
        var child = $"{group}/children/{ids["childId"]}";
        (_, var theme) = await app.SendAsync(HttpMethod.Post, "/api/themes", Theme("Boats"));
        var names = 0;
        (string What, Func<Task<(int Status, JsonNode Body)>> Do)[] writes =
        [
            (
                "add a child",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        $"{group}/children",
                        new { children = new[] { Child($"Child {Interlocked.Increment(ref names) % 5}") } }
                    )
            ),
            ("change a child", () => app.SendAsync(HttpMethod.Put, child, Child("Ana"))),
            ("take a child away", () => app.SendAsync(HttpMethod.Delete, child)),
            ("bring a child back", () => app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["childId"]}/back")),
            ("change the group", async () => await app.SendAsync(HttpMethod.Put, group, await app.GetAsync(group))),
            (
                "add an adult",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        $"{group}/adults",
                        new
                        {
                            name = "Helper",
                            days = Monday,
                            from = "09:00:00",
                            to = "12:00:00",
                        }
                    )
            ),
            (
                "write down",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        $"{group}/observations",
                        new
                        {
                            observations = new[]
                            {
                                new
                                {
                                    childId = ids["childId"],
                                    ladder = "fold",
                                    step = 2,
                                    help = "shown",
                                },
                            },
                        }
                    )
            ),
            (
                "choose a step",
                () => app.SendAsync(HttpMethod.Put, $"{child}/ladders/fold/step", new { step = 2, knowsBetter = false })
            ),
            ("let Nido choose", () => app.SendAsync(HttpMethod.Delete, $"{child}/ladders/fold/step")),
            (
                "set an objective",
                () =>
                    app.SendAsync(
                        HttpMethod.Put,
                        $"{child}/ladders/fold/objective",
                        new { step = 4, by = "2027-02-01" }
                    )
            ),
            (
                "count",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        "/api/cupboard/counts",
                        new
                        {
                            counts = new[]
                            {
                                new
                                {
                                    materialId = "corks",
                                    amount = 20.0,
                                    note = "",
                                },
                            },
                        }
                    )
            ),
            (
                "use",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        "/api/cupboard/corks/movements",
                        new
                        {
                            kind = "used",
                            amount = 6,
                            note = "",
                        }
                    )
            ),
            (
                "move a slider",
                () =>
                    app.SendAsync(
                        HttpMethod.Put,
                        $"{week}/sliders",
                        new
                        {
                            fairShares = 5,
                            theme = 5,
                            useTheCupboard = 5,
                            lightPrep = 5,
                            freshIdeas = 5,
                        }
                    )
            ),
            (
                "set the letter",
                () =>
                    app.SendAsync(
                        HttpMethod.Put,
                        $"{week}/focus",
                        new
                        {
                            letter = "B",
                            numbersTo = 5,
                            olderNumbersTo = 10,
                        }
                    )
            ),
            ("undo", () => app.SendAsync(HttpMethod.Post, $"{week}/undo")),
            ("redo", () => app.SendAsync(HttpMethod.Post, $"{week}/redo")),
            (
                "something comes up",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        $"{week}/came-up",
                        new
                        {
                            kind = "rain",
                            subject = "",
                            fromDay = 0,
                            toDay = 0,
                        }
                    )
            ),
            (
                "copy the week",
                () =>
                    app.SendAsync(
                        HttpMethod.Post,
                        $"{week}/copies",
                        new { groupId = ids["groupId"], monday = "2027-01-04" }
                    )
            ),
            ("take the week away", () => app.SendAsync(HttpMethod.Delete, week)),
            ("bring the week back", () => app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["weekId"]}/back")),
            ("change a theme", () => app.SendAsync(HttpMethod.Put, $"/api/themes/{theme["id"]}", Theme("Ships"))),
            (
                "match a word",
                () =>
                    app.SendAsync(
                        HttpMethod.Put,
                        "/api/allergens/unknown",
                        new { word = "moon dust", materialIds = None }
                    )
            ),
            ("make a backup", () => app.SendAsync(HttpMethod.Post, "/api/house/backups")),
        ];
        var pairs = 0;
        for (var a = 0; a < writes.Length; a++)
        {
            for (var b = a; b < writes.Length; b++)
            {
                var both = await Task.WhenAll(
                    Task.Run(writes[a].Do, NidoApp.Stop),
                    Task.Run(writes[b].Do, NidoApp.Stop)
                );
                both.ShouldAllBe(
                    x => x.Status < 500,
                    $"{writes[a].What} and {writes[b].What}: {both[0].Body.ToJsonString()} {both[1].Body.ToJsonString()}"
                );
                pairs++;
            }
        }

        pairs.ShouldBe(writes.Length * (writes.Length + 1) / 2);
        await app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["weekId"]}/back");
        await app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["childId"]}/back");
        (await app.SendAsync(HttpMethod.Get, week)).Status.ShouldBe(200);
        (await app.GetAsync(group))["children"]!.AsArray().Select(c => c!["name"]!.GetValue<string>()).ShouldBeUnique();
        (await app.GetAsync("/api/cupboard/corks"))["have"]!.GetValue<double>().ShouldBeGreaterThanOrEqualTo(0);
    }

    private static object Child(string name) =>
        new
        {
            name,
            bornOn = "2023-05-01",
            days = Monday,
            mouths = false,
            hand = "right",
            avoidsTouch = false,
            allergies = None,
            homeLanguage = "en",
            note = "",
        };

    private static object Theme(string name) =>
        new
        {
            name,
            letter = "B",
            words = new[] { "boat", "bell", "rope", "wave" },
        };
}
