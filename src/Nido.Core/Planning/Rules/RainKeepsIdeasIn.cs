namespace Nido.Core.Planning.Rules;

/// <summary>"What needs dry weather waits for a dry day."</summary>
internal static class RainKeepsIdeasIn
{
    public static void Add(ChooseModel model)
    {
        var dry = model.Problem.Days.Count(d => d.Dry);
        foreach (var way in model.Ways.Where(w => w.Any.Idea.Technique.DryWeather))
        {
            model.Model.Add(model.Times[way.Index] <= dry);
        }
    }
}
