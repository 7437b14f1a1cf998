using Google.OrTools.Sat;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules.Hard;

namespace Nido.Core.Week.Rules;

/// <summary>Writes rows of hard rules into a model, over what lies where in it.</summary>
/// <param name="model">The model.</param>
/// <param name="ways">The ways of the week.</param>
/// <param name="lies">How often a way lies in a cell, as the model has it.</param>
public sealed class RowsInModel(CpModel model, WeekWays ways, Func<int, int, LinearExpr> lies)
{
    private readonly Dictionary<int, BoolVar> heavy = [];

    /// <summary>Adds a row.</summary>
    public Constraint Add(RuleRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return model.AddLinearConstraint(
            LinearExpr.WeightedSum(
                [.. row.Terms.Select(t => lies(t.Cell, t.Way)), .. row.HeavyCells.Select(CannotButBeHeavy)],
                [.. row.Terms.Select(t => (long)t.Times), .. row.HeavyCells.Select(_ => 1L)]
            ),
            row.AtLeast,
            row.AtMost
        );
    }

    /// <summary>True where a child in a cell cannot but meet heavy work.</summary>
    private BoolVar CannotButBeHeavy(int cell)
    {
        if (heavy.TryGetValue(cell, out var known))
        {
            return known;
        }

        var must = heavy[cell] = model.NewBoolVar($"heavy {cell}");
        var block = ways.Problem.Blocks[ways.Problem.Cells[cell].Block];
        var sum = LinearExpr.Sum(ways.In(cell).Where(w => w.Any.IsHeavy).Select(w => lies(cell, w.Index)));
        var most = Enumerable.Range(0, block.Offers + 1).Last(n => n == 0 || !HandsRest.CannotBut(block, n));
        model.Add(sum <= most + (must * block.Offers));
        return must;
    }
}
