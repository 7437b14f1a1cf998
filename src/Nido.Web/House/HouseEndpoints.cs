using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Data;
using Nido.Data.Backups;
using Nido.Data.TakenAway;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.House;

/// <summary>Settings of the house: backups, the bin, and taking everything along.</summary>
public static partial class HouseEndpoints
{
    private const string Zip = "application/zip";

    /// <summary>Adds the endpoints of the place.</summary>
    public static void MapHouse(this RouteGroupBuilder api)
    {
        var house = api.MapGroup("/house").WithTags("House");
        house.MapGet("/", Look).WithName("getHouse");
        house.MapPost("/backups", Make).WithName("makeBackup");
        house.MapGet("/backups/{name}", Fetch).WithName("fetchBackup");
        house.MapDelete("/backups/{name}", Drop).WithName("dropBackup");
        house
            .MapPost("/backups/brought", Bring)
            .WithName("bringBackup")
            .Accepts<string>(Zip)
            .WithMetadata(new LargeBody());
        house.MapPost("/backups/{name}/restore", Restore).WithName("restoreBackup");
        house.MapPost("/example", LayExample).WithName("layExample");
        house.MapGet("/bin", Bin).WithName("getBin");
        house.MapPost("/bin/{id}/back", BringBack).WithName("bringBack");
        house.MapDelete("/bin/{id}", Erase).WithName("erase");
    }

    private static async Task<Ok<HouseView>> Look(SiteFolder folder, TimeProvider time, CancellationToken stop) =>
        TypedResults.Ok(await HouseReading.ViewAsync(folder, time.GetUtcNow(), stop));

    /// <summary>The invented house of the demo, into a house where nobody lives; each part of it can be taken away like
    /// one's own.</summary>
    private static async Task<Results<Created<WeekName>, ProblemHttpResult>> LayExample(
        NidoDb db,
        Content content,
        Compositions compositions,
        IConfiguration settings,
        CancellationToken stop
    )
    {
        if (await db.Groups.IgnoreQueryFilters().AnyAsync(stop))
        {
            return Problems.Rule(
                $"Somebody lives here",
                $"The example is laid out only in a house without a group, in the bin, too. Empty the bin "
                    + $"first, or look at it in another folder."
            );
        }

        await Example.LayAsync(db, content, settings.GetValue("Nido:DemoPast", true), stop);
        var first = await db
            .Weeks.Join(
                db.Groups,
                w => w.GroupId,
                g => g.Id,
                (w, g) =>
                    new
                    {
                        w.Id,
                        w.GroupId,
                        g.Name,
                        g.Kind,
                        w.ThemeId,
                        w.Monday,
                    }
            )
            .OrderBy(w => w.Kind)
            .ThenByDescending(w => w.Monday)
            .FirstAsync(stop);
        foreach (var week in await db.Weeks.Where(w => w.Monday == first.Monday).Select(w => w.Id).ToListAsync(stop))
        {
            compositions.Begin(week);
        }

        return TypedResults.Created(
            $"/api/weeks/{first.Id}",
            new WeekName(
                first.Id,
                first.GroupId,
                first.Name,
                (await db.ThemeAsync(content, first.ThemeId, stop))!.Name,
                first.Monday
            )
        );
    }

    private static async Task<Created<BackupFile>> Make(
        SiteFolder folder,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var made = await Backup.MakeAsync(db, folder, time.GetUtcNow(), BackupReason.ByHand, stop);
        return TypedResults.Created($"/api/house/backups/{made.Name}", made);
    }

    private static PhysicalFileHttpResult Fetch(string name, SiteFolder folder) =>
        TypedResults.PhysicalFile(HouseReading.PathOf(folder, name).Found(NotHere.Backup), Zip, name);

    private static NoContent Drop(string name, SiteFolder folder)
    {
        var file = HouseReading.PathOf(folder, name).Found(NotHere.Backup);

        File.Delete(file);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Created<BackupFile>, ProblemHttpResult>> Bring(
        HttpRequest request,
        SiteFolder folder,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var brought = await Backup.BringAsync(folder, request.Body, time.GetUtcNow(), stop);
        return TypedResults.Created($"/api/house/backups/{brought.Name}", brought);
    }

    private static async Task<Ok<BackupFile>> Restore(
        string name,
        SiteFolder folder,
        NidoDb db,
        SiteStamp stamp,
        TimeProvider time,
        CancellationToken stop
    )
    {
        HouseReading.PathOf(folder, name).Found(NotHere.Backup);

        var aside = await Backup.RestoreAsync(db, folder, name, time.GetUtcNow(), stop);
        stamp.AllIsNew();
        return TypedResults.Ok(aside);
    }

    private static async Task<Ok<IReadOnlyList<InBin>>> Bin(NidoDb db, CancellationToken stop) =>
        TypedResults.Ok(await TheBin.AllAsync(db, stop));

    private static async Task<Results<NoContent, ProblemHttpResult>> BringBack(
        string id,
        NidoDb db,
        SiteStamp stamp,
        CancellationToken stop
    )
    {
        var thing = (await InAsync(db, id, stop)).Found(NotHere.TakenBack);

        if (await TheBin.BringBackAsync(db, thing, stop) is { } against)
        {
            return Problems.Rule($"{thing.Name} cannot come back yet", against);
        }

        await db.SaveChangesAsync(stop);
        stamp.AllIsNew();
        return TypedResults.NoContent();
    }

    private static async Task<Ok<ErasedView>> Erase(
        string id,
        NidoDb db,
        SiteFolder folder,
        SiteStamp stamp,
        CancellationToken stop
    )
    {
        var thing = (await InAsync(db, id, stop)).Found(NotHere.TakenBack);

        await Erasing.EraseAsync(db, thing, stop);
        folder.EmptyOutbox();
        stamp.AllIsNew();
        return TypedResults.Ok(new ErasedView(await HouseReading.StillInAsync(folder, thing, stop)));
    }

    private static async Task<InBin?> InAsync(NidoDb db, string id, CancellationToken stop) =>
        (await TheBin.AllAsync(db, stop)).FirstOrDefault(b => b.Id == id);
}
