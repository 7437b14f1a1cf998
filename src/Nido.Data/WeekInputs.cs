using Nido.Catalog;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Core.Words;

namespace Nido.Data;

/// <summary>Puts together what a week is composed from.</summary>
public static class WeekInputs
{
    /// <summary>So much of a thing can be mixed that it is no question, in g or mL.</summary>
    private const double Plenty = 5000;

    /// <summary>An input with nothing locked, dry days and the sliders in the middle.</summary>
    public static WeekInput Of(
        Content content,
        ChildrenGroup group,
        Theme theme,
        DateOnly monday,
        IReadOnlyDictionary<string, double> onHand,
        SafetyCheck? safety = null
    )
    {
        ArgumentNullException.ThrowIfNull(group);
        safety ??= Safety(content, new HashSet<string>());
        return Of(
            content,
            group,
            monday,
            onHand,
            Ideas(
                content,
                group,
                theme,
                onHand,
                group.On(monday).Children.Count,
                KeptOff(content, safety, group, monday)
            ),
            safety
        );
    }

    /// <summary>As the other one, where the ideas are known already.</summary>
    public static WeekInput Of(
        Content content,
        ChildrenGroup group,
        DateOnly monday,
        IReadOnlyDictionary<string, double> onHand,
        (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) ideas,
        SafetyCheck safety
    )
    {
        ArgumentNullException.ThrowIfNull(content);
        ArgumentNullException.ThrowIfNull(group);
        var room = group.On(monday);
        var making = SafeMaking.For(
            content.MakeFrom,
            content.Recipes,
            content.Materials,
            ideas.Ideas,
            safety,
            room,
            monday
        );
        return new WeekInput(
            room,
            Days(group, monday),
            ideas.Ideas,
            content.Ladders,
            safety,
            onHand,
            Sliders.Middle,
            [],
            Enumerable.Empty<int>().ToLookup(_ => ""),
            new MakeChains([.. making.Makes.Select(m => group.Settings.HasPrinter ? m.Printed() : m)])
        )
        {
            GoesWith = content.GoesWith,
            Recipes = making.Recipes,
            WaysLeftOut = making.LeftOut,
            Materials = content.Materials,
            Unsuited = ideas.Unsuited,
            Ways = WaysOf(content, group),
            Words = new(() =>
                ideas.Ideas.Count == 0
                    ? []
                    : Sorted(
                        content,
                        ideas.Ideas[0].Theme.Letter,
                        ideas.Ideas[0].Theme.Words,
                        ideas.Ideas[0].Theme.Language,
                        ideas.Ideas[0].Theme.Fits
                    )
            ),
        };
    }

    /// <summary>The safety rules with what things hold where these materials were made in the house.</summary>
    public static SafetyCheck Safety(Content content, IReadOnlySet<string> madeHere)
    {
        ArgumentNullException.ThrowIfNull(content);
        return new(
            content.SafetyRules,
            content.Allergens,
            new WhatItHolds(content.Materials, content.MakeFrom, content.Recipes, madeHere)
        );
    }

    /// <summary>Ids of what a rule keeps off every table while this group is there.</summary>
    public static IReadOnlySet<string> KeptOff(
        Content content,
        SafetyCheck safety,
        ChildrenGroup group,
        DateOnly monday
    )
    {
        ArgumentNullException.ThrowIfNull(content);
        ArgumentNullException.ThrowIfNull(safety);
        ArgumentNullException.ThrowIfNull(group);
        var room = group.On(monday);
        return content.Materials.Where(m => safety.KeepsOff(m, room, monday) is not null).Select(m => m.Id).ToHashSet();
    }

    /// <summary>Of what is kept off, that which a rule keeps off that nobody lifts.</summary>
    public static IReadOnlySet<string> NeverOut(
        Content content,
        SafetyCheck safety,
        ChildrenGroup group,
        DateOnly monday,
        IReadOnlySet<string> keptOff
    )
    {
        ArgumentNullException.ThrowIfNull(content);
        ArgumentNullException.ThrowIfNull(safety);
        ArgumentNullException.ThrowIfNull(group);
        var room = group.On(monday);
        return content
            .Materials.Where(m => keptOff.Contains(m.Id) && safety.KeepsOff(m, room, monday) is { IsNeverLifted: true })
            .Select(m => m.Id)
            .ToHashSet();
    }

    /// <summary>The days of a week on which a group meets; dry until a forecast says otherwise.</summary>
    public static IReadOnlyList<PlanDay> Days(ChildrenGroup group, DateOnly monday)
    {
        ArgumentNullException.ThrowIfNull(group);
        return [.. group.Days.Listed().Select(d => new PlanDay(monday.AddDays(d.Offset()), d, Dry: true))];
    }

    /// <summary>What is still good in a week: on hand on its first day, and what of it has gone off by each
    /// day.</summary>
    /// <param name="content">The catalogue.</param>
    /// <param name="onHand">Sums of the ledger; grows no entry.</param>
    /// <param name="perishing">Movements of things that go off.</param>
    /// <param name="days">Days of the week.</param>
    public static (Dictionary<string, double> OnHand, Dictionary<string, double[]> GoneOff) StillGood(
        Content content,
        IReadOnlyDictionary<string, double> onHand,
        ILookup<string, Movement> perishing,
        IReadOnlyList<PlanDay> days
    )
    {
        var good = onHand.ToDictionary();
        var goneOff = new Dictionary<string, double[]>();
        foreach (
            var material in content.Materials.Where(m =>
                m.KeepsDays is not null && perishing.Contains(m.Id) && days.Count > 0
            )
        )
        {
            // A day before the last line of the ledger is over: what came since is there, and has not gone off on it.
            var last = perishing[material.Id].Max(m => m.On);
            double[] byDay =
            [
                .. days.Select(d =>
                    Stock.GoodOn(perishing[material.Id], material.KeepsDays!.Value, d.Date < last ? last : d.Date)
                ),
            ];
            good[material.Id] = byDay[0];
            if (byDay[^1] < byDay[0])
            {
                goneOff[material.Id] = [.. byDay.Select(g => byDay[0] - g)];
            }
        }

        return (good, goneOff);
    }

    /// <summary>Words of a theme sorted for its letter, with what an adult said of those that are not in the
    /// dictionary.</summary>
    public static IReadOnlyList<WordSort.Sorted> Sorted(
        Content content,
        string letter,
        IReadOnlyList<string> words,
        string language,
        IReadOnlyDictionary<string, LetterFit> known
    )
    {
        ArgumentNullException.ThrowIfNull(content);
        ArgumentException.ThrowIfNullOrEmpty(letter);
        var spanish = language == "es";
        return WordSort.Of(words, letter[0], spanish, spanish ? SpanishSounds.Find : content.English.Find, known);
    }

    /// <summary>How a group works.</summary>
    public static WaysOfWorking WaysOf(Content content, ChildrenGroup group)
    {
        ArgumentNullException.ThrowIfNull(content);
        ArgumentNullException.ThrowIfNull(group);
        return new(content.Differences, group.Settings.Ways);
    }

    /// <summary>Every idea the cupboard carries as the group works, and those that nothing at hand goes together for or
    /// the group does without.</summary>
    public static (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) Ideas(
        Content content,
        ChildrenGroup group,
        Theme theme,
        IReadOnlyDictionary<string, double> onHand,
        int childCount,
        IReadOnlySet<string>? keptOff = null
    )
    {
        ArgumentNullException.ThrowIfNull(theme);
        var ways = WaysOf(content, group);
        var mixed = content.Recipes.Select(r => r.Makes).ToHashSet();
        var there = content.Materials.ToDictionary(
            m => m.Id,
            m =>
                onHand.GetValueOrDefault(m.Id) + content.Chains.Most(m.Id, onHand) + (mixed.Contains(m.Id) ? Plenty : 0)
        );
        var kept = theme.As(ways.SmallLetters, ways.ChoiceOf("celebrations"));
        var (ideas, unsuited) = IdeaComposer.Compose(
            [.. content.Techniques.Select(ways.Adapt)],
            kept,
            content.Materials,
            there,
            childCount,
            content.GoesWith,
            keptOff
        );
        return (
            [.. ideas.Where(i => ways.KeptOut(i.Technique) is null)],
            [
                .. unsuited,
                .. ideas
                    .Where(i => i.Lead is not null && ways.KeptOut(i.Technique) is not null)
                    .Select(i => new Unsuited(i.Technique, i.Lead!, i.Title, [ways.KeptOut(i.Technique)!])),
            ]
        );
    }
}
