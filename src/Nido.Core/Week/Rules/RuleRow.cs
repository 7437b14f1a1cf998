namespace Nido.Core.Week.Rules;

/// <summary>How often a way counts in a row when it lies in a cell.</summary>
/// <param name="Cell">Index of the cell.</param>
/// <param name="Way">Index of the way.</param>
/// <param name="Times">How often.</param>
public readonly record struct RowTerm(int Cell, int Way, int Times);

/// <summary>
/// A hard rule as a linear row over what lies where: every plan that keeps the rule satisfies it, and a plan that
/// breaks the rule breaks one of its rows. The same rows stand in every model.
/// </summary>
/// <param name="Says">The rule in a teacher's words; rows of one rule that stand or fall together share it.</param>
/// <param name="Terms">Ways in cells.</param>
/// <param name="AtLeast">The sum is at least this.</param>
/// <param name="AtMost">And at most this.</param>
public sealed record RuleRow(
    Impossible Says,
    IReadOnlyList<RowTerm> Terms,
    int AtLeast = RuleRow.Least,
    int AtMost = RuleRow.Most
)
{
    /// <summary>No lower limit.</summary>
    public const int Least = -1_000_000;

    /// <summary>No upper limit.</summary>
    public const int Most = 1_000_000;

    /// <summary>Cells that count once more where a child in them cannot but meet heavy work.</summary>
    public IReadOnlyList<int> HeavyCells { get; init; } = [];

    /// <summary>The cell of a row that is about one cell, which it is even where nothing there counts in it.</summary>
    public int? Within { get; init; }

    /// <summary>Whether a sum satisfies it.</summary>
    public bool Holds(int sum) => sum >= AtLeast && sum <= AtMost;
}
