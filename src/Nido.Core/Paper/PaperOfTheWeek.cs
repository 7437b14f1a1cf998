using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Prep;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper;

/// <summary>Every sheet a plan needs, counted: in the order of evenings, then of ideas.</summary>
public static class PaperOfTheWeek
{
    /// <summary>The sheets, what stands on them in a language; empty where the group has no printer.</summary>
    public static IReadOnlyList<PaperOrder> Of(WeekPlan plan, string language)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return !plan.Problem.Group.Settings.HasPrinter
            ? []
            :
            [
                .. OfTheme(plan)
                    .Concat(OfIdeas(plan))
                    .Concat(OfThings(plan, language))
                    .OrderBy(o => o.Evening)
                    .ThenBy(o => o.NeededOn)
                    .ThenBy(o => o.For.En, StringComparer.Ordinal)
                    .ThenBy(o => o.Step)
                    .ThenBy(o => o.Id, StringComparer.Ordinal),
            ];
    }

    /// <summary>Words for the wall and names for the greeting, where the theme has work of that kind.</summary>
    private static IEnumerable<PaperOrder> OfTheme(WeekPlan plan)
    {
        if (plan.Filled.FirstOrDefault() is not { Use: { } any } || !any.Idea.Theme.Prep.Any(p => p.Print is not null))
        {
            yield break;
        }

        var (theme, day) = (any.Idea.Theme, plan.Problem.FirstDay);
        var idea = any.Idea;
        var from = new FromIdea(
            theme,
            idea,
            idea.Steps[0],
            RungOf(plan, idea, idea.Steps[0]),
            [.. plan.Problem.Group.Children.Select(c => c.Name)]
        );
        yield return Order(plan, "theme word-cards", "word-cards", from, 1, false, theme.Name, null, [], day);
        if (from.Names.Count > 0 && plan.Problem.Group.Kind == GroupKind.Class)
        {
            yield return Order(plan, "theme name-tags", "name-tags", from, 1, false, theme.Name, null, [], day);
        }
    }

    private static IEnumerable<PaperOrder> OfIdeas(WeekPlan plan) =>
        from lying in plan.Filled.GroupBy(f => f.Use.Idea.Id)
        let idea = lying.First().Use.Idea
        from need in idea.Sheets
        let places = lying.Select(l => (l.Placement.Day, l.Use)).ToArray()
        from order in need.Each ? ForEach(plan, places, idea, need) : ForAll(plan, places, idea, need)
        select order;

    /// <summary>A sheet a child a day at the steps it serves; children of a step share a kind, left hands have their
    /// own.</summary>
    private static IEnumerable<PaperOrder> ForEach(
        WeekPlan plan,
        IReadOnlyList<(int Day, Use Use)> lying,
        Idea idea,
        PaperNeed need
    )
    {
        var there = lying.SelectMany(l =>
            l.Use.On(l.Day).Children.Where(c => c.InReach).Select(c => (l.Day, c.Child, Step: c.Offer!.Step))
        );
        foreach (
            var group in there
                .Where(t => t.Step >= need.FromStep && t.Step <= need.ToStep)
                .GroupBy(t => (t.Step, Left: t.Child.Hand == Hand.Left))
                .OrderBy(g => g.Key)
        )
        {
            if (idea.Steps.FirstOrDefault(s => s.Number == group.Key.Step) is not { } step || !IsPrintedOn(step, need))
            {
                continue;
            }

            string[] names = [.. group.Select(t => t.Child.Name).Distinct().Order(StringComparer.Ordinal)];
            // A sheet of names is printed once; others once a child and day.
            var copies = need.Sheet is "own-name" or "name-tags" or "name-tiles"
                ? 1
                : group.DistinctBy(t => (t.Day, t.Child.Id)).Count();
            yield return Order(
                plan,
                $"{idea.Id} {need.Sheet} {group.Key.Step}{(group.Key.Left ? " left" : "")}",
                need.Sheet,
                new FromIdea(idea.Theme, idea, step, RungOf(plan, idea, step), names),
                copies,
                group.Key.Left,
                idea.Title,
                step.Number,
                names,
                plan.Problem.Days[group.Min(t => t.Day)].Date
            );
        }
    }

    private static IEnumerable<PaperOrder> ForAll(
        WeekPlan plan,
        IReadOnlyList<(int Day, Use Use)> lying,
        Idea idea,
        PaperNeed need
    )
    {
        string[] names =
        [
            .. lying
                .SelectMany(l => l.Use.On(l.Day).Children)
                .Where(c => c.InReach)
                .Select(c => c.Child.Name)
                .Distinct(),
        ];
        if (need.Sheet is "name-tags" && (names.Length == 0 || plan.Problem.Group.Kind != GroupKind.Class))
        {
            yield break;
        }

        if (
            idea.Steps.LastOrDefault(s =>
                s.Number >= need.FromStep && s.Number <= need.ToStep && IsPrintedOn(s, need)
            ) is
            { } step
        )
        {
            yield return Order(
                plan,
                $"{idea.Id} {need.Sheet}",
                need.Sheet,
                new FromIdea(idea.Theme, idea, step, RungOf(plan, idea, step), names),
                1,
                false,
                idea.Title,
                null,
                [],
                plan.Problem.Days[lying.Min(l => l.Day)].Date
            );
        }
    }

    /// <summary>What is missing from the cupboard and made from a printed sheet.</summary>
    private static IEnumerable<PaperOrder> OfThings(WeekPlan plan, string language)
    {
        if (plan.Filled.FirstOrDefault() is not { Use: { } any })
        {
            yield break;
        }

        var idea = any.Idea;
        var from = new FromIdea(
            idea.Theme,
            idea,
            idea.Steps[0],
            RungOf(plan, idea, idea.Steps[0]),
            [.. plan.Problem.Group.Children.Select(c => c.Name)]
        );
        foreach (var line in plan.Materials())
        {
            var first = plan.Problem.Days[Math.Max(0, line.ByDay.ToList().FindIndex(x => x > 0))].Date;
            if (line.Mix is { } mix)
            {
                var values = new SheetValues(
                    null,
                    new Dictionary<string, string> { ["title"] = mix.Recipe.Name.NameIn(language) },
                    new Dictionary<string, IReadOnlyList<string>>
                    {
                        ["measures"] =
                        [
                            .. mix.Scaled.Ingredients.Select(i =>
                                $"{i.ShownAmount:0.###} {i.Unit} {i.Name.NameIn(language)}"
                            ),
                        ],
                        ["steps"] = [.. mix.Recipe.Steps.Select(s => s.NameIn(language))],
                    }
                );
                yield return new(
                    $"recipe {mix.Recipe.Id}",
                    "recipe-card",
                    values,
                    1,
                    false,
                    line.Material.Name,
                    null,
                    [],
                    first,
                    PrepSchedule.EveningFor(first, 0, plan.Problem.Group.Days)
                );
            }

            foreach (var (recipe, batches) in line.Make?.Steps ?? [])
            {
                if (recipe.Sheet is { } sheet)
                {
                    yield return Order(
                        plan,
                        $"thing {recipe.Id}",
                        sheet,
                        from,
                        Math.Min(60, batches),
                        false,
                        line.Material.Name,
                        null,
                        [],
                        first
                    );
                }
            }
        }
    }

    private static bool IsPrintedOn(IdeaStep step, PaperNeed need) =>
        need.On is null
        || (step.Bindings.TryGetValue(need.On, out var on) && on.Material.Tags.Contains(Idea.Printable));

    private static Group.Steps.LadderStep RungOf(WeekPlan plan, Idea idea, IdeaStep step) =>
        plan.Problem.Input.Ladders[idea.Technique.Ladder].Steps[step.Number - 1];

    private static PaperOrder Order(
        WeekPlan plan,
        string id,
        string kind,
        FromIdea from,
        int copies,
        bool left,
        InBoth why,
        int? step,
        IReadOnlyList<string> names,
        DateOnly needed
    ) =>
        new(
            id,
            kind,
            from.For(kind),
            copies,
            left,
            why,
            step,
            names,
            needed,
            PrepSchedule.EveningFor(needed, 0, plan.Problem.Group.Days)
        );
}
