using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Journal;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Today;

/// <summary>Otherwise than planned: what was left out, cut short, went on or lay there instead. Shares are then what was
/// really met.</summary>
public static class OtherwiseEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapOtherwise(this RouteGroupBuilder api)
    {
        var week = api.MapGroup("/weeks/{weekId}/otherwise").WithTags("Today");
        week.MapPost("/", Add).WithName("otherwise");
        week.MapDelete("/{index:int}", TakeBack).WithName("asPlanned");
    }

    /// <summary>What went otherwise on a day, in words.</summary>
    public static IReadOnlyList<OtherwiseView> Of(WeekPlan plan, WeekRow row, int day) =>
        [
            .. row
                .Otherwise.Select((o, i) => (o, i))
                .Where(x => x.o.Day == day)
                .Select(x => new OtherwiseView(x.i, x.o.BlockId, x.o.Offer, x.o.Kind, x.o.InWords(plan))),
        ];

    private static async Task<Results<NoContent, ProblemHttpResult>> Add(
        string weekId,
        Otherwise body,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        if (Wrong(body, await desk.PlanAsync(row, stop)) is { } wrong)
        {
            return Problems.Fields([wrong]);
        }

        row.Otherwise = [.. row.Otherwise.Where(o => !body.Replaces(o)), body with { Words = body.Words.Trim() }];
        row.Version++;
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> TakeBack(
        string weekId,
        int index,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        if (index < 0 || index >= row.Otherwise.Count)
        {
            throw new NotHereException(NotHere.TakenBack);
        }

        row.Otherwise = [.. row.Otherwise.Where((_, i) => i != index)];
        row.Version++;
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static FieldProblem? Wrong(Otherwise o, WeekPlan plan)
    {
        var block = plan.Problem.Blocks.FirstOrDefault(b => b.Id == o.BlockId);
        double planned =
            block is null ? 0
            : o.Offer is null ? block.Minutes
            : block.MinutesPerOffer;
        return o.Day < 0 || o.Day >= plan.Problem.Days.Count
                ? new($"day", $"{o.Day}", $"This week has days 0 to {plan.Problem.Days.Count - 1}.")
            : block is null ? new($"blockId", o.BlockId, $"The day has no such block. Its blocks stand in Group.")
            : o.Offer < 0 || o.Offer >= block.Offers
                ? new($"offer", $"{o.Offer}", $"{block.Name} has offers 0 to {block.Offers - 1}.")
            : o.Kind == OtherwiseKind.CutShort && !(o.Minutes >= 1 && o.Minutes < planned)
                ? new(
                    $"minutes",
                    $"{o.Minutes}",
                    $"It was planned for {planned:0} minutes: 1 or more are wanted, and fewer than that."
                )
            : o.Kind == OtherwiseKind.Longer && !(o.Minutes > planned && o.Minutes <= Otherwise.MostMinutes)
                ? new(
                    $"minutes",
                    $"{o.Minutes}",
                    $"It was planned for {planned:0} minutes: more than that are wanted, at most {Otherwise.MostMinutes}."
                )
            : o.Kind == OtherwiseKind.SomethingElse && !(o.Minutes is null || (o.Minutes >= 1 && o.Minutes <= planned))
                ? new(
                    $"minutes",
                    $"{o.Minutes}",
                    $"It can take 1 to {planned:0} minutes, or all of them where nothing is said."
                )
            : o.Kind == OtherwiseKind.SomethingElse && o.Words.Trim().Length == 0
                ? new($"words", "", $"Say in a word or two what it was, for example a birthday.")
            : o.Kind == OtherwiseKind.Swapped && plan.Problem.Input.Ideas.All(i => i.Id != o.IdeaId)
                ? new($"ideaId", o.IdeaId ?? "", $"This week has no such idea. Those it has stand in Ideas.")
            : o.Kind == OtherwiseKind.Swapped && o.Offer is null ? new($"offer", "", $"Say which offer was swapped.")
            : null;
    }
}

/// <summary>What went otherwise, as the screen reads it.</summary>
/// <param name="Index">To take it back by.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Offer">The offer, or null for the whole block.</param>
/// <param name="Kind">How.</param>
/// <param name="Sentence">In words.</param>
public sealed record OtherwiseView(int Index, string BlockId, int? Offer, OtherwiseKind Kind, Said Sentence);

internal sealed class OtherwiseValidator : AbstractValidator<Otherwise>
{
    public OtherwiseValidator()
    {
        RuleFor(o => o.Words).MaximumLength(100).Says($"At most 100 letters say what it was.");
    }
}
