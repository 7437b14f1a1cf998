using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"Everyone has something in reach in every block."</summary>
internal static class SomethingForEveryone
{
    public static void Add(ChooseModel model)
    {
        var problem = model.Problem;
        for (var c = 0; c < problem.ChildCount; c++)
        {
            var child = c;
            foreach (var inBlock in model.Ways.GroupBy(w => w.Any.BlockIndex).Where(g => g.Any(w => !w.Any.Reach[child])))
            {
                model.Model.Add(LinearExpr.Sum(inBlock.Where(w => w.Any.Reach[child]).Select(w => model.Received[child][w.Index]))
                    >= problem.DaysInBlock[child][inBlock.Key]);
            }
        }
    }
}
