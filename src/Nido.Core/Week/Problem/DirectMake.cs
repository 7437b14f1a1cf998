namespace Nido.Core.Week.Problem;

/// <summary>Making a material in one step, as planning counts it: per unit of what comes out.</summary>
/// <param name="Minutes">Work for a unit.</param>
/// <param name="Takes">Index of a material of the problem (−1 where no use takes it), units on hand, units for one unit
/// made.</param>
public sealed record DirectMake(double Minutes, (int Index, double OnHand, double Each)[] Takes)
{
    /// <summary>The quickest recipe whose things are all there, or null.</summary>
    public static DirectMake? Of(string material, WeekInput input, Dictionary<string, int> indexOf) =>
        input
            .Chains.For(material)
            .Where(r => r.From.Keys.All(k => input.OnHand.GetValueOrDefault(k) > 0))
            .OrderBy(r => r.Minutes / r.Amount)
            .ThenBy(r => r.Id, StringComparer.Ordinal)
            .Select(r => new DirectMake(
                r.Minutes / r.Amount,
                [.. r.From.Select(f => (indexOf.GetValueOrDefault(f.Key, -1), input.OnHand[f.Key], f.Value / r.Amount))]
            ))
            .FirstOrDefault()
        ?? ByRecipe(material, input);

    /// <summary>Mixing takes from the kitchen, not from the cupboard; a batch is a batch, so its work is shared by its
    /// yield.</summary>
    private static DirectMake? ByRecipe(string material, WeekInput input) =>
        input
            .Recipes.Where(r => r.Makes == material)
            .OrderBy(r => r.Minutes)
            .Select(r => new DirectMake(r.Minutes / r.Yield, []))
            .FirstOrDefault();

    /// <summary>Makes as much of what is missing as the week leaves things for, and notes what it takes.</summary>
    /// <param name="missing">Units wanted.</param>
    /// <param name="taken">Units taken of each material by the week; grows by what the making takes.</param>
    /// <returns>Units made.</returns>
    public double Make(double missing, double[] taken)
    {
        var made = missing;
        foreach (var (index, onHand, each) in Takes)
        {
            made = Math.Min(made, Math.Max(0, onHand - (index < 0 ? 0 : taken[index])) / each);
        }

        foreach (var (index, _, each) in Takes)
        {
            if (index >= 0)
            {
                taken[index] += made * each;
            }
        }

        return made;
    }
}
