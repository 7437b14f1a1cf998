using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Cupboard;

/// <summary>Cupboard: shelves, ledger, counts.</summary>
public static class CupboardEndpoints
{
    /// <summary>Adds the endpoints of the place.</summary>
    public static void MapCupboard(this RouteGroupBuilder api)
    {
        var cupboard = api.MapGroup("/cupboard").WithTags("Cupboard");
        cupboard.MapGet("/", Shelves).WithName("getCupboard");
        cupboard.MapGet("/{materialId}", Open).WithName("getMaterial");
        cupboard.MapGet("/{materialId}/ideas", Carries).WithName("carries");
        cupboard.MapPost("/{materialId}/movements", Move).WithName("addMovement");
        cupboard.MapPost("/counts", Count).WithName("countShelf");
        cupboard
            .MapPost("/table", ReadTable)
            .WithName("readCupboardTable")
            .WithMetadata(new OnlyLooks())
            .Accepts<string>("text/csv");
        cupboard.MapGet("/table.csv", WriteTable).WithName("cupboardCsv");
    }

    /// <summary>More is taken out than there is.</summary>
    public static Said OnlySoMany(Material material, double have)
    {
        ArgumentNullException.ThrowIfNull(material);
        return $"Only {have:0.##} {material.Name} are on hand. Write at most that, or count the shelf first.";
    }

    private static async Task<Ok<CupboardView>> Shelves(
        string? weekId,
        bool? all,
        NidoDb db,
        Content content,
        WeekDesk desk,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var plan = weekId is null ? null : await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(
            CupboardReading
                .Shelves(
                    content,
                    await db.OnHandAsync(stop),
                    plan,
                    all == true,
                    plan?.Problem.Group.Settings.Currency ?? "USD"
                )
                .With(await db.ComingAsync(DateOnly.FromDateTime(time.GetLocalNow().DateTime), stop))
        );
    }

    private static async Task<Ok<MaterialView>> Open(
        string materialId,
        string? weekId,
        NidoDb db,
        Content content,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var material = content.Material(materialId).Found(NotHere.Material);

        var plan = weekId is null ? null : await desk.PlanAsync(weekId, stop);
        var ledger = await db
            .Movements.Where(m => m.MaterialId == materialId)
            .OrderByDescending(m => m.Id)
            .Take(50)
            .ToListAsync(stop);
        return TypedResults.Ok(
            CupboardReading.Opened(
                content,
                material,
                await db.OnHandAsync(stop),
                plan,
                [.. ledger.Select(m => m.ToCore())]
            )
        );
    }

    private static async Task<Results<Ok<IReadOnlyList<CarriedView>>, ProblemHttpResult>> Carries(
        string materialId,
        string weekId,
        double? amount,
        NidoDb db,
        Content content,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var material = content.Material(materialId).Found(NotHere.Material);
        var plan = await desk.PlanAsync(weekId, stop);

        return amount is < 0 or > 1_000_000 or double.NaN
            ? Problems.Field("amount", $"{amount}", $"An amount from 0 to 1,000,000 is wanted.")
            : TypedResults.Ok(
                CupboardReading.Carries(
                    plan,
                    material,
                    amount ?? (await db.OnHandAsync(stop)).GetValueOrDefault(materialId)
                )
            );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Move(
        string materialId,
        MovementBody body,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var material = content.Material(materialId).Found(NotHere.Material);

        var have = (await db.OnHandAsync(stop)).GetValueOrDefault(materialId);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var goesOut = body.Kind is MovementKind.Used or MovementKind.Lost;
        if (goesOut && body.Amount > have)
        {
            return Problems.Field("amount", $"{body.Amount}", OnlySoMany(material, have));
        }

        var movement =
            body.Kind == MovementKind.Counted
                ? Stock.Counted(materialId, have, body.Amount, today, body.Note)
                : new Movement(materialId, today, body.Kind, goesOut ? -body.Amount : body.Amount, body.Note);
        if (movement is not null)
        {
            db.Movements.Add(MovementRow.Of(movement));
            await db.SaveChangesAsync(stop);
        }

        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<int>, ProblemHttpResult>> Count(
        CountsBody body,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        if (body.Counts.FirstOrDefault(c => content.Material(c.MaterialId) is null) is { } unknown)
        {
            return Problems.Field(
                "materialId",
                unknown.MaterialId,
                $"This material is not known. Choose one from the cupboard."
            );
        }

        var onHand = await db.OnHandAsync(stop);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        Movement[] movements =
        [
            .. body
                .Counts.Select(c =>
                    Stock.Counted(c.MaterialId, onHand.GetValueOrDefault(c.MaterialId), c.Amount, today, c.Note)
                )
                .OfType<Movement>(),
        ];
        db.Movements.AddRange(movements.Select(MovementRow.Of));
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(movements.Length);
    }

    private static async Task<Ok<ListReading<CupboardCount>>> ReadTable(
        HttpRequest request,
        Content content,
        CancellationToken stop
    ) => TypedResults.Ok(CupboardCsv.Read(await request.BytesAsync(stop), content));

    private static async Task<ContentHttpResult> WriteTable(NidoDb db, Content content, CancellationToken stop) =>
        TypedResults.Text(CupboardCsv.Write(content, await db.OnHandAsync(stop)), "text/csv; charset=utf-8");
}
