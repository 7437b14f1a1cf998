using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Rules.Hard;

namespace Nido.Core.Week.Search.Columns;

/// <summary>One block of one day with the ways that may lie there, and the best of them for given prices.</summary>
internal sealed class CellOfWays
{
    /// <summary>Ways weighed in one pricing; beyond it the bound of what was not looked at counts instead.</summary>
    private const int MostWeighed = 250_000;

    private readonly WeekProblem problem;
    private readonly Cell cell;
    private readonly int[][][] doses;
    private readonly int[][] strands;
    private readonly bool isFree;
    private readonly bool[] isThere;
    private readonly double[] value;
    private readonly double[] most;
    private readonly double[] fixedWorth;
    private readonly double[] whole;
    private readonly int[] met;
    private int meeting;
    private double[] strandPrice = [];
    private readonly bool[] heavies;
    private readonly CellRows rows;
    private int[] order = [];
    private int weighed;

    /// <summary>The ways of a block that may lie there on its day.</summary>
    public CellOfWays(WeekProblem problem, int index, IReadOnlyList<Way> all, IReadOnlyList<RuleRow> rows)
    {
        this.problem = problem;
        Index = index;
        cell = problem.Cells[index];
        Ways = [.. all.Where(w => w.Any.BlockIndex == cell.Block && w.Any.OnDay[cell.Day])];
        Forced =
        [
            .. Enumerable
                .Range(cell.FirstSlot, cell.Offers)
                .Select(s => problem.LockedUse[s])
                .Where(u => u >= 0)
                .Select(u => Array.FindIndex(Ways, w => w.Uses.Any(x => x.Index == u)))
                .Where(w => w >= 0),
        ];
        Offers = Math.Max(
            Forced.Length,
            Math.Min(cell.Offers, Ways.Select(w => w.Any.TechniqueIndex).Distinct().Count())
        );
        isFree = problem.Blocks[cell.Block].IsFreeChoice;
        var there = problem.Attendance.In(cell.Day, cell.Block);
        isThere = there;
        doses =
        [
            .. Ways.Select(w =>
                Enumerable.Range(1, isFree ? Math.Max(1, Offers) : 1).Select(n => DoseOf(w, n, there)).ToArray()
            ),
        ];
        strands =
        [
            .. Ways.Select(w =>
                Enumerable
                    .Range(0, problem.ChildCount)
                    .Where(c => there[c] && w.Any.Reach[c])
                    .SelectMany(c => w.Any.Strands.Select(s => (c * Strand.All.Count) + s))
                    .Where(s => problem.StrandOpen[s])
                    .ToArray()
            ),
        ];
        value = new double[Ways.Length];
        most = new double[problem.ChildCount];
        fixedWorth = new double[Ways.Length];
        whole = new double[Ways.Length * problem.ChildCount];
        met = new int[problem.StrandOpen.Length];
        heavies = [.. Ways.Select(w => w.Any.IsHeavy)];
        this.rows = new(rows, index, Ways, Offers);
    }

    /// <summary>Index of the cell.</summary>
    public int Index { get; }

    /// <summary>The ways that may lie there.</summary>
    public Way[] Ways { get; }

    /// <summary>How many of them lie there.</summary>
    public int Offers { get; }

    /// <summary>Places in <see cref="Ways"/> of what is locked there.</summary>
    public int[] Forced { get; }

    /// <summary>Index of its day.</summary>
    public int Day => cell.Day;

    /// <summary>Index of its block.</summary>
    public int Block => cell.Block;

    /// <summary>Places of what must lie there with a choice of what stays; null where that cannot be.</summary>
    /// <param name="choice">Ways by index.</param>
    public IReadOnlyList<int>? With(int[] choice)
    {
        // Where the place of what stays is locked that day, the lock says what lies there.
        var slots = Enumerable.Range(cell.FirstSlot, cell.Offers);
        if (Forced.Length > 0 && slots.Any(s => problem.LockedUse[s] >= 0 && problem.StayingAt[s] is not null))
        {
            return Forced;
        }

        int[] places = [.. choice.Select(w => Array.FindIndex(Ways, x => x.Index == w))];
        return places.Contains(-1) || Forced.Union(places).Count() > Offers ? null : [.. Forced.Union(places)];
    }

    /// <summary>The column of these ways, its dose exact.</summary>
    /// <param name="chosen">Places in <see cref="Ways"/>.</param>
    public Column Make(IReadOnlyList<int> chosen)
    {
        var dose = new int[problem.Target.Length];
        for (var c = 0; c < problem.ChildCount; c++)
        {
            if (!problem.Attendance.Is(c, cell.Day, cell.Block))
            {
                continue;
            }

            var inReach = chosen.Count(w => Ways[w].Any.Reach[c]);
            foreach (var w in chosen.Where(w => Ways[w].Any.Reach[c]))
            {
                var given = Ways[w].Any.Dose[isFree ? inReach - 1 : 0];
                for (var k = c * 4; k < (c * 4) + 4; k++)
                {
                    dose[k] += given[k];
                }
            }
        }

        var heavy = chosen.Count(w => Ways[w].Any.IsHeavy);
        return new(
            Index,
            [.. chosen.Select(w => Ways[w].Index).Order()],
            dose,
            [.. chosen.SelectMany(w => strands[w]).Distinct().Order()],
            HandsRest.CannotBut(problem.Blocks[cell.Block], heavy)
        );
    }

    /// <summary>Takes prices: what each way is worth at most in this cell.</summary>
    public void Price(Prices prices)
    {
        Array.Clear(most);
        strandPrice = prices.Strand;
        for (var w = 0; w < Ways.Length; w++)
        {
            fixedWorth[w] = prices.OfWay(Index, Ways[w].Index);
            for (var c = 0; c < most.Length; c++)
            {
                // The whole of a child's block with this way alone; where ways share it, each gives its part of that.
                var worth = 0.0;
                for (var n = 0; n < doses[w].Length; n++)
                {
                    var dose = doses[w][n].AsSpan(c * 4, 4);
                    var price = prices.Dose.AsSpan(c * 4, 4);
                    var each =
                        (dose[0] * price[0]) + (dose[1] * price[1]) + (dose[2] * price[2]) + (dose[3] * price[3]);
                    worth = Math.Max(worth, (n + 1) * each);
                }

                whole[(w * most.Length) + c] = worth;
                most[c] = Math.Max(most[c], worth);
            }
        }

        Weigh([], [.. Enumerable.Range(0, Ways.Length)], value);
        order = [.. Enumerable.Range(0, Ways.Length).OrderByDescending(w => value[w]).ThenBy(w => w)];
    }

    /// <summary>
    /// The set worth most, with what it is worth and what no set is worth more than. What must lie there is given; the
    /// rows of the cell are kept.
    /// </summary>
    /// <param name="prices">As given to <see cref="Price"/>.</param>
    /// <param name="given">Places in <see cref="Ways"/> that must be in it.</param>
    public (double Worth, double AtMost, int[] Chosen) Best(Prices prices, IReadOnlyList<int> given)
    {
        var search = new Search(this, prices.OfHeavy(Index), [.. given]);
        weighed = 0;
        search.Go([.. order.Where(w => !given.Contains(w))]);
        return (search.Worth, Math.Max(search.Worth, search.Cut), search.Chosen);
    }

    /// <summary>No set with these in it is worth more, by a quick look.</summary>
    /// <param name="given">Places in <see cref="Ways"/> that must be in it.</param>
    public double AtMost(IReadOnlyList<int> given)
    {
        var (sum, left) = (given.Sum(w => value[w]), Offers - given.Count);
        for (var at = 0; at < order.Length && left > 0; at++)
        {
            if (!given.Contains(order[at]))
            {
                sum += value[order[at]];
                left--;
            }
        }

        return sum;
    }

    /// <summary>
    /// What each way adds at most to a set; with what the set is worth without it, no whole set is worth more than the
    /// sum, and
    /// one that is whole with it exactly that much. Where a way is out of a child's reach its minutes go to the others,
    /// to the
    /// best they can come to.
    /// </summary>
    private double Weigh(List<int> chosen, int[] candidates, double[] adds)
    {
        weighed += candidates.Length;
        var (children, missing, sum) = (most.Length, Offers - chosen.Count, 0.0);
        Span<double> held = stackalloc double[children];
        Span<double> best = stackalloc double[children];
        Span<double> part = stackalloc double[children];
        for (var c = 0; c < children; c++)
        {
            var (there, all) = (0, 0.0);
            foreach (var w in chosen)
            {
                there += Ways[w].Any.Reach[c] ? 1 : 0;
                all += whole[(w * children) + c];
            }

            part[c] =
                !isThere[c] ? 0
                : isFree ? 1.0 / Math.Max(1, there + missing)
                : 1;
            held[c] = all * part[c];
            best[c] =
                !isThere[c] || !isFree ? 0
                : there == 0 ? most[c]
                : Math.Max(all / there, (all + ((missing - 1) * most[c])) / (there + missing - 1));
            sum += held[c];
        }

        meeting++;
        foreach (var w in chosen)
        {
            sum += fixedWorth[w];
            foreach (var s in strands[w])
            {
                sum += met[s] == meeting ? 0 : strandPrice[s];
                met[s] = meeting;
            }
        }

        foreach (var w in candidates)
        {
            var worth = fixedWorth[w];
            var gives = whole.AsSpan(w * children, children);
            var reach = Ways[w].Any.Reach;
            for (var c = 0; c < children; c++)
            {
                worth += (reach[c] ? gives[c] : best[c]) * part[c];
            }

            foreach (var s in strands[w])
            {
                worth += met[s] == meeting ? 0 : strandPrice[s];
            }

            adds[w] = worth;
        }

        return sum;
    }

    private static int[] DoseOf(Way way, int inReach, bool[] there) =>
        [.. way.Any.Dose[inReach - 1].Select((d, k) => there[k / 4] && way.Any.Reach[k / 4] ? d : 0)];

    /// <summary>Depth first over the ways, those that add most first, cut off where the rest cannot make up for
    /// it.</summary>
    private sealed class Search
    {
        private readonly CellOfWays of;
        private readonly double heavyPrice;
        private readonly List<int> chosen;
        private readonly int[] sums;
        private readonly double[][] adds;

        public Search(CellOfWays of, double heavyPrice, List<int> chosen)
        {
            (this.of, this.heavyPrice, this.chosen) = (of, heavyPrice, chosen);
            adds = [.. Enumerable.Range(0, of.Offers + 1).Select(_ => new double[of.Ways.Length])];
            sums = new int[of.rows.Most.Length];
            foreach (var way in chosen)
            {
                of.rows.Add(sums, way, 1);
            }
        }

        public double Worth { get; private set; } = double.NegativeInfinity;

        public double Cut { get; private set; } = double.NegativeInfinity;

        public int[] Chosen { get; private set; } = [];

        public void Go(int[] candidates)
        {
            var missing = of.Offers - chosen.Count;
            var adding = adds[Math.Max(0, missing)];
            var sum = of.Weigh(chosen, candidates, adding);
            if (missing <= 0)
            {
                Take(sum);
                return;
            }

            Array.Sort(candidates, (a, b) => adding[a] != adding[b] ? adding[b].CompareTo(adding[a]) : a.CompareTo(b));
            for (var at = 0; at + missing <= candidates.Length; at++)
            {
                var best = sum;
                for (var k = at; k < at + missing; k++)
                {
                    best += adding[candidates[k]];
                }

                if (best <= Worth + 1e-9)
                {
                    return;
                }

                if (of.weighed > MostWeighed)
                {
                    Cut = Math.Max(Cut, best);
                    return;
                }

                var way = candidates[at];
                if (!of.rows.MayJoin(sums, way))
                {
                    continue;
                }

                chosen.Add(way);
                of.rows.Add(sums, way, 1);
                if (missing == 1)
                {
                    Take(best);
                }
                else
                {
                    Go(candidates[(at + 1)..]);
                }

                of.rows.Add(sums, way, -1);
                chosen.RemoveAt(chosen.Count - 1);
            }
        }

        private void Take(double sum)
        {
            var heavy = 0;
            foreach (var way in chosen)
            {
                heavy += of.heavies[way] ? 1 : 0;
            }

            var mustBeHeavy = HandsRest.CannotBut(of.problem.Blocks[of.cell.Block], heavy);
            var worth = sum + (mustBeHeavy ? heavyPrice : 0);
            if (worth > Worth && of.rows.Covers(chosen))
            {
                (Worth, Chosen) = (worth, [.. chosen]);
            }
        }
    }
}
