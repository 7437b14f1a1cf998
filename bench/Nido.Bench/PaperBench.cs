using System.Diagnostics;
using Nido.Core.Group;
using Nido.Core.Paper;
using Nido.Sheets;

namespace Nido.Bench;

/// <summary>How long sheets take, as ratios to a page that holds nothing but its heading and its check line.</summary>
internal static class PaperBench
{
    public static void Print()
    {
        var setting = new SheetSetting(PaperSize.A4, "en", false, new("An idea", "Step 3", "Monday", "Anouk"))
        {
            Beats = _ => 2,
        };
        var empty = Milliseconds(() =>
        {
            var pad = new Pad(setting, Lettering.Ours);
            pad.New();
            SheetPdf.Of("Empty", "en", pad.Done());
        });
        Console.WriteLine($"an empty page          {empty:0.0} ms");
        foreach (var kind in SheetKinds.All)
        {
            var pages = kind.Make(new(), setting, Lettering.Ours).Pages.Count;
            var time =
                Milliseconds(() => SheetPdf.Of(kind.Id, "en", kind.Make(new(), setting, Lettering.Ours).Pages)) / pages;
            Console.WriteLine($"{kind.Id, -22} {time:0.0} ms a page, {time / empty:0.0} times an empty one");
        }

        Page[] sixty = [.. SheetKinds.All.SelectMany(k => k.Make(new(), setting, Lettering.Ours).Pages).Take(60)];
        var week = Milliseconds(
            () =>
            {
                var all = SheetKinds.All.SelectMany(k => k.Make(new(), setting, Lettering.Ours).Pages).Take(60);
                SheetPdf.Of("Week", "en", all);
            },
            3
        );
        Console.WriteLine($"{sixty.Length} pages of all kinds    {week:0} ms, {week / empty:0} times an empty page");
    }

    private static double Milliseconds(Action make, int times = 10)
    {
        make();
        var all = new List<double>();
        for (var k = 0; k < times; k++)
        {
            var begin = Stopwatch.GetTimestamp();
            make();
            all.Add(Stopwatch.GetElapsedTime(begin).TotalMilliseconds);
        }

        return all.Order().ElementAt(all.Count / 2);
    }
}
