using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Sheets;
using Nido.Web.Common;

namespace Nido.Web.Own;

/// <summary>The photo of a material of one's own: so that a helper takes the right box from the shelf.</summary>
public static class OwnPhotoEndpoints
{
    /// <summary>What a photo takes at most, in bytes: it goes along between the words of a unit.</summary>
    public const int MostBytes = 14_000;

    /// <summary>Adds the endpoints.</summary>
    public static void MapOwnPhoto(this RouteGroupBuilder api)
    {
        var photo = api.MapGroup("/own/materials/{ownId}/photo").WithTags("Own");
        photo.MapGet("/", Show).WithName("showOwnPhoto");
        photo
            .MapPut("/", Send)
            .WithName("sendOwnPhoto")
            .Accepts<string>("application/octet-stream")
            .WithMetadata(new LargeBody());
        photo.MapDelete("/", TakeAway).WithName("removeOwnPhoto");
    }

    private static async Task<FileContentHttpResult> Show(string ownId, NidoDb db, CancellationToken stop) =>
        TypedResults.File((await RowAsync(ownId, db, stop)).Photo.Found(NotHere.Photo), "image/jpeg");

    private static async Task<Results<NoContent, ProblemHttpResult>> Send(
        string ownId,
        HttpRequest request,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await RowAsync(ownId, db, stop);
        var (photo, problem) = PictureFile.ReadSmall(
            await request.UpToAsync(PictureFile.MostBytes + 1, stop),
            MostBytes
        );
        if (photo is null)
        {
            return Problems.Field("file", Said.None, problem);
        }

        row.Photo = photo;
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> TakeAway(string ownId, NidoDb db, CancellationToken stop)
    {
        (await RowAsync(ownId, db, stop)).Photo = null;
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    /// <summary>Something of one's own that came in a file, its photo written anew: what a camera or a stranger laid
    /// beside its points stays behind.</summary>
    internal static OwnRow AsItCame(this OwnRow row) =>
        new()
        {
            Id = row.Id,
            Material = row.Material,
            Idea = row.Idea,
            Photo = row is { Material: not null, Photo: { } photo }
                ? PictureFile.ReadSmall(photo, MostBytes).Picture
                : null,
        };

    private static async Task<OwnRow> RowAsync(string id, NidoDb db, CancellationToken stop)
    {
        var row = await db.Own.SingleOrDefaultAsync(o => o.Id == id, stop);
        return (row?.Material is null ? null : row).Found(NotHere.Own);
    }
}
