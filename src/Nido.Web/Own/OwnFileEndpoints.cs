using System.Text;
using System.Text.Json;
using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Ideas;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Ideas;
using Nido.Web.Week;

namespace Nido.Web.Own;

/// <summary>What is one's own as YAML: taken along, mended by hand, brought into another house, where it is asked what
/// is asked when it is typed.</summary>
public static class OwnFileEndpoints
{
    private const string Where = "docs/formats/own.schema.json";

    /// <summary>Adds the endpoints.</summary>
    public static void MapOwnFile(this RouteGroupBuilder api)
    {
        api.MapGet("/own/{ownId}/own.yaml", Own).WithName("ownYaml").WithTags("Own");
        api.MapGet("/themes/{themeId}/theme.yaml", Theme).WithName("themeYaml").WithTags("Ideas");
        api.MapPost("/own/file", Bring).WithName("bringOwn").WithTags("Own").Accepts<string>("text/yaml");
        api.MapGet("/formats/own.schema.json", () => TypedResults.Text(OwnDocument.Schema, "application/schema+json"))
            .WithName("ownSchema")
            .WithTags("Files");
    }

    private static async Task<FileContentHttpResult> Own(string ownId, NidoDb db, CancellationToken stop)
    {
        var row = (await db.Own.AsNoTracking().SingleOrDefaultAsync(o => o.Id == ownId, stop)).Found(NotHere.Own);
        var things = row.Idea?.Things.Select(t => t.MaterialId).ToArray() ?? [];
        return File(
            new OwnDocument(OwnDocument.Name, 1)
            {
                Own =
                [
                    row,
                    .. await db
                        .Own.AsNoTracking()
                        .Where(o => things.Contains(o.Id))
                        .OrderBy(o => o.Id)
                        .ToListAsync(stop),
                ],
            },
            row.Name
        );
    }

    private static async Task<FileContentHttpResult> Theme(
        string themeId,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var theme = (await db.ThemeAsync(content, themeId, stop)).Found(NotHere.Theme);
        var draft = ThemeEndpoints.DraftOf(theme.ReadIn(Speaking.Now.Language));
        return File(new OwnDocument(OwnDocument.Name, 1) { Themes = [draft] }, draft.Name);
    }

    private static async Task<Results<Ok<OwnBrought>, ProblemHttpResult>> Bring(
        HttpRequest request,
        UnitSense sense,
        IValidator<ThemeDraft> theme,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (file, problems) = await ReadAsync(TableText.Decode(await request.BytesAsync(stop)).Text, stop);
        if (file is null || (problems = [.. Senseless(file, sense, theme).Take(50)]).Count > 0)
        {
            return Problems.Fields(problems);
        }

        // What is here already under its id, or in its words, is the same thing, as it was changed here.
        var here = await db.Own.IgnoreQueryFilters().Select(o => o.Id).ToListAsync(stop);
        OwnRow[] own = [.. file.Own.Where(o => !here.Contains(o.Id)).Select(o => o.AsItCame())];
        var known = (await db.Themes.AsNoTracking().ToListAsync(stop))
            .Select(t => Written(ThemeEndpoints.DraftOf(t.Theme.ReadIn(Speaking.Now.Language))))
            .ToHashSet();
        ThemeRow[] themes =
        [
            .. file
                .Themes.Where(t => !known.Contains(Written(t)))
                .Select(t => ThemeEndpoints.Made(NewId.Next(), t, content))
                .Select(t => new ThemeRow { Id = t.Id, Theme = t }),
        ];
        db.Own.AddRange(own);
        db.Themes.AddRange(themes);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(
            new OwnBrought(
                [.. own.Select(o => o.Name), .. themes.Select(t => t.Theme.Name.NameIn(Speaking.Now.Language))],
                file.Own.Count + file.Themes.Count - own.Length - themes.Length
            )
        );
    }

    /// <summary>The document of a text, or what keeps it from being one.</summary>
    private static async Task<(OwnDocument? File, IReadOnlyList<FieldProblem> Problems)> ReadAsync(
        string text,
        CancellationToken stop
    )
    {
        var (yaml, line, problem) = YamlText.Read(text);
        if (yaml is null)
        {
            return (
                null,
                [new("file", (Said)$"line {line}", $"This cannot be read: {problem}. {Where} says what is wanted.")]
            );
        }

        var (json, sign) = PlainBody.Composed(yaml.ToJsonString());
        if (sign is not null)
        {
            return (null, [sign]);
        }

        // Lines of the schema's reader are those of its JSON, which nobody sees.
        var found = await SchemaProblems.OfAsync(OwnDocument.Schema, json, Where, stop);
        if (found.Count > 0)
        {
            return (null, [.. found.Select(f => f with { Value = Said.None })]);
        }

        try
        {
            var file = JsonSerializer.Deserialize<OwnDocument>(json, Units.Json)!;
            return file is { Format: OwnDocument.Name, FormatVersion: 1 }
                ? (file, [])
                : (
                    null,
                    [
                        new(
                            "format",
                            $"{file.Format} {file.FormatVersion}",
                            $"This Nido reads \"nido-own\", version 1. A newer file is brought into a newer Nido."
                        ),
                    ]
                );
        }
        catch (Exception e) when (e is JsonException or FormatException or OverflowException)
        {
            return (null, [new("file", Said.None, $"This cannot be read: {e.Message} {Where} says what is wanted.")]);
        }
    }

    private static IEnumerable<FieldProblem> Senseless(
        OwnDocument file,
        UnitSense sense,
        IValidator<ThemeDraft> theme
    ) =>
        Sense.In(file) is { Count: > 0 } senseless
            ? senseless
            : sense.Own(file.Own).Concat(file.Themes.SelectMany((t, i) => UnitSense.Asked(theme, t, $"themes[{i}].")));

    private static string Written(ThemeDraft theme) => JsonSerializer.Serialize(theme, Units.Json);

    private static FileContentHttpResult File(OwnDocument document, string name) =>
        TypedResults.File(
            Encoding.UTF8.GetBytes(document.Yaml()),
            "text/yaml; charset=utf-8",
            $"{string.Concat(name.Select(c => char.IsLetterOrDigit(c) ? c : '-'))}.yaml"
        );
}

/// <summary>What came in.</summary>
/// <param name="Names">What is new here.</param>
/// <param name="Here">How many were here already.</param>
public sealed record OwnBrought(IReadOnlyList<string> Names, int Here);
