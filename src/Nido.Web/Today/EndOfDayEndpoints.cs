using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Journal;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Cupboard;
using Nido.Web.Week;

namespace Nido.Web.Today;

/// <summary>The end of the day: what was used goes from the cupboard, and how it went is kept.</summary>
public static class EndOfDayEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapEndOfDay(this RouteGroupBuilder api)
    {
        var day = api.MapGroup("/weeks/{weekId}/days/{day:int}").WithTags("Today");
        day.MapGet("/used", Used).WithName("getUsed");
        day.MapPost("/used", Take).WithName("takeUsed");
        day.MapDelete("/used", PutBack).WithName("putUsedBack");
        day.MapPut("/went", Went).WithName("howItWent");
    }

    private static async Task<Ok<UsedView>> Used(
        string weekId,
        int day,
        WeekDesk desk,
        NidoDb db,
        Nido.Catalog.Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        var date = DateOf(plan, day);
        var taken = await db
            .Movements.Where(m => m.WeekId == weekId && m.On == date)
            .Select(m => new { m.MaterialId, m.Amount })
            .ToListAsync(stop);
        var have = await db.OnHandAsync(stop);
        return TypedResults.Ok(
            taken.Count > 0
                ? new UsedView(
                    true,
                    [.. taken.Select(t => Line(content.Material(t.MaterialId), t.MaterialId, -t.Amount))]
                )
                : new UsedView(
                    false,
                    [
                        .. UsedUp
                            .On(plan, row.Otherwise, day)
                            .Select(u =>
                                // What the cupboard never knew of cannot leave it.
                                Line(
                                    u.Material,
                                    u.Material.Id,
                                    Math.Min(u.Amount, Math.Max(0, have.GetValueOrDefault(u.Material.Id)))
                                )
                            ),
                    ]
                )
        );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Take(
        string weekId,
        int day,
        UsedBody body,
        WeekDesk desk,
        NidoDb db,
        Nido.Catalog.Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        var date = DateOf(plan, day);
        if (await db.Movements.AnyAsync(m => m.WeekId == weekId && m.On == date, stop))
        {
            return Problems.Rule(
                $"This day went from the cupboard already",
                $"Put it back first, then take it again with other amounts."
            );
        }

        if (body.Lines.FirstOrDefault(l => content.Material(l.MaterialId) is null) is { } unknown)
        {
            return Problems.Field("lines", unknown.MaterialId, NotHere.Material);
        }

        var have = await db.OnHandAsync(stop);
        if (body.Lines.FirstOrDefault(l => l.Amount > have.GetValueOrDefault(l.MaterialId)) is { Amount: > 0 } more)
        {
            return Problems.Field(
                "lines",
                $"{more.Amount}",
                CupboardEndpoints.OnlySoMany(
                    content.Material(more.MaterialId)!,
                    have.GetValueOrDefault(more.MaterialId)
                )
            );
        }

        db.Movements.AddRange(
            body.Lines.Where(l => l.Amount > 0)
                .Select(l => new MovementRow
                {
                    MaterialId = l.MaterialId,
                    On = date,
                    Kind = MovementKind.Used,
                    Amount = -l.Amount,
                    Note = "",
                    WeekId = weekId,
                })
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> PutBack(
        string weekId,
        int day,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var date = DateOf(await desk.PlanAsync(weekId, stop), day);
        db.Movements.RemoveRange(await db.Movements.Where(m => m.WeekId == weekId && m.On == date).ToListAsync(stop));
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> Went(
        string weekId,
        int day,
        WentBody body,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        DateOf(plan, day);
        plan.Problem.Input.Ideas.FirstOrDefault(i => i.Id == body.IdeaId).Found(NotHere.Idea);
        var row = await db.Went.FindAsync([weekId, day, body.IdeaId], stop);
        if (body.How is not { } how)
        {
            if (row is not null)
            {
                db.Went.Remove(row);
            }
        }
        else
        {
            if (row is null)
            {
                db.Went.Add(
                    row = new()
                    {
                        WeekId = weekId,
                        Day = day,
                        IdeaId = body.IdeaId,
                    }
                );
            }

            (row.How, row.Minutes, row.Line) = (how, body.Minutes, body.Line.Trim());
        }

        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static DateOnly DateOf(WeekPlan plan, int day) =>
        day >= 0 && day < plan.Problem.Days.Count
            ? plan.Problem.Days[day].Date
            : throw new NotHereException(NotHere.Place);

    private static UsedLine Line(Material? material, string id, double amount) =>
        new(id, material?.Name ?? InBoth.Same(id), material is null ? "" : CupboardCsv.UnitName(material.Unit), amount);
}

/// <summary>What a day used.</summary>
/// <param name="Taken">It went from the cupboard already; else it is proposed by the plan.</param>
/// <param name="Lines">Amounts.</param>
public sealed record UsedView(bool Taken, IReadOnlyList<UsedLine> Lines);

/// <summary>An amount of a material.</summary>
public sealed record UsedLine(string MaterialId, Said Name, string Unit, double Amount);

/// <summary>What was used, as corrected.</summary>
public sealed record UsedBody(IReadOnlyList<UsedAmount> Lines);

/// <summary>An amount used.</summary>
public sealed record UsedAmount(string MaterialId, double Amount);

/// <summary>How an idea went; without a tap it is taken back.</summary>
public sealed record WentBody(string IdeaId, HowItWent? How, int? Minutes, string Line);

internal sealed class UsedBodyValidator : AbstractValidator<UsedBody>
{
    public UsedBodyValidator()
    {
        RuleFor(u => u.Lines).Must(l => l.Count <= 500).Says($"At most 500 at once.");
        RuleFor(u => u.Lines)
            .Must(l => l.Select(x => x.MaterialId).Distinct().Count() == l.Count)
            .Says($"A material stands twice. Give one amount of each.");
        RuleForEach(u => u.Lines)
            .ChildRules(l =>
                l.RuleFor(x => x.Amount)
                    .InclusiveBetween(0, 1_000_000)
                    .Says($"An amount from 0 to 1,000,000 is wanted.")
            );
    }
}

internal sealed class WentBodyValidator : AbstractValidator<WentBody>
{
    public WentBodyValidator()
    {
        RuleFor(w => w.Minutes)
            .InclusiveBetween(1, Otherwise.MostMinutes)
            .Says($"1 to {Otherwise.MostMinutes} minutes are wanted.");
        RuleFor(w => w.Line).MaximumLength(300).Says($"A note has at most 300 letters.");
    }
}
