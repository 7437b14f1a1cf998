using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Own;

/// <summary>One's own materials and ways of working: made, changed, taken away. Every rule reads them as it reads what is
/// shipped.</summary>
public static class OwnEndpoints
{
    /// <summary>Adds the endpoints of what is one's own.</summary>
    public static void MapOwn(this RouteGroupBuilder api)
    {
        ArgumentNullException.ThrowIfNull(api);
        var own = api.MapGroup("/own").WithTags("Own");
        own.MapGet("/", List).WithName("listOwn");
        own.MapGet("/choices", Choices).WithName("ownChoices");
        api.MapGet("/weeks/{weekId}/techniques/{techniqueId}", Near).WithName("getTechnique").WithTags("Own");
        own.MapGet("/materials/{ownId}", GetMaterial).WithName("getOwnMaterial");
        own.MapPost("/materials", AddMaterial).WithName("addOwnMaterial");
        own.MapPut("/materials/{ownId}", ChangeMaterial).WithName("changeOwnMaterial").AsksForEdition();
        own.MapGet("/ideas/{ownId}", GetIdea).WithName("getOwnIdea");
        own.MapPost("/ideas", AddIdea).WithName("addOwnIdea");
        own.MapPut("/ideas/{ownId}", ChangeIdea).WithName("changeOwnIdea").AsksForEdition();
        own.MapDelete("/{ownId}", Remove).WithName("removeOwn");
    }

    private static async Task<Ok<OwnView[]>> List(NidoDb db, CancellationToken stop) =>
        TypedResults.Ok(
            (await db.Own.AsNoTracking().ToListAsync(stop))
                .Select(o => new OwnView(o.Id, o.Name, o.Material is not null, o.Photo is not null))
                .OrderBy(o => o.Name, StringComparer.OrdinalIgnoreCase)
                .ThenBy(o => o.Id, StringComparer.Ordinal)
                .ToArray()
        );

    private static Ok<OwnChoices> Choices(Content content) =>
        TypedResults.Ok(
            new OwnChoices(
                [
                    .. content
                        .Ladders.Values.OrderBy(l => l.Strand.Aim)
                        .ThenBy(l => l.Id, StringComparer.Ordinal)
                        .Select(l => new OwnLadder(l.Id, l.Name, l.Strand.Aim, [.. l.Steps.Select(s => s.Name)])),
                ],
                [.. Doing.All.Order(StringComparer.Ordinal).Select(a => new OwnChoice(a, Doing.Of(a)))],
                [.. Strand.All.Select(s => new OwnChoice(s.Id, Said.Word(s.Words)))],
                [.. content.Colours.Select(c => new OwnChoice(c, Said.Word(c)))]
            )
        );

    /// <summary>A way of working of the catalogue as a draft to copy, its texts filled with the theme of a
    /// week.</summary>
    private static async Task<Ok<NearView>> Near(
        string weekId,
        string techniqueId,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var theme = (await db.ThemeOfAsync(content, await desk.RowAsync(weekId, stop), stop))!;
        var near = content
            .Techniques.FirstOrDefault(t => t.Id == techniqueId && content.OwnTechniques.All(o => o.Id != t.Id))
            .Found(NotHere.Technique);
        string Filled(InBoth text) => theme.Fill(text).NameIn(Speaking.Now.Language);
        return TypedResults.Ok(
            new NearView(
                near.Name,
                new(Filled(near.Title))
                {
                    From = near.Id,
                    Ladder = near.Ladder,
                    Minutes = near.Minutes,
                    Blocks = near.Blocks,
                    Actions = near.Actions,
                    Strands = [.. near.Strands.Keys],
                    Steps =
                    [
                        .. near.Steps.Select(s => new IdeaStepDraft(
                            s.Step,
                            Filled(s.Do),
                            Filled(s.Say),
                            Filled(s.Easier),
                            Filled(s.Harder),
                            Filled(s.Seen)
                        )),
                    ],
                },
                [
                    .. near
                        .Roles.Take(1)
                        .SelectMany(r => content.Materials.Where(m => StandIns.Fails(m, r.Needs, null) is null))
                        .Select(m => m.Id),
                ]
            )
        );
    }

    private static async Task<Ok<MaterialDraft>> GetMaterial(
        string ownId,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    ) => TypedResults.Ok(Edition.Tell(http, (await MaterialAsync(ownId, db, stop)).Material!));

    private static async Task<Ok<IdeaDraft>> GetIdea(
        string ownId,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    ) => TypedResults.Ok(Edition.Tell(http, (await IdeaAsync(ownId, db, stop)).Idea!));

    private static async Task<Created<OwnView>> AddMaterial(MaterialDraft draft, NidoDb db, CancellationToken stop)
    {
        var row = new OwnRow { Id = NewOwnId(), Material = draft };
        db.Own.Add(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.Created($"/api/own/materials/{row.Id}", new OwnView(row.Id, row.Name, true, false));
    }

    private static async Task<Created<OwnView>> AddIdea(IdeaDraft draft, NidoDb db, CancellationToken stop)
    {
        var row = new OwnRow { Id = NewOwnId(), Idea = draft };
        db.Own.Add(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.Created($"/api/own/ideas/{row.Id}", new OwnView(row.Id, row.Name, false, false));
    }

    private static async Task<Results<Ok<MaterialDraft>, ProblemHttpResult>> ChangeMaterial(
        string ownId,
        MaterialDraft draft,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await MaterialAsync(ownId, db, stop);
        if (Edition.Against(http, row.Material!) is { } stale)
        {
            return stale;
        }

        row.Material = draft;
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(Edition.Tell(http, draft));
    }

    private static async Task<Results<Ok<IdeaDraft>, ProblemHttpResult>> ChangeIdea(
        string ownId,
        IdeaDraft draft,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await IdeaAsync(ownId, db, stop);
        if (Edition.Against(http, row.Idea!) is { } stale)
        {
            return stale;
        }

        row.Idea = draft;
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(Edition.Tell(http, draft));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(
        string ownId,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = (await db.Own.SingleOrDefaultAsync(o => o.Id == ownId, stop)).Found(NotHere.Own);
        var ideas = await db.Own.AsNoTracking().Where(o => o.Id != ownId).ToListAsync(stop);
        if (ideas.FirstOrDefault(o => o.Idea?.Things.Any(t => t.MaterialId == ownId) == true) is { } needs)
        {
            return Problems.Rule(
                $"{row.Name} cannot be taken out",
                $"{needs.Name} is done with it. Change that first, or take it out too."
            );
        }

        row.BinnedAt = time.GetUtcNow();
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    // Told from the ids of the catalogue at sight, and the same wherever a unit takes it.
    private static string NewOwnId() => $"own-{NewId.Next()}";

    private static async Task<OwnRow> MaterialAsync(string id, NidoDb db, CancellationToken stop)
    {
        var row = await db.Own.SingleOrDefaultAsync(o => o.Id == id, stop);
        return (row?.Material is null ? null : row).Found(NotHere.Own);
    }

    private static async Task<OwnRow> IdeaAsync(string id, NidoDb db, CancellationToken stop)
    {
        var row = await db.Own.SingleOrDefaultAsync(o => o.Id == id, stop);
        return (row?.Idea is null ? null : row).Found(NotHere.Own);
    }
}
