using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.MayGoWrong;

/// <summary>
/// Plays a planned week many times, with children away, work that goes well or not, and minutes that vary. The same
/// seed
/// gives the same figures. All shares in it are ours and stand here.
/// </summary>
public static class Simulation
{
    /// <summary>Weeks that are played.</summary>
    public const int Runs = 2000;

    /// <summary>Chance that a child is away on a day it should come.</summary>
    public const double Away = 0.06;

    /// <summary>Part of a child's pieces that is spoiled where it does not manage alone.</summary>
    public const double Spoiled = 0.15;

    /// <summary>What a child has of its minutes where it manages with help, and where it does not manage.</summary>
    public const double WithHelp = 0.8,
        NotManaged = 0.2;

    /// <summary>Work takes this part of its time as a rule, and the logarithm varies by the other.</summary>
    public const double UsualTime = 0.85,
        TimeSpread = 0.15;

    /// <summary>Under this share of a target a child falls short.</summary>
    public const double Enough = 0.75;

    private const int Fixes = 5;

    /// <summary>Plays a week.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="seed">For chance.</param>
    /// <param name="runs">How often, 1 or more.</param>
    public static SimulatedWeek Of(WeekPlan plan, ulong seed = 2026, int runs = Runs)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var problem = plan.Problem;
        var chance = new SeededChance(seed);
        var filled = plan.Filled.ToArray();
        var have = Have(plan);
        var tally = new Tally(problem, runs);
        for (var run = 0; run < runs; run++)
        {
            Play(plan, filled, have, chance, tally);
        }

        return new(
            runs,
            [.. tally.RunsOut(plan, have)],
            [.. tally.Overruns(problem, filled)],
            [.. FallShort(plan, tally)]
        );
    }

    /// <summary>Units of each material once what is planned to be bought or made is there.</summary>
    private static double[] Have(WeekPlan plan)
    {
        double[] have = [.. plan.Problem.OnHand];
        var taken = plan.State.Spends.Taken();
        for (var m = 0; m < have.Length; m++)
        {
            have[m] = Spending.Packs(taken[m], have[m], plan.Problem.Materials[m].PackSize) is > 0 and var packs
                ? have[m] + (packs * plan.Problem.Materials[m].PackSize!.Value)
                : Math.Max(have[m], taken[m]);
        }

        return have;
    }

    private static void Play(
        WeekPlan plan,
        (int Slot, Placement Placement, Use Use)[] filled,
        double[] have,
        SeededChance chance,
        Tally tally
    )
    {
        var problem = plan.Problem;
        var comes = new bool[problem.ChildCount, problem.Days.Count];
        for (var c = 0; c < problem.ChildCount; c++)
        {
            for (var d = 0; d < problem.Days.Count; d++)
            {
                comes[c, d] = problem.Attendance.OnDay(c, d) && chance.NextDouble() >= Away;
            }
        }

        var dose = new double[problem.ChildCount * 4];
        var used = new double[have.Length];
        var needed = new double[problem.Days.Count, problem.Blocks.Count];
        foreach (var (_, placement, use) in filled)
        {
            var (day, on) = (placement.Day, use.On(placement.Day));
            var children = 0.0;
            for (var c = 0; c < problem.ChildCount; c++)
            {
                if (!use.Reach[c] || !on.IsThere[c] || !comes[c, day])
                {
                    continue;
                }

                var offer = use.Children[c].Offer!;
                var luck = chance.NextDouble();
                var alone = luck < offer.Alone;
                children += alone ? 1 : 1 + Spoiled;
                var got =
                    alone ? 1
                    : luck < offer.WithHelp ? WithHelp
                    : NotManaged;
                // The plan counts what may be expected; the weeks lie around it, so that their mean is the plan's.
                var expected =
                    offer.Alone + ((offer.WithHelp - offer.Alone) * WithHelp) + ((1 - offer.WithHelp) * NotManaged);
                var planned = use.Dose[
                    problem.Blocks[use.BlockIndex].IsFreeChoice ? plan.State.InReach(day, use.BlockIndex, c) - 1 : 0
                ];
                var scale = got / expected;
                for (var m = 0; m < 4; m++)
                {
                    dose[(c * 4) + m] += planned[(c * 4) + m] * scale;
                }
            }

            foreach (var (material, amount) in on.Takes)
            {
                used[material] += problem.Materials[material].Consumable ? amount / on.InReach * children : 0;
            }

            var time = UsualTime * Math.Exp(TimeSpread * Normal(chance));
            var of = problem.Blocks[use.BlockIndex];
            needed[day, use.BlockIndex] += of.IsFreeChoice
                ? 0
                : ((of.MinutesPerOffer - use.Idea.Technique.CleanUpMinutes) * time) + use.Idea.Technique.CleanUpMinutes;
        }

        tally.Take(problem, dose, used, have, needed);
    }

    private static double Normal(SeededChance chance) =>
        Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());

    private static IEnumerable<FallsShort> FallShort(WeekPlan plan, Tally tally) =>
        tally.FallsShort(plan.Problem).Select((f, i) => i < Fixes ? f with { Fix = Fix(plan, f.Child, f.Aim) } : f);

    /// <summary>The best change of one strip for a child's aim that leaves fair shares as good as they are.</summary>
    private static SimulatedFix? Fix(WeekPlan plan, int child, Aim aim)
    {
        var (state, problem) = (plan.State, plan.Problem);
        var (price, dose) = (state.FairPrice(), state.Dose[(child * 4) + (int)aim]);
        (int Gain, int Slot, int Use) best = (WeekProblem.PerMinute, -1, -1);
        foreach (var (slot, placement, _) in plan.Filled.ToArray())
        {
            if (placement.Locked || !problem.Attendance.OnDay(child, placement.Day))
            {
                continue;
            }

            foreach (var use in problem.UsesOfBlock[problem.Slots[slot].Block])
            {
                if (use.Index == state.Uses[slot] || !use.Reach[child] || !state.MayPut(slot, use.Index))
                {
                    continue;
                }

                var before = state.Put(slot, use.Index);
                var gain = state.Dose[(child * 4) + (int)aim] - dose;
                best = gain > best.Gain && state.FairPrice() <= price ? (gain, slot, use.Index) : best;
                state.Put(slot, before);
            }
        }

        return best.Slot < 0
            ? null
            : new(
                best.Slot,
                problem.Uses[state.Uses[best.Slot]].Idea.Title,
                problem.Uses[best.Use].Idea.Title,
                best.Gain / (double)WeekProblem.PerMinute
            );
    }
}
