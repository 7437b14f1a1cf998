using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;
using Nido.Core.Week.Term;
using Nido.Data;
using Nido.Data.Demo;

namespace Nido.Bench;

/// <summary>A school year of the demo group: 36 weeks, every theme in turn, each knowing what lay out in the five before
/// it and what a child's shares fell short of in the last. The cupboard is full again each Monday. Goals: content.md, "A
/// year, measured".</summary>
internal static class YearBench
{
    private const int Memory = 5;
    private const int Window = 6;

    private sealed record Lain(IReadOnlySet<string> Techniques, IReadOnlySet<string> Ideas, WeekPlan Plan, int Places);

    /// <summary>Prints a line for each week and the year's table.</summary>
    /// <param name="content">The catalogue.</param>
    /// <param name="weeks">How many; a year has 36.</param>
    /// <param name="sliders">What matters.</param>
    public static void Print(Content content, int weeks, Sliders sliders)
    {
        var next = 0;
        var group = DemoScenario.WrenRoom(() => $"id-{next++}");
        var onHand = Stock.OnHand(DemoScenario.Cupboard());
        var year = new List<Lain>();
        var could = new HashSet<string>();
        for (var w = 0; w < weeks; w++)
        {
            var theme = content.Themes[w % content.Themes.Count];
            var input = WeekInputs.Of(content, group, theme, DemoScenario.Monday.AddDays(7 * w), onHand) with
            {
                Sliders = sliders,
                Recent = Enumerable
                    .Range(1, Math.Min(Memory, w))
                    .SelectMany(ago => year[w - ago].Techniques.Select(t => (Technique: t, Ago: ago)))
                    .ToLookup(x => x.Technique, x => x.Ago),
                Carried = w == 0 ? new Dictionary<string, int[]>() : CarryOver.Of(year[w - 1].Plan),
            };
            var problem = WeekProblem.Build(input).Problem;
            could.UnionWith(problem.Uses.Select(u => u.Idea.Technique.Id));
            var result = new WeekComposer(problem, ComposeLimits.Usual, TimeProvider.System).Compose(null, default);
            var plan = new WeekPlan(problem, result.Plan);
            year.Add(
                new(
                    plan.Filled.Select(f => f.Use.Idea.Technique.Id).ToHashSet(),
                    plan.Filled.Select(f => f.Use.Idea.Id).ToHashSet(),
                    plan,
                    plan.Filled.Count()
                )
            );
            var missed = Enumerable
                .Range(0, problem.ChildCount)
                .SelectMany(c => StrandsMissing.Of(plan, c))
                .CountBy(s => s.Id)
                .Select(s => $"{s.Value} × {s.Key}");
            Console.WriteLine(
                $"{w + 1, 2} {theme.Id, -24} {year[w].Techniques.Count, 3} ways of working, "
                    + $"{New(year, w), 4:0%} of places new in {Window} weeks, {result.Score.Fair} short, smallest share {result.SmallestShare / 1e6:0%}, "
                    + $"missed by a child: {string.Join(", ", missed.DefaultIfEmpty("nothing"))}, "
                    + $"{result.Seconds:0} s"
            );
        }

        Table(content, year, could);
    }

    private static void Table(Content content, List<Lain> year, HashSet<string> could)
    {
        var windows = Enumerable
            .Range(0, Math.Max(1, year.Count - Window + 1))
            .Select(from => year.Skip(from).Take(Window).SelectMany(w => w.Techniques).CountBy(t => t).ToList())
            .ToList();
        var commonest = windows.SelectMany(w => w).MaxBy(x => x.Value);
        var came = year.SelectMany(w => w.Techniques).ToHashSet();
        Console.WriteLine(
            $"ways of working a week: least {year.Min(w => w.Techniques.Count)}, mean "
                + $"{year.Average(w => w.Techniques.Count):0.0} (goal 24)"
        );
        Console.WriteLine($"the commonest in any {Window} weeks: {commonest.Key} in {commonest.Value} (goal 3)");
        foreach (var often in Enumerable.Range(4, Window - 3))
        {
            Console.WriteLine(
                $"  ways that came in {often} of {Window}: {windows.Average(w => w.Count(x => x.Value == often)):0.0} on average"
            );
        }

        Console.WriteLine($"the ways that came in {Window - 1} or more of the last {Window}, and where they lay:");
        var last = year.TakeLast(Window).ToList();
        foreach (var way in windows[^1].Where(w => w.Value >= Window - 1).OrderByDescending(w => w.Value))
        {
            var blocks = last.SelectMany(w => w.Plan.Filled)
                .Where(f => f.Use.Idea.Technique.Id == way.Key)
                .CountBy(f => f.Placement.BlockId)
                .OrderByDescending(b => b.Value)
                .Select(b => $"{b.Value} × {b.Key}");
            Console.WriteLine($"  {way.Key}, {way.Value} weeks: {string.Join(", ", blocks)}");
        }

        Console.WriteLine(
            $"places new in {Window} weeks: {Enumerable.Range(Window, Math.Max(0, year.Count - Window)).Select(w => New(year, w)).DefaultIfEmpty(0).Average():0%}"
        );
        Console.WriteLine(
            $"child and strand missed in two weeks running: {MissedIn(year, 2)} (goal 0); in four: {MissedIn(year, 4)}"
        );
        Console.WriteLine(
            $"ways of working that came: {came.Count} of {could.Count} that could, of {content.Techniques.Count}"
        );
        Console.WriteLine("could and never came, each with what its cheapest place in its last week would have cost:");
        foreach (var way in could.Except(came).Order(StringComparer.Ordinal))
        {
            Console.WriteLine($"  {way}: {WhyNever(year, way)}");
        }

        Console.WriteLine(
            "never could with this cupboard: "
                + string.Join(", ", content.Techniques.Select(t => t.Id).Except(could).Order(StringComparer.Ordinal))
        );
    }

    /// <summary>Why a way of working did not come in the last week it could have.</summary>
    private static string WhyNever(List<Lain> year, string way)
    {
        var week = year.FindLastIndex(w => w.Plan.Problem.Uses.Any(u => u.Idea.Technique.Id == way));
        var (why, of) = year[week]
            .Plan.Problem.Uses.Where(u => u.Idea.Technique.Id == way)
            .Select(u => u.Idea)
            .DistinctBy(i => i.Id)
            .Select(i => (Why: WhyNot.Of(year[week].Plan, i.Id), Idea: i))
            .MinBy(x => x.Why.Change?.ShortfallMinutes ?? double.MaxValue);
        return why.Change is { } change
            ? $"{change.ShortfallMinutes:+0;-0;0} min of fair shares, {why.WishPoints:+0;-0;0} points of the wishes, in place "
                + $"of {why.Instead?.Idea.Technique.Id ?? "nothing"} ({of.Id}, week {week + 1})"
            : $"may lie nowhere: {string.Join("; ", why.Rules)} (week {week + 1})";
    }

    /// <summary>Share of the places of a week whose way of working did not lie out in the weeks before.</summary>
    private static double New(List<Lain> year, int week)
    {
        var before = year.Take(week).TakeLast(Window - 1).SelectMany(w => w.Techniques).ToHashSet();
        var filled = year[week].Plan.Filled.ToArray();
        return filled.Count(f => !before.Contains(f.Use.Idea.Technique.Id)) / (double)filled.Length;
    }

    /// <summary>How often a child met nothing of a strand in so many weeks running though something of it was in
    /// reach.</summary>
    private static int MissedIn(List<Lain> year, int weeks) =>
        Enumerable
            .Range(0, Math.Max(0, year.Count - weeks + 1))
            .Sum(from =>
                Enumerable
                    .Range(0, year[from].Plan.Problem.ChildCount)
                    .Sum(c =>
                        year.Skip(from)
                            .Take(weeks)
                            .Select(w => StrandsMissing.Of(w.Plan, c).Select(s => s.Id))
                            .Aggregate((a, b) => a.Intersect(b))
                            .Count()
                    )
            );
}
