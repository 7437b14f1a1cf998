using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"Every offer of every block is filled on every day the house is open."</summary>
internal static class EveryOfferFilled
{
    public static void Add(ChooseModel model)
    {
        foreach (var inBlock in model.Ways.GroupBy(w => w.Any.BlockIndex))
        {
            model.Model.Add(LinearExpr.Sum(inBlock.Select(w => model.Times[w.Index]))
                == model.Problem.Blocks[inBlock.Key].Offers * model.Problem.OpenDays(inBlock.Key));
        }
    }
}
