using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"The same way of working once a day, the same idea at most three times a week."</summary>
internal static class NotTheSameAgain
{
    public static void Add(ChooseModel model)
    {
        foreach (var technique in model.Ways.GroupBy(w => w.Any.TechniqueIndex))
        {
            var most = Math.Min(
                model.Problem.Days.Count,
                WeekProblem.MostPerIdea * technique.SelectMany(w => w.Uses).Select(u => u.IdeaIndex).Distinct().Count());
            model.Model.Add(LinearExpr.Sum(technique.Select(w => model.Times[w.Index])) <= most);
        }
    }
}
