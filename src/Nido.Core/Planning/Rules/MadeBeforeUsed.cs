using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"What is made on one day is used on a later one."</summary>
internal static class MadeBeforeUsed
{
    public static void Add(ChooseModel model)
    {
        foreach (var (technique, maker) in model.Problem.MadeBefore)
        {
            LinearExpr Times(int of) => LinearExpr.Sum(model.Ways.Where(w => w.Any.TechniqueIndex == of).Select(w => model.Times[w.Index]));
            // Made once it serves every day after the first, and not the first.
            model.Model.Add(Times(technique) <= Times(maker) * (model.Problem.Days.Count - 1));
            model.Model.Add(Times(technique) <= model.Problem.Days.Count - 1);
        }
    }
}
