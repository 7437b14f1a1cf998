using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Nido.Shared;

namespace Nido.Web.Tests;

/// <summary>What goes wrong with disks, files, ports and power: a sentence with the way out, and nothing acknowledged
/// is lost.</summary>
public sealed class FaultTests : IDisposable
{
    private const int Kills = 3;
    private static readonly string[] Monday = ["monday"],
        None = [];
    private readonly string folder = Directory.CreateTempSubdirectory("nido-fault").FullName;

    private string File => Path.Combine(folder, "nido.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public async Task What_was_acknowledged_is_there_after_the_power_is_cut_and_the_file_is_whole()
    {
        var chance = new Random(19);
        var acknowledged = 0;
        for (var k = 0; k < Kills; k++)
        {
            await using var app = await ReadyAsync();
            (await CountAsync(app)).ShouldBeGreaterThanOrEqualTo(acknowledged);
            acknowledged = await CountAsync(app);
            var cutAfter = chance.Next(5, 40);
            var writing = Enumerable
                .Range(0, 4)
                .Select(_ =>
                    Task.Run(
                        async () =>
                        {
                            try
                            {
                                while (true)
                                {
                                    using var answer = await app.Client.PostAsJsonAsync(
                                        "/api/cupboard/corks/movements",
                                        new
                                        {
                                            kind = "found",
                                            amount = 1,
                                            note = "",
                                        },
                                        NidoApp.Stop
                                    );
                                    answer.EnsureSuccessStatusCode();
                                    if (Interlocked.Increment(ref acknowledged) % 50 == cutAfter)
                                    {
                                        app.Kill();
                                    }
                                }
                            }
                            catch (HttpRequestException)
                            {
                                // The power is off.
                            }
                        },
                        NidoApp.Stop
                    )
                )
                .ToArray();
            await Task.WhenAll(writing);
        }

        await using var last = await ReadyAsync();
        (await CountAsync(last)).ShouldBeGreaterThanOrEqualTo(acknowledged);
        acknowledged.ShouldBeGreaterThan(Kills * 4);
        last.Kill();
        Whole().ShouldBe("ok");
    }

    [Fact]
    public async Task A_second_process_on_the_same_folder_refuses_and_the_files_are_their_owners_alone()
    {
        await using var first = await ReadyAsync();
        await using var second = Begin(folder);
        (await second.EndAsync(NidoApp.Stop)).ShouldContain("Another Nido has");
        second.Code.ShouldBe(3);
        second.Said.ShouldNotContain("   at ");
        if (!OperatingSystem.IsWindows())
        {
            foreach (var file in Directory.GetFiles(folder))
            {
                (System.IO.File.GetUnixFileMode(file) & ~(UnixFileMode.UserRead | UnixFileMode.UserWrite)).ShouldBe(
                    UnixFileMode.None,
                    file
                );
            }
        }
    }

    [Fact]
    public async Task A_taken_port_is_said_and_nobody_elses_server_is_called_ours()
    {
        using var other = new TcpListener(IPAddress.Loopback, 0);
        other.Start();
        await using var app = Begin(folder, ((IPEndPoint)other.LocalEndpoint).Port);
        (await app.EndAsync(NidoApp.Stop)).ShouldContain("Another program answers");
        app.Said.ShouldContain("NIDO_PORT");
        app.Code.ShouldBe(3);
    }

    [Fact]
    public async Task An_empty_a_damaged_and_a_newer_file_are_told_apart_and_a_folder_that_is_a_file()
    {
        await System.IO.File.WriteAllBytesAsync(File, [], NidoApp.Stop);
        await RefusesAsync(folder, "is empty");

        await System.IO.File.WriteAllTextAsync(File, new string('x', 9000), NidoApp.Stop);
        await RefusesAsync(folder, "is damaged");

        System.IO.File.Delete(File);
        await using (var app = await ReadyAsync())
        {
            app.Kill();
        }

        using (var db = new SqliteConnection($"Data Source={File};Pooling=False"))
        {
            await db.OpenAsync(NidoApp.Stop);
            await using var command = db.CreateCommand();
            command.CommandText = "INSERT INTO __EFMigrationsHistory VALUES ('29991231000000_FarAhead', '99.0.0')";
            await command.ExecuteNonQueryAsync(NidoApp.Stop);
        }

        await RefusesAsync(folder, "written by a newer Nido");
        await RefusesAsync(File, "is a file");
    }

    [Fact]
    public async Task A_damaged_file_names_the_newest_backup_and_restore_puts_it_in_place()
    {
        string name;
        await using (var app = await ReadyAsync())
        {
            await app.Client.PostAsJsonAsync(
                "/api/cupboard/corks/movements",
                new
                {
                    kind = "found",
                    amount = 7,
                    note = "",
                },
                NidoApp.Stop
            );
            using var made = await app.Client.PostAsync("/api/house/backups", null, NidoApp.Stop);
            name = (await made.Content.ReadFromJsonAsync<JsonNode>(NidoApp.Stop))!["name"]!.GetValue<string>();
            app.Kill();
        }

        foreach (var log in Directory.GetFiles(folder, "nido.db-*"))
        {
            System.IO.File.Delete(log);
        }

        await System.IO.File.WriteAllTextAsync(File, new string('y', 20_000), NidoApp.Stop);
        await RefusesAsync(folder, name);
        await using (var restoring = Begin(folder, null, "restore", name))
        {
            (await restoring.EndAsync(NidoApp.Stop)).ShouldContain("is back");
            restoring.Code.ShouldBe(0);
        }

        Directory.GetFiles(folder, "nido.db.aside-*").ShouldNotBeEmpty();
        await using var again = await ReadyAsync();
        (await CountAsync(again)).ShouldBe(7);
    }

    [Fact]
    public async Task A_disk_that_takes_no_more_is_told_and_nothing_is_half_done()
    {
        await using var app = new NidoApp { Demo = false };
        (
            await app.SendAsync(
                HttpMethod.Post,
                "/api/cupboard/corks/movements",
                new
                {
                    kind = "found",
                    amount = 3,
                    note = "",
                }
            )
        ).Status.ShouldBe(204);
        var ids = await Newcomer.WithAsync(app, "monday");
        var many = Enumerable
            .Range(0, 100)
            .Select(k => new
            {
                name = $"Child {k}",
                bornOn = "2022-05-01",
                days = Monday,
                mouths = false,
                hand = "right",
                avoidsTouch = false,
                allergies = None,
                homeLanguage = "en",
                note = new string('n', 490),
            });
        var (status, problem) = await app.WithFullDiskAsync(() =>
            app.SendAsync(HttpMethod.Post, $"/api/groups/{ids["groupId"]}/children", new { children = many })
        );
        status.ShouldBe(507, problem.ToJsonString());
        problem["detail"]!.GetValue<string>().ShouldContain("Make room");
        (await app.GetAsync("/api/cupboard/corks"))["have"]!.GetValue<double>().ShouldBe(3);
        (await app.GetAsync($"/api/groups/{ids["groupId"]}"))["children"]!.AsArray().Count.ShouldBe(1);
        (
            await app.SendAsync(HttpMethod.Post, $"/api/groups/{ids["groupId"]}/children", new { children = many })
        ).Status.ShouldBe(200);
    }

    private static HouseProcess Begin(string folder, int? port = null, params string[] args) =>
        HouseProcess.Begin(
            folder,
            new Dictionary<string, string> { ["Nido__Quick"] = "true", ["Nido__Night"] = "false" },
            port,
            null,
            args
        );

    private Task<HouseProcess> ReadyAsync() => Begin(folder).ReadyAsync(NidoApp.Stop);

    private static async Task RefusesAsync(string folder, string because)
    {
        await using var app = Begin(folder);
        (await app.EndAsync(NidoApp.Stop)).ShouldContain(because);
        app.Code.ShouldBe(3);
        app.Said.ShouldNotContain("   at ");
    }

    private static async Task<int> CountAsync(HouseProcess app) =>
        (int)
            (await app.Client.GetFromJsonAsync<JsonNode>("/api/cupboard/corks", NidoApp.Stop))![
                "have"
            ]!.GetValue<double>();

    private string Whole()
    {
        using var db = new SqliteConnection($"Data Source={File};Pooling=False");
        db.Open();
        using var command = db.CreateCommand();
        command.CommandText = "PRAGMA integrity_check";
        return (string)command.ExecuteScalar()!;
    }
}
