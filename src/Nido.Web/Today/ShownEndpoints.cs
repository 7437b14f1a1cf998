using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Today;

/// <summary>Who has been shown what: a mark an adult sets and takes back.</summary>
public static class ShownEndpoints
{
    /// <summary>Adds the endpoint.</summary>
    public static void MapShown(this RouteGroupBuilder api) =>
        api.MapPut("/groups/{groupId}/shown", Mark).WithName("markShown").WithTags("Today");

    /// <summary>Marks of a group, by technique.</summary>
    public static async Task<ILookup<string, ShownRow>> ShownInAsync(
        this NidoDb db,
        string groupId,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(db);
        var children = db.Children.Where(c => c.GroupId == groupId).Select(c => c.Id);
        return (await db.Shown.Where(s => children.Contains(s.ChildId)).ToListAsync(stop)).ToLookup(s => s.TechniqueId);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Mark(
        string groupId,
        ShownBody body,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, body.ChildId, stop);

        if (content.Techniques.All(t => t.Id != body.TechniqueId))
        {
            return Problems.Field(
                "techniqueId",
                body.TechniqueId,
                $"This way of working is not known. Take one that lies out in the week."
            );
        }

        var row = await db.Shown.FindAsync([body.ChildId, body.TechniqueId], stop);
        if (row is null && body.Shown)
        {
            db.Shown.Add(
                new()
                {
                    ChildId = body.ChildId,
                    TechniqueId = body.TechniqueId,
                    On = body.On ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime),
                }
            );
        }
        else if (row is not null && !body.Shown)
        {
            db.Shown.Remove(row);
        }

        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }
}

/// <summary>A mark as sent.</summary>
/// <param name="ChildId">Who.</param>
/// <param name="TechniqueId">Which way of working.</param>
/// <param name="Shown">False takes the mark back.</param>
/// <param name="On">When; today where left out.</param>
public sealed record ShownBody(string ChildId, string TechniqueId, bool Shown, DateOnly? On);
