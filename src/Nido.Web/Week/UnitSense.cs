using FluentValidation;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Data.Formats;
using Nido.Data.Rows;
using Nido.Sheets;
using Nido.Web.Common;
using Nido.Web.Group;
using Nido.Web.Own;

namespace Nido.Web.Week;

/// <summary>
/// Whether a unit that has the shape of one can be used: everything in it is asked what is asked of it when it is typed
/// in, and its
/// parts must fit each other. What is taken in stays, so nothing is taken that would break the week for good.
/// </summary>
/// <param name="content">The catalogue.</param>
/// <param name="group">Asks the group.</param>
/// <param name="child">Asks each child.</param>
/// <param name="sliders">Asks the sliders.</param>
/// <param name="focus">Asks letter and numbers.</param>
/// <param name="theme">Asks a theme of one's own.</param>
/// <param name="material">Asks a material of one's own.</param>
public sealed class UnitSense(
    Content content,
    IValidator<GroupBody> group,
    IValidator<ChildBody> child,
    IValidator<Sliders> sliders,
    IValidator<FocusBody> focus,
    IValidator<ThemeDraft> theme,
    IValidator<MaterialDraft> material
)
{
    private const int MostChildren = 200,
        MostAllergies = 60,
        MostChanges = 2000,
        MostDays = 7;

    /// <summary>What is wrong, field by field; empty where it can be used.</summary>
    public IReadOnlyList<FieldProblem> Of(UnitDocument unit)
    {
        ArgumentNullException.ThrowIfNull(unit);
        if (Sense.In(unit) is { Count: > 0 } senseless)
        {
            return senseless;
        }

        return
        [
            .. new[] { Head(unit), OfGroup(unit.Group, "group."), Plans(unit), Seen(unit), Theme(unit), Own(unit.Own) }
                .SelectMany(p => p)
                .Take(50),
        ];
    }

    private static IEnumerable<FieldProblem> Head(UnitDocument unit)
    {
        if (unit.Format != "nido-unit")
        {
            yield return new($"format", unit.Format, $"This is no unit of Nido: its format would be \"nido-unit\".");
        }

        if (unit.FormatVersion != 1)
        {
            yield return new(
                $"formatVersion",
                $"{unit.FormatVersion}",
                $"This Nido reads version 1. A newer file is opened with a newer Nido."
            );
        }

        if (unit.Monday.DayOfWeek != DayOfWeek.Monday)
        {
            yield return new(
                $"monday",
                $"{unit.Monday:yyyy-MM-dd}",
                $"This is a {unit.Monday.DayOfWeek}. A week begins on a Monday."
            );
        }

        if (unit.ChangesInForce < 0 || unit.ChangesInForce > unit.Changes.Count)
        {
            yield return new(
                $"changesInForce",
                $"{unit.ChangesInForce}",
                $"0 to {unit.Changes.Count} are wanted, as many as there are changes."
            );
        }

        if (unit.Changes.Count > MostChanges)
        {
            yield return new($"changes", $"{unit.Changes.Count}", $"At most {MostChanges} changes are taken.");
        }
    }

    /// <summary>What is wrong with a group and its children.</summary>
    /// <param name="of">The group.</param>
    /// <param name="path">Where it stands in the file, with a dot behind.</param>
    public IEnumerable<FieldProblem> OfGroup(ChildrenGroup of, string path)
    {
        ArgumentNullException.ThrowIfNull(of);
        var adults = of.Adults.Select(a => new AdultBody(a.Id, a.Name, a.Days, a.From, a.To));
        var body = new GroupBody(of.Name, of.Place, of.Days, [.. adults], of.Blocks, of.Settings)
        {
            Expected = of.Expected,
            Wishes = of.Wishes,
        };
        IEnumerable<FieldProblem> tooMany =
            of.Children.Count <= MostChildren
                ? []
                : [new($"{path}children", $"{of.Children.Count}", $"At most {MostChildren} children are in a group.")];
        return Asked(group, body, path)
            .Concat(tooMany)
            .Concat(Twice(of.Children.Select(c => c.Id), $"{path}children", $"id"))
            .Concat(Twice(of.Children.Select(c => c.Name.Trim().ToUpperInvariant()), $"{path}children", $"name"))
            .Concat(Twice(of.Adults.Select(a => a.Id), $"{path}adults", $"id"))
            .Concat(of.Children.Take(MostChildren).SelectMany((c, i) => OfChild(c, $"{path}children[{i}].")));
    }

    private IEnumerable<FieldProblem> OfChild(Child of, string path)
    {
        // Words for allergies are not asked back here: older files have some the vocabulary would, and they are kept as
        // they are.
        var body = new ChildBody(
            of.Name,
            of.BornOn,
            of.Days,
            of.Mouths,
            of.Hand,
            of.AvoidsTouch,
            [],
            of.HomeLanguage,
            of.Note
        )
        {
            Supports = of.Supports,
            Ways = of.Ways,
            Plans = of.Plans,
        };
        string[] words = [.. of.Allergies, .. of.UnknownAllergies];
        return Asked(child, body, path)
            .Concat(
                words.Length <= MostAllergies && words.All(w => w.Trim().Length is > 0 and <= 100)
                    ? []
                    :
                    [
                        new(
                            $"{path}allergies",
                            $"{words.Length}",
                            $"At most {MostAllergies} words for allergies, of 1 to 100 letters each."
                        ),
                    ]
            );
    }

    private static IEnumerable<FieldProblem> Plans(UnitDocument unit)
    {
        IEnumerable<FieldProblem> Of(IReadOnlyList<Placement> plan, string path)
        {
            foreach (var (p, i) in plan.Select((p, i) => (p, i)))
            {
                // Changes of a group leave placements in blocks it no longer has; those are told when the week is read.
                if (
                    p.Day is < 0 or >= MostDays
                    || p.Offer < 0
                    || p.Offer > 5
                    || p.BlockId.Length is 0 or > 30
                    || p.IdeaId.Length > 200
                    || (p.IsPencilled && string.IsNullOrWhiteSpace(p.Words))
                    || p.Words?.Length > Pencilled.MostLetters
                    || p.Swaps.Count > 50
                )
                {
                    yield return new(
                        $"{path}[{i}]",
                        $"day {p.Day}, offer {p.Offer}",
                        $"A place has a day from 0 to {MostDays - 1}, an offer from 0 to 5, a block, and an idea or words of one's own."
                    );
                }
            }

            foreach (var twice in plan.GroupBy(p => (p.Day, p.BlockId, p.Offer)).Where(g => g.Count() > 1))
            {
                yield return new(
                    path,
                    $"day {twice.Key.Day}, {twice.Key.BlockId}, offer {twice.Key.Offer}",
                    $"Two ideas lie in one place. Keep one of them."
                );
            }
        }

        IEnumerable<FieldProblem> CameUpOf(IReadOnlyList<CameUp> all, string path) =>
            all.Select((c, i) => (c, i))
                .Where(x =>
                    x.c.FromDay is < 0 or >= MostDays
                    || x.c.ToDay < x.c.FromDay
                    || x.c.ToDay >= MostDays
                    || x.c.Subject.Length > 60
                    || (
                        x.c.Kind == CameUpKind.Closed
                        && x.c.Subject.Length > 0
                        && !TimeOnly.TryParseExact(x.c.Subject, "HH:mm", out _)
                    )
                )
                .Select(x => new FieldProblem(
                    $"{path}[{x.i}]",
                    $"day {x.c.FromDay} to {x.c.ToDay}",
                    $"Days go from 0 to {MostDays - 1}, the last not before the first; a time is written 12:30."
                ));

        return
        [
            .. Of(unit.Plan, "plan"),
            .. CameUpOf(unit.CameUp, "cameUp"),
            .. unit
                .Changes.Take(MostChanges)
                .SelectMany(
                    (c, i) =>
                        Of(c.Before, $"changes[{i}].before")
                            .Concat(Of(c.After, $"changes[{i}].after"))
                            .Concat(CameUpOf(c.CameUpBefore, $"changes[{i}].cameUpBefore"))
                            .Concat(CameUpOf(c.CameUpAfter, $"changes[{i}].cameUpAfter"))
                            .Concat(
                                c.What.Length > 200 ? [new($"changes[{i}].what", c.What, $"At most 200 letters.")] : []
                            )
                ),
        ];
    }

    private IEnumerable<FieldProblem> Seen(UnitDocument unit)
    {
        foreach (var (o, i) in unit.Observations.Select((o, i) => (o, i)))
        {
            foreach (var problem in Step(o.Ladder, o.Step, $"observations[{i}]"))
            {
                yield return problem;
            }

            if (o.Minutes is < 1 or > 180)
            {
                yield return new($"observations[{i}].minutes", $"{o.Minutes}", $"1 to 180 minutes are wanted.");
            }

            if (o.Note.Length > 500 || o.By.Length > 60)
            {
                yield return new($"observations[{i}].note", o.Note, $"A note has at most 500 letters, a name 60.");
            }
        }

        foreach (
            var problem in unit
                .ChosenSteps.SelectMany((c, i) => Step(c.Ladder, c.Step, $"chosenSteps[{i}]"))
                .Concat(unit.Objectives.SelectMany((o, i) => Step(o.Ladder, o.Step, $"objectives[{i}]")))
                .Concat(
                    unit.Overrides.Where(o =>
                            o.Reason.Length > 300
                            || o.Adult.Length > 60
                            || o.IdeaId.Length > 200
                            || o.IdeaTitle.Length > 200
                        )
                        .Select(o => new FieldProblem(
                            $"overrides",
                            o.Adult,
                            $"A reason has at most 300 letters, a name 60, an idea 200."
                        ))
                )
                .Concat(Twice(unit.Overrides.Select(o => o.Id), "overrides", $"id"))
                .Concat(
                    Twice(unit.ChosenSteps.Select(c => $"{c.ChildId} {c.Ladder}"), "chosenSteps", $"child and ladder")
                )
                .Concat(
                    Twice(unit.Objectives.Select(c => $"{c.ChildId} {c.Ladder}"), "objectives", $"child and ladder")
                )
                .Concat(Twice(unit.Shown.Select(s => $"{s.ChildId} {s.TechniqueId}"), "shown", $"child and work"))
        )
        {
            yield return problem;
        }
    }

    /// <summary>Materials first: an idea of one's own may be done with one that comes with it.</summary>
    internal IEnumerable<FieldProblem> Own(IReadOnlyList<OwnRow> all)
    {
        foreach (var (own, i) in all.Select((o, i) => (o, i)))
        {
            if (!IsOwnId(own.Id))
            {
                yield return new($"own[{i}].id", own.Id, $"What is one's own has an id that begins with own-.");
            }

            if ((own.Material is null) == (own.Idea is null))
            {
                yield return new($"own[{i}]", own.Id, $"It is a material or a way of working, one of the two.");
            }

            if (own.Photo is { } photo && PictureFile.ReadSmall(photo, OwnPhotoEndpoints.MostBytes) is (null, var bad))
            {
                yield return new($"own[{i}].photo", Said.None, bad);
            }

            foreach (var problem in own.Material is { } thing ? Asked(material, thing, $"own[{i}].material.") : [])
            {
                yield return problem;
            }
        }

        var with = content.With(
            all.Where(o => o.Material is not null && IsOwnId(o.Id) && content.Material(o.Id) is null)
                .DistinctBy(o => o.Id)
                .Select(o => new OwnDraft(o.Id, o.Material, null, InUse: true))
        );
        foreach (var (own, i) in all.Select((o, i) => (o, i)).Where(x => x.o.Idea is not null))
        {
            foreach (var problem in Asked(new IdeaDraftValidator(with), own.Idea!, $"own[{i}].idea."))
            {
                yield return problem;
            }
        }

        foreach (var problem in Twice(all.Select(o => o.Id ?? ""), "own", $"id"))
        {
            yield return problem;
        }
    }

    // An idea's id is its way of working, a point and its thing: neither has a point in it.
    private static bool IsOwnId(string? id) =>
        id is { Length: > 4 and <= 40 }
        && id.StartsWith("own-", StringComparison.Ordinal)
        && id.All(c => char.IsAsciiLetterOrDigit(c) || c == '-');

    private IEnumerable<FieldProblem> Theme(UnitDocument unit) =>
        [
            .. Asked(sliders, unit.Sliders, "sliders."),
            .. unit.Focus is { } own
                ? Asked(focus, new FocusBody(own.Letter, own.NumbersTo, own.OlderNumbersTo), "focus.")
                : [],
            .. unit.OwnTheme is { } theirs ? Asked(theme, Ideas.ThemeEndpoints.DraftOf(theirs), "ownTheme.")
            : content.Theme(unit.Theme) is null
                ?
                [
                    new(
                        $"theme",
                        unit.Theme,
                        $"This theme is not known here. Known are {string.Join(", ", content.Themes.Select(t => t.Id))}."
                    ),
                ]
            : [],
        ];

    private IEnumerable<FieldProblem> Step(string ladder, int step, string path)
    {
        if (!content.Ladders.TryGetValue(ladder, out var known))
        {
            return
            [
                new(
                    $"{path}.ladder",
                    ladder,
                    $"This ladder is not known here. The ladders are named in content/ladders."
                ),
            ];
        }

        return known.Steps.Any(s => s.Number == step)
            ? []
            : [new($"{path}.step", $"{step}", $"{known.Name} has the steps 1 to {known.Steps.Count}.")];
    }

    /// <summary>What is wrong with a part of a file, asked as it is asked when it is typed.</summary>
    internal static IEnumerable<FieldProblem> Asked<T>(IValidator<T> validator, T body, string path) =>
        validator
            .Validate(body)
            .Errors.Select(e => new FieldProblem(
                path + Validated.Camel(e.PropertyName),
                $"{e.AttemptedValue}",
                e.CustomState as Said ?? Said.Word(e.ErrorMessage)
            ));

    /// <summary>What stands more than once in a file though it may only once.</summary>
    internal static IEnumerable<FieldProblem> Twice(IEnumerable<string> keys, string path, Said what) =>
        keys.GroupBy(k => k)
            .Where(g => g.Count() > 1)
            .Select(g => new FieldProblem(path, g.Key, $"The same {what} stands {g.Count()} times. Keep one of them."));
}
