using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Cupboard;
using Nido.Web.Week;

namespace Nido.Web.Families;

/// <summary>Asking families: what is missing is shared out, answers are ticked, and what is brought is in the
/// cupboard.</summary>
public static class AskingEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapAsking(this RouteGroupBuilder api)
    {
        var asking = api.MapGroup("/weeks/{weekId}/asking").WithTags("Families");
        asking.MapGet("/", Get).WithName("getAsking");
        asking.MapPost("/", Share).WithName("shareAsking");
        asking.MapPut("/{id:long}", Answer).WithName("answerAsking");
        asking.MapDelete("/{id:long}", TakeBack).WithName("takeAskingBack");
    }

    private static async Task<Ok<AskingView>> Get(
        string weekId,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    ) => TypedResults.Ok(await ViewAsync(await desk.PlanAsync(weekId, stop), weekId, db, content, stop));

    private static async Task<Results<Ok<AskingView>, ProblemHttpResult>> Share(
        string weekId,
        WeekDesk desk,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        var rows = await db.Asked.Where(a => a.WeekId == weekId).OrderBy(a => a.Id).ToListAsync(stop);
        var group = plan.Problem.Group;
        if (group.Kind == GroupKind.DropIn || group.Children.Count == 0)
        {
            return Problems.Field("groupId", group.Id, $"Nobody of {group.Name} is known by name, so nobody is asked.");
        }

        db.Asked.AddRange(
            SharedOut
                .Of(
                    [.. Missing(plan, rows).Where(m => m.Amount > 0).Select(m => (m.Line.Material, m.Amount))],
                    InTurn(group.Children, plan.Problem.FirstDay),
                    [.. rows.Select(r => Core(r, content)).OfType<AskedOfFamily>()],
                    (child, material) =>
                        !rows.Any(r =>
                            r.ChildId == child && r.MaterialId == material.Id && r.Answer == AskAnswer.CannotBring
                        ) && MayAsk(plan, child, material)
                )
                .Select(a => new AskedRow
                {
                    WeekId = weekId,
                    ChildId = a.ChildId,
                    MaterialId = a.Material.Id,
                    Amount = a.Amount,
                    By = SharedOut.BringBy(plan.Problem.FirstDay),
                })
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(await ViewAsync(plan, weekId, db, content, stop));
    }

    private static async Task<Results<Ok<AskingView>, ProblemHttpResult>> Answer(
        string weekId,
        long id,
        AnswerBody body,
        WeekDesk desk,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = (await db.Asked.SingleOrDefaultAsync(a => a.WeekId == weekId && a.Id == id, stop)).Found(
            NotHere.TakenBack
        );
        var brought = body.Answer == AskAnswer.Brought ? body.Brought ?? row.Amount : 0;
        if (await GoneAsync(row, row.Brought - brought, db, content, stop) is { } gone)
        {
            return gone;
        }

        Move(db, row.MaterialId, brought - row.Brought, time);
        (row.Answer, row.Brought) = (body.Answer, brought);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(await ViewAsync(await desk.PlanAsync(weekId, stop), weekId, db, content, stop));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> TakeBack(
        string weekId,
        long id,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = (await db.Asked.SingleOrDefaultAsync(a => a.WeekId == weekId && a.Id == id, stop)).Found(
            NotHere.TakenBack
        );
        if (await GoneAsync(row, row.Brought, db, content, stop) is { } gone)
        {
            return gone;
        }

        Move(db, row.MaterialId, -row.Brought, time);
        db.Asked.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    /// <summary>What was brought and used since cannot be taken out again.</summary>
    private static async Task<ProblemHttpResult?> GoneAsync(
        AskedRow row,
        double goesOut,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var material = content.Material(row.MaterialId).Found(NotHere.Material);
        var have = (await db.OnHandAsync(stop)).GetValueOrDefault(row.MaterialId);
        return goesOut > 0 && goesOut > have
            ? Problems.Field("brought", $"{row.Brought - goesOut}", CupboardEndpoints.OnlySoMany(material, have))
            : null;
    }

    /// <summary>What was brought is in the cupboard, to the piece; what is taken back is taken out.</summary>
    private static void Move(NidoDb db, string material, double amount, TimeProvider time)
    {
        if (amount != 0)
        {
            db.Movements.Add(
                MovementRow.Of(
                    new(material, DateOnly.FromDateTime(time.GetLocalNow().DateTime), MovementKind.Found, amount, "")
                )
            );
        }
    }

    /// <summary>What neither shop nor cupboard gives, less what families were asked for and have not refused. What was
    /// brought is counted in the cupboard already.</summary>
    private static IEnumerable<(MaterialLine Line, double Amount)> Missing(WeekPlan plan, List<AskedRow> rows) =>
        plan.Materials()
            .Where(l => l.IsToAsk)
            .Select(l =>
                (
                    l,
                    l.Lacking
                        - rows.Where(r =>
                                r.MaterialId == l.Material.Id && r.Answer is AskAnswer.Asked or AskAnswer.WillBring
                            )
                            .Sum(r => r.Amount)
                )
            );

    /// <summary>Whoever was asked last in one week is asked first in another.</summary>
    private static string[] InTurn(IReadOnlyList<Child> children, DateOnly monday)
    {
        string[] ids = [.. children.OrderBy(c => c.Id, StringComparer.Ordinal).Select(c => c.Id)];
        var from = monday.DayNumber / 7 % ids.Length;
        return [.. ids.Skip(from).Concat(ids.Take(from))];
    }

    /// <summary>Nobody is asked for what its own child keeps away from for an allergy; what is only too small for it may be
    /// brought by its family.</summary>
    private static bool MayAsk(WeekPlan plan, string childId, Material material)
    {
        var (input, group) = (plan.Problem.Input, plan.Problem.Group);
        var child = group.Children.First(c => c.Id == childId);
        bool KeptOff(Child of) =>
            input.Safety.KeepsOff(material, group with { Children = [of] }, plan.Problem.FirstDay) is not null;
        return !KeptOff(child) || KeptOff(child with { Allergies = [], UnknownAllergies = [] });
    }

    private static AskedOfFamily? Core(AskedRow row, Content content) =>
        content.Material(row.MaterialId) is { } m ? new(row.ChildId, m, row.Amount) : null;

    private static async Task<AskingView> ViewAsync(
        WeekPlan plan,
        string weekId,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var rows = await db.Asked.AsNoTracking().Where(a => a.WeekId == weekId).OrderBy(a => a.Id).ToListAsync(stop);
        var missing = Missing(plan, rows).ToDictionary(m => m.Line.Material.Id);
        var names = plan.Problem.Group.Children.ToDictionary(c => c.Id, c => c.Name);
        return new(
            SharedOut.BringBy(plan.Problem.FirstDay),
            [
                .. missing
                    .Keys.Union(rows.Select(r => r.MaterialId))
                    .Where(id => content.Material(id) is not null)
                    .Select(id =>
                    {
                        var (m, of) = (content.Material(id)!, rows.Where(r => r.MaterialId == id).ToArray());
                        return new AskedThing(
                            id,
                            m.Name,
                            CupboardCsv.UnitName(m.Unit),
                            Math.Max(0, missing.TryGetValue(id, out var line) ? line.Amount : 0),
                            of.Where(r => r.Answer is AskAnswer.Asked or AskAnswer.WillBring).Sum(r => r.Amount),
                            of.Sum(r => r.Brought),
                            missing.TryGetValue(id, out line) ? CupboardReading.AskFor(line.Line, plan) : null
                        );
                    }),
            ],
            [
                .. rows.Where(r => names.ContainsKey(r.ChildId) && content.Material(r.MaterialId) is not null)
                    .GroupBy(r => r.ChildId)
                    .OrderBy(g => names[g.Key], StringComparer.CurrentCulture)
                    .Select(g => new AskedFamily(
                        g.Key,
                        names[g.Key],
                        [
                            .. g.Select(r => new AskedLine(
                                r.Id,
                                content.Material(r.MaterialId)!.Name,
                                CupboardCsv.UnitName(content.Material(r.MaterialId)!.Unit),
                                r.Amount,
                                r.Answer,
                                r.Brought
                            )),
                        ]
                    )),
            ]
        );
    }
}

/// <summary>What a family says; with Brought how much it is, all of it where nothing is said.</summary>
public sealed record AnswerBody(AskAnswer Answer, double? Brought);

/// <summary>What is asked of families for a week.</summary>
/// <param name="By">Last day to bring it.</param>
/// <param name="Things">What is missing and asked for.</param>
/// <param name="Families">What each family was asked for.</param>
public sealed record AskingView(DateOnly By, IReadOnlyList<AskedThing> Things, IReadOnlyList<AskedFamily> Families);

/// <summary>Something families are asked for.</summary>
/// <param name="MaterialId">The material.</param>
/// <param name="Name">Its name.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="NotAsked">Missing, and nobody was asked for it.</param>
/// <param name="Coming">Asked for or promised, and not here.</param>
/// <param name="Brought">Here.</param>
/// <param name="Ask">When a note must go out where families are asked over weeks; null where nothing is missing.</param>
public sealed record AskedThing(
    string MaterialId,
    Said Name,
    string Unit,
    double NotAsked,
    double Coming,
    double Brought,
    AskFamilies? Ask
);

/// <summary>What a family was asked for.</summary>
public sealed record AskedFamily(string ChildId, string Name, IReadOnlyList<AskedLine> Lines);

/// <summary>One thing a family was asked for, and what it said.</summary>
public sealed record AskedLine(long Id, Said Name, string Unit, double Amount, AskAnswer Answer, double Brought);

internal sealed class AnswerBodyValidator : AbstractValidator<AnswerBody>
{
    public AnswerBodyValidator() =>
        RuleFor(a => a.Brought)
            .Must(b => b is null or (> 0 and <= 100_000))
            .Says($"What is brought is more than 0, 100,000 at most. Nothing brought is “none at home”.");
}
