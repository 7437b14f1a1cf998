namespace Nido.Core.Cupboard;

/// <summary>How an amount of a material is made from what is there, first things first.</summary>
/// <param name="Steps">Recipe and batches, in the order they are done.</param>
/// <param name="Takes">Units taken of each material on hand.</param>
public sealed record MakeWay(
    IReadOnlyList<(MakeFrom Recipe, int Batches)> Steps,
    IReadOnlyDictionary<string, double> Takes
)
{
    /// <summary>Work in minutes, rounded up.</summary>
    public int Minutes => (int)Math.Ceiling(Steps.Sum(s => s.Batches * s.Recipe.Minutes) - 1e-9);

    /// <summary>The longest wait among the steps one after the other.</summary>
    public int WaitMinutes => Steps.Sum(s => s.Recipe.WaitMinutes);
}
