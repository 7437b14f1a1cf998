using Google.OrTools.Sat;

namespace Nido.Core.Planning.Rules;

/// <summary>"The same way of working once a day, the same idea at most three times a week, if it is not one that stays."</summary>
internal static class NotTheSameAgain
{
    public static void Add(ChooseModel model)
    {
        foreach (var technique in model.Ways.GroupBy(w => w.Any.TechniqueIndex))
        {
            var ideas = technique.SelectMany(w => w.Uses).Select(u => u.IdeaIndex).ToHashSet();
            var stays = model.Problem.Staying.Any(s => s.Choices.Any(u => ideas.Contains(u.IdeaIndex)));
            var most = stays ? model.Problem.Days.Count : Math.Min(model.Problem.Days.Count, WeekProblem.MostPerIdea * ideas.Count);
            model.Model.Add(LinearExpr.Sum(technique.Select(w => model.Times[w.Index])) <= most);
        }
    }
}
