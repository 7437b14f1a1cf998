using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Today;

/// <summary>At the door: who is there, late, away or goes early. Steps, counts, groups, ratio and shares follow.</summary>
public static class DoorEndpoints
{
    /// <summary>Adds the endpoint.</summary>
    public static void MapDoor(this RouteGroupBuilder api) =>
        api.MapPut("/weeks/{weekId}/days/{day:int}/door", Mark).WithName("markAtDoor").WithTags("Today");

    /// <summary>Who was to come on a day, and what the door says of them.</summary>
    public static IReadOnlyList<AtDoor> Of(WeekPlan plan, int day)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var on = plan.Problem.Days[day];
        return plan.Problem.Group.Kind == GroupKind.DropIn
            ? []
            :
            [
                .. plan
                    .Problem.Group.Children.Where(c => c.Days.HasFlag(on.Day) && c.IsHereOn(on.Date))
                    .Select(c =>
                    {
                        var said = plan.Problem.Input.CameUp.FirstOrDefault(h =>
                            h.IsAboutAChild && h.Subject == c.Id && h.On(day)
                        );
                        return new AtDoor(
                            c.Id,
                            c.Name,
                            said?.Kind switch
                            {
                                CameUpKind.ChildAway => DoorMark.Away,
                                CameUpKind.ChildLate => DoorMark.Late,
                                CameUpKind.ChildLeaves => DoorMark.Leaves,
                                _ => DoorMark.There,
                            },
                            said?.At,
                            c.LastDay == on.Date && c.FirstDay == on.Date
                        );
                    }),
            ];
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Mark(
        string weekId,
        int day,
        DoorBody body,
        WeekDesk desk,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        if (day < 0 || day >= plan.Problem.Days.Count)
        {
            throw new NotHereException(NotHere.Place);
        }

        if (Of(plan, day).FirstOrDefault(c => c.ChildId == body.ChildId) is not { } child)
        {
            return Problems.Field(
                "childId",
                body.ChildId,
                $"This child does not come on this day. Its days stand in Group."
            );
        }

        if (body.Is is DoorMark.Late or DoorMark.Leaves && body.At is null)
        {
            return Problems.Field("at", "", $"Say the time of day, such as 10:15.");
        }

        Said what = body.Is switch
        {
            DoorMark.Away => $"{child.Name} away, {plan.Problem.Days[day].Day}",
            DoorMark.Late => $"{child.Name} late, from {body.At:HH:mm}, {plan.Problem.Days[day].Day}",
            DoorMark.Leaves => $"{child.Name} goes early, at {body.At:HH:mm}, {plan.Problem.Days[day].Day}",
            _ => $"{child.Name} is there, {plan.Problem.Days[day].Day}",
        };
        await desk.History.ChangeAsync(
            row,
            what,
            row.Plan,
            stop,
            AtTheDoor.With(row.CameUp, day, body.ChildId, KindOf(body.Is), body.At)
        );
        return TypedResults.NoContent();
    }

    private static CameUpKind? KindOf(DoorMark mark) =>
        mark switch
        {
            DoorMark.Away => CameUpKind.ChildAway,
            DoorMark.Late => CameUpKind.ChildLate,
            DoorMark.Leaves => CameUpKind.ChildLeaves,
            _ => null,
        };
}

/// <summary>What the door says of a child.</summary>
public enum DoorMark
{
    /// <summary>It is there.</summary>
    There,

    /// <summary>It comes late.</summary>
    Late,

    /// <summary>It goes early.</summary>
    Leaves,

    /// <summary>It stays away.</summary>
    Away,
}

/// <summary>A child at the door.</summary>
/// <param name="ChildId">Who.</param>
/// <param name="Name">Its name.</param>
/// <param name="Is">What is said of it.</param>
/// <param name="At">When it comes or goes.</param>
/// <param name="Visits">It comes on this day only.</param>
public sealed record AtDoor(string ChildId, string Name, DoorMark Is, TimeOnly? At, bool Visits);

/// <summary>What is said of a child at the door.</summary>
public sealed record DoorBody(string ChildId, DoorMark Is, TimeOnly? At);
