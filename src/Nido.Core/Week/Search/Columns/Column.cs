namespace Nido.Core.Week.Search.Columns;

/// <summary>Ways that lie together in one block of one day; computation.md §6, Columns.</summary>
/// <param name="Cell">Index of the cell.</param>
/// <param name="Ways">Indices of the ways, ascending.</param>
/// <param name="Dose">What it gives child × aim, exactly, in hundredths of a minute.</param>
/// <param name="Strands">Child × strand that is open and met, as index.</param>
/// <param name="MustBeHeavy">A child there cannot but meet heavy work.</param>
public sealed record Column(int Cell, IReadOnlyList<int> Ways, int[] Dose, IReadOnlyList<int> Strands, bool MustBeHeavy)
{
    /// <summary>What tells it from others.</summary>
    public string Name { get; } = $"{Cell}:{string.Join(',', Ways)}";
}
