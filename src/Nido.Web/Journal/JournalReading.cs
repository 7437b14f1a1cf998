using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Journal;
using Nido.Data;

namespace Nido.Web.Journal;

/// <summary>Puts what was kept into the shapes the journal reads.</summary>
/// <param name="db">The site.</param>
/// <param name="content">The catalogue.</param>
/// <param name="shares">What weeks planned and met.</param>
public sealed class JournalReading(NidoDb db, Content content, TermShares shares)
{
    /// <summary>Notes of a child that are shown at once at most.</summary>
    private const int MostNotes = 60;

    /// <summary>Pictures of a child that are shown at once at most; how many there are is said.</summary>
    private const int MostPictures = 60;

    /// <summary>A share under this of an even one is short.</summary>
    private const int Short = 90;

    private const int ShortWeeks = 3;

    /// <summary>The journal of a child.</summary>
    public async Task<ChildJournal> ChildAsync(
        ChildrenGroup group,
        Child child,
        DateOnly from,
        DateOnly to,
        CancellationToken stop
    )
    {
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(child);
        var evidence = await db.EvidenceAsync(group.Id, to, stop, childId: child.Id);
        var own = evidence
            .Observations.Where(o => o.ChildId == child.Id)
            .OrderBy(o => o.On)
            .ThenBy(o => o.Id)
            .ToArray();
        var rows = await db.FollowUps.AsNoTracking().Where(f => f.ChildId == child.Id).ToListAsync(stop);
        FollowUp[] tried = [.. rows.Select(f => f.ToCore()).OrderByDescending(f => f.On).ThenByDescending(f => f.Id)];
        var notes = await db
            .Notes.AsNoTracking()
            .Where(n => n.ChildId == child.Id && n.On >= from && n.On <= to)
            .ToListAsync(stop);
        var rounds = await db
            .Tallies.AsNoTracking()
            .Where(t => t.ChildId == child.Id)
            .OrderBy(t => t.Id)
            .ToListAsync(stop);
        var pictures = await PictureEndpoints.OfChildAsync(db, group, child.Id, from, to, stop);
        return new(
            child.Id,
            child.Name,
            child.MonthsOn(to),
            from,
            to,
            [.. Paths(child, evidence, from, to)],
            [
                .. own.Where(o => o.On >= from && (o.Note.Length > 0 || o.Sign.Length > 0))
                    .Select(o => Seen(o, child.Name))
                    .Concat(
                        notes.Select(n => new WrittenView(
                            "note",
                            n.Id,
                            n.On,
                            n.Text,
                            n.By,
                            child.Name,
                            IdeaName(n.IdeaId),
                            null,
                            null,
                            null,
                            null
                        ))
                    )
                    .OrderByDescending(n => n.On)
                    .ThenByDescending(n => n.Id)
                    .Take(MostNotes),
            ],
            [.. (await shares.OfAsync(group.Id, from, to, stop)).Select(w => Week(w, child.Id)).OfType<WeekOfChild>()],
            [
                .. content
                    .Ladders.Values.Select(l =>
                        WhenHard.Of(
                            l,
                            [.. own.Where(o => o.Ladder == l.Id)],
                            content.Signs[l.Id],
                            to,
                            tried.Where(f => f.Ladder == l.Id)
                        )
                    )
                    .OfType<WhenHard>()
                    .Select(Hard),
            ],
            [
                .. content
                    .Ladders.Values.Select(l => NotSeenYet.Of(child, l, [.. own.Where(o => o.Ladder == l.Id)], to))
                    .OfType<NotSeenYet>()
                    .Select(n => new NotYetView(
                        n.Ladder.Name,
                        n.Step.Name,
                        n.Step.TypicalMonths,
                        n.First,
                        n.Last,
                        n.Step.Source
                    )),
            ],
            [
                .. tried.Select(f => new FollowUpView(
                    f.Id,
                    content.Ladders.GetValueOrDefault(f.Ladder)?.Name ?? InBoth.Same(f.Ladder),
                    f.Step,
                    f.Change,
                    f.On,
                    f.LookAgainOn,
                    f.Helped,
                    f.Helped is null && f.LookAgainOn <= to
                )),
            ],
            [.. pictures.Take(MostPictures)],
            [
                .. LovesDoing
                    .Two(own)
                    .Select(l => new LovesView(IdeaName(l.IdeaId) ?? InBoth.Same(l.IdeaId), l.Minutes, l.Times)),
            ],
            [
                .. rounds
                    .GroupBy(t => t.IdeaId)
                    .Select(g => new GameView(
                        IdeaName(g.Key) ?? InBoth.Same(g.Key),
                        OwnBest.Of([.. g.Select(t => t.ToCore())])!.Best,
                        g.Count()
                    )),
            ],
            [
                .. own.Where(o => o.Grip.Length > 0 && o.On >= from)
                    .Select(o => (o, Grip: content.Grips[o.Ladder].FirstOrDefault(g => g.Id == o.Grip)))
                    .Where(x => x.Grip is not null)
                    .OrderByDescending(x => x.o.On)
                    .Select(x => new GripSeen(x.o.On, x.o.Ladder, x.o.Grip, $"{x.Grip!.Name}")),
            ],
            pictures.Count
        );
    }

    /// <summary>The term of a group.</summary>
    public async Task<GroupTerm> TermAsync(ChildrenGroup group, DateOnly from, DateOnly to, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(group);
        var weeks = await shares.OfAsync(group.Id, from, to, stop);
        string[] ids = [.. weeks.Select(w => w.WeekId)];
        var rows = await db
            .Weeks.AsNoTracking()
            .Where(w => ids.Contains(w.Id))
            .OrderBy(w => w.Monday)
            .ToListAsync(stop);
        var went = await db.Went.AsNoTracking().Where(w => ids.Contains(w.WeekId)).ToListAsync(stop);
        var mondays = rows.ToDictionary(r => r.Id, r => r.Monday);
        var techniques = rows.SelectMany(r => r.Plan.Where(p => !p.IsPencilled))
            .Select(p => Technique(p.IdeaId))
            .OfType<Technique>()
            .Distinct()
            .ToArray();
        var letters = new List<string>();
        foreach (var row in rows)
        {
            letters.Add((await db.ThemeOfAsync(content, row, stop))!.Letter);
        }

        return new(
            [.. weeks.Select(w => w.Monday)],
            [.. group.Children.Select(c => Term(c, weeks)).OfType<TermOfChild>()],
            [.. Strand.All.Select(s => s.Id).Where(s => techniques.All(t => !t.Strands.ContainsKey(s)))],
            [.. letters.Distinct()],
            [
                .. went.GroupBy(w => Idea.TechniqueOf(w.IdeaId))
                    .Select(g => new IdeaWent(
                        IdeaName(g.First().IdeaId) ?? InBoth.Same(g.Key),
                        g.Count(w => w.How == HowItWent.WithJoy),
                        g.Count(w => w.How == HowItWent.AllRight),
                        g.Count(w => w.How == HowItWent.NotSo),
                        Technique(g.First().IdeaId)?.Minutes ?? 0,
                        LearnedMinutes.Middle([.. g.Where(w => w.Minutes is not null).Select(w => w.Minutes!.Value)]),
                        [
                            .. g.Where(w => w.Line.Length > 0)
                                .OrderByDescending(w => mondays[w.WeekId].AddDays(w.Day))
                                .Select(w => w.Line)
                                .Take(3),
                        ]
                    ))
                    .OrderByDescending(i => i.NotSo - i.WithJoy)
                    .ThenBy(i => $"{i.Idea}", StringComparer.Ordinal),
            ],
            [
                .. RanOut
                    .Of((await db.Movements.AsNoTracking().ToListAsync(stop)).Select(m => m.ToCore()), from, to)
                    .Where(r => content.Material(r.MaterialId) is not null)
                    .Select(r => new RanOutView(content.Material(r.MaterialId)!.Name, r.On, r.Times, r.IsBack)),
            ]
        );
    }

    /// <summary>What is found, as the screen reads it.</summary>
    public async Task<FoundView> FoundAsync(ChildrenGroup group, FindBody body, int most, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(body);
        var names = group.Children.ToDictionary(c => c.Id, c => c.Name);
        var (count, lines) = await WrittenDown.FindAsync(
            db,
            group.Id,
            body.Words,
            names,
            body.Kind,
            body.ChildId,
            (body.From, body.To),
            most,
            stop
        );
        long[] Of(string kind) => [.. lines.Where(l => l.Kind == kind).Select(l => l.Ref)];
        long[] seen = Of("seen"),
            notes = Of("note"),
            pictures = Of("picture");
        var views = new Dictionary<(string, long), WrittenView>();
        foreach (var o in await db.Observations.AsNoTracking().Where(o => seen.Contains(o.Id)).ToListAsync(stop))
        {
            views[("seen", o.Id)] = Seen(o.ToCore(), names.GetValueOrDefault(o.ChildId, ""));
        }

        foreach (var n in await db.Notes.AsNoTracking().Where(n => notes.Contains(n.Id)).ToListAsync(stop))
        {
            var child = names.GetValueOrDefault(n.ChildId ?? "", "");
            views[("note", n.Id)] = new(
                "note",
                n.Id,
                n.On,
                n.Text,
                n.By,
                child,
                IdeaName(n.IdeaId),
                null,
                null,
                null,
                null
            );
        }

        foreach (var p in await db.Pictures.AsNoTracking().Where(p => pictures.Contains(p.Id)).ToListAsync(stop))
        {
            var children = string.Join(", ", p.Of.Select(c => names.GetValueOrDefault(c, "")).Where(n => n.Length > 0));
            views[("picture", p.Id)] = new(
                "picture",
                p.Id,
                p.On,
                p.Words,
                "",
                children,
                IdeaName(p.IdeaId),
                null,
                null,
                null,
                null
            );
        }

        return new(count, [.. lines.Select(l => views.GetValueOrDefault((l.Kind, l.Ref))).OfType<WrittenView>()]);
    }

    private IEnumerable<LadderPath> Paths(Child child, Evidence evidence, DateOnly from, DateOnly to) =>
        content
            .Ladders.Values.Where(l => evidence.IsSeen(child.Id, l.Id))
            .Select(l => ChildPath.Of(child, l, evidence.Seen(child.Id, l.Id), evidence.AllChosen, from, to))
            .OrderByDescending(p => p.Seen.Count)
            .ThenBy(p => p.Ladder.Name.En, StringComparer.Ordinal)
            .Select(p => new LadderPath(
                p.Ladder.Id,
                p.Ladder.Name,
                [.. p.Ladder.Steps.Select(s => (Said)s.Name)],
                p.Points,
                p.Seen,
                p.OwnBest,
                evidence.Chosen(child.Id, p.Ladder.Id),
                evidence.Objectives.FirstOrDefault(o => o.ChildId == child.Id && o.Ladder == p.Ladder.Id)
            ));

    private WrittenView Seen(Observation o, string child) =>
        new(
            "seen",
            o.Id,
            o.On,
            o.Note,
            o.By,
            child,
            IdeaName(o.IdeaId),
            content.Ladders.GetValueOrDefault(o.Ladder)?.Name ?? InBoth.Same(o.Ladder),
            o.Step,
            o.Help,
            content.Signs[o.Ladder].FirstOrDefault(s => s.Id == o.Sign) is { } sign ? (Said)$"{sign.Seen}" : null
        );

    private HardView Hard(WhenHard hard) =>
        new(
            hard.Ladder.Id,
            hard.Ladder.Name,
            hard.Step,
            hard.Why,
            hard.Sign?.Id,
            hard.Sign is { } sign ? $"{sign.Change}" : hard.Ladder.Steps[hard.Step - 1].Easier,
            hard.EasierStep?.Name,
            [
                .. content
                    .Techniques.Where(t =>
                        t.Ladder != hard.Ladder.Id && t.Strands.GetValueOrDefault(hard.Ladder.Strand.Id) >= 10
                    )
                    .OrderByDescending(t => t.Strands[hard.Ladder.Strand.Id])
                    .ThenBy(t => t.Name.En, StringComparer.Ordinal)
                    .Take(2)
                    .Select(t => (Said)t.Name),
            ],
            hard.LookAgainOn
        );

    private static WeekOfChild? Week(SharesOfWeek week, string childId) =>
        week.Shares.FirstOrDefault(s => s.ChildId == childId) is { } s && s.Even.Any(e => e > 0)
            ? new(week.Monday, Percent(s.Planned, s.Even), Percent(s.Met, s.Even))
            : null;

    private static TermOfChild? Term(Child child, IReadOnlyList<SharesOfWeek> weeks)
    {
        var own = weeks
            .Select(w => w.Shares.FirstOrDefault(s => s.ChildId == child.Id))
            .OfType<SharesOfChild>()
            .ToArray();
        int[] Sum(Func<SharesOfChild, IReadOnlyList<int>> of) =>
            [.. Enumerable.Range(0, 4).Select(aim => own.Sum(s => of(s)[aim]))];
        bool IsShort(SharesOfChild s, int aim) => s.Even[aim] > 0 && 100.0 * s.Met[aim] / s.Even[aim] < Short;
        return own.Length == 0
            ? null
            : new(
                child.Id,
                child.Name,
                Percent(Sum(s => s.Planned), Sum(s => s.Even)),
                Percent(Sum(s => s.Met), Sum(s => s.Even)),
                [
                    .. Enum.GetValues<Aim>()
                        .Where(aim =>
                            own.Length >= ShortWeeks && own.TakeLast(ShortWeeks).All(s => IsShort(s, (int)aim))
                        ),
                ]
            );
    }

    private static int[] Percent(IReadOnlyList<int> dose, IReadOnlyList<int> even) =>
        [.. dose.Select((d, aim) => even[aim] == 0 ? 100 : (int)Math.Floor(100.0 * d / even[aim]))];

    private Technique? Technique(string ideaId) =>
        ideaId.Length == 0 ? null : content.Techniques.FirstOrDefault(t => t.Id == Idea.TechniqueOf(ideaId));

    /// <summary>The way of working of an idea, or null where none is named.</summary>
    private InBoth? IdeaName(string ideaId) => Technique(ideaId)?.Name;
}
