using System.Text;
using System.Text.Json.Nodes;
using Microsoft.Extensions.DependencyInjection;
using Nido.Data;
using Nido.Data.Backups;

namespace Nido.Web.Tests;

/// <summary>Settings of the house: what is taken away comes back or goes for good, and a backup is what it was made
/// of.</summary>
public sealed class HouseKeepingTests
{
    private const string Name = "Ottokar Quint";
    private static readonly string[] Monday = ["monday"],
        None = [];

    [Fact]
    public async Task A_child_taken_away_lies_in_the_bin_and_comes_back_with_all_that_is_known()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        (
            await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}")
        ).Status.ShouldBe(204);
        (await app.GetAsync($"/api/groups/{ids["groupId"]}")).ToJsonString().ShouldNotContain(Name);
        var bin = await app.GetAsync("/api/house/bin");
        bin[0]!["name"]!.GetValue<string>().ShouldBe(Name);
        (await app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["childId"]}/back")).Status.ShouldBe(204);
        (await app.GetAsync($"/api/groups/{ids["groupId"]}")).ToJsonString().ShouldContain(Name);
        (await app.GetAsync($"/api/groups/{ids["groupId"]}/children/{ids["childId"]}/ladders/fold"))
            .ToJsonString()
            .ShouldContain("Folded a letter");
    }

    [Fact]
    public async Task Who_comes_back_to_find_the_name_taken_is_told_so()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}");
        await AddAsync(app, ids["groupId"], Name);
        var (status, problem) = await app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["childId"]}/back");
        status.ShouldBe(409);
        problem["detail"]!.GetValue<string>().ShouldContain("letter of the family name");
    }

    [Fact]
    public async Task A_group_goes_with_its_weeks_and_comes_back_with_them()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}")).Status.ShouldBe(204);
        (await app.GetAsync("/api/weeks")).AsArray().ShouldBeEmpty();
        (await app.GetAsync("/api/house/bin")).AsArray().Count.ShouldBe(1);
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{ids["weekId"]}/prep")).Status.ShouldBe(404);
        await app.SendAsync(HttpMethod.Post, $"/api/house/bin/{ids["groupId"]}/back");
        (await app.GetAsync("/api/weeks")).AsArray().Count.ShouldBe(1);
        (await app.SendAsync(HttpMethod.Delete, $"/api/weeks/{ids["weekId"]}")).Status.ShouldBe(204);
        (await app.GetAsync("/api/house/bin"))[0]!["kind"]!.GetValue<string>().ShouldBe("week");
        (await app.SendAsync(HttpMethod.Delete, $"/api/house/bin/{ids["weekId"]}")).Status.ShouldBe(200);
        (await app.GetAsync("/api/house/bin")).AsArray().ShouldBeEmpty();
        (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}")).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Delete, $"/api/house/bin/{ids["groupId"]}")).Status.ShouldBe(200);
        (await app.GetAsync("/api/groups")).AsArray().ShouldBeEmpty();
    }

    [Fact]
    public async Task Of_an_erased_child_no_byte_is_left_in_the_files_and_the_backups_that_hold_it_are_named()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        var held = (await app.SendAsync(HttpMethod.Post, "/api/house/backups")).Body["name"]!.GetValue<string>();
        (
            await app.SendAsync(
                HttpMethod.Post,
                $"/api/weeks/{ids["weekId"]}/came-up",
                new
                {
                    kind = "childAway",
                    subject = ids["childId"],
                    fromDay = 0,
                    toDay = 0,
                }
            )
        ).Status.ShouldBe(200);
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"/api/weeks/{ids["weekId"]}/days/1/blocks/circle/words",
                new { words = $"{Name} is four" }
            )
        ).Status.ShouldBe(200);
        (await app.GetAsync($"/api/weeks/{ids["weekId"]}/unit.json")).ToJsonString().ShouldContain(Name);
        Holds(app, Name).ShouldBeTrue("the test must look where the name stood");
        await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}");
        var (status, erased) = await app.SendAsync(HttpMethod.Delete, $"/api/house/bin/{ids["childId"]}");
        status.ShouldBe(200, erased.ToJsonString());
        erased["stillIn"]![0]!["name"]!.GetValue<string>().ShouldBe(held);
        Holds(app, Name).ShouldBeFalse();
        Holds(app, ids["childId"]).ShouldBeFalse();
        (await app.GetAsync($"/api/weeks/{ids["weekId"]}/unit.json")).ToJsonString().ShouldNotContain(ids["childId"]);
    }

    [Fact]
    public async Task A_copy_of_an_earlier_version_beside_the_file_is_named_too()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        await app.FoldAsync();
        File.Copy(app.File, $"{app.File}.before-Former");
        await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}");
        var (_, erased) = await app.SendAsync(HttpMethod.Delete, $"/api/house/bin/{ids["childId"]}");
        erased["stillIn"]!.AsArray().Single()!["name"]!.GetValue<string>().ShouldBe("nido.db.before-Former");
        erased["stillIn"]![0]!["until"].ShouldBeNull();
    }

    [Fact]
    public async Task What_was_long_enough_in_the_bin_goes_by_itself_and_what_was_not_stays()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        await app.SendAsync(HttpMethod.Delete, $"/api/groups/{ids["groupId"]}/children/{ids["childId"]}");
        await using var scope = app.Services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
        (await Nido.Data.TakenAway.Erasing.EraseOldAsync(db, DateTimeOffset.UtcNow.AddDays(29), NidoApp.Stop)).ShouldBe(
            0
        );
        (await Nido.Data.TakenAway.Erasing.EraseOldAsync(db, DateTimeOffset.UtcNow.AddDays(32), NidoApp.Stop)).ShouldBe(
            1
        );
    }

    [Fact]
    public async Task A_backup_made_while_others_write_is_whole_and_brings_back_its_moment()
    {
        await using var app = new NidoApp { Demo = false };
        var ids = await WithChildAsync(app);
        using var enough = new CancellationTokenSource();
        var writing = Task.Run(
            async () =>
            {
                for (var k = 0; !enough.IsCancellationRequested; k++)
                {
                    await app.SendAsync(
                        HttpMethod.Post,
                        "/api/cupboard/corks/movements",
                        new
                        {
                            kind = "found",
                            amount = 1,
                            note = $"{k}",
                        }
                    );
                }
            },
            NidoApp.Stop
        );
        while ((await app.GetAsync("/api/cupboard/corks"))["have"]!.GetValue<double>() < 5)
        {
            await Task.Yield();
        }

        var (status, made) = await app.SendAsync(HttpMethod.Post, "/api/house/backups");
        status.ShouldBe(201, made.ToJsonString());
        while (
            (await app.GetAsync("/api/house"))["here"]!["movements"]!.GetValue<int>()
            <= made["manifest"]!["contents"]!["movements"]!.GetValue<int>()
        )
        {
            await Task.Yield();
        }

        await enough.CancelAsync();
        await writing;
        var then = made["manifest"]!["contents"]!;
        var later = (await app.GetAsync("/api/house"))["here"]!["movements"]!.GetValue<int>();
        await AddAsync(app, ids["groupId"], "Later Child");
        var (back, aside) = await app.SendAsync(HttpMethod.Post, $"/api/house/backups/{made["name"]}/restore");
        back.ShouldBe(200, aside.ToJsonString());
        var now = (await app.GetAsync("/api/house"))["here"]!;
        now["movements"]!.GetValue<int>().ShouldBe(then["movements"]!.GetValue<int>());
        (await app.GetAsync("/api/cupboard/corks"))["have"]!
            .GetValue<double>()
            .ShouldBe(then["movements"]!.GetValue<int>());
        (await app.GetAsync($"/api/groups/{ids["groupId"]}")).ToJsonString().ShouldNotContain("Later Child");
        // What was here is kept aside and can come back in its turn.
        aside["manifest"]!["contents"]!["movements"]!.GetValue<int>().ShouldBe(later);
        (await app.SendAsync(HttpMethod.Post, $"/api/house/backups/{aside["name"]}/restore")).Status.ShouldBe(200);
        (await app.GetAsync($"/api/groups/{ids["groupId"]}")).ToJsonString().ShouldContain("Later Child");
    }

    [Fact]
    public async Task A_backup_goes_out_and_comes_into_another_house_and_a_spoiled_one_is_refused()
    {
        await using var app = new NidoApp { Demo = false };
        await WithChildAsync(app);
        var name = (await app.SendAsync(HttpMethod.Post, "/api/house/backups")).Body["name"]!.GetValue<string>();
        var bytes = await app.Client.GetByteArrayAsync($"/api/house/backups/{name}", NidoApp.Stop);
        await using var other = new NidoApp { Demo = false };
        var brought = await BringAsync(other, bytes);
        brought.Status.ShouldBe(201, brought.Body.ToJsonString());
        (await other.SendAsync(HttpMethod.Post, $"/api/house/backups/{brought.Body["name"]}/restore")).Status.ShouldBe(
            200
        );
        (await other.GetAsync("/api/groups")).AsArray().Count.ShouldBe(1);
        bytes[bytes.Length / 2] ^= 0xFF;
        (await BringAsync(other, bytes)).Status.ShouldBe(409);
        (await BringAsync(other, Encoding.UTF8.GetBytes("no zip at all"))).Status.ShouldBe(409);
        (await other.SendAsync(HttpMethod.Post, "/api/house/backups/..%2f..%2fetc.zip/restore")).Status.ShouldBe(404);
        (await other.SendAsync(HttpMethod.Delete, "/api/house/backups/nido-2000-01-01T00-00-00Z.zip")).Status.ShouldBe(
            404
        );
    }

    [Fact]
    public void Nightly_backups_thin_out_to_seven_days_four_weeks_and_twelve_months()
    {
        var today = new DateTimeOffset(2026, 11, 26, 2, 0, 0, TimeSpan.Zero);
        BackupFile[] all =
        [
            .. Enumerable.Range(0, 500).Select(d => Of(today.AddDays(-d), BackupReason.Nightly)),
            Of(today.AddDays(-400), BackupReason.ByHand),
        ];
        var gone = Retention.MayGo(all).ToHashSet();
        var kept = all.Where(b => !gone.Contains(b)).ToArray();
        kept.ShouldContain(b => b.Manifest!.Why == BackupReason.ByHand);
        kept.Take(7).Select(b => b.Manifest!.MadeAt).ShouldBe(Enumerable.Range(0, 7).Select(d => today.AddDays(-d)));
        kept.Count(b => b.Manifest!.Why == BackupReason.Nightly).ShouldBeInRange(7 + 3 + 10, 7 + 4 + 12);
        kept.Min(b => b.Manifest!.MadeAt.Year).ShouldBe(2025);
        // Taking away is done once: a second look finds nothing more.
        Retention.MayGo(kept).ShouldBeEmpty();
    }

    private static BackupFile Of(DateTimeOffset at, BackupReason why) =>
        new($"{at:O}{why}", 1, new("nido-backup", 1, at, why, "", 1, "", new(0, 0, 0, 0, 0, null)));

    private static async Task<(int Status, JsonNode Body)> BringAsync(NidoApp app, byte[] bytes)
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new("application/zip");
        using var answer = await app.Client.PostAsync("/api/house/backups/brought", content, NidoApp.Stop);
        return ((int)answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(NidoApp.Stop))!);
    }

    private static async Task<Dictionary<string, string>> WithChildAsync(NidoApp app)
    {
        var ids = await Newcomer.WithAsync(app, "monday");
        ids["childId"] = (await AddAsync(app, ids["groupId"], Name))["children"]!
            .AsArray()
            .First(c => c!["name"]!.GetValue<string>() == Name)!["id"]!.GetValue<string>();
        await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{ids["groupId"]}/observations",
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
                        note = "Folded a letter",
                        by = "Lead",
                    },
                },
            }
        );
        return ids;
    }

    private static async Task<JsonNode> AddAsync(NidoApp app, string group, string name)
    {
        var (status, body) = await app.SendAsync(
            HttpMethod.Post,
            $"/api/groups/{group}/children",
            new
            {
                children = new[]
                {
                    new
                    {
                        name,
                        bornOn = "2022-05-01",
                        days = Monday,
                        mouths = false,
                        hand = "right",
                        avoidsTouch = false,
                        allergies = None,
                        homeLanguage = "en",
                        note = "",
                    },
                },
            }
        );
        status.ShouldBe(200, body.ToJsonString());
        return body;
    }

    /// <summary>Whether a text stands anywhere in the raw files of the house, backups aside, which are named.</summary>
    private static bool Holds(NidoApp app, string text) =>
        Directory
            .GetFiles(Path.GetDirectoryName(app.File)!)
            .Where(f => !f.EndsWith(".lock", StringComparison.Ordinal))
            .Any(f =>
            {
                using var stream = new FileStream(
                    f,
                    FileMode.Open,
                    FileAccess.Read,
                    FileShare.ReadWrite | FileShare.Delete
                );
                var bytes = new byte[stream.Length];
                stream.ReadExactly(bytes);
                return bytes.AsSpan().IndexOf(Encoding.UTF8.GetBytes(text)) >= 0
                    || bytes.AsSpan().IndexOf(Encoding.Unicode.GetBytes(text)) >= 0;
            });
}
