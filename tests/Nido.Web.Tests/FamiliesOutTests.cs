using System.IO.Compression;
using System.Text.Json.Nodes;
using MimeKit;

namespace Nido.Web.Tests;

/// <summary>Letters on their way out, what is asked of families, bags: over the interface, each in a house of its own.</summary>
public class FamiliesOutTests(ComposedSite site, PastHouse past)
{
    private static readonly string[] Socks = ["socks"];

    [Theory]
    [InlineData("no address", null, null, "email")]
    [InlineData("two@house.example, three@house.example", null, null, "email")]
    [InlineData("", "sofa", null, "things[0]")]
    [InlineData("", null, "2090-01-01", "youngestBornOn")]
    public async Task What_is_no_home_is_refused_with_its_field(string email, string? thing, string? born, string field)
    {
        await using var app = site.Copy();
        var child = await ChildAsync(app);
        var (status, problem) = await app.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{site.Group}/children/{child}/home",
            new
            {
                email,
                things = thing is null ? null : new[] { thing },
                youngestBornOn = born,
            }
        );
        status.ShouldBe(400);
        $"{problem["fields"]![0]!["field"]}".ShouldBe(field);
        $"{(await app.GetAsync($"/api/groups/{site.Group}/children/{child}/home"))["email"]}".ShouldBe("");
    }

    [Fact]
    public async Task A_home_that_was_told_of_stays_when_the_child_is_changed_and_leaves_no_shared_file()
    {
        await using var app = site.Copy();
        var child = await ChildAsync(app);
        var home = $"/api/groups/{site.Group}/children/{child}/home";
        var (status, told) = await app.SendAsync(
            HttpMethod.Put,
            home,
            new { email = "one@house.example", things = Socks }
        );
        status.ShouldBe(200);
        told["kinds"]!.AsArray().Count(k => (bool)k!["has"]!).ShouldBe(1);
        var body = await app.GetAsync($"/api/groups/{site.Group}/children/{child}");
        body["note"] = "Changed";
        var edition = await app.EditionAsync($"/api/groups/{site.Group}/children/{child}");
        (await app.ChangeAsync($"/api/groups/{site.Group}/children/{child}", body, edition)).Status.ShouldBe(200);
        $"{(await app.GetAsync(home))["email"]}".ShouldBe("one@house.example");
        (await app.Client.GetStringAsync($"/api/weeks/{site.Week}/unit.json", NidoApp.Stop)).ShouldNotContain(
            "house.example"
        );
        var letter = await app.GetAsync($"/api/weeks/{site.Week}/family?childId={child}");
        letter["home"]!
            .AsArray()
            .SelectMany(h => h!["things"]!.AsArray())
            .Select(t => $"{t}")
            .ShouldAllBe(t => !t.Contains("lids") && !t.Contains("spoon"));
    }

    [Fact]
    public async Task Letters_lie_in_the_outbox_as_mail_in_the_language_of_each_family_and_the_others_are_paper()
    {
        await using var app = past.Copy();
        var week = (await app.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => $"{w!["groupName"]}" == "Wren room" && $"{w["monday"]}" == "2026-11-16")!["id"];
        var address = $"/api/weeks/{week}/letters";
        var before = await app.GetAsync($"{address}?kind=after");
        var families = before["families"]!.AsArray();
        var mailed = families.Where(f => (bool)f!["byMail"]!).ToArray();
        mailed.Length.ShouldBeInRange(1, families.Count - 1);
        ((int)before["inOutbox"]!).ShouldBe(0);

        var (status, after) = await app.SendAsync(HttpMethod.Post, $"{address}/outbox", new { kind = "after" });
        status.ShouldBe(200);
        ((int)after["laid"]!).ShouldBe(mailed.Length);
        var files = Directory.GetFiles($"{after["folder"]}", "*.eml").Order().ToArray();
        files.Length.ShouldBe(mailed.Length);
        foreach (var (file, family) in files.Zip(mailed))
        {
            Path.GetFileName(file).ShouldNotContain($"{family!["name"]}", Case.Insensitive);
            using var message = await MimeMessage.LoadAsync(file, NidoApp.Stop);
            message.To.Mailboxes.Single().Address.ShouldEndWith("@quill-street.example");
            message.Headers["X-Unsent"].ShouldBe("1");
            message.Body!.Headers[HeaderId.ContentLanguage].ShouldBe($"{family["language"]}");
            message.TextBody!.ShouldContain($"{family["name"]}");
            message.HtmlBody!.ShouldContain($"lang=\"{family["language"]}\"");
            message.HtmlBody!.ShouldNotContain("http://");
            message.HtmlBody!.ShouldNotContain("https://");
            message
                .BodyParts.OfType<MimePart>()
                .Where(p => p.ContentType.MediaType == "image")
                .ShouldAllBe(p => message.HtmlBody!.Contains($"cid:{p.ContentId}", StringComparison.Ordinal));
        }

        // The same letters again are the same files, not twice as many.
        await app.SendAsync(HttpMethod.Post, $"{address}/outbox", new { kind = "after" });
        Directory.GetFiles($"{after["folder"]}", "*.eml").Length.ShouldBe(mailed.Length);
        using var zip = new ZipArchive(
            await app.Client.GetStreamAsync($"{address}/mail.zip?kind=after", NidoApp.Stop),
            ZipArchiveMode.Read
        );
        zip.Entries.Count.ShouldBe(mailed.Length);
        using var paper = await app.Client.GetAsync($"{address}/paper.pdf?kind=after", NidoApp.Stop);
        paper.Content.Headers.ContentType!.MediaType.ShouldBe("application/pdf");
    }

    [Fact]
    public async Task A_letter_after_the_week_tells_what_was_seen_of_the_child_and_of_no_other()
    {
        await using var app = past.Copy();
        var group = (await app.GetAsync("/api/groups"))[0]!["id"];
        var week = (await app.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => $"{w!["groupName"]}" == "Wren room" && $"{w["monday"]}" == "2026-11-16")!["id"];
        var children = (await app.GetAsync($"/api/groups/{group}"))["children"]!.AsArray();
        var told = 0;
        foreach (var child in children)
        {
            var text = $"{(await app.GetAsync($"/api/weeks/{week}/family?kind=after&childId={child!["id"]}"))["text"]}";
            text.ShouldContain($"{child["name"]}");
            text.ShouldNotContain("not yet", Case.Insensitive);
            told += text.Contains("What we saw of", StringComparison.Ordinal) ? 1 : 0;
            foreach (var other in children.Where(c => c != child))
            {
                text.ShouldNotMatch($@"\b{other!["name"]}\b");
            }
        }

        told.ShouldBeGreaterThan(5);
    }

    [Theory]
    [InlineData("family?kind=later", "before, after, reminder")]
    [InlineData("letters?kind=7", "before, after, reminder")]
    [InlineData("bags/nobody/huge", "readiness, week")]
    public async Task A_kind_that_is_none_names_those_there_are(string path, string names)
    {
        await using var app = site.Copy();
        var (status, problem) = await app.SendAsync(HttpMethod.Get, $"/api/weeks/{site.Week}/{path}");
        status.ShouldBe(400);
        $"{problem["fields"]![0]!["message"]}".ShouldContain(names);
    }

    [Fact]
    public async Task What_is_missing_is_shared_out_answered_and_counted_in()
    {
        await using var app = site.Copy();
        var address = $"/api/weeks/{site.Week}/asking";
        var open = (await app.GetAsync(address))["things"]!.AsArray();
        open.ShouldNotBeEmpty("the demo asks families for something");
        var (status, shared) = await app.SendAsync(HttpMethod.Post, address);
        status.ShouldBe(200);
        shared["things"]!.AsArray().ShouldAllBe(t => (double)t!["notAsked"]! == 0);
        foreach (var (was, now) in open.Zip(shared["things"]!.AsArray()))
        {
            ((double)now!["coming"]!).ShouldBe(Math.Ceiling((double)was!["notAsked"]!));
        }

        // Asked again, nobody is asked for more.
        var (_, again) = await app.SendAsync(HttpMethod.Post, address);
        again.ToJsonString().ShouldBe(shared.ToJsonString());

        var family = shared["families"]![0]!;
        var line = family["lines"]![0]!;
        var child = $"{family["childId"]}";
        var thing = shared["things"]!.AsArray().First(t => $"{t!["name"]}" == $"{line["name"]}")!;
        (await TextAsync(app, "before", child)).ShouldContain("From you, please");
        (await TextAsync(app, "reminder", child)).ShouldContain($"{line["name"]}");
        var have = await HaveAsync(app, $"{thing["materialId"]}");
        (await ComingAsync(app, $"{thing["materialId"]}")).ShouldBe((double)thing["coming"]!);
        await app.SendAsync(HttpMethod.Put, $"{address}/{line["id"]}", new { answer = "brought" });
        (await HaveAsync(app, $"{thing["materialId"]}")).ShouldBe(have + (double)line["amount"]!);
        (await ComingAsync(app, $"{thing["materialId"]}")).ShouldBe((double)thing["coming"]! - (double)line["amount"]!);
        // Of what the family was asked for, all but this is still open.
        var others = family["lines"]!.AsArray().Count - 1;
        var reminder = await TextAsync(app, "reminder", child);
        reminder.Split('\n').Count(l => l.StartsWith("[ ] ", StringComparison.Ordinal)).ShouldBe(others);
        reminder.Contains("Nothing is open", StringComparison.Ordinal).ShouldBe(others == 0);
        // Less than was said: the cupboard follows, and so it does when it is taken back.
        await app.SendAsync(HttpMethod.Put, $"{address}/{line["id"]}", new { answer = "brought", brought = 1 });
        (await HaveAsync(app, $"{thing["materialId"]}")).ShouldBe(have + 1);
        (await app.SendAsync(HttpMethod.Delete, $"{address}/{line["id"]}")).Status.ShouldBe(204);
        (await HaveAsync(app, $"{thing["materialId"]}")).ShouldBe(have);
        (await app.SendAsync(HttpMethod.Delete, $"{address}/{line["id"]}")).Status.ShouldBe(404);
    }

    [Fact]
    public async Task What_was_brought_and_used_since_is_not_taken_out_twice()
    {
        await using var app = site.Copy();
        var address = $"/api/weeks/{site.Week}/asking";
        var (_, shared) = await app.SendAsync(HttpMethod.Post, address);
        var line = shared["families"]![0]!["lines"]![0]!;
        var material = $"{shared["things"]!.AsArray().First(t => $"{t!["name"]}" == $"{line["name"]}")!["materialId"]}";
        await app.SendAsync(HttpMethod.Put, $"{address}/{line["id"]}", new { answer = "brought" });
        var have = await HaveAsync(app, material);
        await app.SendAsync(
            HttpMethod.Post,
            $"/api/cupboard/{material}/movements",
            new
            {
                kind = "lost",
                amount = have,
                note = "",
            }
        );
        (await HaveAsync(app, material)).ShouldBe(0);
        (await app.SendAsync(HttpMethod.Delete, $"{address}/{line["id"]}")).Status.ShouldBe(400);
        (
            await app.SendAsync(HttpMethod.Put, $"{address}/{line["id"]}", new { answer = "cannotBring" })
        ).Status.ShouldBe(400);
        (await HaveAsync(app, material)).ShouldBe(0);
    }

    [Theory]
    [InlineData("readiness")]
    [InlineData("week")]
    public async Task Every_child_has_its_bag_on_paper_and_who_is_only_expected_has_none(string kind)
    {
        await using var app = site.Copy();
        foreach (var child in (await app.GetAsync($"/api/groups/{site.Group}"))["children"]!.AsArray())
        {
            using var pdf = await app.Client.GetAsync(
                $"/api/weeks/{site.Week}/bags/{child!["id"]}/{kind}/bag.pdf?language=es",
                NidoApp.Stop
            );
            pdf.Content.Headers.ContentType!.MediaType.ShouldBe("application/pdf", $"{child["name"]}");
        }

        var session = (await app.GetAsync("/api/weeks"))
            .AsArray()
            .First(w => $"{w!["groupName"]}" == "Saturday nestlings")!["id"];
        (await app.SendAsync(HttpMethod.Get, $"/api/weeks/{session}/bags/age-12-1/{kind}")).Status.ShouldBe(404);
        (
            await app.SendAsync(HttpMethod.Post, $"/api/weeks/{session}/bags", new { childId = "age-12-1", kind })
        ).Status.ShouldBe(404);
        var empty = await app.Client.GetByteArrayAsync(
            $"/api/weeks/{session}/letters/paper.pdf?kind=before",
            NidoApp.Stop
        );
        empty.Length.ShouldBeGreaterThan(500, "a page that says that nobody gets paper");
    }

    [Fact]
    public async Task What_a_family_has_not_is_asked_of_another_and_never_of_it_again()
    {
        await using var app = site.Copy();
        var address = $"/api/weeks/{site.Week}/asking";
        var (_, shared) = await app.SendAsync(HttpMethod.Post, address);
        var family = shared["families"]![0]!;
        var line = family["lines"]![0]!;
        await app.SendAsync(HttpMethod.Put, $"{address}/{line["id"]}", new { answer = "cannotBring" });
        var (_, again) = await app.SendAsync(HttpMethod.Post, address);
        again["things"]!.AsArray().ShouldAllBe(t => (double)t!["notAsked"]! == 0);
        again["families"]!.AsArray().First(f => $"{f!["childId"]}" == $"{family["childId"]}")!["lines"]!
            .AsArray()
            .Count(l => $"{l!["name"]}" == $"{line["name"]}")
            .ShouldBe(1);
        (
            await app.SendAsync(HttpMethod.Put, $"{address}/{line["id"]}", new { answer = "brought", brought = -2 })
        ).Status.ShouldBe(400);
    }

    [Fact]
    public async Task A_bag_takes_things_out_of_the_cupboard_and_what_is_missing_stays_out()
    {
        await using var app = site.Copy();
        var children = (await app.GetAsync($"/api/groups/{site.Group}"))["children"]!.AsArray();
        var child = $"{children.First(c => $"{c!["name"]}" == "Mateus")!["id"]}";
        var bags = $"/api/weeks/{site.Week}/bags";
        var bag = await app.GetAsync($"{bags}/{child}/readiness");
        var pen = bag["things"]!.AsArray().First(t => (bool)t!["comesBack"]! && (double)t["have"]! > 0)!;
        var have = await HaveAsync(app, $"{pen["id"]}");
        foreach (var thing in bag["things"]!.AsArray().Where(t => (bool)t!["comesBack"]! && (double)t["have"]! < 1))
        {
            await app.SendAsync(
                HttpMethod.Post,
                $"/api/cupboard/{thing!["id"]}/movements",
                new
                {
                    kind = "bought",
                    amount = 2,
                    note = "",
                }
            );
        }

        var (status, said) = await app.SendAsync(HttpMethod.Post, bags, new { childId = child, kind = "readiness" });
        status.ShouldBe(201, $"{said}");
        (await HaveAsync(app, $"{pen["id"]}")).ShouldBe(have - 1);
        (await app.SendAsync(HttpMethod.Post, bags, new { childId = child, kind = "readiness" })).Status.ShouldBe(400);
        var lent = (await app.GetAsync(bags))[0]!;
        $"{lent["name"]}".ShouldBe("Mateus");
        var id = lent["id"];
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"{bags}/{id}",
                new { things = new[] { new { id = $"{pen["id"]}", back = 9 } } }
            )
        ).Status.ShouldBe(400);
        (
            await app.SendAsync(
                HttpMethod.Put,
                $"{bags}/{id}",
                new { things = new[] { new { id = $"{pen["id"]}", back = 0 } } }
            )
        ).Status.ShouldBe(204);
        (await HaveAsync(app, $"{pen["id"]}")).ShouldBe(have - 1, "it did not come back");
        (await app.SendAsync(HttpMethod.Put, $"{bags}/{id}", new { things = Array.Empty<object>() })).Status.ShouldBe(
            400
        );
        (await app.SendAsync(HttpMethod.Delete, $"{bags}/{id}")).Status.ShouldBe(204);
        (await HaveAsync(app, $"{pen["id"]}")).ShouldBe(have, "as if it was never lent");
        using var pdf = await app.Client.GetAsync($"{bags}/{child}/readiness/bag.pdf?language=es", NidoApp.Stop);
        pdf.Content.Headers.ContentType!.MediaType.ShouldBe("application/pdf");
    }

    [Fact]
    public async Task What_the_cupboard_has_not_is_not_lent()
    {
        await using var app = site.Copy();
        var bags = $"/api/weeks/{site.Week}/bags";
        foreach (var child in (await app.GetAsync($"/api/groups/{site.Group}"))["children"]!.AsArray())
        {
            var bag = await app.GetAsync($"{bags}/{child!["id"]}/readiness");
            if (bag["things"]!.AsArray().Any(t => t!["have"] is { } have && (double)have < 1))
            {
                var (status, problem) = await app.SendAsync(
                    HttpMethod.Post,
                    bags,
                    new { childId = $"{child["id"]}", kind = "readiness" }
                );
                status.ShouldBe(400);
                $"{problem["fields"]![0]!["message"]}".ShouldContain("Count it in Cupboard");
                (await app.GetAsync(bags)).AsArray().ShouldBeEmpty();
                return;
            }
        }

        Assert.Fail("the demo cupboard has everything for every bag");
    }

    [Fact]
    public async Task With_a_child_goes_what_its_family_was_asked_and_lent()
    {
        await using var app = site.Copy();
        var address = $"/api/weeks/{site.Week}";
        var (_, shared) = await app.SendAsync(HttpMethod.Post, $"{address}/asking");
        var child = $"{shared["families"]![0]!["childId"]}";
        var file = await app.Client.GetStringAsync("/api/house/site.json", NidoApp.Stop);
        file.ShouldContain("\"asked\"");
        await app.SendAsync(
            HttpMethod.Put,
            $"/api/groups/{site.Group}/children/{child}/home",
            new { email = "gone@house.example" }
        );
        var (_, laid) = await app.SendAsync(HttpMethod.Post, $"{address}/letters/outbox", new { kind = "before" });
        ((int)laid["inOutbox"]!).ShouldBe(1);
        (await app.SendAsync(HttpMethod.Delete, $"/api/groups/{site.Group}/children/{child}")).Status.ShouldBe(204);
        (await app.SendAsync(HttpMethod.Delete, $"/api/house/bin/{child}")).Status.ShouldBeOneOf(200, 204);
        Directory.Exists($"{laid["folder"]}").ShouldBeFalse("its letter lay there");
        (await app.GetAsync($"{address}/asking"))["families"]!.AsArray().ShouldAllBe(f => $"{f!["childId"]}" != child);
    }

    private static async Task<string> TextAsync(NidoApp app, string kind, string child)
    {
        var week = await app.WeekAsync();
        return $"{(await app.GetAsync($"/api/weeks/{week}/family?kind={kind}&childId={child}"))["text"]}";
    }

    private async Task<double> HaveAsync(NidoApp app, string material) =>
        (double)(await app.GetAsync($"/api/cupboard/{material}?weekId={site.Week}"))["have"]!;

    private async Task<double> ComingAsync(NidoApp app, string material) =>
        (await app.GetAsync($"/api/cupboard?weekId={site.Week}"))["shelves"]!
            .AsArray()
            .SelectMany(s => s!["tiles"]!.AsArray())
            .Where(t => $"{t!["materialId"]}" == material)
            .Sum(t => (double)t!["coming"]!);

    private async Task<string> ChildAsync(NidoApp app) =>
        $"{(await app.GetAsync($"/api/groups/{site.Group}"))["children"]![0]!["id"]}";
}
