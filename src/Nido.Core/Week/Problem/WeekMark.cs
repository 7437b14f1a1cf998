namespace Nido.Core.Week.Problem;

/// <summary>Tells weeks apart for which a bound was worked out. FNV-1a, which is the same on every machine.</summary>
public static class WeekMark
{
    private const ulong Begin = 14695981039346656037UL;

    /// <summary>A number that is the same for weeks in which the same may lie in the same places and gives the same: a
    /// bound of fair shares worked out for one of them holds for the others.</summary>
    /// <param name="problem">The week.</param>
    /// <param name="locked">What is locked in it.</param>
    public static long Of(WeekProblem problem, IEnumerable<Placement> locked)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return Mixed([
            .. problem.Target,
            .. problem.EvenShare,
            .. problem.AdultsThere.SelectMany(d => d),
            .. locked
                .Select(p => $"{p.Day} {p.BlockId} {p.Offer} {p.IdeaId};")
                .Order(StringComparer.Ordinal)
                .SelectMany(p => p)
                .Select(letter => (int)letter),
            .. problem.StrandOpen.Select(Bit),
            .. problem.Uses.SelectMany(u =>
                (int[])[u.BlockIndex, u.TechniqueIndex, u.IdeaIndex, u.Adults, .. u.OnDay.Select(Bit), .. u.Dose[0]]
            ),
        ]);
    }

    /// <summary>A number that is the same for weeks in which buying comes to the same: with it the same may lie there, a
    /// bound that knows of money holds too.</summary>
    public static long OfMoney(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        return Mixed([
            problem.Group.Settings.BudgetCents,
            .. problem.Materials.SelectMany(
                (m, i) =>
                    (int[])
                        [
                            m.PackCents ?? -1,
                            (int)Math.Round(100 * (m.PackSize ?? -1)),
                            (int)Math.Round(Math.Min(1e7, 100 * problem.OnHand[i])),
                        ]
            ),
            .. problem.Uses.SelectMany(u =>
                u.Days.SelectMany(d => d.Takes.SelectMany(t => (int[])[t.Material, (int)Math.Round(100 * t.Amount)]))
            ),
            .. problem
                .Input.OnHand.OrderBy(m => m.Key, StringComparer.Ordinal)
                .Where(_ => problem.Makes.Any(m => m is not null))
                .Select(m => (int)Math.Round(Math.Min(1e7, 100 * m.Value))),
        ]);
    }

    private static int Bit(bool on) => on ? 1 : 0;

    private static long Mixed(IEnumerable<int> values) =>
        unchecked((long)values.Aggregate(Begin, (mark, value) => (mark ^ (uint)value) * 1099511628211UL));
}
