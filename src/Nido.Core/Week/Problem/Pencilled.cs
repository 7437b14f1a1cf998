namespace Nido.Core.Week.Problem;

/// <summary>
/// A block of a day that is something of one's own: a birthday, a fire drill, a song. It takes the time of the whole block, and nobody
/// is owed or given any minutes there.
/// </summary>
/// <param name="Day">Index of the day in the week, 0 first.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Words">What it is, in an adult's own words.</param>
public sealed record Pencilled(int Day, string BlockId, string Words)
{
    /// <summary>Letters at most.</summary>
    public const int MostLetters = 80;

    /// <summary>What of a plan is written in one's own words, in the order of the plan.</summary>
    public static IReadOnlyList<Pencilled> In(IEnumerable<Placement> plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return [.. plan.Where(p => p.IsPencilled).Select(p => new Pencilled(p.Day, p.BlockId, p.Words ?? ""))];
    }

    /// <summary>The plan with a block of a day given to one's own words; what lay there goes.</summary>
    public static IReadOnlyList<Placement> Into(IEnumerable<Placement> plan, int day, string blockId, string words)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return
        [
            .. plan.Where(p => p.Day != day || p.BlockId != blockId),
            new Placement(day, blockId, 0, "", Locked: true) { Words = words },
        ];
    }

    /// <summary>
    /// A plan found anew, with what is one's own in the plan before: blocks in one's own words, and titles of one's own where the same
    /// idea still lies.
    /// </summary>
    public static IReadOnlyList<Placement> Kept(IReadOnlyList<Placement> before, IEnumerable<Placement> found)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(found);
        return
        [
            .. found.Select(p =>
                p with
                {
                    Words = before
                        .FirstOrDefault(b =>
                            b.Day == p.Day && b.BlockId == p.BlockId && b.Offer == p.Offer && b.IdeaId == p.IdeaId
                        )
                        ?.Words,
                }
            ),
            .. before.Where(p => p.IsPencilled),
        ];
    }
}
