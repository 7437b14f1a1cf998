using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>Week: the board, the loom, the bench, composing and changing.</summary>
public static class WeekEndpoints
{
    private const string Slot = "/{weekId}/slots/{day:int}/{blockId}/{offer:int}";

    /// <summary>Adds the endpoints of the place.</summary>
    public static void MapWeek(this RouteGroupBuilder api)
    {
        var weeks = api.MapGroup("/weeks").WithTags("Week");
        weeks.MapGet("/", List).WithName("listWeeks");
        weeks.MapPost("/", Add).WithName("addWeek");
        weeks.MapGet("/{weekId}", Get).WithName("getWeek");
        weeks.MapDelete("/{weekId}", TakeAway).WithName("removeWeek");
        weeks.MapGet("/{weekId}/sliders", GetSliders).WithName("getSliders");
        weeks.MapPut("/{weekId}/sliders", Slide).WithName("setSliders").AsksForEdition();
        weeks.MapGet("/{weekId}/materials", Materials).WithName("getWeekMaterials");
        weeks.MapGet($"{Slot}/bench", Bench).WithName("getBench");
        weeks.MapPut(Slot, Put).WithName("putIdea");
        weeks.MapDelete(Slot, Clear).WithName("removeIdea");
        weeks.MapPut($"{Slot}/lock", Lock).WithName("lockIdea");
        weeks.MapPost($"{Slot}/move", Move).WithName("moveIdea");
        weeks.MapPost("/{weekId}/undo", Undo).WithName("undo");
        weeks.MapPost("/{weekId}/redo", Redo).WithName("redo");
        weeks.MapPost("/{weekId}/composition", Compose).WithName("compose").WithMetadata(new TakesLong());
        weeks.MapGet("/{weekId}/composition", Listen).WithName("composition").ExcludeFromDescription();
        weeks.MapDelete("/{weekId}/composition", StopComposing).WithName("stopComposing");
    }

    private static async Task<Ok<WeekName[]>> List(NidoDb db, Content content, CancellationToken stop)
    {
        var rows = await db
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
            .OrderByDescending(w => w.Monday)
            .ThenBy(w => w.Kind)
            .ThenBy(w => w.Name)
            .ThenBy(w => w.Id)
            .ToListAsync(stop);
        var names = (await db.ThemesAsync(content, stop)).ToDictionary(t => t.Id, t => t.Name);
        return TypedResults.Ok(
            rows.Select(w => new WeekName(
                    w.Id,
                    w.GroupId,
                    w.Name,
                    names.GetValueOrDefault(w.ThemeId) ?? InBoth.Same(w.ThemeId),
                    w.Monday
                ))
                .ToArray()
        );
    }

    private static async Task<NoContent> TakeAway(
        string weekId,
        WeekDesk desk,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        row.BinnedAt = time.GetUtcNow();
        row.Version++;
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Created<WeekName>, ProblemHttpResult>> Add(
        NewWeekBody body,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        if (await db.ThemeAsync(content, body.ThemeId, stop) is not { } theme)
        {
            return Problems.Field(
                "themeId",
                body.ThemeId,
                $"This theme is not known. Known are {string.Join(", ", content.Themes.Select(t => t.Id))}."
            );
        }

        if (await db.Groups.SingleOrDefaultAsync(g => g.Id == body.GroupId, stop) is not { } group)
        {
            return Problems.Field("groupId", body.GroupId, $"This group is not known. Make one in Group first.");
        }

        var week = new WeekRow
        {
            Id = NewId.Next(),
            GroupId = group.Id,
            ThemeId = theme.Id,
            Monday = WeekDaysOrder.MondayOf(body.Monday),
            Sliders = Sliders.Middle,
        };
        db.Weeks.Add(week);
        await db.SaveChangesAsync(stop);
        return TypedResults.Created(
            $"/api/weeks/{week.Id}",
            new WeekName(week.Id, group.Id, group.Name, theme.Name, week.Monday)
        );
    }

    private static async Task<Ok<WeekView>> Get(string weekId, WeekDesk desk, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Ok<Sliders>> GetSliders(
        string weekId,
        HttpContext http,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        return TypedResults.Ok(Edition.Tell(http, row.Sliders));
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> Slide(
        string weekId,
        Sliders sliders,
        HttpContext http,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        if (Edition.Against(http, row.Sliders) is { } stale)
        {
            return stale;
        }

        row.Sliders = Edition.Tell(http, sliders);
        return TypedResults.Ok(await desk.SavedViewAsync(row, stop));
    }

    private static async Task<Ok<IReadOnlyList<MaterialLineView>>> Materials(
        string weekId,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(WeekReading.Materials(plan));
    }

    private static async Task<Ok<BenchView>> Bench(
        string weekId,
        int day,
        string blockId,
        int offer,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return TypedResults.Ok(WeekReading.Bench(plan, plan.SlotOf(day, blockId, offer).Found(NotHere.Place)));
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> Put(
        string weekId,
        int day,
        string blockId,
        int offer,
        SlotBody body,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        var slot = plan.SlotOf(day, blockId, offer).Found(NotHere.Place);
        if (plan.UseFor(slot, body.IdeaId) is not { } use)
        {
            return Problems.Rule(
                $"This idea cannot lie there",
                $"It does not suit this block, this cupboard or the youngest in the room. Choose one from the bench.",
                [new("ideaId", body.IdeaId, $"Choose one from the bench.")]
            );
        }

        if (WhatIf.RuleAgainst(plan, slot, use) is { } rule)
        {
            return Problems.Rule(
                $"{use.Idea.Title} cannot lie there",
                $"{rule}. Choose another day, or another idea from the bench."
            );
        }

        await desk.History.ChangeAsync(
            row,
            $"Put in {use.Idea.Title}",
            [
                .. Without(row, day, blockId, offer),
                new(day, blockId, offer, use.Idea.Id, Locked: false)
                {
                    Swaps = row.Plan.FirstOrDefault(p => p.IdeaId == use.Idea.Id)?.Swaps ?? [],
                },
            ],
            stop
        );
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Ok<WeekView>> Clear(
        string weekId,
        int day,
        string blockId,
        int offer,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        At(row, day, blockId, offer).Found(NotHere.Place);

        await desk.History.ChangeAsync(row, $"Take out an idea", [.. Without(row, day, blockId, offer)], stop);
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Ok<WeekView>> Lock(
        string weekId,
        int day,
        string blockId,
        int offer,
        LockBody body,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var here = At(row, day, blockId, offer).Found(NotHere.Place);

        await desk.History.ChangeAsync(
            row,
            body.Locked ? (Said)$"Lock an idea" : $"Unlock an idea",
            [.. row.Plan.Select(p => p == here ? p with { Locked = body.Locked } : p)],
            stop
        );
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> Move(
        string weekId,
        int day,
        string blockId,
        int offer,
        MoveBody to,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var here = At(row, day, blockId, offer).Found(NotHere.Place);

        if (to.Day == day && to.BlockId == blockId && (here.IsPencilled || to.Offer == offer))
        {
            // Laid down where it was.
            return TypedResults.Ok(await desk.ViewAsync(row, stop));
        }

        if (Pencilled.In(row.Plan).FirstOrDefault(p => p.Day == to.Day && p.BlockId == to.BlockId) is { } own)
        {
            return Problems.Rule(
                $"That block is something of your own: {own.Words}",
                $"Choose another place, or take the words out first."
            );
        }

        var held = await desk.PlanAsync(row, stop);
        if (here.IsPencilled)
        {
            // What is of one's own takes the block it goes to, and leaves its own free.
            held.SlotOf(to.Day, to.BlockId, 0).Found(NotHere.Place);
            var freed = row.Plan.Where(p => p != here);
            await desk.History.ChangeAsync(
                row,
                $"Move words of your own",
                Pencilled.Into(freed, to.Day, to.BlockId, here.Words ?? ""),
                stop
            );
            return TypedResults.Ok(await desk.ViewAsync(row, stop));
        }

        var there = At(row, to.Day, to.BlockId, to.Offer);
        Placement[] moved =
        [
            .. row.Plan.Where(p => p != here && p != there),
            here with
            {
                Day = to.Day,
                BlockId = to.BlockId,
                Offer = to.Offer,
            },
            .. there is null ? (Placement[])[] : [there with { Day = day, BlockId = blockId, Offer = offer }],
        ];
        var after = new WeekPlan(held.Problem, moved);
        if (after.Lost.Count > held.Lost.Count || after.Filled.Any(f => !after.State.MayPut(f.Slot, f.Use.Index)))
        {
            return Problems.Rule(
                $"These two cannot change places",
                $"One of them does not suit the other block, lies out that day already, or needs more adults than are there."
            );
        }

        await desk.History.ChangeAsync(row, $"Move an idea", moved, stop);
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> Undo(
        string weekId,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        return await desk.History.UndoAsync(row, stop)
            ? TypedResults.Ok(await desk.ViewAsync(row, stop))
            : Problems.Rule($"Nothing to undo", $"This week has no change before this.");
    }

    private static async Task<Results<Ok<WeekView>, ProblemHttpResult>> Redo(
        string weekId,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        return await desk.History.RedoAsync(row, stop)
            ? TypedResults.Ok(await desk.ViewAsync(row, stop))
            : Problems.Rule($"Nothing to redo", $"Nothing was undone after this.");
    }

    private static async Task<Results<Accepted, ProblemHttpResult>> Compose(
        string weekId,
        WeekDesk desk,
        WeekProblems problems,
        NidoDb db,
        Compositions compositions,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        var (_, impossible) = await problems.OfAsync(row, db, stop);
        if (impossible.Count > 0)
        {
            return Problems.Rule(
                $"This week cannot be composed yet",
                Said.Join(" ", impossible.Select(i => (Said)$"{i.Rule}: {i.What}. {i.WayOut}.")),
                [.. impossible.Select(i => new FieldProblem(i.Rule, i.What, i.WayOut))]
            );
        }

        compositions.Begin(weekId);
        return TypedResults.Accepted($"/api/weeks/{weekId}/composition");
    }

    private static ServerSentEventsResult<ComposeNews> Listen(
        string weekId,
        Compositions compositions,
        CancellationToken stop
    ) => TypedResults.ServerSentEvents(compositions.Of(weekId).Found(NotHere.Composition).Listen(stop), "compose");

    private static NoContent StopComposing(string weekId, Compositions compositions)
    {
        var composition = compositions.Of(weekId).Found(NotHere.Composition);

        composition.GoodEnough();
        return TypedResults.NoContent();
    }

    private static Placement? At(WeekRow row, int day, string blockId, int offer) =>
        row.Plan.FirstOrDefault(p => p.Day == day && p.BlockId == blockId && p.Offer == offer);

    private static IEnumerable<Placement> Without(WeekRow row, int day, string blockId, int offer) =>
        row.Plan.Where(p => !(p.Day == day && p.BlockId == blockId && p.Offer == offer));
}

internal sealed class SlidersValidator : AbstractValidator<Sliders>
{
    public SlidersValidator()
    {
        RuleFor(s => s.FairShares).InclusiveBetween(0, 10).Says($"A slider goes from 0 to 10.");
        RuleFor(s => s.Theme).InclusiveBetween(0, 10).Says($"A slider goes from 0 to 10.");
        RuleFor(s => s.UseTheCupboard).InclusiveBetween(0, 10).Says($"A slider goes from 0 to 10.");
        RuleFor(s => s.LightPrep).InclusiveBetween(0, 10).Says($"A slider goes from 0 to 10.");
        RuleFor(s => s.FreshIdeas).InclusiveBetween(0, 10).Says($"A slider goes from 0 to 10.");
    }
}
