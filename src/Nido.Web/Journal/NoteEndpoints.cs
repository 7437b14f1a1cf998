using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Journal;

/// <summary>Notes in an adult's own words, on a child, an idea or a day.</summary>
public static class NoteEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapNotes(this RouteGroupBuilder api)
    {
        var notes = api.MapGroup("/groups/{groupId}/notes").WithTags("Journal");
        notes.MapPost("/", Add).WithName("addNote");
        notes.MapDelete("/{id:long}", TakeBack).WithName("takeNoteBack");
    }

    private static async Task<Results<Ok<long>, ProblemHttpResult>> Add(
        string groupId,
        NoteBody body,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        await db.TheGroupRowAsync(groupId, stop);
        if (body.ChildId is { } childId)
        {
            await db.TheChildAsync(groupId, childId, stop);
        }

        if (body.On > DateOnly.FromDateTime(time.GetLocalNow().DateTime))
        {
            return Problems.Field("on", $"{body.On:yyyy-MM-dd}", $"A day up to today is wanted.");
        }

        var row = new NoteRow
        {
            GroupId = groupId,
            ChildId = body.ChildId,
            On = body.On,
            IdeaId = body.IdeaId ?? "",
            By = body.By?.Trim() ?? "",
            Text = body.Text.Trim(),
        };
        db.Notes.Add(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(row.Id);
    }

    private static async Task<NoContent> TakeBack(string groupId, long id, NidoDb db, CancellationToken stop)
    {
        db.Notes.Remove(
            (await db.Notes.SingleOrDefaultAsync(n => n.Id == id && n.GroupId == groupId, stop)).Found(
                NotHere.TakenBack
            )
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }
}

/// <summary>A note as sent; without a child it is on the idea, without an idea on the day.</summary>
public sealed record NoteBody(DateOnly On, string Text, string? ChildId, string? IdeaId, string? By);

internal sealed class NoteBodyValidator : AbstractValidator<NoteBody>
{
    public NoteBodyValidator()
    {
        RuleFor(n => n.Text).Must(t => t?.Trim().Length is > 0 and <= 1000).Says($"A note has 1 to 1,000 letters.");
        RuleFor(n => n.By).MaximumLength(60).Says($"A name has at most 60 letters.");
        RuleFor(n => n.IdeaId).MaximumLength(200).Says($"Say at which idea.");
    }
}
