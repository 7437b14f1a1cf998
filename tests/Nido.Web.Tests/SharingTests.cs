using System.Text.Json.Nodes;

namespace Nido.Web.Tests;

/// <summary>The cupboard beside the week: sharing out, swapping one thing, what is short and its ways out.</summary>
public class SharingTests(DemoApp demo) : IClassFixture<DemoApp>
{
    private readonly NidoApp app = demo.App;
    private readonly string week = demo.Week;

    [Fact]
    public async Task Sharing_out_is_looked_at_first_then_taken_over_and_can_be_undone()
    {
        // With the pegs gone and few bowls there is something to share out.
        await app.SendAsync(
            HttpMethod.Post,
            "/api/cupboard/counts",
            new
            {
                counts = new[]
                {
                    new
                    {
                        materialId = "bowls",
                        amount = 2.0,
                        note = "",
                    },
                    new
                    {
                        materialId = "scoops",
                        amount = 1.0,
                        note = "",
                    },
                },
            }
        );
        var look = await app.GetAsync($"/api/weeks/{week}/sharing");
        int Sum(string when) => (int)look[when]!["cents"]! + (500 * (int)look[when]!["toAsk"]!);
        Sum("after").ShouldBeLessThanOrEqualTo(Sum("before"));
        var before = await app.GetAsync($"/api/weeks/{week}");
        var (status, after) = await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/sharing");
        status.ShouldBe(200);
        Ideas(after).Length.ShouldBe(Ideas(before).Length);
        after["keptOut"]!.AsArray().Count.ShouldBe(before["keptOut"]!.AsArray().Count);
        (await app.GetAsync($"/api/weeks/{week}/sharing"))["before"]!
            .ToJsonString()
            .ShouldBe(look["after"]!.ToJsonString());
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/undo");
        Ideas(await app.GetAsync($"/api/weeks/{week}")).ShouldBe(Ideas(before));
    }

    [Fact]
    public async Task One_material_takes_the_place_of_another_and_the_card_and_the_numbers_follow()
    {
        var (material, standIn) = await FirstSwapAsync();
        var idea = (string)standIn["ideaId"]!;
        var swap = new
        {
            ideaId = idea,
            role = (string)standIn["role"]!,
            from = material,
            to = (string)standIn["materialId"]!,
        };
        var (swapped, said) = await app.SendAsync(HttpMethod.Put, $"/api/weeks/{week}/swaps", swap);
        swapped.ShouldBe(200, $"{swap} {said.ToJsonString()}");
        var card = await app.GetAsync($"/api/weeks/{week}/ideas/{idea}");
        card.ToJsonString().ShouldContain($"\"{swap.to}\"");
        (await app.GetAsync($"/api/cupboard/{swap.to}?weekId={week}"))["used"]!
            .GetValue<double>()
            .ShouldBeGreaterThan(0);

        var back = new
        {
            ideaId = idea,
            swap.role,
            from = swap.to,
            to = swap.from,
        };
        (await app.SendAsync(HttpMethod.Put, $"/api/weeks/{week}/swaps", back)).Status.ShouldBe(200);
        await app.SendAsync(HttpMethod.Post, $"/api/weeks/{week}/undo");
        (await app.GetAsync($"/api/weeks/{week}/ideas/{idea}")).ToJsonString().ShouldContain($"\"{swap.to}\"");
    }

    [Fact]
    public async Task A_swap_that_cannot_be_says_why()
    {
        var (material, standIn) = await FirstSwapAsync();
        async Task<string> Refused(string role, string to)
        {
            var (status, body) = await app.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{week}/swaps",
                new
                {
                    ideaId = (string)standIn["ideaId"]!,
                    role,
                    from = material,
                    to,
                }
            );
            status.ShouldBeInRange(400, 409);
            return body.ToJsonString();
        }

        (await Refused((string)standIn["role"]!, "moon-dust")).ShouldContain("moon-dust");
        (await Refused("saddle", "bowls")).ShouldContain("no role");
        (await Refused((string)standIn["role"]!, "books-week")).ShouldContain("cannot stand in");
    }

    [Fact]
    public async Task Leaves_of_last_week_have_gone_off_when_the_week_begins()
    {
        await app.SendAsync(
            HttpMethod.Post,
            "/api/cupboard/leaves/movements",
            new
            {
                kind = "found",
                amount = 80,
                note = "gathered",
            }
        );
        var leaves = await app.GetAsync($"/api/cupboard/leaves?weekId={week}");
        ((double)leaves["have"]!).ShouldBe(80);
        ((double)leaves["goneOff"]!).ShouldBe(80);
        ((int)leaves["keepsDays"]!).ShouldBe(3);
    }

    [Fact]
    public async Task Prep_says_when_to_begin_what_to_cut_and_what_it_costs()
    {
        var prep = await app.GetAsync($"/api/weeks/{week}/prep");
        var tasks = prep["evenings"]!
            .AsArray()
            .SelectMany(e => e!["tasks"]!.AsArray().Select(t => (Evening: (string)e["evening"]!, Task: t!)))
            .ToArray();
        tasks.ShouldContain(t => (bool)t.Task["isCritical"]!);
        tasks.ShouldAllBe(t => string.CompareOrdinal(t.Evening, (string)t.Task["latest"]!) <= 0);
        prep["evenings"]!.AsArray().ShouldAllBe(e => (int)e!["minutes"]! <= (int)e["capacity"]!);
        prep["evenings"]!
            .AsArray()
            .ShouldAllBe(e =>
                (int)e!["minutes"]! + (int)e["morningMinutes"]! == e["tasks"]!.AsArray().Sum(t => (int)t!["minutes"]!)
            );
        ((int)prep["budgetCents"]!).ShouldBeGreaterThan(0);
    }

    private async Task<(string Material, JsonNode StandIn)> FirstSwapAsync()
    {
        foreach (var line in (await app.GetAsync($"/api/weeks/{week}/materials")).AsArray())
        {
            var id = (string)line!["materialId"]!;
            var opened = await app.GetAsync($"/api/cupboard/{id}?weekId={week}");
            if (
                opened["standIns"]!.AsArray().FirstOrDefault(s => !(bool)s!["leads"]! && s["against"] is null) is
                { } standIn
            )
            {
                return (id, standIn);
            }
        }

        throw new InvalidOperationException("Nothing stands in for anything.");
    }

    private static string[] Ideas(JsonNode view) => [.. view["strips"]!.AsArray().Select(s => (string)s!["ideaId"]!)];
}
