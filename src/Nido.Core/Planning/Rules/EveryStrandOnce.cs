using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"Every child meets every strand at least once in the week."</summary>
internal static class EveryStrandOnce
{
    public static void Add(ChooseModel model)
    {
        var problem = model.Problem;
        // Children who are reached by the same ways share one variable.
        var missing = new Dictionary<string, IntVar>();
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var child = c;
            for (var s = 0; s < Strand.All.Count; s++)
            {
                var strand = s;
                if (!problem.StrandOpen[(c * Strand.All.Count) + s])
                {
                    continue;
                }

                Way[] ways = [.. model.Ways.Where(w => w.Any.Reach[child] && w.Any.Strands.Contains(strand))];
                var everyDay = ReferenceEquals(model.Received[c], model.Times);
                var key = (everyDay ? "" : $"{c}:") + string.Join(',', ways.Select(w => w.Index));
                if (!missing.TryGetValue(key, out var never))
                {
                    missing[key] = never = model.Model.NewIntVar(0, 1, $"missing {c} {s}");
                    model.Model.Add(never + LinearExpr.Sum(ways.Select(w => model.Received[child][w.Index])) >= 1);
                }

                model.Costs.Add(never * PlanState.StrandCost);
            }
        }
    }
}
