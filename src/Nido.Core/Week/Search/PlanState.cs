using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Wishes;

namespace Nido.Core.Week.Search;

/// <summary>
/// A plan under change, with its score kept up to date. One change costs a few microseconds, which is what makes
/// the search of our own and "what would it change" possible.
/// </summary>
public sealed class PlanState
{
    /// <summary>Cost of a strand a child never meets: two minutes.</summary>
    public const int StrandCost = 2 * WeekProblem.PerMinute;

    /// <summary>Cost of a thousandth of the worst child's missing share: a tenth of a minute.</summary>
    public const int WorstCost = WeekProblem.PerMinute / 10;

    /// <summary>Of each thousandth of a share: so steep that ten points less weigh four hundred others. Our own
    /// convention.</summary>
    private const double Steepness = 0.06;

    private static readonly double[] Steep = [.. Enumerable.Range(0, 2001).Select(x => Math.Exp(-Steepness * x))];

    private readonly WeekProblem problem;
    private readonly int[] uses;
    private readonly int[] dose;
    private readonly int[] strands;
    private readonly int[] cellReach;
    private readonly int[] techniqueOnDay;
    private readonly int[] changingOnDay;
    private readonly int[] ideaCount;
    private readonly int[] ideaChosen;
    private readonly bool[] there;
    private readonly int[] heavyInCell;
    private readonly int[] techniqueCount;
    private readonly int strandCount = Strand.All.Count;
    private readonly int[] firstSlot;
    private readonly int?[] madeBy;
    private readonly Use[] all;
    private readonly Material[] materials;
    private readonly TakenInWeek taken;
    private readonly double[] left;
    private readonly int[] bought;
    private readonly WishesOfDay[] wishesOfDay;
    private readonly int[] towards;
    private int reachBroken;
    private long missing;
    private int ideasAgain;
    private long repeats;
    private int gradedBack;
    private int dayAfterDay;
    private (int Cents, double Unsold, double Making)? spent;

    /// <summary>An empty plan of a problem.</summary>
    public PlanState(WeekProblem problem)
    {
        this.problem = problem;
        uses = [.. Enumerable.Repeat(-1, problem.Slots.Count)];
        dose = new int[problem.ChildCount * 4];
        strands = new int[problem.ChildCount * strandCount];
        cellReach = new int[problem.Days.Count * problem.Blocks.Count * problem.ChildCount];
        techniqueOnDay = new int[problem.Days.Count * problem.TechniqueCount];
        changingOnDay = new int[problem.Days.Count * problem.TechniqueCount];
        ideaCount = new int[problem.Input.Ideas.Count];
        ideaChosen = new int[problem.Input.Ideas.Count];
        heavyInCell = new int[problem.Days.Count * problem.Blocks.Count];
        techniqueCount = new int[problem.TechniqueCount];
        firstSlot =
        [
            .. from d in Enumerable.Range(0, problem.Days.Count)
            from b in Enumerable.Range(0, problem.Blocks.Count)
            select problem.SlotAt(d, b, 0),
        ];
        all = [.. problem.Uses];
        wishesOfDay = [.. problem.Days.Select(_ => new WishesOfDay { Towards = new int[problem.Objectives.Count] })];
        towards = new int[problem.Objectives.Count];
        madeBy = new int?[problem.TechniqueCount];
        foreach (var (technique, maker) in problem.MadeBefore)
        {
            madeBy[technique] = maker;
        }

        materials = [.. problem.Materials];
        taken = new(problem);
        left = new double[problem.Materials.Count];
        bought = new int[problem.Materials.Count];
        there =
        [
            .. from cell in problem.Cells
            from c in Enumerable.Range(0, problem.ChildCount)
            select problem.Attendance.Is(c, cell.Day, cell.Block),
        ];
        reachBroken = there.Count(x => x);
        missing = problem.StrandOpen.Count(open => open) * (long)StrandCost;
    }

    /// <summary>A plan with these uses in its slots; −1 is empty.</summary>
    public PlanState(WeekProblem problem, IReadOnlyList<int> uses)
        : this(problem)
    {
        for (var s = 0; s < uses.Count; s++)
        {
            Put(s, uses[s]);
        }
    }

    /// <summary>Use index in each slot, −1 for empty.</summary>
    public IReadOnlyList<int> Uses => uses;

    /// <summary>Dose of child × aim in hundredths of a minute.</summary>
    public IReadOnlyList<int> Dose => dose;

    /// <summary>Price of the strands that children never meet.</summary>
    public long Missing => missing;

    /// <summary>Puts a use into a slot (−1 empties it) and returns what was there.</summary>
    public int Put(int slot, int use)
    {
        var before = uses[slot];
        if (before == use)
        {
            return before;
        }

        var (day, block, _) = problem.Slots[slot];
        Count(day, block, -1);
        if (before >= 0)
        {
            Note(slot, day, block, all[before], -1);
        }

        uses[slot] = use;
        if (use >= 0)
        {
            Note(slot, day, block, all[use], 1);
        }

        spent = null;
        wishesOfDay[day].IsStale = true;
        // Where a tray stays decides on which day it is laid.
        for (var d = 0; d < wishesOfDay.Length && problem.StayingAt[slot] is not null; d++)
        {
            wishesOfDay[d].IsStale = true;
        }

        Count(day, block, 1);
        return before;
    }

    /// <summary>Whether a use may lie in a slot beside what lies elsewhere on that day.</summary>
    public bool MayPut(int slot, int use)
    {
        var (day, block, _) = problem.Slots[slot];
        var candidate = all[use];
        var here = uses[slot] >= 0 ? all[uses[slot]] : null;
        var sameTechnique =
            techniqueOnDay[(day * problem.TechniqueCount) + candidate.TechniqueIndex]
            - (here?.TechniqueIndex == candidate.TechniqueIndex ? 1 : 0);
        var sameIdea = ideaCount[candidate.IdeaIndex] - (here?.IdeaIndex == candidate.IdeaIndex ? 1 : 0);
        return sameTechnique == 0
            && (sameIdea < WeekProblem.MostPerIdea || problem.StayingAt[slot] is not null)
            && candidate.OnDay[day]
            && (madeBy[candidate.TechniqueIndex] is not { } maker || IsMadeBefore(maker, day))
            && (!candidate.IsHeavy || RestsBeside(day, block, here))
            && AdultsIn(day, block) - (here?.Adults ?? 0) + candidate.Adults <= problem.AdultsThere[day][block];
    }

    /// <summary>The fair-shares objective, with hard rules as a very high price; what the search compares.</summary>
    public long FairPrice() => FairParts().Total + ((reachBroken + Unmade()) * 1_000_000L);

    /// <summary>The smallest share of an even one over all children and aims, in parts of a million; a million where
    /// nobody is owed anything.</summary>
    public long SmallestShare()
    {
        var smallest = long.MaxValue;
        for (var k = 0; k < dose.Length; k++)
        {
            smallest =
                problem.EvenShare[k] == 0 ? smallest : Math.Min(smallest, 1_000_000L * dose[k] / problem.EvenShare[k]);
        }

        return smallest == long.MaxValue ? 1_000_000 : smallest;
    }

    /// <summary>Cents over the budget of the week.</summary>
    public int OverBudget() => Math.Max(0, Spent().Cents - problem.Input.Group.Settings.BudgetCents);

    /// <summary>Materials that packs are bought of, by index, the dearest first.</summary>
    public IReadOnlyList<int> Bought()
    {
        Spend();
        return
        [
            .. Enumerable
                .Range(0, bought.Length)
                .Where(m => bought[m] > 0)
                .OrderByDescending(m => bought[m])
                .ThenBy(m => m),
        ];
    }

    /// <summary>
    /// What the search makes small first: <see cref="FairPrice"/>, and money over the budget at a minute a cent, which
    /// no share is
    /// worth.
    /// </summary>
    public long FairAndPaid() => FairPrice() + (OverBudget() * (long)WeekProblem.PerMinute);

    /// <summary>
    /// What a later stage pays for going beyond what was reached: fair shares beyond a limit, and any cent more over
    /// the budget,
    /// which no tolerance may be spent on.
    /// </summary>
    /// <param name="fair">What fair shares may become.</param>
    /// <param name="over">Cents over the budget that could not be helped.</param>
    public long Beyond(long fair, int over) =>
        (Math.Max(0, FairPrice() - fair) * 1000) + (Math.Max(0, OverBudget() - over) * 1_000_000L);

    /// <summary>
    /// How well the worst off are: the smallest share of an even one, in millionths of it, and a little of the next
    /// ones, so that
    /// of two plans with the same smallest the better next one counts. Smaller is worse.
    /// </summary>
    public long WorstOff()
    {
        var sum = 0.0;
        for (var k = 0; k < dose.Length; k++)
        {
            if (problem.EvenShare[k] > 0)
            {
                sum += Steep[Math.Min(Steep.Length - 1, (int)(1000L * dose[k] / problem.EvenShare[k]))];
            }
        }

        return sum == 0 ? 1_000_000 : (long)(-Math.Log(sum) / Steepness * 1000);
    }

    /// <summary>The whole score.</summary>
    public PlanScore Score()
    {
        var (shortfall, worst, missing, _) = FairParts();
        var (wishes, cents, prep) = WishParts();
        return new(shortfall, worst, missing, reachBroken + EmptySlots() + RulesBroken(), wishes, cents, prep);
    }

    /// <summary>Money, evenings, repetition, order and the ideas' own wishes in points.</summary>
    public long WishPrice() => WishParts().Points;

    /// <summary>
    /// What is taken of each material over the week: consumables added up, what goes off counted from each day on with
    /// what is no longer good by then, reusables at the busiest time with those still drying.
    /// </summary>
    public double[] Taken() => taken.Now().ToArray();

    /// <summary>Offers of a cell in reach of a child.</summary>
    public int InReach(int day, int block, int child) =>
        cellReach[(((day * problem.Blocks.Count) + block) * problem.ChildCount) + child];

    /// <summary>Packs of a material to buy for what is taken; 0 where there is enough or it is not sold.</summary>
    public static int Packs(double taken, double onHand, double? packSize) =>
        packSize is > 0 && taken > onHand + 1e-9 ? (int)Math.Ceiling((taken - onHand) / packSize.Value - 1e-9) : 0;

    private void Count(int day, int block, int sign)
    {
        var cell = (day * problem.Blocks.Count) + block;
        var first = firstSlot[cell];
        var free = problem.Blocks[block].IsFreeChoice;
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var at = (cell * problem.ChildCount) + c;
            if (!there[at])
            {
                continue;
            }

            var inReach = 0;
            for (var o = 0; o < problem.Blocks[block].Offers; o++)
            {
                inReach += uses[first + o] >= 0 && all[uses[first + o]].Reach[c] ? 1 : 0;
            }

            if (cellReach[at] != inReach)
            {
                reachBroken += (inReach == 0 ? 1 : 0) - (cellReach[at] == 0 ? 1 : 0);
                cellReach[at] = inReach;
            }

            for (var o = 0; o < problem.Blocks[block].Offers && inReach > 0; o++)
            {
                if (uses[first + o] < 0 || !all[uses[first + o]].Reach[c])
                {
                    continue;
                }

                var given = all[uses[first + o]].Dose[free ? inReach - 1 : 0];
                for (var k = c * 4; k < (c * 4) + 4; k++)
                {
                    dose[k] += sign * given[k];
                }
            }
        }
    }

    private void Note(int slot, int day, int block, Use use, int sign)
    {
        var cell = (day * problem.Blocks.Count) + block;
        taken.Add(cell, use, sign);
        heavyInCell[cell] += use.IsHeavy ? sign : 0;
        techniqueOnDay[(day * problem.TechniqueCount) + use.TechniqueIndex] += sign;
        ideaCount[use.IdeaIndex] += sign;
        // What stays all week is there to come back to, and counts once as a thing chosen.
        if (problem.IsChosen(slot))
        {
            Chosen(use, sign);
        }

        if (problem.StayingAt[slot] is null)
        {
            var at = (day * problem.TechniqueCount) + use.TechniqueIndex;
            var was = changingOnDay[at] > 0;
            changingOnDay[at] += sign;
            if (was != changingOnDay[at] > 0)
            {
                dayAfterDay += sign * (Changing(at - problem.TechniqueCount) + Changing(at + problem.TechniqueCount));
            }
        }

        for (var c = 0; c < problem.ChildCount; c++)
        {
            if (!use.Reach[c] || !there[(cell * problem.ChildCount) + c])
            {
                continue;
            }

            foreach (var s in use.Strands)
            {
                ref var met = ref strands[(c * strandCount) + s];
                met += sign;
                // Met for the first time, or no longer at all.
                if (problem.StrandOpen[(c * strandCount) + s] && met == (sign > 0 ? 1 : 0))
                {
                    missing -= sign * StrandCost;
                }
            }
        }
    }

    private int Changing(int at) => at >= 0 && at < changingOnDay.Length && changingOnDay[at] > 0 ? 1 : 0;

    private static long Repeats(int count) => count > 2 ? (count - 2L) * (count - 2) : 0;

    /// <summary>One more thing chosen for the week, or one less.</summary>
    private void Chosen(Use use, int sign)
    {
        ref var idea = ref ideaChosen[use.IdeaIndex];
        ref var technique = ref techniqueCount[use.TechniqueIndex];
        var (ideaWas, techniqueWas) = (idea, technique);
        idea += sign;
        technique += sign;
        ideasAgain += Math.Max(0, idea - 1) - Math.Max(0, ideaWas - 1);
        repeats += Repeats(technique) - Repeats(techniqueWas);
        gradedBack += problem.Graded[use.TechniqueIndex] ? (technique > 1 ? 1 : 0) - (techniqueWas > 1 ? 1 : 0) : 0;
    }

    private (long Shortfall, long Worst, long Missing, long Total) FairParts()
    {
        long shortfall = 0;
        var worst = 0L;
        for (var k = 0; k < dose.Length; k++)
        {
            var target = problem.Target[k];
            var lacking = Math.Max(0, target - dose[k]);
            shortfall += lacking + Math.Max(0, lacking - (target / 4));
            worst = lacking == 0 || target == 0 ? worst : Math.Max(worst, ((1000L * lacking) + target - 1) / target);
        }

        worst *= WorstCost;
        return (shortfall, worst, missing, shortfall + worst + missing);
    }

    /// <summary>Whether one more heavy idea in a cell leaves hands a rest before and after: no child has two heavy in a
    /// row.</summary>
    public bool RestsBeside(int day, int block, Use? instead)
    {
        var cell = (day * problem.Blocks.Count) + block;
        var heavy = heavyInCell[cell] + 1 - (instead?.IsHeavy == true ? 1 : 0);
        return !(problem.Blocks[block].Kind == BlockKind.Stations && heavy > 1)
            && (
                !MustBeHeavy(block, heavy)
                || (
                    (block == 0 || !MustBeHeavy(block - 1, heavyInCell[cell - 1]))
                    && (block == problem.Blocks.Count - 1 || !MustBeHeavy(block + 1, heavyInCell[cell + 1]))
                )
            );
    }

    /// <summary>Whether a child in the block cannot but meet a heavy idea: where it may choose, only when all
    /// are.</summary>
    private bool MustBeHeavy(int block, int heavy) =>
        problem.Blocks[block].IsFreeChoice ? heavy == problem.Blocks[block].Offers : heavy > 0;

    /// <summary>Whether what is needed was made on a day before.</summary>
    private bool IsMadeBefore(int maker, int day)
    {
        for (var d = 0; d < day && maker >= 0; d++)
        {
            if (techniqueOnDay[(d * problem.TechniqueCount) + maker] > 0)
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Ideas whose makings nobody has made by then.</summary>
    private int Unmade()
    {
        var unmade = 0;
        foreach (var (technique, maker) in problem.MadeBefore)
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                unmade +=
                    techniqueOnDay[(d * problem.TechniqueCount) + technique] > 0 && !IsMadeBefore(maker, d) ? 1 : 0;
            }
        }

        return unmade;
    }

    private int EmptySlots() => problem.Empty(this);

    private int RulesBroken() => Enumerable.Range(0, uses.Length).Count(s => uses[s] >= 0 && !MayPut(s, uses[s]));

    private int AdultsIn(int day, int block)
    {
        var first = firstSlot[(day * problem.Blocks.Count) + block];
        var adults = 0;
        for (var o = 0; o < problem.Blocks[block].Offers; o++)
        {
            adults += uses[first + o] >= 0 ? all[uses[first + o]].Adults : 0;
        }

        return adults;
    }

    /// <summary>Money for packs, burdens of what no shop sells, and minutes of making.</summary>
    private (int Cents, double Unsold, double Making) Spent() => spent ??= Spend();

    private (int Cents, double Unsold, double Making) Spend()
    {
        var now = taken.Now();
        now.CopyTo(left);
        var cents = 0;
        var (unsold, making) = (0.0, 0.0);
        for (var m = 0; m < left.Length; m++)
        {
            // What can be made of what the week leaves over is neither bought nor asked for.
            var (material, there) = (materials[m], problem.OnHand[m]);
            if (left[m] > there + 1e-9 && problem.Makes[m] is { } make)
            {
                var made = make.Make(left[m] - there, left);
                making += made * make.Minutes;
                there += made;
            }

            bought[m] = Packs(left[m], there, material.PackSize) * (material.PackCents ?? 0);
            cents += bought[m];
            // Not to be had in a shop: each such thing is a burden, more so the further it falls short.
            unsold +=
                left[m] > there + 1e-9 && !material.IsSold
                    ? 1 + Math.Min(4, (left[m] - there) / Math.Max(1, there))
                    : 0;
        }

        return (cents, unsold, making);
    }

    private (long Points, int Cents, int Prep) WishParts()
    {
        var sliders = problem.Input.Sliders;
        var (cents, unsold, making) = Spent();
        long points =
            (cents * (long)sliders.UseTheCupboard / 5)
            + (Math.Max(0, cents - problem.Input.Group.Settings.BudgetCents) * 4L)
            + (long)(unsold * (200 + (60 * sliders.UseTheCupboard)))
            + (long)(making * (15 + (4 * sliders.LightPrep)));
        var prep = (int)Math.Ceiling(making - 1e-9);
        Array.Clear(towards);
        for (var d = 0; d < wishesOfDay.Length; d++)
        {
            ref var day = ref wishesOfDay[d];
            if (day.IsStale)
            {
                Read(d, ref day);
            }

            prep += day.Evening;
            points += day.Points;
            for (var o = 0; o < towards.Length; o++)
            {
                towards[o] += day.Towards[o];
            }
        }

        // What a child works towards comes at least twice.
        foreach (var times in towards)
        {
            points += times switch
            {
                0 => 450,
                1 => 200,
                _ => 0,
            };
        }

        points += ideasAgain * 10L * sliders.FreshIdeas;
        // Graded practice lives from coming back to a thing, a step further.
        points += Math.Max(0, problem.GradedWanted - gradedBack) * 40L;
        // Once again in the week is practice; more often is the same thing every day, and each time more so.
        points += repeats * 30L * sliders.FreshIdeas;
        // The same way of working on the next day again feels like no change at all.
        points += dayAfterDay * 6L * sliders.FreshIdeas;
        return (points, cents, prep);
    }

    /// <summary>The wishes that hang on one day alone, read anew.</summary>
    private void Read(int d, ref WishesOfDay day)
    {
        var sliders = problem.Input.Sliders;
        var perDay = problem.Slots.Count / problem.Days.Count;
        Span<bool> ladders = stackalloc bool[problem.LadderCount];
        ladders.Clear();
        Array.Clear(day.Towards);
        var points = 0L;
        var (evening, mess, warm, letters, numbers) = (0, 0, false, false, false);
        for (var s = d * perDay; s < (d + 1) * perDay; s++)
        {
            if (uses[s] < 0)
            {
                continue;
            }

            var use = all[uses[s]];
            // A tray that stays is laid once.
            evening +=
                problem.StayingAt[s] is { } stays && stays.All[0] != s && uses[stays.All[0]] == uses[s]
                    ? 0
                    : use.PrepMinutes;
            mess += use.Idea.Technique.Mess;
            points += use.WishCost;
            // Hands are warmed, and the whole arm used, before squeezing and cutting.
            points += use.IsHeavy && !warm ? 15 : 0;
            warm |= use.Idea.Technique.WarmUp || use.Idea.Technique.WholeArm;
            letters |= use.HasLetters;
            numbers |= use.HasNumbers;
            ladders[use.Ladder] = true;
            for (var o = 0; o < day.Towards.Length; o++)
            {
                var (child, ladder) = problem.Objectives[o];
                day.Towards[o] += use.Ladder == ladder && use.Reach[child] && use.On(d).IsThere[child] ? 1 : 0;
            }
        }

        // Where children wait for an earlier strand, that strand lies out on the same day.
        for (var s = d * perDay; s < (d + 1) * perDay; s++)
        {
            foreach (var (ladder, children) in uses[s] < 0 ? [] : all[uses[s]].On(d).Earlier)
            {
                points += ladders[ladder] ? 0 : 4L * children;
            }
        }

        // The letter and the numbers of the week are met every day.
        points += (letters ? 0 : 3L * sliders.Theme) + (numbers ? 0 : 3L * sliders.Theme);
        points +=
            (evening * sliders.LightPrep / 2)
            + (Math.Max(0, evening - problem.Input.Group.Settings.EveningPrepMinutes) * 20L)
            + (Math.Max(0, mess - 8) * 20L);
        (day.Points, day.Evening, day.IsStale) = (points, evening, false);
    }

    /// <summary>What one day is to the wishes, as read last.</summary>
    private struct WishesOfDay()
    {
        public long Points { get; set; }

        public int Evening { get; set; }

        public required int[] Towards { get; init; }

        public bool IsStale { get; set; } = true;
    }
}
