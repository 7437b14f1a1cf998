namespace Nido.Core.Planning.Rules;

/// <summary>"What is locked stays."</summary>
internal static class LocksStay
{
    public static void Add(ChooseModel model)
    {
        var locked = model.Problem.LockedUse.Where(u => u >= 0).GroupBy(u => model.Ways.First(w => w.Uses.Any(x => x.Index == u)).Index);
        foreach (var way in locked)
        {
            model.Model.Add(model.Times[way.Key] >= way.Count());
        }
    }
}
