using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;
using Nido.Core.Week.Change;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Today;

/// <summary>Today: a day of the week to run from, one block at a time.</summary>
public static class TodayEndpoints
{
    /// <summary>Adds the endpoint of the place.</summary>
    public static void MapToday(this RouteGroupBuilder api) =>
        api.MapGet("/weeks/{weekId}/days/{day:int}", Get).WithName("getDay").WithTags("Today");

    private static async Task<Ok<TodayView>> Get(
        string weekId,
        int day,
        WeekDesk desk,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        if (day < 0 || day >= plan.Problem.Days.Count)
        {
            throw new NotHereException(NotHere.Place);
        }

        var shown = await db.ShownInAsync(plan.Problem.Group.Id, stop);
        var date = plan.Problem.Days[day].Date;
        var children = plan.Problem.Group.Children.Select(c => c.Id).ToArray();
        // What is seen at a day that is still to come is of today: no observation lies ahead.
        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        var on = date > today ? today : date;
        var seen = await db
            .Observations.AsNoTracking()
            .Where(o => o.On == on && children.Contains(o.ChildId))
            .OrderBy(o => o.Id)
            .ToListAsync(stop);
        var went = await db.Went.AsNoTracking().Where(w => w.WeekId == weekId && w.Day == day).ToListAsync(stop);
        var longWork = LongWork.Of(plan.Problem);
        var refreshes = Refreshes.Of(plan).ToDictionary(r => r.Slot);
        var there = plan
            .Problem.Group.Children.Where((_, c) => plan.Problem.Attendance.OnDay(c, day))
            .Select(c => c.Id)
            .ToHashSet();
        return TypedResults.Ok(
            new TodayView(
                plan.Problem.Days[day].Date,
                there.Count,
                [
                    .. plan
                        .Problem.Blocks.Where(
                            (x, b) => plan.Problem.Attendance.TakesPlace(day, b) || plan.OwnWords(day, x.Id) is not null
                        )
                        .Select(b => new BlockOfDay(
                            b.Id,
                            b.Name,
                            b.Kind,
                            b.Starts,
                            b.Minutes,
                            [
                                .. longWork
                                    .Where(w => w.Block == b && there.Contains(w.Child.Id))
                                    .Select(w => new LongWorkView(
                                        w.Child.Name,
                                        b.Name,
                                        (int)Math.Round(w.Minutes),
                                        (int)Math.Round(100 * w.Share),
                                        w.Enough
                                    )),
                            ],
                            [
                                .. plan
                                    .Problem.Group.Adults.Where(a => a.IsThere(plan.Problem.Days[day].Day, b))
                                    .Select(a => a.Name)
                                    .Distinct(),
                            ],
                            [
                                .. plan
                                    .Filled.Where(f => f.Placement.Day == day && f.Use.Block.Id == b.Id)
                                    .Select(f =>
                                        Offer(plan, f.Slot, f.Use, shown, refreshes.GetValueOrDefault(f.Slot)) with
                                        {
                                            Slot = f.Placement.Offer,
                                            OwnTitle = f.Placement.Words,
                                            Seen =
                                            [
                                                .. seen.Where(o =>
                                                        o.IdeaId == f.Use.Idea.Id
                                                        && o.Ladder == f.Use.Idea.Technique.Ladder
                                                    )
                                                    .Select(o => new SeenToday(o.Id, o.ChildId, o.Step, o.Help)),
                                            ],
                                            Went = went.Where(w => w.IdeaId == f.Use.Idea.Id)
                                                .Select(w => new WentView(w.How, w.Minutes, w.Line))
                                                .FirstOrDefault(),
                                        }
                                    ),
                            ]
                        )
                        {
                            Own = plan.OwnWords(day, b.Id),
                        }),
                ]
            )
            {
                Door = DoorEndpoints.Of(plan, day),
                Otherwise = OtherwiseEndpoints.Of(plan, row, day),
                Read = await ReadAsync(row, day, plan.Problem.Days.Count, db, content, stop),
            }
        );
    }

    /// <summary>What is read and sung from on a day. A week of fewer days tells the parts that are left on its last.</summary>
    private static async Task<ReadToday> ReadAsync(
        WeekRow row,
        int day,
        int days,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        var parts = theme.StoryParts.Count;
        var last = day == days - 1 ? parts : day + 1;
        return new(
            parts == 0 ? [theme.Story] : [.. theme.StoryParts.Skip(day).Take(last - day).Select(p => (Said)p)],
            Math.Min(day + 1, parts),
            parts,
            [.. theme.Rhyme.Select(l => (Said)l)],
            theme.Greeting,
            theme.Farewell
        );
    }

    private static OfferOfDay Offer(WeekPlan plan, int slot, Use use, ILookup<string, ShownRow> shown, Refresh? refresh)
    {
        var (day, technique) = (plan.Problem.Slots[slot].Day, use.Idea.Technique);
        var mix = plan.Problem.Group.Settings.Approaches;
        bool Works(Approach approach) => mix.GetValueOrDefault(approach) > 0 && technique.Approaches.Contains(approach);
        var whom = use.On(day)
            .Children.Where(c => c.InReach && c.Child.StandsFor is null)
            .Select(c => c.Child)
            .ToArray();
        var made = ComesBack.Made(plan, day, use);
        return new(
            IdeaReading.Card(plan, use, day),
            technique.Id,
            plan.Stays(slot),
            refresh is null ? null : RefreshView.Of(refresh),
            use.Block.Kind == BlockKind.Shelf && Works(Approach.PreparedShelf)
                ?
                [
                    .. whom.Select(c => new ShownTo(
                        c.Id,
                        c.Name,
                        shown[technique.Id].FirstOrDefault(s => s.ChildId == c.Id)?.On
                    )),
                ]
                : [],
            [.. ComesBack.StepUp(plan, day, use).Select(x => new StepUpView(x.Child.Name, x.Step.Number, x.Step.Do))],
            made is null
                ? null
                : new(
                    plan.Problem.Days[made.Value.MadeOn].Date,
                    made.Value.Maker,
                    [.. made.Value.NeedSpare.Select(c => c.Name)]
                ),
            // Everyone begins once: the first of one day is the last of the next.
            Works(Approach.Games)
                ?
                [
                    .. whom.Skip(day % Math.Max(1, whom.Length))
                        .Concat(whom.Take(day % Math.Max(1, whom.Length)))
                        .Select(c => c.Name),
                ]
                : [],
            Beside.Of(plan, plan.Filled.First(f => f.Slot == slot).Placement)
        );
    }
}

/// <summary>A day to run from.</summary>
public sealed record TodayView(DateOnly Date, int Children, IReadOnlyList<BlockOfDay> Blocks)
{
    /// <summary>Who was to come, and what the door says of them; empty where nobody is known by name.</summary>
    public IReadOnlyList<AtDoor> Door { get; init; } = [];

    /// <summary>What went otherwise than planned.</summary>
    public IReadOnlyList<OtherwiseView> Otherwise { get; init; } = [];

    /// <summary>What is read and sung from.</summary>
    public ReadToday Read { get; init; } = new([], 0, 0, [], Said.None, Said.None);
}

/// <summary>What is read and sung from on a day.</summary>
/// <param name="Story">The day's part of the story; on the last day all that are left.</param>
/// <param name="Part">Its number; 0 where the story is told at once.</param>
/// <param name="Of">How many parts there are.</param>
/// <param name="Rhyme">Lines of the rhyme.</param>
/// <param name="Greeting">How the day begins.</param>
/// <param name="Farewell">How it ends.</param>
public sealed record ReadToday(
    IReadOnlyList<Said> Story,
    int Part,
    int Of,
    IReadOnlyList<Said> Rhyme,
    Said Greeting,
    Said Farewell
);

/// <summary>A block with what lies out in it and who is there.</summary>
public sealed record BlockOfDay(
    string Id,
    string Name,
    BlockKind Kind,
    TimeOnly Starts,
    int Minutes,
    IReadOnlyList<LongWorkView> LongWork,
    IReadOnlyList<string> Adults,
    IReadOnlyList<OfferOfDay> Offers
)
{
    /// <summary>What the block is, where it is something of one's own.</summary>
    public string? Own { get; init; }
}

/// <summary>An offer as it is run on a day.</summary>
/// <param name="Card">Who works how, with what.</param>
/// <param name="TechniqueId">Its way of working.</param>
/// <param name="Stays">It lies out all week.</param>
/// <param name="Refresh">The one thing about it that is new today, or null.</param>
/// <param name="Shown">On a prepared shelf: who has been shown it, and when; empty elsewhere.</param>
/// <param name="StepUp">Where practice comes back: the step to try for those who were alone last time.</param>
/// <param name="Made">Where it is done with what was made before: when, and who needs a spare.</param>
/// <param name="Beside">Adults counted to it, by name.</param>
/// <param name="Turns">Where it is played: whose turn it is, first one first; empty elsewhere.</param>
public sealed record OfferOfDay(
    IdeaCard Card,
    string TechniqueId,
    bool Stays,
    RefreshView? Refresh,
    IReadOnlyList<ShownTo> Shown,
    IReadOnlyList<StepUpView> StepUp,
    MadeView? Made,
    IReadOnlyList<string> Turns,
    IReadOnlyList<string> Beside
)
{
    /// <summary>Which offer of its block it is.</summary>
    public int Slot { get; init; }

    /// <summary>A title of one's own, or null.</summary>
    public string? OwnTitle { get; init; }

    /// <summary>What was seen of children at it on this day, in the order it was written down.</summary>
    public IReadOnlyList<SeenToday> Seen { get; init; } = [];

    /// <summary>How it went, or null.</summary>
    public WentView? Went { get; init; }
}

/// <summary>What was seen of a child today.</summary>
public sealed record SeenToday(long Id, string ChildId, int Step, HelpLevel Help);

/// <summary>How an idea went on a day.</summary>
public sealed record WentView(HowItWent How, int? Minutes, string Line);

/// <summary>What is new about a base today, and what was left out because of a rule.</summary>
public sealed record RefreshView(RefreshKind Kind, Said? Adds, Said? Colour, Said? Place, IReadOnlyList<Said> LeftOut)
{
    /// <summary>The view of what is new.</summary>
    public static RefreshView Of(Refresh refresh)
    {
        ArgumentNullException.ThrowIfNull(refresh);
        var colour = refresh.Colour is { } c ? Said.Word(c) : null;
        return new(refresh.Kind, refresh.Adds?.Name, colour, refresh.Place, refresh.LeftOut);
    }
}

/// <summary>Whether a child has been shown a piece of work.</summary>
public sealed record ShownTo(string ChildId, string Name, DateOnly? On);

/// <summary>A step to try next.</summary>
public sealed record StepUpView(string Name, int Step, Said Do);

/// <summary>When what is used was made, and who was away then.</summary>
public sealed record MadeView(DateOnly On, Said Title, IReadOnlyList<string> NeedSpare);

/// <summary>A child who stays long at its own work: usual minutes, in how many of a hundred blocks it would be cut off,
/// and a length of the block that would do.</summary>
public sealed record LongWorkView(string Name, string Block, int Minutes, int Percent, int Enough);
