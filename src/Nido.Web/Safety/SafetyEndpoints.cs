using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Paper;
using Nido.Web.Week;

namespace Nido.Web.Safety;

/// <summary>Safety: what the rules find in a week, what an adult has lifted, and the rules themselves.</summary>
public static class SafetyEndpoints
{
    /// <summary>Adds the endpoints of safety.</summary>
    public static void MapSafety(this RouteGroupBuilder api)
    {
        api.MapGet("/safety-rules", Rules).WithName("listSafetyRules").WithTags("Safety");
        var safety = api.MapGroup("/weeks/{weekId}/safety").WithTags("Safety");
        safety.MapGet("/", Get).WithName("getSafety");
        safety.MapGet("/signs", Signs).WithName("getSigns");
        safety.MapGet("/signs.pdf", SignsPdf).WithName("signsPdf");
        api.MapGet("/thing-questions", (Content content) => TypedResults.Ok(content.Questions))
            .WithName("listThingQuestions")
            .WithTags("Safety");
        safety.MapPost("/things", Ask).WithName("askAboutThing").WithMetadata(new OnlyLooks());
        safety.MapPost("/overrides", Lift).WithName("liftRule");
        safety.MapDelete("/overrides/{overrideId}", PutBack).WithName("putRuleBack");
        api.MapGet("/groups/{groupId}/overrides", Journal).WithName("listOverrides").WithTags("Safety");
    }

    private static Ok<RuleView[]> Rules(Content content) =>
        TypedResults.Ok(
            content
                .SafetyRules.Select(r => new RuleView(
                    r.Id,
                    r.Severity,
                    r.Message,
                    Said.Word(r.Source),
                    r.DeferTo,
                    r.Room,
                    r.Adults
                )
                {
                    NeverLifted = r.IsNeverLifted,
                    ForOwnThings = r.IsForOwnThings,
                })
                .ToArray()
        );

    private static async Task<Ok<SafetyView>> Get(string weekId, WeekDesk desk, NidoDb db, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(
            new SafetyView(
                WeekFindings.Of(plan),
                await db.OverridesAsync(weekId, stop),
                [.. plan.Problem.Group.Adults.Select(a => a.Name).Distinct()]
            )
        );
    }

    private static async Task<Ok<CautionView[]>> Ask(
        string weekId,
        ThingBody body,
        WeekDesk desk,
        Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(
            body.ToCore(content)
                .Judged(
                    plan.Problem.Input.Safety,
                    plan.Problem.Group,
                    plan.Problem.Days.Select(d => d.Date).FirstOrDefault()
                )
                .Select(CautionView.Of)
                .ToArray()
        );
    }

    private static async Task<Ok<TableSignView[]>> Signs(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(
            TableSign
                .Of(plan)
                .Select(s => new TableSignView(
                    s.Where?.Day,
                    s.Where is { } p ? plan.Problem.Blocks.First(b => b.Id == p.BlockId).Name : null,
                    s.Where?.Offer,
                    s.Title,
                    IdeaReading.NamesOf(plan, s.Allergens)
                ))
                .ToArray()
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> SignsPdf(
        string weekId,
        WeekDesk desk,
        Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return WeekPaperEndpoints.Drawn(
            plan,
            null,
            content,
            "kind.signs",
            "signs.pdf",
            pad => Core.Paper.Adults.Signs.Draw(pad, plan)
        );
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> Lift(
        string weekId,
        OverrideBody body,
        WeekDesk desk,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        var input = (await desk.PlanAsync(row, stop)).Problem.Input;
        if (
            content.SafetyRules.FirstOrDefault(r => r.Id == body.RuleId && r.Severity == Severity.Block) is not { } rule
        )
        {
            return Problems.Field(
                "ruleId",
                body.RuleId,
                $"This is no blocking rule. The list is at /api/safety-rules."
            );
        }

        if (rule.IsNeverLifted)
        {
            return Problems.Field(
                "ruleId",
                body.RuleId,
                rule.Id == "allergen"
                    ? Said.That(
                        $"No reason lifts this: {rule.Message} Take what would serve instead, or enter "
                            + $"what the child's written plan allows on the child."
                    )
                    : $"No reason lifts this: {rule.Message} Take what would serve instead."
            );
        }

        if (body.Day is { } on && input.Days.All(d => d.Date != on))
        {
            return Problems.Field(
                "day",
                $"{on:yyyy-MM-dd}",
                $"A day of this week is wanted, or none for the whole week: "
                    + $"{string.Join(", ", input.Days.Select(d => $"{d.Date:yyyy-MM-dd}"))}."
            );
        }

        if (input.Ideas.FirstOrDefault(i => i.Id == body.IdeaId) is not { } idea)
        {
            return Problems.Field("ideaId", body.IdeaId, $"This idea is not among those of the week.");
        }

        if (input.Group.Adults.FirstOrDefault(a => a.Name == body.Adult) is not { } adult)
        {
            return Problems.Field(
                "adult",
                body.Adult,
                $"An adult of the group answers for it: {string.Join(", ", input.Group.Adults.Select(a => a.Name).Distinct())}."
            );
        }

        if (
            input.Safety.Overrides.FirstOrDefault(o =>
                o.Lifts(rule, idea.Id, body.Day ?? input.Days[0].Date) && (o.Day is null || o.Day == body.Day)
            ) is
            { } already
        )
        {
            return Problems.Rule($"It is lifted already", $"{already.Adult} has lifted this rule for {idea.Title}.");
        }

        db.Overrides.Add(
            OverrideRow.Of(
                new(
                    NewId.Next(),
                    idea.Id,
                    idea.Title.En,
                    rule.Id,
                    rule.Message.En,
                    adult.Name,
                    body.Reason.Trim(),
                    time.GetUtcNow(),
                    null
                )
                {
                    Day = body.Day,
                },
                weekId
            )
        );
        return TypedResults.Ok(await desk.SavedViewAsync(row, stop));
    }

    private static async Task<Ok<WeekView>> PutBack(
        string weekId,
        string overrideId,
        WeekDesk desk,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var lifted = (
            await db.Overrides.SingleOrDefaultAsync(
                o => o.WeekId == weekId && o.Id == overrideId && o.WithdrawnAt == null,
                stop
            )
        ).Found(NotHere.TakenBack);

        lifted.WithdrawnAt = time.GetUtcNow();
        return TypedResults.Ok(await desk.SavedViewAsync(row, stop));
    }

    private static async Task<Ok<JournalOverride[]>> Journal(string groupId, NidoDb db, CancellationToken stop)
    {
        await db.TheGroupRowAsync(groupId, stop);

        var rows = await db
            .Overrides.Join(
                db.Weeks.Where(w => w.GroupId == groupId),
                o => o.WeekId,
                w => w.Id,
                (o, w) => new { Override = o, w.Monday }
            )
            .ToListAsync(stop);
        return TypedResults.Ok(
            rows.OrderBy(r => r.Override.At).Select(r => new JournalOverride(r.Monday, r.Override.ToCore())).ToArray()
        );
    }
}
