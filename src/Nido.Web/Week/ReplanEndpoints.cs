using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>What comes up in the middle of a week, and what moving a slider would do.</summary>
public static class ReplanEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapReplan(this RouteGroupBuilder api)
    {
        var week = api.MapGroup("/weeks/{weekId}").WithTags("Week");
        week.MapPost("/came-up", CameUp).WithName("cameUp").WithMetadata(new TakesLong());
        week.MapDelete("/came-up/{index:int}", NoLonger).WithName("noLonger");
        week.MapPost("/sliders/look", LookAtSliders).WithName("lookAtSliders").WithMetadata(new OnlyLooks());
        week.MapPost("/sliders/take", TakeSliders).WithName("takeSliders").WithMetadata(new TakesLong());
    }

    private static async Task<Results<Ok<ReplanView>, ProblemHttpResult>> CameUp(
        string weekId,
        CameUp happening,
        WeekDesk desk,
        Replanning replanning,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        var plan = await desk.PlanAsync(row, stop);
        return Wrong(happening, plan, content) is { } wrong
            ? Problems.Fields([wrong])
            : TypedResults.Ok(
                await WorkInAsync(
                    row,
                    Sentence(happening, plan, content),
                    [.. row.CameUp, happening],
                    happening.FromDay,
                    desk,
                    replanning,
                    stop
                )
            );
    }

    private static async Task<Ok<ReplanView>> NoLonger(
        string weekId,
        int index,
        WeekDesk desk,
        Replanning replanning,
        Content content,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        if (index < 0 || index >= row.CameUp.Count)
        {
            throw new NotHereException(NotHere.Place);
        }

        var over = row.CameUp[index];
        Said what = $"No longer: {Sentence(over, await desk.PlanAsync(row, stop), content)}";
        return TypedResults.Ok(
            await WorkInAsync(
                row,
                what,
                [.. row.CameUp.Where((_, i) => i != index)],
                over.FromDay,
                desk,
                replanning,
                stop
            )
        );
    }

    private static async Task<Ok<BeforeAfter>> LookAtSliders(
        string weekId,
        Sliders sliders,
        WeekDesk desk,
        Replanning replanning,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        var (before, after) = await replanning.TryAsync(row, row.CameUp, sliders, 0, stop);
        return TypedResults.Ok(Look(before, after));
    }

    private static async Task<Ok<WeekView>> TakeSliders(
        string weekId,
        Sliders sliders,
        WeekDesk desk,
        Replanning replanning,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);

        var (_, after) = await replanning.TryAsync(row, row.CameUp, sliders, 0, stop);
        row.Sliders = sliders;
        await desk.History.ChangeAsync(
            row,
            $"Weigh anew what matters",
            [.. after.Filled.Select(f => f.Placement)],
            stop
        );
        return TypedResults.Ok(await desk.ViewAsync(row, stop));
    }

    private static async Task<ReplanView> WorkInAsync(
        WeekRow row,
        Said what,
        IReadOnlyList<CameUp> happenings,
        int fromDay,
        WeekDesk desk,
        Replanning replanning,
        CancellationToken stop
    )
    {
        var (before, after) = await replanning.TryAsync(row, happenings, row.Sliders, fromDay, stop);
        var look = Look(before, after);
        await desk.History.ChangeAsync(row, what, [.. after.Filled.Select(f => f.Placement)], stop, happenings);
        return new(await desk.ViewAsync(row, stop), look);
    }

    private static BeforeAfter Look(WeekPlan before, WeekPlan after) =>
        new(Replanning.Changed(before, after), WeekReading.TruthOf(before), WeekReading.TruthOf(after));

    private static Said Named(string? name, Said otherwise) => name is null ? otherwise : Said.Name(name);

    /// <summary>The happening as a teacher says it.</summary>
    internal static Said Sentence(CameUp h, WeekPlan plan, Content content)
    {
        Said DayAt(int day) => $"{plan.Problem.Days[day].Day}";
        var when =
            h.Kind == CameUpKind.MaterialGone ? (Said)$"from {DayAt(h.FromDay)}"
            : h.FromDay == h.ToDay ? DayAt(h.FromDay)
            : $"{DayAt(h.FromDay)} to {DayAt(h.ToDay)}";
        var child = Named(plan.Problem.Group.Children.FirstOrDefault(c => c.Id == h.Subject)?.Name, $"A child");
        return h.Kind switch
        {
            CameUpKind.ChildAway => $"{child} away, {when}",
            CameUpKind.ChildLate => $"{child} late, from {h.At:HH:mm}, {when}",
            CameUpKind.ChildLeaves => $"{child} goes early, at {h.At:HH:mm}, {when}",
            CameUpKind.AdultAway =>
                $"{Named(plan.Problem.Group.Adults.FirstOrDefault(a => a.Id == h.Subject)?.Name, $"An adult")} away, {when}",
            CameUpKind.Rain => $"Rain, {when}",
            CameUpKind.Closed => h.Subject.Length == 0 ? (Said)$"Closed, {when}" : $"Closed from {h.Subject}, {when}",
            _ => $"{content.Material(h.Subject)?.Name ?? InBoth.Same(h.Subject)} gone {when}",
        };
    }

    private static FieldProblem? Wrong(CameUp h, WeekPlan plan, Content content)
    {
        var days = plan.Problem.Days.Count;
        return h.FromDay < 0 || h.FromDay >= days
                ? new($"fromDay", $"{h.FromDay}", $"This week has days 0 to {days - 1}.")
            : h.ToDay < h.FromDay || h.ToDay >= days
                ? new($"toDay", $"{h.ToDay}", $"A day from {h.FromDay} to {days - 1} is wanted.")
            : h.IsAboutAChild && plan.Problem.Group.Children.All(c => c.Id != h.Subject)
                ? new($"subject", h.Subject, $"This child is not in the group.")
            : h.Kind is CameUpKind.ChildLate or CameUpKind.ChildLeaves && h.At is null
                ? new($"at", "", $"Say the time of day, such as 10:15.")
            : h.Kind == CameUpKind.AdultAway && plan.Problem.Group.Adults.All(a => a.Id != h.Subject)
                ? new($"subject", h.Subject, $"This adult is not in the group.")
            : h.Kind == CameUpKind.Closed && h.Subject.Length > 0 && !TimeOnly.TryParseExact(h.Subject, "HH:mm", out _)
                ? new($"subject", h.Subject, $"A time of day is wanted, such as 12:00, or nothing for the whole day.")
            : h.Kind == CameUpKind.Closed && h.Subject.Length == 0 && h.FromDay == 0 && h.ToDay == days - 1
                ? new(
                    $"toDay",
                    $"{h.ToDay}",
                    $"A week that is closed on all its days is not planned: leave a day open, or take another week."
                )
            : h.Kind == CameUpKind.MaterialGone && content.Material(h.Subject) is null
                ? new($"subject", h.Subject, $"This material is not known. Choose one from the cupboard.")
            : null;
    }
}

/// <summary>Something that came up, as the screen reads it.</summary>
public sealed record CameUpView(int Index, Said Sentence);
