using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Families;

/// <summary>Reads a week as a family does.</summary>
internal sealed class FamilyReading(WeekDesk desk, NidoDb db, Content content)
{
    /// <summary>Activities of a letter after the week.</summary>
    private const int CarryOn = 2;

    /// <summary>The week for one child's family, or for every family.</summary>
    public async Task<WeekOfFamily> ReadAsync(string weekId, string? childId, LetterKind kind, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        var child = childId is null
            ? null
            : plan
                .Problem.Group.Children.FirstOrDefault(c => c.Id == childId && c.StandsFor is null)
                .Found(NotHere.Child);
        return await ReadAsync(row, plan, child, kind, stop);
    }

    /// <summary>The plan of a week.</summary>
    public Task<WeekPlan> PlanAsync(string weekId, CancellationToken stop) => desk.PlanAsync(weekId, stop);

    /// <summary>The week for every family of the group, in the order of its children.</summary>
    public async Task<IReadOnlyList<WeekOfFamily>> EachAsync(string weekId, LetterKind kind, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        var each = new List<WeekOfFamily>();
        foreach (var child in plan.Problem.Group.Kind == GroupKind.DropIn ? [] : plan.Problem.Group.Children)
        {
            each.Add(await ReadAsync(row, plan, child, kind, stop));
        }

        return each;
    }

    /// <summary>JPEG files of the pictures of a letter.</summary>
    public async Task<IReadOnlyDictionary<long, byte[]>> PicturesAsync(WeekOfFamily family, CancellationToken stop)
    {
        long[] ids = [.. family.Happened.Pictures.Select(p => p.Id)];
        return await db
            .PictureFiles.AsNoTracking()
            .Where(f => ids.Contains(f.PictureId) && !f.Small)
            .ToDictionaryAsync(f => f.PictureId, f => f.Bytes, stop);
    }

    private async Task<WeekOfFamily> ReadAsync(
        WeekRow row,
        WeekPlan plan,
        Child? child,
        LetterKind kind,
        CancellationToken stop
    )
    {
        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        var asked = await db.Asked.AsNoTracking().Where(a => a.WeekId == row.Id).OrderBy(a => a.Id).ToListAsync(stop);
        var open = asked
            .Where(a =>
                a.ChildId == child?.Id
                && (kind != LetterKind.Reminder || a.Answer is AskAnswer.Asked or AskAnswer.WillBring)
            )
            .Select(a => content.Material(a.MaterialId) is { } m ? new AskedOfFamily(a.ChildId, m, a.Amount) : null)
            .OfType<AskedOfFamily>();
        var after = kind == LetterKind.After;
        return new(
            plan,
            theme,
            child,
            kind,
            kind == LetterKind.Reminder
                ? []
                : HomeActivities.For(
                    plan,
                    theme,
                    content.Techniques,
                    content.HomeKinds,
                    child,
                    after ? CarryOn : HomeActivities.Most,
                    after ? plan.Problem.FirstDay.AddDays(7) : null
                ),
            asked.Count == 0 || child is null ? null : [.. open],
            after ? await HappenedAsync(row, plan, child, stop) : new([], [], [], [])
        );
    }

    private async Task<WhatHappened> HappenedAsync(WeekRow row, WeekPlan plan, Child? child, CancellationToken stop)
    {
        var group = plan.Problem.Group;
        var (first, last) = (plan.Problem.FirstDay, plan.Problem.FirstDay.AddDays(6));
        string[] ids = [.. group.Children.Select(c => c.Id)];
        var seen = await db
            .Observations.AsNoTracking()
            .Where(o => ids.Contains(o.ChildId) && o.On >= first && o.On <= last)
            .OrderBy(o => o.Id)
            .ToListAsync(stop);
        var notes = await db
            .Notes.AsNoTracking()
            .Where(n => n.GroupId == group.Id && n.On >= first && n.On <= last)
            .OrderBy(n => n.Id)
            .ToListAsync(stop);
        var went = await db.Went.AsNoTracking().Where(w => w.WeekId == row.Id).ToListAsync(stop);
        var own = seen.Where(o => child is null || o.ChildId == child.Id).ToArray();
        return new(
            Done(row, plan, seen, went),
            child is null ? [] : Seen(own),
            SaidByChildren.In(
                // What was said when nothing would go is nobody's news.
                own.Where(o => o.Help is HelpLevel.Alone or HelpLevel.Shown)
                    .Select(o => o.Note)
                    .Concat(notes.Where(n => n.ChildId == child?.Id || child is null).Select(n => n.Text)),
                [.. group.Children.Where(c => c.Id != child?.Id).Select(c => c.Name)]
            ),
            await PicturesOfAsync(group, child, first, last, stop)
        );
    }

    /// <summary>What was done: ideas that somebody was seen at or that went somehow, and were not left out.</summary>
    private static (InBoth Title, bool WithJoy)[] Done(
        WeekRow row,
        WeekPlan plan,
        List<ObservationRow> seen,
        List<WentRow> went
    )
    {
        var ideas = plan.Problem.Input.Ideas.ToDictionary(i => i.Id);
        var done = seen.Select(o => o.IdeaId)
            .Concat(went.Select(w => w.IdeaId))
            .Concat(row.Otherwise.Select(o => o.IdeaId ?? ""));
        return
        [
            .. done.Where(ideas.ContainsKey)
                .GroupBy(i => i)
                .Select(g => (ideas[g.Key].Title, Joy: went.Any(w => w.IdeaId == g.Key && w.How == HowItWent.WithJoy)))
                .OrderByDescending(x => x.Joy)
                // The same with other things is the same to a family.
                .DistinctBy(x => x.Title),
        ];
    }

    /// <summary>On each ladder the furthest step that was done, with the least help there, most alone first.</summary>
    private SeenInWeek[] Seen(ObservationRow[] own) =>
        [
            .. own.Where(o => o.Help != HelpLevel.NotYet && content.Ladders.ContainsKey(o.Ladder))
                .GroupBy(o => o.Ladder)
                .Select(g => g.OrderByDescending(o => o.Step).ThenBy(o => o.Help).First())
                .OrderBy(o => o.Help)
                .ThenByDescending(o => o.Step)
                .Select(o => new SeenInWeek(content.Ladders[o.Ladder].Steps[o.Step - 1], o.Help)),
        ];

    private async Task<PictureOfWeek[]> PicturesOfAsync(
        ChildrenGroup group,
        Child? child,
        DateOnly first,
        DateOnly last,
        CancellationToken stop
    )
    {
        var rows = await db
            .Pictures.AsNoTracking()
            .Where(p => p.GroupId == group.Id && p.On >= first && p.On <= last && p.Width > 0)
            .OrderBy(p => p.On)
            .ThenBy(p => p.Id)
            .ToListAsync(stop);
        return
        [
            .. rows.Where(p =>
                {
                    var shown = group.Children.Where(c => p.Shows.Contains(c.Id));
                    return child is null
                        ? PictureUse.MayGoToAll(shown)
                        : p.Of.Contains(child.Id) && PictureUse.MayGoToFamilyOf(shown, child.Id);
                })
                .Take(WhatHappened.MostPictures)
                .Select(p => new PictureOfWeek(p.Id, p.On, p.Words, (double)p.Height / p.Width)),
        ];
    }
}

/// <summary>A week as a family reads it.</summary>
/// <param name="Plan">The week.</param>
/// <param name="Theme">What it is about.</param>
/// <param name="Child">Whose family; null where every family.</param>
/// <param name="Kind">Which letter.</param>
/// <param name="Home">What can be done at home.</param>
/// <param name="Asked">What the family is asked for, of a reminder what is open; null where nothing was shared out.</param>
/// <param name="Happened">What was kept of the week; nothing before it.</param>
internal sealed record WeekOfFamily(
    WeekPlan Plan,
    Theme Theme,
    Child? Child,
    LetterKind Kind,
    IReadOnlyList<HomeActivity> Home,
    IReadOnlyList<AskedOfFamily>? Asked,
    WhatHappened Happened
)
{
    /// <summary>The letter in a language.</summary>
    public FamilyLetter Letter(Tongue tongue) => Letter(PaperWords.In(tongue.Language, tongue));

    /// <summary>The letter in the words of a sheet.</summary>
    public FamilyLetter Letter(PaperWords words) =>
        Kind switch
        {
            LetterKind.After => LetterAfter.Of(Plan, Theme, words, Child, Happened, Home),
            LetterKind.Reminder => LetterReminder.Of(Plan, words, Child, Asked ?? []),
            _ => LetterBefore.Of(Plan, Theme, words, Child, Home, Asked),
        };

    /// <summary>Name of a file of it; no child stands in it.</summary>
    public string FileName(string ending) =>
        $"{Theme.Id}-{(Kind == LetterKind.Before ? "family" : $"{Kind}".ToLowerInvariant())}-"
        + $"{Plan.Problem.FirstDay:yyyy-MM-dd}.{ending}";
}
