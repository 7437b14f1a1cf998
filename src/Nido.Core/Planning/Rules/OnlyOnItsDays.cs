using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"What needs dry weather, or other children in the room, waits for such a day."</summary>
internal static class OnlyOnItsDays
{
    public static void Add(ChooseModel model)
    {
        var every = model.Problem.Days.Count;
        foreach (var inBlock in model.Ways.GroupBy(w => w.Any.BlockIndex))
        {
            foreach (var days in inBlock.Select(w => w.Any.OnDay).DistinctBy(d => string.Join(',', d)).Where(d => d.Contains(false)))
            {
                // What can only lie on these days shares the offers of these days.
                model.Model.Add(LinearExpr.Sum(inBlock.Where(w => !w.Any.OnDay.Where((on, d) => on && !days[d]).Any()).Select(w => model.Times[w.Index]))
                    <= model.Problem.Blocks[inBlock.Key].Offers * days.Count(d => d));
            }

            foreach (var way in inBlock.Where(w => w.Any.OnDay.Count(d => d) < every))
            {
                model.Model.Add(model.Times[way.Index] <= way.Any.OnDay.Count(d => d));
            }
        }
    }
}
