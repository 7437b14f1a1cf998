using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Wishes;

namespace Nido.Core.Week.Search;

/// <summary>
/// A plan under change: what lies where, and with it what each child gets, what is taken and what each wish pays, all
/// kept up to date. One change costs a few microseconds, which is what makes the search of our own and "what would it
/// change" possible.
/// </summary>
public sealed class PlanState
{
    /// <summary>Cost of a strand a child never meets: two minutes.</summary>
    public const int StrandCost = 2 * WeekProblem.PerMinute;

    /// <summary>Cost of a thousandth of the worst child's missing share: a tenth of a minute.</summary>
    public const int WorstCost = WeekProblem.PerMinute / 10;

    /// <summary>What a broken rule costs: more than any share is worth.</summary>
    private const long BrokenCost = 1_000_000;

    private readonly int[] uses;
    private readonly Use[] all;
    private readonly Use?[] beside;

    /// <summary>An empty plan of a problem.</summary>
    public PlanState(WeekProblem problem)
    {
        ArgumentNullException.ThrowIfNull(problem);
        Problem = problem;
        uses = [.. Enumerable.Repeat(-1, problem.Slots.Count)];
        all = [.. problem.Uses];
        beside = new Use?[Math.Max(1, problem.Blocks.Select(b => b.Offers).DefaultIfEmpty(1).Max())];
        LiesOut = new(problem);
        Shares = new(problem);
        Spends = new(problem);
        Evenings = new(this);
        Wishes = new(this);
    }

    /// <summary>A plan with these uses in its slots; −1 is empty.</summary>
    public PlanState(WeekProblem problem, IReadOnlyList<int> uses)
        : this(problem)
    {
        ArgumentNullException.ThrowIfNull(uses);
        for (var s = 0; s < uses.Count; s++)
        {
            Put(s, uses[s]);
        }
    }

    /// <summary>The week.</summary>
    public WeekProblem Problem { get; }

    /// <summary>Use index in each slot, −1 for empty.</summary>
    public IReadOnlyList<int> Uses => uses;

    /// <summary>What lies out, as the hard rules ask for it.</summary>
    public LyingOut LiesOut { get; }

    /// <summary>What each child gets.</summary>
    public SharesMet Shares { get; }

    /// <summary>What is taken, bought and made.</summary>
    public Spending Spends { get; }

    /// <summary>Work in the evenings before each day.</summary>
    public EveningsOfWeek Evenings { get; }

    /// <summary>What each wish pays.</summary>
    public Ledger Wishes { get; }

    /// <summary>Dose of child × aim in hundredths of a minute.</summary>
    public IReadOnlyList<int> Dose => Shares.Dose;

    /// <summary>Share of a child and aim, in whole percent of an even one; 100 where the child is owed
    /// nothing.</summary>
    public int Share(int child, Aim aim) =>
        Problem.EvenShare[(child * 4) + (int)aim] is var even and > 0
            ? (int)Math.Floor(100.0 * Dose[(child * 4) + (int)aim] / even)
            : 100;

    /// <summary>What lies in a slot, or null.</summary>
    public Use? At(int slot) => uses[slot] < 0 ? null : all[uses[slot]];

    /// <summary>What lies in the other slots, with the day, in the order of the week.</summary>
    public IEnumerable<(int Slot, int Day, Use Use)> Others(int slot) =>
        from s in Enumerable.Range(0, uses.Length)
        where s != slot && uses[s] >= 0
        select (s, Problem.Slots[s].Day, all[uses[s]]);

    /// <summary>Puts a use into a slot (−1 empties it) and returns what was there.</summary>
    public int Put(int slot, int use)
    {
        var before = uses[slot];
        if (before == use)
        {
            return before;
        }

        var (day, block, offer) = Problem.Slots[slot];
        var cell = Problem.CellAt(day, block);
        var (old, now) = (before < 0 ? null : all[before], use < 0 ? null : all[use]);
        var first = Problem.Cells[cell].FirstSlot;
        var offers = Problem.Blocks[block].Offers;
        for (var o = 0; o < offers; o++)
        {
            beside[o] = o == offer ? null : At(first + o);
        }

        Shares.Change(cell, old, now, beside.AsSpan(0, offers));
        if (old is not null)
        {
            Note(slot, cell, day, old, -1);
        }

        uses[slot] = use;
        if (now is not null)
        {
            Note(slot, cell, day, now, 1);
        }

        return before;
    }

    /// <summary>Whether a use may lie in a slot beside what else lies in the week: every hard rule allows it.</summary>
    public bool MayPut(int slot, int use) => HardRule.AllAllow(this, slot, all[use]);

    /// <summary>The fair-shares objective, with hard rules as a very high price; what the search compares.</summary>
    public long FairPrice()
    {
        var (shortfall, worst) = Shares.Lacking();
        return shortfall + worst + Shares.Missing + ((Shares.WithNothing + LiesOut.Unmade()) * BrokenCost);
    }

    /// <summary>Cents over the budget of the week.</summary>
    public int OverBudget() => Math.Max(0, Spends.Cents - Problem.Input.Group.Settings.BudgetCents);

    /// <summary>
    /// What the search makes small first: <see cref="FairPrice"/>, and money over the budget at a minute a cent, which
    /// no share is worth.
    /// </summary>
    public long FairAndPaid() => FairPrice() + (OverBudget() * (long)WeekProblem.PerMinute);

    /// <summary>
    /// What a later stage pays for going beyond what was reached: fair shares beyond a limit, and any cent more over
    /// the budget or strand less, which no tolerance may be spent on: it is as much as fourteen children without
    /// anything to smell.
    /// </summary>
    /// <param name="fair">What fair shares may become.</param>
    /// <param name="over">Cents over the budget that could not be helped.</param>
    /// <param name="missing">Price of the strands that were not met.</param>
    public long Beyond(long fair, int over, long missing) =>
        ((Math.Max(0, FairPrice() - fair) + Math.Max(0, Shares.Missing - missing)) * 1000)
        + (Math.Max(0, OverBudget() - over) * BrokenCost);

    /// <summary>The whole score.</summary>
    public PlanScore Score()
    {
        var (shortfall, worst) = Shares.Lacking();
        return new(
            shortfall,
            worst,
            Shares.Missing,
            Shares.WithNothing + Problem.Empty(this) + RulesBroken(),
            WishPrice(),
            Spends.Cents,
            (int)Math.Ceiling(Spends.Making - 1e-9) + Evenings.All()
        );
    }

    /// <summary>What all wishes pay together, in points.</summary>
    public long WishPrice() => Wishes.Points();

    /// <summary>Offers of a block of a day in reach of a child.</summary>
    public int InReach(int day, int block, int child) => Shares.InReach(Problem.CellAt(day, block), child);

    private void Note(int slot, int cell, int day, Use use, int sign)
    {
        LiesOut.Add(slot, cell, day, use, sign);
        Spends.Add(cell, use, sign);
        Evenings.Changed(slot);
        Wishes.Changed(slot, use, sign);
    }

    private int RulesBroken() => Enumerable.Range(0, uses.Length).Count(s => uses[s] >= 0 && !MayPut(s, uses[s]));
}
