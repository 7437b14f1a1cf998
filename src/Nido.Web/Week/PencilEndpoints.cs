using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core.Week.Problem;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>What a pencil does on the board: words of one's own for a block, a title of one's own, a colour.</summary>
public static class PencilEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapPencil(this RouteGroupBuilder api)
    {
        var week = api.MapGroup("/weeks/{weekId}").WithTags("Week");
        week.MapPut("/days/{day:int}/blocks/{blockId}/words", Write).WithName("writeWords");
        week.MapPut("/slots/{day:int}/{blockId}/{offer:int}/title", Title).WithName("setTitle");
        week.MapPut("/colour", Colour).WithName("setColour");
    }

    private static async Task<Ok<WeekView>> Write(
        string weekId,
        int day,
        string blockId,
        OwnWordsBody body,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        plan.SlotOf(day, blockId, 0).Found(NotHere.Place);
        await desk.History.ChangeAsync(
            row,
            $"Write words of your own",
            Pencilled.Into(row.Plan, day, blockId, body.Words.Trim()),
            stop
        );
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Ok<WeekView>> Title(
        string weekId,
        int day,
        string blockId,
        int offer,
        TitleBody body,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var here = row
            .Plan.FirstOrDefault(p => p.Day == day && p.BlockId == blockId && p.Offer == offer && !p.IsPencilled)
            .Found(NotHere.Place);
        var own = body.Title.Trim();
        await desk.History.ChangeAsync(
            row,
            $"Change a title",
            [.. row.Plan.Select(p => p == here ? p with { Words = own.Length > 0 ? own : null } : p)],
            stop
        );
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<Ok<WeekView>> Colour(
        string weekId,
        ColourBody body,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        row.Colour = body.Colour;
        return TypedResults.Ok(await desk.SavedViewAsync(row, stop));
    }
}

/// <summary>What a block of a day is, in one's own words.</summary>
public sealed record OwnWordsBody(string Words);

/// <summary>A title of one's own; empty for the idea's.</summary>
public sealed record TitleBody(string Title);

/// <summary>The colour a week is marked with.</summary>
public sealed record ColourBody(WeekColour Colour);

internal sealed class OwnWordsBodyValidator : AbstractValidator<OwnWordsBody>
{
    public OwnWordsBodyValidator() =>
        RuleFor(w => w.Words)
            .Must(w => w.Trim().Length is > 0 and <= Pencilled.MostLetters && !w.Any(char.IsControl))
            .Says($"Write what it is in 1 to {Pencilled.MostLetters} letters, on one line.");
}

internal sealed class TitleBodyValidator : AbstractValidator<TitleBody>
{
    public TitleBodyValidator() =>
        RuleFor(w => w.Title)
            .Must(w => w.Trim().Length <= Pencilled.MostLetters && !w.Any(char.IsControl))
            .Says(
                $"A title has at most {Pencilled.MostLetters} letters, on one line. Leave it empty for the idea's own."
            );
}
