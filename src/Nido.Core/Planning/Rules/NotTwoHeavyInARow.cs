using Google.OrTools.Sat;
using Nido.Core.Group;

namespace Nido.Core.Planning.Rules;

/// <summary>"Hands rest between two heavy pieces of work": of the stations that everyone meets, one a day is heavy at most.</summary>
internal static class NotTwoHeavyInARow
{
    public static void Add(ChooseModel model)
    {
        foreach (var inBlock in model.Ways.Where(w => w.Any.IsHeavy && w.Any.Block.Kind == BlockKind.Stations).GroupBy(w => w.Any.BlockIndex))
        {
            model.Model.Add(LinearExpr.Sum(inBlock.Select(w => model.Times[w.Index])) <= model.Problem.Days.Count);
        }
    }
}
