using Nido.Bench;
using Nido.Catalog;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Data.Demo;

// Ratios of things measured in one run: figures that mean the same on a faster or slower machine.
var content = Content.Read(Path.Combine(AppContext.BaseDirectory, "content"));
var demo = DemoWeek.Input(content);
var lean = demo with { Ideas = [.. demo.Ideas.Where(i => LeanCatalogue.Has(i.Technique))] };

if (args is ["read"])
{
    Console.WriteLine(await ReadingBench.RatioAsync());
    return;
}

if (args is ["crash", ..])
{
    await CrashBench.PrintAsync(args.Length > 1 ? int.Parse(args[1], null) : 78);
    return;
}

if (args is ["load", ..])
{
    await LoadBench.PrintAsync(args.Length > 1 ? int.Parse(args[1], null) : 20);
    return;
}

if (args is ["journal"])
{
    await JournalBench.PrintAsync(content);
    return;
}

if (args is ["paper"])
{
    PaperBench.Print();
    return;
}

if (args is ["share"])
{
    Console.WriteLine(SharingBench.Measure(content));
    return;
}

if (args is ["seen"])
{
    Console.WriteLine(EvidenceBench.Measure(content));
    return;
}

if (args is ["large"])
{
    LargeBench.Print(content);
    return;
}

if (args is ["columns", ..])
{
    ColumnsBench.Print(content, demo, lean, args.Length > 1 ? args[1] : null);
    return;
}

if (args is ["search"])
{
    SearchBench.Print("demo", demo);
    SearchBench.Print("lean demo", lean);
    SearchBench.Print("lean 24", LargeWeek.Input(content, 24, 5, 5, 400, true));
    SearchBench.Print("lean 40", LargeWeek.Input(content, 40, 6, 6, 800, true));
    return;
}

if (args is ["year", ..])
{
    YearBench.Print(
        content,
        args.Length > 1 ? int.Parse(args[1], null) : 36,
        args is [_, _, "fresh"] ? new(0, 5, 5, 5, 10) : Sliders.Middle
    );
    return;
}

if (args is ["plan"])
{
    PlanPrinter.Print(demo);
    return;
}

Console.WriteLine("ratio                                                      demo week   lean week");
var onDemo = PlanningBench.Measure(demo, ComposeLimits.Usual);
var onLean = PlanningBench.Measure(lean, ComposeLimits.Usual);
void Row(string name, Func<PlanningFigures, double> figure, string format = "0.000") =>
    Console.WriteLine($"{name, -58} {figure(onDemo).ToString(format), 9}   {figure(onLean).ToString(format), 9}");
Row("our shortfall / the greedy plan's", f => f.ShortfallToGreedy);
Row("gap to the certified bound / our plan", f => f.Gap);
Row("first whole plan / whole composition, in time", f => f.FirstToWhole);
Row("columns / one single model, in time to its best", f => f.TimeToSingle);
Row("columns / one single model, in shortfall", f => f.ShortfallToSingle);
Row("ways / uses", f => f.WaysToUses);
Row("sharing out the cupboard / the whole composition, in time", f => f.SharingToWhole);
Console.WriteLine($"sharing out over many offers: {SharingBench.Measure(content)}");
LargeBench.Print(content);
var (all, one) = EvidenceBench.Measure(content);
Console.WriteLine(
    $"{"one more observation / beliefs of 40 × 16 × 200, in time", -58} {one / all, 9:0.0000}   "
        + $"(all in {1000 * all:0} ms, one in {1000 * one:0.0} ms here)"
);
Console.WriteLine($"{"reading a week / an empty endpoint, p95 in time", -58} {await ReadingBench.RatioAsync(), 9:0.0}");
