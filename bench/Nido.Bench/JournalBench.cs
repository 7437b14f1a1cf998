using System.Diagnostics;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Sheets;

namespace Nido.Bench;

/// <summary>The journal of a year: 40 children × 40 weeks × 20 observations a child a week, and 2,000 pictures. Times as
/// ratios to a call that does nothing, and of a full portfolio to one of 20.</summary>
internal static class JournalBench
{
    private const int Children = 40;
    private const int Weeks = 40;
    private const int EachWeek = 20;
    private const int Pictures = 2000;

    public static async Task PrintAsync(Content content)
    {
        var folder = Directory.CreateTempSubdirectory("nido-bench").FullName;
        await using var app = new WebApplicationFactory<Nido.Web.Week.WeekDesk>().WithWebHostBuilder(host =>
            host.UseContentRoot(AppContext.BaseDirectory)
                .UseEnvironment("Testing")
                .UseSetting("NIDO_DATA", folder)
                .UseSetting("Nido:Quick", "true")
        );
        using var client = app.CreateClient();
        await client.GetByteArrayAsync(new Uri("/api/health", UriKind.Relative));
        var today = DateOnly.FromDateTime(DateTime.Now);
        await using (var scope = app.Services.CreateAsyncScope())
        {
            await FillAsync(scope.ServiceProvider.GetRequiredService<NidoDb>(), content, today);
        }

        var empty = await MiddleAsync(client, () => client.GetAsync(new Uri("/api/timetables", UriKind.Relative)));
        Console.WriteLine(
            $"{Children * Weeks * EachWeek:N0} observations, {Pictures:N0} pictures; an empty call {empty:0.0} ms"
        );
        async Task PrintOneAsync(string what, Func<Task<HttpResponseMessage>> call)
        {
            var ms = await MiddleAsync(client, call);
            Console.WriteLine($"{what, -34} {ms, 7:0.0} ms  {ms / empty, 6:0.0} × an empty call");
        }

        Task<HttpResponseMessage> Get(string path) => client.GetAsync(new Uri(path, UriKind.Relative));
        var from = $"from={today.AddDays(-7 * Weeks):yyyy-MM-dd}&to={today:yyyy-MM-dd}";
        await PrintOneAsync("the list of children", () => Get("/api/groups/g/journal"));
        await PrintOneAsync("a child, 12 weeks", () => Get("/api/groups/g/children/c1/journal"));
        await PrintOneAsync("a child, 40 weeks", () => Get($"/api/groups/g/children/c1/journal?{from}"));
        await PrintOneAsync("a child with 2,000 pictures", () => Get($"/api/groups/g/children/c0/journal?{from}"));
        await PrintOneAsync("the group's term", () => Get($"/api/groups/g/journal/term?{from}"));
        await PrintOneAsync("a small picture", () => Get("/api/groups/g/pictures/7/file?small=true"));
        foreach (var words in (string[])["tongue", "child7 tongue", "child7"])
        {
            await PrintOneAsync(
                $"find \"{words}\"",
                () => client.PostAsJsonAsync("/api/groups/g/journal/find", new { words })
            );
        }

        Directory.Delete(folder, recursive: true);
    }

    private static async Task FillAsync(NidoDb db, Content content, DateOnly today)
    {
        var (chance, next) = (new SeededChance(40), 0);
        var room = NewGroup.Of("Large room", "", GroupKind.Class, null, () => $"x{next++}", Tongue.English) with
        {
            Id = "g",
            Children =
            [
                .. Enumerable
                    .Range(0, Children)
                    .Select(k => new Child(
                        $"c{k}",
                        $"Child{k}",
                        today.AddMonths(-24 - k),
                        WeekDays.MondayToFriday,
                        false,
                        Hand.Undecided,
                        false,
                        [],
                        "en",
                        ""
                    )),
            ],
        };
        db.Groups.Add(GroupRow.Of(room));
        await db.SaveChangesAsync();
        string[] notes =
        [
            "",
            "",
            "",
            "Slow and sure; the tongue helped.",
            "Turned the paper by itself.",
            "Counted aloud.",
        ];
        Ladder[] ladders = [.. content.Ladders.Values.OrderBy(l => l.Id, StringComparer.Ordinal)];
        for (var w = 0; w < Weeks; w++)
        {
            db.Observations.AddRange(
                from child in room.Children
                from k in Enumerable.Range(0, EachWeek)
                let ladder = ladders[chance.Next(ladders.Length)]
                select new ObservationRow
                {
                    ChildId = child.Id,
                    Ladder = ladder.Id,
                    Step = 1 + chance.Next(ladder.Steps.Count),
                    Help = (HelpLevel)chance.Next(4),
                    On = today.AddDays((-7 * w) - chance.Next(5)),
                    By = "Lead",
                    Note = notes[chance.Next(notes.Length)],
                }
            );
            await db.SaveChangesAsync();
            db.ChangeTracker.Clear();
        }

        var file = PictureFile.Read(ChildsDrawing.Of(1)).Picture!;
        for (var k = 0; k < Pictures; k++)
        {
            db.Pictures.Add(
                new()
                {
                    Id = k + 1,
                    GroupId = "g",
                    On = today.AddDays(-(k % 200)),
                    Of = ["c0"],
                    Width = file.Width,
                    Height = file.Height,
                }
            );
            db.PictureFiles.AddRange(
                new PictureFileRow { PictureId = k + 1, Bytes = file.Full },
                new PictureFileRow
                {
                    PictureId = k + 1,
                    Small = true,
                    Bytes = file.Small,
                }
            );
            if (k % 200 == 199)
            {
                await db.SaveChangesAsync();
                db.ChangeTracker.Clear();
            }
        }
    }

    private static async Task<double> MiddleAsync(HttpClient client, Func<Task<HttpResponseMessage>> call)
    {
        var times = new List<double>();
        for (var i = 0; i < 25; i++)
        {
            var watch = Stopwatch.GetTimestamp();
            using var answer = await call();
            answer.EnsureSuccessStatusCode();
            await answer.Content.ReadAsByteArrayAsync();
            times.Add(Stopwatch.GetElapsedTime(watch).TotalMilliseconds);
        }

        return times.Skip(5).Order().ElementAt(10);
    }
}
