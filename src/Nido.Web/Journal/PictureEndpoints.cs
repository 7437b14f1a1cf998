using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Journal;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Sheets;
using Nido.Web.Common;

namespace Nido.Web.Journal;

/// <summary>
/// Pictures of work: said first whose work it is and whom it shows, so that consent is asked before anything is sent;
/// then the file. Consent is asked again each time one is looked at.
/// </summary>
public static class PictureEndpoints
{
    /// <summary>Pictures of a group at most.</summary>
    private const int Most = 20_000;

    /// <summary>Adds the endpoints.</summary>
    public static void MapPictures(this RouteGroupBuilder api)
    {
        var pictures = api.MapGroup("/groups/{groupId}/pictures").WithTags("Journal");
        pictures.MapPost("/", Add).WithName("addPicture");
        pictures
            .MapPut("/{id:long}/file", File)
            .WithName("sendPicture")
            .Accepts<string>("application/octet-stream")
            .WithMetadata(new LargeBody());
        pictures.MapGet("/{id:long}/file", Show).WithName("showPicture");
        pictures.MapDelete("/{id:long}", TakeBack).WithName("takePictureBack");
    }

    /// <summary>Pictures of a child's work that may be looked at here, newest first.</summary>
    public static async Task<IReadOnlyList<PictureView>> OfChildAsync(
        NidoDb db,
        ChildrenGroup group,
        string childId,
        DateOnly from,
        DateOnly to,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(db);
        ArgumentNullException.ThrowIfNull(group);
        var quoted = $"\"{childId}\"";
        var rows = await db
            .Database.SqlQuery<PictureLine>(
                $"""
                SELECT "Id", "On", "IdeaId", "Words", "Shows" FROM pictures
                WHERE "GroupId" = {group.Id} AND "On" >= {from:yyyy-MM-dd} AND "On" <= {to:yyyy-MM-dd}
                AND "Width" > 0 AND instr("Of", {quoted}) > 0 ORDER BY "On" DESC, "Id" DESC
                """
            )
            .ToListAsync(stop);
        return
        [
            .. rows.Select(r => (Row: r, Shown: Shown(group, r.Shows)))
                .Where(x => PictureUse.MayBeKept(x.Shown))
                .Select(x => new PictureView(
                    x.Row.Id,
                    DateOnly.ParseExact(x.Row.On, "yyyy-MM-dd"),
                    x.Row.IdeaId,
                    x.Row.Words,
                    PictureUse.MayGoToFamilyOf(x.Shown, childId),
                    PictureUse.MayGoToAll(x.Shown)
                )),
        ];
    }

    private static Child[] Shown(ChildrenGroup group, string json) =>
        [.. group.Children.Where(c => json.Contains($"\"{c.Id}\"", StringComparison.Ordinal))];

    private static async Task<Results<Ok<long>, ProblemHttpResult>> Add(
        string groupId,
        PictureBody body,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        if (body.On > DateOnly.FromDateTime(time.GetLocalNow().DateTime))
        {
            return Problems.Field("on", $"{body.On:yyyy-MM-dd}", $"A day up to today is wanted.");
        }

        if (body.Of.Concat(body.Shows).FirstOrDefault(id => group.Children.All(c => c.Id != id)) is { } unknown)
        {
            return Problems.Field("of", unknown, $"This child is not in {group.Name}.");
        }

        if (
            group.Children.Where(c => body.Shows.Contains(c.Id) && !PictureUse.MayBeKept([c])).Select(c => c.Name)
                is var without
            && without.Any()
        )
        {
            return Problems.Field(
                "shows",
                string.Join(", ", without),
                $"Their families allow no picture of {without}: take one of the work and the hands only, or ask "
                    + $"the family and write it in Group."
            );
        }

        if (await db.Pictures.CountAsync(p => p.GroupId == groupId, stop) >= Most)
        {
            return Problems.Rule(
                $"The portfolio is full",
                $"A group keeps at most {Most} pictures. Take some away first."
            );
        }

        var row = new PictureRow
        {
            GroupId = groupId,
            On = body.On,
            IdeaId = body.IdeaId ?? "",
            Words = body.Words.Trim(),
            Of = [.. body.Of.Distinct()],
            Shows = [.. body.Shows.Distinct()],
        };
        db.Pictures.Add(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(row.Id);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> File(
        string groupId,
        long id,
        HttpRequest request,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await RowAsync(groupId, id, db, stop);
        var (picture, problem) = PictureFile.Read(await request.UpToAsync(PictureFile.MostBytes + 1, stop));
        if (picture is null)
        {
            // What it was to show is not kept without it.
            if (row.Width == 0)
            {
                db.Pictures.Remove(row);
                await db.SaveChangesAsync(stop);
            }

            return Problems.Field("file", Said.None, problem);
        }

        await using var transaction = await db.Database.BeginTransactionAsync(stop);
        await db.PictureFiles.Where(f => f.PictureId == id).ExecuteDeleteAsync(stop);
        (row.Width, row.Height) = (picture.Width, picture.Height);
        db.PictureFiles.AddRange(
            new PictureFileRow { PictureId = id, Bytes = picture.Full },
            new PictureFileRow
            {
                PictureId = id,
                Small = true,
                Bytes = picture.Small,
            }
        );
        await db.SaveChangesAsync(stop);
        await transaction.CommitAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<FileContentHttpResult> Show(
        string groupId,
        long id,
        bool? small,
        HttpContext http,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await RowAsync(groupId, id, db, stop);
        var shown = (await db.TheGroupAsync(groupId, stop)).Children.Where(c => row.Shows.Contains(c.Id));
        var file = PictureUse.MayBeKept(shown)
            ? await db
                .PictureFiles.AsNoTracking()
                .SingleOrDefaultAsync(f => f.PictureId == id && f.Small == (small == true), stop)
            : null;
        // A consent that is taken back counts at once: the browser keeps no copy.
        http.Response.Headers.CacheControl = "no-store";
        return TypedResults.File(file.Found(NotHere.Picture).Bytes, "image/jpeg");
    }

    private static async Task<NoContent> TakeBack(string groupId, long id, NidoDb db, CancellationToken stop)
    {
        var row = await RowAsync(groupId, id, db, stop);
        await using var transaction = await db.Database.BeginTransactionAsync(stop);
        await db.PictureFiles.Where(f => f.PictureId == id).ExecuteDeleteAsync(stop);
        db.Pictures.Remove(row);
        await db.SaveChangesAsync(stop);
        await transaction.CommitAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<PictureRow> RowAsync(string groupId, long id, NidoDb db, CancellationToken stop) =>
        (await db.Pictures.SingleOrDefaultAsync(p => p.Id == id && p.GroupId == groupId, stop)).Found(NotHere.Picture);
}

/// <summary>What a picture is of, as sent before the file.</summary>
/// <param name="On">Its day.</param>
/// <param name="IdeaId">The idea, or null.</param>
/// <param name="Words">What it shows; may be empty.</param>
/// <param name="Of">Whose work it is.</param>
/// <param name="Shows">Children who are to be seen on it; none where it shows work and hands only.</param>
public sealed record PictureBody(
    DateOnly On,
    string? IdeaId,
    string Words,
    IReadOnlyList<string> Of,
    IReadOnlyList<string> Shows
);

/// <summary>A picture as the screen reads it.</summary>
/// <param name="Id">To show it by.</param>
/// <param name="On">Its day.</param>
/// <param name="IdeaId">The idea; empty for none.</param>
/// <param name="Words">What it shows.</param>
/// <param name="ForFamily">The child's own family may have it.</param>
/// <param name="ForAll">All families may have it.</param>
public sealed record PictureView(long Id, DateOnly On, string IdeaId, string Words, bool ForFamily, bool ForAll);

/// <summary>A picture as it is listed, without its bytes.</summary>
internal sealed record PictureLine(long Id, string On, string IdeaId, string Words, string Shows);

internal sealed class PictureBodyValidator : AbstractValidator<PictureBody>
{
    public PictureBodyValidator()
    {
        RuleFor(p => p.Of).NotEmpty().Says($"Say whose work it is.");
        RuleFor(p => p.Of).Must(o => o.Count <= 60).Says($"At most 60 children worked on one thing.");
        RuleFor(p => p.Shows).Must(o => o.Count <= 60).Says($"At most 60 children are on one picture.");
        RuleFor(p => p.Words).MaximumLength(300).Says($"A note has at most 300 letters.");
        RuleFor(p => p.IdeaId).MaximumLength(200).Says($"Say at which idea.");
    }
}
