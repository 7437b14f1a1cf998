using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.MayGoWrong;

/// <summary>What happened in the weeks that were played.</summary>
internal sealed class Tally(WeekProblem problem, int runs)
{
    private const double InTwenty = 0.05,
        InTen = 0.10,
        InFive = 0.20,
        InHundred = 0.01;
    private readonly int[] shortOf = new int[problem.ChildCount * 4];
    private readonly List<double>[] lacking =
    [
        .. Enumerable.Range(0, problem.Materials.Count).Select(_ => new List<double>()),
    ];
    private readonly List<double>[,] over = new List<double>[problem.Days.Count, problem.Blocks.Count];

    public void Take(WeekProblem of, double[] dose, double[] used, double[] have, double[,] needed)
    {
        for (var k = 0; k < dose.Length; k++)
        {
            shortOf[k] += of.Target[k] > 0 && dose[k] < Simulation.Enough * of.Target[k] ? 1 : 0;
        }

        for (var m = 0; m < used.Length; m++)
        {
            if (used[m] > have[m] + 1e-9)
            {
                lacking[m].Add(used[m] - have[m]);
            }
        }

        for (var d = 0; d < of.Days.Count; d++)
        {
            for (var b = 0; b < of.Blocks.Count; b++)
            {
                if (needed[d, b] > of.Blocks[b].Minutes)
                {
                    (over[d, b] ??= []).Add(needed[d, b] - of.Blocks[b].Minutes);
                }
            }
        }
    }

    public IEnumerable<RunsOut> RunsOut(WeekPlan plan, double[] have) =>
        from m in Enumerable.Range(0, lacking.Length)
        let share = lacking[m].Count / (double)runs
        where share >= InHundred
        orderby share descending, plan.Problem.Materials[m].Id
        let material = plan.Problem.Materials[m]
        // Enough for all but one week of twenty.
        let more = Math.Ceiling(Quantile(lacking[m], 1 - Math.Min(1, InTwenty / share)))
        let packs = Spending.Packs(have[m] + more, have[m], material.PackSize)
        select new RunsOut(material, share, more, packs, packs * (material.PackCents ?? 0));

    public IEnumerable<Overruns> Overruns(WeekProblem of, (int Slot, Placement Placement, Use Use)[] filled) =>
        from d in Enumerable.Range(0, of.Days.Count)
        from b in Enumerable.Range(0, of.Blocks.Count)
        let times = over[d, b]
        where times is not null
        let share = times.Count / (double)runs
        where share >= InFive
        orderby share descending, d, b
        select new Overruns(
            d,
            b,
            share,
            Quantile(times, 1 - Math.Min(1, InTen / share)),
            filled
                .Where(f => f.Placement.Day == d && f.Use.BlockIndex == b)
                .MaxBy(f => f.Use.Idea.Technique.CleanUpMinutes)
                .Use.Idea.Title
        );

    public IEnumerable<FallsShort> FallsShort(WeekProblem of) =>
        from k in Enumerable.Range(0, shortOf.Length)
        let share = shortOf[k] / (double)runs
        where share >= InTwenty && of.Target[k] > 0
        orderby share descending, k
        select new FallsShort(k / 4, (Aim)(k % 4), share, null);

    private static double Quantile(List<double> values, double share)
    {
        values.Sort();
        return values[Math.Clamp((int)Math.Ceiling(share * values.Count) - 1, 0, values.Count - 1)];
    }
}
