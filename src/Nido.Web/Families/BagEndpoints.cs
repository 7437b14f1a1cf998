using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Paper.Adults;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Paper;
using Nido.Web.Week;

namespace Nido.Web.Families;

/// <summary>Bags for home: what is in them, lent and back, what is missing.</summary>
public static class BagEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapBags(this RouteGroupBuilder api)
    {
        var bags = api.MapGroup("/weeks/{weekId}/bags").WithTags("Families");
        bags.MapGet("/", Get).WithName("getBags");
        bags.MapGet("/{childId}/{kind}", Look).WithName("lookAtBag");
        bags.MapGet("/{childId}/{kind}/bag.pdf", Pdf).WithName("bagPdf");
        bags.MapPost("/", Lend).WithName("lendBag");
        bags.MapPut("/{id:long}", Back).WithName("bagBack");
        bags.MapDelete("/{id:long}", TakeBack).WithName("takeBagBack");
    }

    private static async Task<Ok<BagLent[]>> Get(
        string weekId,
        WeekDesk desk,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var children = (await desk.PlanAsync(weekId, stop)).Problem.Group.Children.ToDictionary(c => c.Id, c => c.Name);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var rows = await db
            .Bags.AsNoTracking()
            .Where(b => children.Keys.Contains(b.ChildId))
            .OrderByDescending(b => b.Id)
            .ToListAsync(stop);
        return TypedResults.Ok(
            rows.Select(b => new BagLent(
                    b.Id,
                    b.ChildId,
                    children[b.ChildId],
                    b.Kind,
                    b.Title,
                    b.LentOn,
                    b.BackBy,
                    b.BackOn,
                    b.BackOn is null && b.BackBy < today,
                    [.. b.Things.Select(t => new BagThingView(t.Id, t.Name, t.Count, t.ComesBack, null, t.Back))]
                ))
                .ToArray()
        );
    }

    private static async Task<Ok<BagView>> Look(
        string weekId,
        string childId,
        Named<BagKind> kind,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (plan, bag, _) = await BagAsync(weekId, childId, kind.Value, desk, db, content, stop);
        return TypedResults.Ok(
            new BagView(
                bag.Title,
                bag.Days,
                [
                    .. bag.Things.Select(t => new BagThingView(
                        t.Id,
                        t.Name,
                        t.Count,
                        t.ComesBack,
                        content.Material(t.Id) is null ? null : plan.Problem.Input.OnHand.GetValueOrDefault(t.Id),
                        null
                    )),
                ],
                [.. bag.Steps.Select(s => (Said)s)],
                [.. bag.Mind.Select(m => (Said)m)],
                bag.LeftOut
            )
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Pdf(
        string weekId,
        string childId,
        Named<BagKind> kind,
        string? language,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var (plan, bag, child) = await BagAsync(weekId, childId, kind.Value, desk, db, content, stop);
        return WeekPaperEndpoints.Drawn(
            plan,
            language,
            content,
            "kind.bag",
            $"bag-{$"{kind.Value}".ToLowerInvariant()}.pdf",
            pad => BagPages.Draw(pad, plan, bag),
            leftHanded: child.Hand == Hand.Left
        );
    }

    private static async Task<Results<Created<long>, ProblemHttpResult>> Lend(
        string weekId,
        BagBody body,
        WeekDesk desk,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var (plan, bag, _) = await BagAsync(weekId, body.ChildId, body.Kind, desk, db, content, stop);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        if (bag.Things.Count == 0)
        {
            return Problems.Field(
                "kind",
                $"{body.Kind}",
                $"This week's activities at home need nothing that is lent. The letter tells them."
            );
        }

        if (await db.Bags.AnyAsync(b => b.ChildId == body.ChildId && b.Kind == body.Kind && b.BackOn == null, stop))
        {
            return Problems.Field("kind", $"{body.Kind}", $"This family has such a bag already. Tick it back first.");
        }

        if (
            bag.Things.FirstOrDefault(t =>
                content.Material(t.Id) is { } m && plan.Problem.Input.OnHand.GetValueOrDefault(m.Id) < t.Count
            ) is
            { } lacking
        )
        {
            return Problems.Field(
                "things",
                $"{lacking.Name}",
                $"The cupboard has none of it to lend: {lacking.Name}. Count it in Cupboard, or wait until it is back."
            );
        }

        var row = new BagRow
        {
            ChildId = body.ChildId,
            Kind = body.Kind,
            Title = bag.Title,
            LentOn = today,
            BackBy = today.AddDays(bag.Days),
            Things = bag.Things,
        };
        db.Bags.Add(row);
        Move(db, bag.Things, content, today, t => -t.Count);
        await db.SaveChangesAsync(stop);
        return TypedResults.Created($"/api/weeks/{weekId}/bags", row.Id);
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Back(
        string weekId,
        long id,
        BackBody body,
        WeekDesk desk,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await RowAsync(weekId, id, desk, db, stop);
        if (row.BackOn is not null)
        {
            return Problems.Field("id", $"{id}", $"This bag is back already.");
        }

        if (
            body.Things.FirstOrDefault(b => row.Things.All(t => t.Id != b.Id || b.Back < 0 || b.Back > t.Count)) is
            { } wrong
        )
        {
            return Problems.Field("things", $"{wrong.Back}", $"No more comes back than went out, and nothing else.");
        }

        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        row.BackOn = today;
        row.Things =
        [
            .. row.Things.Select(t =>
                t.ComesBack ? t with { Back = body.Things.FirstOrDefault(b => b.Id == t.Id)?.Back ?? t.Count } : t
            ),
        ];
        Move(db, row.Things, content, today, t => t.Back ?? 0);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> TakeBack(
        string weekId,
        long id,
        WeekDesk desk,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await RowAsync(weekId, id, desk, db, stop);
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        Move(db, row.Things, content, today, t => t.Count - (t.Back ?? 0));
        db.Bags.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    /// <summary>What is lent is not in the cupboard; what is missing stays out. Sheets are printed anew.</summary>
    private static void Move(
        NidoDb db,
        IEnumerable<BagThing> things,
        Content content,
        DateOnly on,
        Func<BagThing, double> amount
    ) =>
        db.Movements.AddRange(
            things
                .Where(t => content.Material(t.Id) is not null && amount(t) != 0)
                .Select(t => MovementRow.Of(new(t.Id, on, MovementKind.Lent, amount(t), "")))
        );

    private static async Task<BagRow> RowAsync(string weekId, long id, WeekDesk desk, NidoDb db, CancellationToken stop)
    {
        var group = (await desk.RowAsync(weekId, stop)).GroupId;
        return (
            await db.Bags.SingleOrDefaultAsync(
                b => b.Id == id && db.Children.Any(c => c.Id == b.ChildId && c.GroupId == group),
                stop
            )
        ).Found(NotHere.TakenBack);
    }

    private static async Task<(WeekPlan Plan, Bag Bag, Child Child)> BagAsync(
        string weekId,
        string childId,
        BagKind kind,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        // Who only stands for those expected has no home to lend to.
        var child = plan
            .Problem.Group.Children.FirstOrDefault(c => c.Id == childId && c.StandsFor is null)
            .Found(NotHere.Child);
        if (kind == BagKind.Readiness)
        {
            return (plan, ReadinessBag.Of(plan, content.Materials, child), child);
        }

        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        // The bag brings what a home may lack.
        var equipped = child with
        {
            AtHome = child.AtHome with { Things = [.. content.HomeKinds.Select(k => k.Id)] },
        };
        var home = HomeActivities.For(
            plan,
            theme,
            content.Techniques,
            content.HomeKinds,
            equipped,
            WeekBag.Activities,
            things: true
        );
        return (plan, WeekBag.Of(theme, home), child);
    }
}

/// <summary>A bag before it goes.</summary>
/// <param name="Title">Its title.</param>
/// <param name="Days">How long it stays at home.</param>
/// <param name="Things">What is in it.</param>
/// <param name="Steps">What to do.</param>
/// <param name="Mind">What to mind, for the ages at home.</param>
/// <param name="LeftOut">What a rule keeps out of it.</param>
public sealed record BagView(
    Said Title,
    int Days,
    IReadOnlyList<BagThingView> Things,
    IReadOnlyList<Said> Steps,
    IReadOnlyList<Said> Mind,
    IReadOnlyList<Said> LeftOut
);

/// <summary>Something in a bag: how many, whether it comes back, how many there are to lend, how many are back.</summary>
public sealed record BagThingView(string Id, Said Name, int Count, bool ComesBack, double? Have, int? Back);

/// <summary>A bag that is or was at home.</summary>
public sealed record BagLent(
    long Id,
    string ChildId,
    string Name,
    BagKind Kind,
    Said Title,
    DateOnly LentOn,
    DateOnly BackBy,
    DateOnly? BackOn,
    bool Late,
    IReadOnlyList<BagThingView> Things
);

/// <summary>A bag to lend.</summary>
public sealed record BagBody(string ChildId, BagKind Kind);

/// <summary>What came back; what is not named came back whole.</summary>
public sealed record BackBody(IReadOnlyList<ThingBack> Things);

/// <summary>How many of a thing came back.</summary>
public sealed record ThingBack(string Id, int Back);

internal sealed class BackBodyValidator : AbstractValidator<BackBody>
{
    public BackBodyValidator() =>
        RuleFor(b => b.Things).Must(t => t is { Count: <= 100 }).Says($"At most 100 things come back at once.");
}
