using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Search;

/// <summary>Neighbourhood search of our own: change one slot or exchange two, as long as it helps; then shake and try
/// again.</summary>
/// <param name="problem">The week.</param>
/// <param name="chance">Seeded.</param>
public sealed class LocalSearch(WeekProblem problem, SeededChance chance)
{
    private readonly int[] open =
    [
        .. Enumerable
            .Range(0, problem.Slots.Count)
            .Where(s =>
                problem.LockedUse[s] < 0 && problem.IsOpen(s) && problem.Leads(s) && problem.Choices(s).Count > 0
            ),
    ];

    /// <summary>Makes a plan's price smaller by rounds of shaking and descending; never worse than it was.</summary>
    /// <param name="plan">Changed in place to the best found.</param>
    /// <param name="price">What is made small.</param>
    /// <param name="rounds">How often it is shaken.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    /// <param name="better">Told of every improvement.</param>
    /// <param name="enough">A price at which it may end, such as a certified bound.</param>
    public void Improve(
        PlanState plan,
        Func<PlanState, long> price,
        int rounds,
        CancellationToken stop,
        Action? better = null,
        long enough = 0
    )
    {
        Descend(plan, price, stop);
        var best = (Uses: plan.Uses.ToArray(), Price: price(plan));
        for (
            var round = 0;
            round < rounds && open.Length > 0 && best.Price > enough && !stop.IsCancellationRequested;
            round++
        )
        {
            Shake(plan, 2 + chance.Next(4));
            Descend(plan, price, stop);
            var now = price(plan);
            if (now < best.Price)
            {
                best = (plan.Uses.ToArray(), now);
                better?.Invoke();
            }
            else if (now > best.Price)
            {
                plan.Lay(best.Uses);
            }
        }

        plan.Lay(best.Uses);
    }

    /// <summary>
    /// Simulated annealing: single changes and exchanges, worse ones taken less and less often, then a descent. Much
    /// quicker than rounds of descent where the price has many small parts. Never worse than it was.
    /// </summary>
    /// <param name="plan">Changed in place to the best found.</param>
    /// <param name="price">What is made small.</param>
    /// <param name="steps">How many changes are tried.</param>
    /// <param name="hot">Worsening that is taken one time in e at the start.</param>
    /// <param name="cold">And at the end.</param>
    /// <param name="stop">Ends it with the best so far.</param>
    /// <param name="enough">A price at which it may end, such as a certified bound.</param>
    public void Anneal(
        PlanState plan,
        Func<PlanState, long> price,
        int steps,
        double hot,
        double cold,
        CancellationToken stop,
        long enough = long.MinValue
    )
    {
        var current = price(plan);
        var best = (Uses: plan.Uses.ToArray(), Price: current);
        Span<int> was = stackalloc int[problem.Days.Count];
        for (
            var step = 0;
            step < steps && open.Length > 0 && best.Price > enough && !stop.IsCancellationRequested;
            step++
        )
        {
            var warmth = hot * Math.Pow(cold / hot, step / (double)steps);
            var (a, b) = (open[chance.Next(open.Length)], open[chance.Next(open.Length)]);
            var (here, there) = (plan.Uses[a], plan.Uses[b]);
            var slots = problem.Together[a];
            var exchange =
                chance.Next(3) == 0
                && a != b
                && here >= 0
                && there >= 0
                && problem.Slots[a].Block == problem.Slots[b].Block
                && problem.StayingAt[a] is null
                && problem.StayingAt[b] is null;
            var choices = problem.Choices(a);
            var use = choices[chance.Next(choices.Count)].Index;
            plan.Read(slots, was);
            if (exchange)
            {
                Swap(plan, a, b, here, there);
            }
            else if (use == here || !plan.MayPutTogether(slots, use))
            {
                continue;
            }
            else
            {
                plan.PutTogether(slots, use);
            }

            var allowed = !exchange || (plan.MayPut(a, there) && plan.MayPut(b, here));
            var tried = allowed ? price(plan) : long.MaxValue;
            if (allowed && (tried <= current || chance.NextDouble() < Math.Exp((current - tried) / warmth)))
            {
                current = tried;
                if (tried < best.Price)
                {
                    best = (plan.Uses.ToArray(), tried);
                }
            }
            else if (exchange)
            {
                Swap(plan, a, b, there, here);
            }
            else
            {
                plan.PutBack(slots, was);
            }
        }

        plan.Lay(best.Uses);
        Descend(plan, price, stop);
    }

    private void Descend(PlanState plan, Func<PlanState, long> price, CancellationToken stop)
    {
        var current = price(plan);
        Span<int> was = stackalloc int[problem.Days.Count];
        for (var improved = true; improved && !stop.IsCancellationRequested; )
        {
            improved = false;
            foreach (var slot in open)
            {
                var (bestPrice, bestUse) = (current, -1);
                var slots = problem.Together[slot];
                plan.Read(slots, was);
                foreach (var use in problem.Choices(slot))
                {
                    if (use.Index == plan.Uses[slot] || !plan.MayPutTogether(slots, use.Index))
                    {
                        continue;
                    }

                    plan.PutTogether(slots, use.Index);
                    var tried = price(plan);
                    plan.PutBack(slots, was);
                    if (tried < bestPrice)
                    {
                        (bestPrice, bestUse) = (tried, use.Index);
                    }
                }

                if (bestUse >= 0)
                {
                    plan.PutTogether(slots, bestUse);
                    (current, improved) = (bestPrice, true);
                }
            }

            improved |= Exchange(plan, price, ref current);
        }
    }

    /// <summary>Exchanges ideas between days of the same block.</summary>
    private bool Exchange(PlanState plan, Func<PlanState, long> price, ref long current)
    {
        var improved = false;
        for (var i = 0; i < open.Length; i++)
        {
            for (var j = i + 1; j < open.Length; j++)
            {
                var (a, b) = (open[i], open[j]);
                if (
                    problem.Slots[a].Block != problem.Slots[b].Block
                    || problem.Slots[a].Day == problem.Slots[b].Day
                    || problem.StayingAt[a] is not null
                    || problem.StayingAt[b] is not null
                )
                {
                    continue;
                }

                var (here, there) = (plan.Uses[a], plan.Uses[b]);
                if (here == there || here < 0 || there < 0)
                {
                    continue;
                }

                Swap(plan, a, b, here, there);
                if (plan.MayPut(a, there) && plan.MayPut(b, here) && price(plan) is var tried && tried < current)
                {
                    (current, improved) = (tried, true);
                }
                else
                {
                    Swap(plan, a, b, there, here);
                }
            }
        }

        return improved;
    }

    private static void Swap(PlanState plan, int a, int b, int here, int there)
    {
        plan.Put(a, -1);
        plan.Put(b, here);
        plan.Put(a, there);
    }

    private void Shake(PlanState plan, int slots)
    {
        for (var k = 0; k < slots; k++)
        {
            var slot = open[chance.Next(open.Length)];
            var choices = problem.Choices(slot);
            var use = choices[chance.Next(choices.Count)];
            if (plan.MayPutTogether(problem.Together[slot], use.Index))
            {
                plan.PutTogether(problem.Together[slot], use.Index);
            }
        }
    }
}
