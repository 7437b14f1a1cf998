using System.Globalization;
using System.Net;
using System.Text;
using Microsoft.EntityFrameworkCore;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Journal;

namespace Nido.Data.Formats;

/// <summary>Everything about one child, for the family to take along. Described in docs/formats/.</summary>
/// <param name="Format">Always "nido-child".</param>
/// <param name="FormatVersion">1.</param>
/// <param name="Group">Name of its group.</param>
/// <param name="Place">Name of the house.</param>
/// <param name="Child">What is written of it.</param>
/// <param name="Observations">What was seen, oldest first.</param>
/// <param name="ChosenSteps">Steps adults chose.</param>
/// <param name="Objectives">What it works towards.</param>
/// <param name="Shown">What it has been shown, one to one.</param>
public sealed record ChildDocument(
    string Format,
    int FormatVersion,
    string Group,
    string Place,
    Child Child,
    IReadOnlyList<Observation> Observations,
    IReadOnlyList<ChosenStep> ChosenSteps,
    IReadOnlyList<Objective> Objectives,
    IReadOnlyList<UnitShown> Shown
)
{
    /// <summary>Notes about it, oldest first.</summary>
    public IReadOnlyList<ChildNote> Notes { get; init; } = [];

    /// <summary>Counted rounds of games, oldest first.</summary>
    public IReadOnlyList<Tally> Tallies { get; init; } = [];

    /// <summary>What was tried because it was hard, oldest first.</summary>
    public IReadOnlyList<FollowUp> FollowUps { get; init; } = [];

    /// <summary>Pictures of its work that show no other child, or only such as may be seen by its family.</summary>
    public IReadOnlyList<ChildPicture> Pictures { get; init; } = [];

    /// <summary>What its family was asked for.</summary>
    public IReadOnlyList<ChildAsked> Asked { get; init; } = [];

    /// <summary>Bags it had at home.</summary>
    public IReadOnlyList<ChildBag> Bags { get; init; } = [];

    /// <summary>What is known of a child.</summary>
    public static async Task<ChildDocument?> OfAsync(NidoDb db, string groupId, string childId, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        if (
            await db.GroupAsync(groupId, stop) is not { } group
            || group.Children.FirstOrDefault(c => c.Id == childId) is not { } child
        )
        {
            return null;
        }

        return new(
            "nido-child",
            1,
            group.Name,
            group.Place,
            child,
            [
                .. (await db.Observations.AsNoTracking().Where(o => o.ChildId == childId).ToListAsync(stop))
                    .OrderBy(o => o.On)
                    .ThenBy(o => o.Id)
                    .Select(o => o.ToCore()),
            ],
            [
                .. (await db.ChosenSteps.AsNoTracking().Where(c => c.ChildId == childId).ToListAsync(stop)).Select(c =>
                    c.ToCore()
                ),
            ],
            [
                .. (await db.Objectives.AsNoTracking().Where(o => o.ChildId == childId).ToListAsync(stop)).Select(o =>
                    o.ToCore()
                ),
            ],
            [
                .. (await db.Shown.AsNoTracking().Where(s => s.ChildId == childId).ToListAsync(stop))
                    .OrderBy(s => s.On)
                    .Select(s => new UnitShown(s.ChildId, s.TechniqueId, s.On)),
            ]
        )
        {
            Notes =
            [
                .. (
                    await db.Notes.AsNoTracking().Where(n => n.ChildId == childId).OrderBy(n => n.Id).ToListAsync(stop)
                ).Select(n => new ChildNote(n.On, n.IdeaId, n.By, n.Text)),
            ],
            Tallies =
            [
                .. (
                    await db
                        .Tallies.AsNoTracking()
                        .Where(t => t.ChildId == childId)
                        .OrderBy(t => t.Id)
                        .ToListAsync(stop)
                ).Select(t => t.ToCore()),
            ],
            FollowUps =
            [
                .. (
                    await db
                        .FollowUps.AsNoTracking()
                        .Where(f => f.ChildId == childId)
                        .OrderBy(f => f.Id)
                        .ToListAsync(stop)
                ).Select(f => f.ToCore()),
            ],
            Pictures = await PicturesAsync(db, group, childId, stop),
            Asked =
            [
                .. (
                    await db.Asked.AsNoTracking().Where(a => a.ChildId == childId).OrderBy(a => a.Id).ToListAsync(stop)
                ).Select(a => new ChildAsked(a.By, a.MaterialId, a.Amount, a.Answer, a.Brought)),
            ],
            Bags =
            [
                .. (
                    await db.Bags.AsNoTracking().Where(b => b.ChildId == childId).OrderBy(b => b.Id).ToListAsync(stop)
                ).Select(b => new ChildBag(b.Kind, b.LentOn, b.BackBy, b.BackOn, b.Things)),
            ],
        };
    }

    private static async Task<IReadOnlyList<ChildPicture>> PicturesAsync(
        NidoDb db,
        ChildrenGroup group,
        string childId,
        CancellationToken stop
    ) =>
        [
            .. (
                await db
                    .Pictures.AsNoTracking()
                    .Where(p => p.GroupId == group.Id)
                    .OrderBy(p => p.On)
                    .ThenBy(p => p.Id)
                    .ToListAsync(stop)
            )
                .Where(p =>
                    p.Of.Contains(childId)
                    && PictureUse.MayGoToFamilyOf(group.Children.Where(c => p.Shows.Contains(c.Id)), childId)
                )
                .Select(p => new ChildPicture(p.Id, p.On, p.IdeaId, p.Words)),
        ];

    /// <summary>The same as a page that every browser opens.</summary>
    /// <param name="ladder">Name of a ladder by its id.</param>
    /// <param name="step">What a step of a ladder is, by its number.</param>
    /// <param name="tongue">The language.</param>
    public string Page(Func<string, string> ladder, Func<string, int, string> step, Tongue tongue)
    {
        ArgumentNullException.ThrowIfNull(tongue);
        ArgumentNullException.ThrowIfNull(ladder);
        ArgumentNullException.ThrowIfNull(step);
        var page = new StringBuilder();
        void Line(string html) => page.Append(html).Append('\n');
        string Row(params string[] cells) =>
            $"<tr>{string.Concat(cells.Select(c => $"<td>{WebUtility.HtmlEncode(c)}</td>"))}</tr>";
        string Say(Said said) => WebUtility.HtmlEncode(tongue.Speak(said));
        Line($"<!doctype html><html lang=\"{tongue.Language}\"><meta charset=\"utf-8\"><title>Nido</title>");
        Line(
            "<style>body{font:16px sans-serif;max-width:50em;margin:2em auto}td{padding:.2em .8em;border-top:1px solid #bbb}</style>"
        );
        Line(
            $"<h1>{WebUtility.HtmlEncode(Child.Name)}</h1><p>{Say($"{Group}, {Place}. Born {Child.BornOn:yyyy-MM-dd}.")}</p>"
        );
        Line($"<p>{WebUtility.HtmlEncode(Child.Note)}</p><h2>{Say($"Seen")}</h2><table>");
        Observations
            .ToList()
            .ForEach(o =>
                Line(
                    Row(
                        Day(o.On),
                        ladder(o.Ladder),
                        step(o.Ladder, o.Step),
                        tongue.Speak(Said.Word($"{o.Help}")),
                        o.Minutes is { } m ? $"{m} min" : "",
                        o.By,
                        o.Note
                    )
                )
            );
        Line($"</table><h2>{Say($"Works towards")}</h2><table>");
        Objectives
            .ToList()
            .ForEach(o => Line(Row(ladder(o.Ladder), step(o.Ladder, o.Step), o.By is { } by ? Day(by) : "")));
        Line($"</table><h2>{Say($"Steps chosen by adults")}</h2><table>");
        ChosenSteps.ToList().ForEach(c => Line(Row(Day(c.On), ladder(c.Ladder), step(c.Ladder, c.Step))));
        Line($"</table><h2>{Say($"Notes")}</h2><table>");
        Notes.ToList().ForEach(n => Line(Row(Day(n.On), n.By, n.Text)));
        Line($"</table><h2>{Say($"Games")}</h2><table>");
        Tallies
            .ToList()
            .ForEach(t =>
                Line(Row(Day(t.On), $"{t.Hits} / {t.Tries}", t.Distance is { } mm ? $"{mm / 1000.0:0.0#} m" : ""))
            );
        Line("</table>");
        Pictures
            .ToList()
            .ForEach(p =>
                Line(
                    $"<figure><img src=\"pictures/{p.Id}.jpg\" style=\"max-width:100%\" alt=\"\">"
                        + $"<figcaption>{Day(p.On)} {WebUtility.HtmlEncode(p.Words)}</figcaption></figure>"
                )
            );
        Line("</html>");
        return page.ToString();
    }

    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}

/// <summary>Something its family was asked for.</summary>
public sealed record ChildAsked(DateOnly By, string MaterialId, double Amount, AskAnswer Answer, double Brought);

/// <summary>A bag it had at home.</summary>
public sealed record ChildBag(
    BagKind Kind,
    DateOnly LentOn,
    DateOnly BackBy,
    DateOnly? BackOn,
    IReadOnlyList<BagThing> Things
);

/// <summary>A note about a child.</summary>
public sealed record ChildNote(DateOnly On, string IdeaId, string By, string Text);

/// <summary>A picture of a child's work; its file has its number.</summary>
public sealed record ChildPicture(long Id, DateOnly On, string IdeaId, string Words);
