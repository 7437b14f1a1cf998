using System.Globalization;
using System.Text.Json;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Paper.Adults;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Web.Common;
using Nido.Web.Own;
using Nido.Web.Paper;
using Nido.Web.Today;

namespace Nido.Web.Week;

/// <summary>Files of a week: PDF, CSV, iCalendar, and the whole unit as JSON both ways.</summary>
public static class FileEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapFiles(this RouteGroupBuilder api)
    {
        var files = api.MapGroup("/weeks").WithTags("Files");
        files.MapGet("/{weekId}/plan.pdf", Pdf).WithName("planPdf");
        files.MapGet("/{weekId}/materials.csv", Materials).WithName("materialsCsv");
        files.MapGet("/{weekId}/week.ics", Calendar).WithName("weekCalendar");
        files.MapGet("/{weekId}/unit.json", Unit).WithName("unitJson");
        files.MapPost("/unit", Import).WithName("importUnit").Accepts<string>("application/json");
        api.MapGet("/formats/unit.schema.json", () => TypedResults.Text(UnitSchema.Text, "application/schema+json"))
            .WithName("unitSchema")
            .WithTags("Files");
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Pdf(
        string weekId,
        string? paper,
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        if (paper is not null && !Enum.TryParse<PaperSize>(paper, ignoreCase: true, out _))
        {
            return Problems.Field("paper", paper, $"Paper is a4 or letter.");
        }

        var plan = await desk.PlanAsync(row, stop);
        var theme = (await db.ThemeAsync(content, row.ThemeId, stop))!.Name;
        return WeekPaperEndpoints.Drawn(
            plan,
            language,
            content,
            "kind.wall-plan",
            Name(row.ThemeId, row.Monday, "pdf"),
            pad =>
            {
                WallPlan.Board(pad, plan, pad.Words.Of(theme));
                WallPlan.Lists(pad, plan);
            },
            paper is null ? null : Enum.Parse<PaperSize>(paper, ignoreCase: true)
        );
    }

    private static async Task<FileContentHttpResult> Materials(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);
        return Text(
            MaterialsCsv.Write(await desk.PlanAsync(row, stop)),
            "text/csv; charset=utf-8",
            Name(row.ThemeId, row.Monday, "csv")
        );
    }

    private static async Task<FileContentHttpResult> Calendar(
        string weekId,
        WeekDesk desk,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        return Text(
            WeekCalendar.Write(await desk.PlanAsync(row, stop), row.Id, time.GetUtcNow(), Speaking.Now),
            "text/calendar; charset=utf-8",
            Name(row.ThemeId, row.Monday, "ics")
        );
    }

    private static async Task<FileContentHttpResult> Unit(
        string weekId,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = (await db.Weeks.Include(w => w.Changes).SingleOrDefaultAsync(w => w.Id == weekId, stop)).Found(
            NotHere.Week
        );

        var unit = Units.Of(
            row,
            (await db.GroupAsync(row.GroupId, stop))!,
            await db.OverridesAsync(row.Id, stop),
            await db.EvidenceAsync(row.GroupId, row.Monday, stop, until: DateOnly.MaxValue),
            (await db.ShownInAsync(row.GroupId, stop)).SelectMany(s => s),
            (await db.Themes.FindAsync([row.ThemeId], stop))?.Theme,
            await desk.PlanAsync(row, stop),
            await db.Own.AsNoTracking().OrderBy(o => o.Id).ToListAsync(stop)
        );
        return Text(
            JsonSerializer.Serialize(unit, Units.Json),
            "application/json; charset=utf-8",
            Name(row.ThemeId, row.Monday, "json")
        );
    }

    private static async Task<Results<Created<WeekName>, ProblemHttpResult>> Import(
        HttpRequest request,
        UnitSense sense,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (unit, problems) = await ReadAsync(TableText.Decode(await request.BytesAsync(stop)).Text, stop);
        if (unit is null || (problems = sense.Of(unit)).Count > 0)
        {
            return Problems.Fields(problems);
        }

        var rows = Units.ToRows(unit, NewId.Next, content.Allergens);
        rows.AddTo(db);
        // What is here already under its id is the same thing, as it was changed here.
        var here = await db.Own.IgnoreQueryFilters().Select(o => o.Id).ToListAsync(stop);
        db.Own.AddRange(unit.Own.Where(o => !here.Contains(o.Id)).Select(o => o.AsItCame()));
        await db.SaveChangesAsync(stop);
        var (group, week) = (rows.Group, rows.Week);
        return TypedResults.Created(
            $"/api/weeks/{week.Id}",
            new WeekName(
                week.Id,
                group.Id,
                group.Name,
                (await db.ThemeAsync(content, week.ThemeId, stop))!.Name,
                week.Monday
            )
        );
    }

    /// <summary>The document of a text, or what keeps it from being one: not JSON, or not of the schema.</summary>
    private static async Task<(UnitDocument? Unit, IReadOnlyList<FieldProblem> Problems)> ReadAsync(
        string text,
        CancellationToken stop
    )
    {
        try
        {
            text = OlderUnits.InTodaysWords(text);
            var found = await SchemaProblems.OfAsync(UnitSchema.Text, text, "docs/formats/unit.schema.json", stop);
            return found.Count > 0 ? (null, found) : (JsonSerializer.Deserialize<UnitDocument>(text, Units.Json), []);
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
            return (null, [new("file", Said.None, $"This is not a unit file: {e.Message}")]);
        }
    }

    private static FileContentHttpResult Text(string text, string type, string name) =>
        TypedResults.File(System.Text.Encoding.UTF8.GetBytes(text), type, name);

    private static string Name(string theme, DateOnly monday, string ending) =>
        $"{theme}-{monday.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)}.{ending}";
}
