using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"Offers that need an adult beside them do not ask for more adults than are there."</summary>
internal static class AdultsBesideTheOffers
{
    public static void Add(ChooseModel model)
    {
        foreach (var inBlock in model.Ways.GroupBy(w => w.Any.BlockIndex))
        {
            var there = model.Problem.AdultsThere.Sum(day => day[inBlock.Key]);
            model.Model.Add(LinearExpr.WeightedSum(
                inBlock.Select(w => model.Times[w.Index]), inBlock.Select(w => (long)w.Any.Adults)) <= there);
        }
    }
}
