using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Rota;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Group;

/// <summary>Who goes round the stations with whom.</summary>
public static class RotaEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapRota(this RouteGroupBuilder api)
    {
        var rota = api.MapGroup("/weeks/{weekId}/rota/{day:int}/{blockId}").WithTags("Group");
        rota.MapGet("/", Get).WithName("getRota");
        rota.MapPut("/", Set).WithName("setRota").AsksForEdition();
        rota.MapDelete("/", LetNidoForm).WithName("letNidoForm");
    }

    private static async Task<Ok<RotaView>> Get(
        string weekId,
        int day,
        string blockId,
        HttpContext http,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return RotaView.CanBe(plan, day, blockId)
            ? TypedResults.Ok(
                Edition.Tell(
                    http,
                    RotaView.Of(plan, day, blockId, (await db.Rotas.FindAsync([weekId, day, blockId], stop))?.Groups)
                )
            )
            : throw new NotHereException(NotHere.Place);
    }

    private static async Task<Results<Ok<RotaView>, ProblemHttpResult>> Set(
        string weekId,
        int day,
        string blockId,
        RotaBody body,
        HttpContext http,
        WeekDesk desk,
        NidoDb db,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        if (!RotaView.CanBe(plan, day, blockId))
        {
            throw new NotHereException(NotHere.Place);
        }

        if (body.Wrong(plan, day) is { } wrong)
        {
            return Problems.Field("groups", wrong.Value, wrong.Message);
        }

        var row = await db.Rotas.FindAsync([weekId, day, blockId], stop);
        if (Edition.Against(http, RotaView.Of(plan, day, blockId, row?.Groups)) is { } stale)
        {
            return stale;
        }

        if (row is null)
        {
            db.Rotas.Add(
                row = new RotaRow
                {
                    WeekId = weekId,
                    Day = day,
                    BlockId = blockId,
                }
            );
        }

        row.Groups = [.. body.Groups.Select(g => g.ToList())];
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(Edition.Tell(http, RotaView.Of(plan, day, blockId, row.Groups)));
    }

    private static async Task<NoContent> LetNidoForm(
        string weekId,
        int day,
        string blockId,
        NidoDb db,
        CancellationToken stop
    )
    {
        var row = (await db.Rotas.FindAsync([weekId, day, blockId], stop)).Found(NotHere.Place);

        db.Rotas.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }
}

/// <summary>Groups as set by hand: ids of the children there, a list a group.</summary>
public sealed record RotaBody(IReadOnlyList<IReadOnlyList<string>> Groups)
{
    /// <summary>What is wrong with it on a day, or null.</summary>
    public FieldProblem? Wrong(WeekPlan plan, int day)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var there = plan
            .Problem.Group.Children.Where((_, c) => plan.Problem.Attendance.OnDay(c, day))
            .ToDictionary(c => c.Id, c => c.Name);
        string[] sent = [.. Groups.SelectMany(g => g)];
        return sent.FirstOrDefault(id => !there.ContainsKey(id)) is { } stranger
                ? new($"groups", stranger, $"This child is not there on that day.")
            : sent.GroupBy(id => id).FirstOrDefault(g => g.Count() > 1) is { } twice
                ? new($"groups", there[twice.Key], $"{there[twice.Key]} is in two groups. Choose one.")
            : there.Keys.Except(sent).FirstOrDefault() is { } missing
                ? new($"groups", there[missing], $"{there[missing]} is in no group. Choose one.")
            : null;
    }
}

/// <summary>The rota of a block on a day.</summary>
/// <param name="Grouping">How groups are formed.</param>
/// <param name="ByHand">They were set by hand.</param>
/// <param name="Stations">Titles, in the order of the offers.</param>
/// <param name="Groups">Youngest first.</param>
/// <param name="Rounds">With their start, the station of each group.</param>
/// <param name="AdultsThere">Adults in the block.</param>
/// <param name="Problems">What does not hold.</param>
public sealed record RotaView(
    Grouping Grouping,
    bool ByHand,
    IReadOnlyList<Said> Stations,
    IReadOnlyList<RotaGroup> Groups,
    IReadOnlyList<RotaRound> Rounds,
    int AdultsThere,
    IReadOnlyList<Said> Problems
)
{
    /// <summary>Whether the block rotates on a day of the plan.</summary>
    public static bool CanBe(WeekPlan plan, int day, string blockId)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return day >= 0
            && day < plan.Problem.Days.Count
            && plan.Problem.Blocks.Any(b => b.Id == blockId && b.Kind == BlockKind.Stations);
    }

    /// <summary>The rota of a block, formed or as set by hand; who came or stayed away since is put where there is room
    /// or left out.</summary>
    public static RotaView Of(WeekPlan plan, int day, string blockId, IReadOnlyList<IReadOnlyList<string>>? byHand)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var problem = plan.Problem;
        var b = Enumerable.Range(0, problem.Blocks.Count).First(x => problem.Blocks[x].Id == blockId);
        var block = problem.Blocks[b];
        var stations = plan
            .Filled.Where(f => f.Placement.Day == day && f.Use.BlockIndex == b)
            .OrderBy(f => f.Placement.Offer)
            .Select(f => f.Use)
            .ToArray();
        Child[] there = [.. problem.Group.Children.Where((_, c) => problem.Attendance.Is(c, day, b))];
        Member[] members =
        [
            .. there.Select(c => new Member(
                c.Id,
                LevelOf(plan, c, day, stations),
                1.0 / Ratio.ChildrenPerAdult(problem.Group.Settings, c.MonthsOn(problem.Days[day].Date))
            )),
        ];
        IReadOnlyList<IReadOnlyList<string>> groups = byHand is null
            ? StationGroups.Form(
                members,
                block.Offers,
                problem.Group.Settings.Grouping,
                problem.Group.Wishes,
                problem.AdultsThere[day][b]
            )
            : Current(byHand, members);
        var names = there.ToDictionary(c => c.Id, c => c.Name);
        var check = GroupCheck.Of(groups, members, problem.Group.Wishes, problem.AdultsThere[day][b], id => names[id]);
        var mixed = problem.Group.Settings.Grouping == Grouping.Mixed;
        return new(
            problem.Group.Settings.Grouping,
            byHand is not null,
            [.. stations.Select(s => (Said)s.Idea.Title)],
            [
                .. groups.Select(
                    (g, i) =>
                        new RotaGroup(
                            [
                                .. g.Select(id => new RotaChild(
                                    id,
                                    names[id],
                                    Age.Written(there.First(c => c.Id == id).MonthsOn(problem.Days[day].Date))
                                )),
                            ],
                            check.AdultsNeeded[i],
                            Math.Round(check.Spread[i], 1),
                            [.. stations.Select(s => StepsOf(s, g))],
                            mixed ? [.. check.Pairs[i].Select(p => $"{names[p.Younger]} + {names[p.Older]}")] : []
                        )
                ),
            ],
            [
                .. StationGroups
                    .Rounds(Math.Max(1, groups.Count))
                    .Select(
                        (r, k) =>
                            new RotaRound(
                                block.Starts.AddMinutes(k * block.Minutes / Math.Max(1, groups.Count)),
                                [.. r.Take(groups.Count)]
                            )
                    ),
            ],
            problem.AdultsThere[day][b],
            check.Problems
        );
    }

    private static List<List<string>> Current(IReadOnlyList<IReadOnlyList<string>> byHand, Member[] members)
    {
        var there = members.Select(m => m.ChildId).ToHashSet();
        List<List<string>> groups = [.. byHand.Select(g => g.Where(there.Contains).ToList())];
        foreach (var late in members.Where(m => !groups.Any(g => g.Contains(m.ChildId))))
        {
            groups.MinBy(g => g.Count)?.Add(late.ChildId);
        }

        return groups;
    }

    private static double LevelOf(WeekPlan plan, Child child, int day, Use[] stations)
    {
        var input = plan.Problem.Input;
        return child.MonthsOn(plan.Problem.Days[day].Date)
            + stations
                .Select(s => input.Evidence.Belief(child, input.Ladders[s.Idea.Technique.Ladder]).Mean)
                .DefaultIfEmpty(0)
                .Average();
    }

    private static string StepsOf(Use station, IReadOnlyList<string> group)
    {
        int[] steps =
        [
            .. station.Children.Where(c => c.InReach && group.Contains(c.Child.Id)).Select(c => c.Offer!.Step).Order(),
        ];
        return steps.Length == 0 ? "–"
            : steps[0] == steps[^1] ? $"{steps[0]}"
            : $"{steps[0]}–{steps[^1]}";
    }
}

/// <summary>A group: its children, the adults it needs, months between its lowest and highest, its steps at each
/// station, and its pairs.</summary>
public sealed record RotaGroup(
    IReadOnlyList<RotaChild> Children,
    int Adults,
    double SpreadMonths,
    IReadOnlyList<string> Steps,
    IReadOnlyList<string> Pairs
);

/// <summary>A child in a group.</summary>
public sealed record RotaChild(string ChildId, string Name, string Age);

/// <summary>A round: its start and the station of each group.</summary>
public sealed record RotaRound(TimeOnly Starts, IReadOnlyList<int> Stations);

internal sealed class RotaBodyValidator : AbstractValidator<RotaBody>
{
    public RotaBodyValidator()
    {
        RuleFor(r => r.Groups).Must(g => g.Count is >= 1 and <= 6).Says($"One to six groups are wanted.");
    }
}
