using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;

namespace Nido.Core.Week.Search.Columns;

/// <summary>What the rows of the hard rules ask of the ways that lie together in one cell.</summary>
internal sealed class CellRows
{
    private const int Bits = 64;
    private readonly (int Row, int Times)[][] limits;
    private readonly ulong[] covers;
    private readonly ulong all;

    /// <summary>The rows of a cell.</summary>
    /// <param name="rows">Every row.</param>
    /// <param name="cell">Index of the cell.</param>
    /// <param name="ways">The ways that may lie there.</param>
    /// <param name="offers">How many of them lie there.</param>
    public CellRows(IReadOnlyList<RuleRow> rows, int cell, IReadOnlyList<Way> ways, int offers)
    {
        var place = ways.Select((w, i) => (w.Index, i)).ToDictionary(x => x.Index, x => x.i);
        var counted = ways.Select(_ => new List<(int, int)>()).ToArray();
        var most = new List<int>();
        covers = new ulong[ways.Count];
        var bits = 0;
        foreach (var row in rows)
        {
            RowTerm[] here = [.. row.Terms.Where(t => t.Cell == cell && place.ContainsKey(t.Way))];
            // A part of a sum that nothing is taken from is bounded by what bounds the whole.
            if (
                row.AtMost < RuleRow.Most
                && row.Terms.All(t => t.Times >= 0)
                && here.Select(t => t.Times).OrderDescending().Take(offers).Sum() > row.AtMost
            )
            {
                foreach (var term in here)
                {
                    counted[place[term.Way]].Add((most.Count, term.Times));
                }

                most.Add(row.AtMost);
            }

            if (
                row.AtLeast == 1
                && bits < Bits
                && (row.Within ?? cell) == cell
                && (row.Within is not null || row.Terms.Count > 0)
                && row.Terms.All(t => t.Cell == cell && t.Times == 1)
            )
            {
                foreach (var term in here)
                {
                    covers[place[term.Way]] |= 1UL << bits;
                }

                all |= 1UL << bits;
                bits++;
            }
        }

        limits = [.. counted.Select(c => c.ToArray())];
        Most = [.. most];
    }

    /// <summary>What each limit may come to.</summary>
    public int[] Most { get; }

    /// <summary>Whether a way may join what has come to these sums.</summary>
    public bool MayJoin(int[] sums, int way)
    {
        foreach (var (row, times) in limits[way])
        {
            if (sums[row] + times > Most[row])
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Counts a way in (1) or out (−1).</summary>
    public void Add(int[] sums, int way, int sign)
    {
        foreach (var (row, times) in limits[way])
        {
            sums[row] += sign * times;
        }
    }

    /// <summary>Whether a whole set has all that is asked for at least once.</summary>
    public bool Covers(List<int> chosen)
    {
        var has = 0UL;
        foreach (var way in chosen)
        {
            has |= covers[way];
        }

        return has == all;
    }
}
