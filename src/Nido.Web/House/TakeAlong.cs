using System.IO.Compression;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Web.Common;
using Nido.Web.Own;
using Nido.Web.Week;

namespace Nido.Web.House;

/// <summary>Everything about one child, and a whole house, as files that other programs can read, too.</summary>
public static class TakeAlong
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapTakeAlong(this RouteGroupBuilder api)
    {
        api.MapGet("/groups/{groupId}/children/{childId}/along.zip", Child)
            .WithName("takeChildAlong")
            .WithTags("House");
        var house = api.MapGroup("/house").WithTags("House");
        house.MapGet("/site.json", Site).WithName("takeHouseAlong");
        house.MapPost("/site", Bring).WithName("bringHouse").Accepts<string>("application/json");
        api.MapGet("/formats/site.schema.json", () => TypedResults.Text(SiteDocument.Schema, "application/schema+json"))
            .WithName("siteSchema")
            .WithTags("Files");
    }

    private static async Task<FileContentHttpResult> Child(
        string groupId,
        string childId,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var child = (await ChildDocument.OfAsync(db, groupId, childId, stop)).Found(NotHere.Child);

        using var file = new MemoryStream();
        using (var zip = new ZipArchive(file, ZipArchiveMode.Create, leaveOpen: true))
        {
            await WriteAsync(zip, "child.json", JsonSerializer.Serialize(child, Units.Json), stop);
            await WriteAsync(
                zip,
                "read-me.html",
                child.Page(
                    l => content.Ladders.GetValueOrDefault(l)?.Name.NameIn(Speaking.Now.Language) ?? l,
                    (l, s) =>
                        content
                            .Ladders.GetValueOrDefault(l)
                            ?.Steps.FirstOrDefault(x => x.Number == s)
                            ?.Name.NameIn(Speaking.Now.Language)
                        ?? $"{s}",
                    Speaking.Now
                ),
                stop
            );
            foreach (var picture in child.Pictures)
            {
                var bytes = await db
                    .PictureFiles.Where(f => f.PictureId == picture.Id && !f.Small)
                    .Select(f => f.Bytes)
                    .SingleAsync(stop);
                await using var entry = await zip.CreateEntry($"pictures/{picture.Id}.jpg").OpenAsync(stop);
                await entry.WriteAsync(bytes, stop);
            }
        }

        return TypedResults.File(file.ToArray(), "application/zip", "along.zip");
    }

    private static async Task<FileContentHttpResult> Site(NidoDb db, CancellationToken stop) =>
        TypedResults.File(
            JsonSerializer.SerializeToUtf8Bytes(await SiteDocument.OfAsync(db, stop), Units.Json),
            "application/json; charset=utf-8",
            "nido-house.json"
        );

    private static async Task<Results<NoContent, ProblemHttpResult>> Bring(
        HttpRequest request,
        UnitSense sense,
        SiteStamp stamp,
        NidoDb db,
        CancellationToken stop
    )
    {
        var (site, problems) = await ReadAsync(TableText.Decode(await request.BytesAsync(stop)).Text, sense, stop);
        if (site is null || problems.Count > 0)
        {
            return Problems.Fields(problems);
        }

        // Two houses in one would mix their ledgers; a unit brings a week into a house that is lived in.
        if (
            await db.Groups.IgnoreQueryFilters().AnyAsync(stop)
            || await db.Movements.AnyAsync(stop)
            || await db.Own.IgnoreQueryFilters().AnyAsync(stop)
        )
        {
            return Problems.Rule(
                $"This house is not empty",
                $"A whole house is brought into an empty one: start Nido with another folder (NIDO_DATA), or bring the weeks as units."
            );
        }

        foreach (var own in site.Own)
        {
            own.Photo = own.AsItCame().Photo;
        }

        site.AddTo(db);
        await db.SaveChangesAsync(stop);
        stamp.AllIsNew();
        return TypedResults.NoContent();
    }

    private static async Task<(SiteDocument? Site, IReadOnlyList<FieldProblem> Problems)> ReadAsync(
        string text,
        UnitSense sense,
        CancellationToken stop
    )
    {
        try
        {
            var found = await SchemaProblems.OfAsync(SiteDocument.Schema, text, "docs/formats/site.schema.json", stop);
            if (found.Count > 0 || JsonSerializer.Deserialize<SiteDocument>(text, Units.Json) is not { } site)
            {
                return (null, found);
            }

            if (site.Format != "nido-site" || site.FormatVersion != 1)
            {
                return (
                    null,
                    [
                        new(
                            $"format",
                            $"{site.Format} {site.FormatVersion}",
                            $"This Nido reads \"nido-site\", version 1. A newer file is brought into a newer Nido."
                        ),
                    ]
                );
            }

            return (site, Sense.In(site) is { Count: > 0 } senseless ? senseless : [.. OfSite(site, sense).Take(50)]);
        }
        catch (Exception e)
            when (e
                    is JsonException
                        or Newtonsoft.Json.JsonException
                        or FormatException
                        or OverflowException
                        or InvalidOperationException
            )
        {
            return (null, [new("file", Said.None, $"This is not the file of a house: {e.Message}")]);
        }
    }

    private static IEnumerable<FieldProblem> OfSite(SiteDocument site, UnitSense sense) =>
        UnitSense
            .Twice(site.Groups.Select(g => g.Id), "groups", $"id")
            .Concat(
                UnitSense.Twice(site.Groups.SelectMany(g => g.Children).Select(c => c.Id), "groups", $"id of a child")
            )
            .Concat(
                UnitSense.Twice(site.Groups.SelectMany(g => g.Adults).Select(a => a.Id), "groups", $"id of an adult")
            )
            .Concat(UnitSense.Twice(site.Weeks.Select(w => w.Id), "weeks", $"id"))
            .Concat(UnitSense.Twice(site.Themes.Select(t => t.Id), "themes", $"id"))
            .Concat(sense.Own(site.Own))
            .Concat(site.Groups.SelectMany((g, i) => sense.OfGroup(g.AsItStands(), $"groups[{i}].")))
            .Concat(
                site.Weeks.SelectMany(
                    (w, i) =>
                        site.UnitOf(w) is { } unit
                            // What is wrong with its group stands under groups.
                            ? sense
                                .Of(unit)
                                .Where(p => !p.Field.ToString().StartsWith("group.", StringComparison.Ordinal))
                                .Select(p => p with { Field = (Said)$"weeks[{i}].{p.Field}" })
                            : [new($"weeks[{i}].groupId", w.GroupId, $"No group of the file has this id.")]
                )
            )
            .Concat(
                site.Movements.Select((m, i) => (m, i))
                    .Where(x => Math.Abs(x.m.Amount) > 1_000_000 || x.m.Note.Length > 200)
                    .Select(x => new FieldProblem(
                        $"movements[{x.i}]",
                        $"{x.m.Amount}",
                        $"An amount goes to 1,000,000, a note has at most 200 letters."
                    ))
            );

    private static async Task WriteAsync(ZipArchive zip, string name, string text, CancellationToken stop)
    {
        await using var entry = await zip.CreateEntry(name).OpenAsync(stop);
        await entry.WriteAsync(Encoding.UTF8.GetBytes(text), stop);
    }
}
