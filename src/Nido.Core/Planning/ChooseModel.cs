using Google.OrTools.Sat;
using Nido.Core.Planning.Rules;

namespace Nido.Core.Planning;

/// <summary>
/// First stage: which ways of working go how often into each block over the week. Where children or days differ it
/// allows what is most favourable, so that its bound holds for every whole plan. The rules are added by the files
/// in <c>Rules/</c>.
/// </summary>
public sealed class ChooseModel
{
    /// <summary>Builds the variables and adds every rule.</summary>
    public ChooseModel(WeekProblem problem)
    {
        Problem = problem;
        Ways = Way.Of(problem);
        Times = [.. Ways.Select(w => Model.NewIntVar(0, w.Most, $"times {w.Index}"))];
        Received = [.. Enumerable.Range(0, problem.ChildCount).Select(ReceivedBy)];
        EveryOfferFilled.Add(this);
        NotTheSameAgain.Add(this);
        NotTwoHeavyInARow.Add(this);
        MadeBeforeUsed.Add(this);
        SomethingForEveryone.Add(this);
        AdultsBesideTheOffers.Add(this);
        OnlyOnItsDays.Add(this);
        LocksStay.Add(this);
        FairShares.Add(this);
        EveryStrandOnce.Add(this);
        Model.Minimize(LinearExpr.Sum(Costs));
    }

    /// <summary>The week.</summary>
    public WeekProblem Problem { get; }

    /// <summary>What is chosen among.</summary>
    public IReadOnlyList<Way> Ways { get; }

    /// <summary>The solver's model.</summary>
    public CpModel Model { get; } = new();

    /// <summary>How often each way lies out.</summary>
    public IReadOnlyList<IntVar> Times { get; }

    /// <summary>Child × way: how often the child is there for it. The same as <see cref="Times"/> for a child who comes every day.</summary>
    public IReadOnlyList<IReadOnlyList<IntVar>> Received { get; }

    /// <summary>What is added up and made small.</summary>
    public List<LinearExpr> Costs { get; } = [];

    /// <summary>Sets a whole plan as the hint; a partial one would slow the search.</summary>
    public void HintFrom(PlanState plan)
    {
        var wayOf = Ways.SelectMany(w => w.Uses.Select(u => (u.Index, w.Index))).ToDictionary(x => x.Item1, x => x.Item2);
        var times = new long[Ways.Count];
        foreach (var use in plan.Uses.Where(u => u >= 0))
        {
            times[wayOf[use]]++;
        }

        for (var w = 0; w < times.Length; w++)
        {
            Model.AddHint(Times[w], times[w]);
        }

        for (var c = 0; c < Problem.ChildCount; c++)
        {
            if (ReferenceEquals(Received[c], Times))
            {
                continue;
            }

            var received = new long[Ways.Count];
            for (var s = 0; s < plan.Uses.Count; s++)
            {
                if (plan.Uses[s] < 0)
                {
                    continue;
                }

                received[wayOf[plan.Uses[s]]] += Problem.Present[c][Problem.Slots[s].Day] ? 1 : 0;
            }

            for (var w = 0; w < received.Length; w++)
            {
                Model.AddHint(Received[c][w], received[w]);
            }
        }
    }

    private IReadOnlyList<IntVar> ReceivedBy(int child)
    {
        var met = Problem.DaysInBlock[child];
        if (Enumerable.Range(0, Problem.Blocks.Count).All(b => met[b] == Problem.OpenDays(b)))
        {
            return Times;
        }

        IntVar[] received = [.. Ways.Select(w => Model.NewIntVar(0, Math.Min(w.Most, met[w.Any.BlockIndex]), $"received {child} {w.Index}"))];
        for (var w = 0; w < received.Length; w++)
        {
            Model.Add(received[w] <= Times[w]);
            Model.Add(received[w] >= Times[w] - (Problem.OpenDays(Ways[w].Any.BlockIndex) - met[Ways[w].Any.BlockIndex]));
        }

        for (var b = 0; b < Problem.Blocks.Count; b++)
        {
            var block = b;
            Model.Add(LinearExpr.Sum(Ways.Where(w => w.Any.BlockIndex == block).Select(w => received[w.Index]))
                == met[b] * Problem.Blocks[b].Offers);
        }

        return received;
    }
}
