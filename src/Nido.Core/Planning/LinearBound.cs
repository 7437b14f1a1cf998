using Google.OrTools.LinearSolver;
using Google.OrTools.Sat;

namespace Nido.Core.Planning;

/// <summary>
/// A lower bound of a model of linear rules by letting whole numbers be broken: quick where the solver's own search has
/// not come to a bound yet. Of use only for models all of whose rules are linear and hold always.
/// </summary>
public static class LinearBound
{
    // Far under a hundredth of a minute a plan could differ by, far over what the simplex method is exact to.
    private const double Safety = 1e-3;

    /// <summary>The bound, rounded up to a whole number, or null where it was not found in time or was stopped.</summary>
    /// <param name="model">With an objective to make small.</param>
    /// <param name="limit">Longest time to try.</param>
    /// <param name="stop">Gives up at once.</param>
    /// <exception cref="NotSupportedException">A rule is not linear, or holds only sometimes.</exception>
    public static long? Of(CpModel model, TimeSpan limit, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(model);
        using var solver = Solver.CreateSolver("GLOP");
        solver.SetTimeLimit((long)limit.TotalMilliseconds);
        var proto = model.Model;
        Variable[] columns = [.. proto.Variables.Select((v, i) => solver.MakeNumVar(v.Domain[0], v.Domain[^1], $"{i}"))];
        foreach (var rule in proto.Constraints)
        {
            if (rule.ConstraintCase != ConstraintProto.ConstraintOneofCase.Linear || rule.EnforcementLiteral.Count > 0)
            {
                throw new NotSupportedException($"A rule of the model is not plainly linear: {rule.ConstraintCase}.");
            }

            var row = solver.MakeConstraint(End(rule.Linear.Domain[0]), End(rule.Linear.Domain[^1]));
            for (var k = 0; k < rule.Linear.Vars.Count; k++)
            {
                // A variable may stand in a row twice.
                row.SetCoefficient(columns[rule.Linear.Vars[k]], row.GetCoefficient(columns[rule.Linear.Vars[k]]) + rule.Linear.Coeffs[k]);
            }
        }

        var objective = solver.Objective();
        for (var k = 0; k < proto.Objective.Vars.Count; k++)
        {
            objective.SetCoefficient(columns[proto.Objective.Vars[k]], objective.GetCoefficient(columns[proto.Objective.Vars[k]]) + proto.Objective.Coeffs[k]);
        }

        objective.SetMinimization();
        using var registration = stop.Register(() => solver.InterruptSolve());
        if (stop.IsCancellationRequested)
        {
            return null;
        }

        var status = solver.Solve();
        return status == Solver.ResultStatus.OPTIMAL ? Math.Max(0, (long)Math.Ceiling(objective.Value() + proto.Objective.Offset - Safety)) : null;
    }

    private static double End(long end) => end is long.MinValue or long.MaxValue || Math.Abs(end) > long.MaxValue / 4 ? Math.Sign(end) * double.PositiveInfinity : end;
}
