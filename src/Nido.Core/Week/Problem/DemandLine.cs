using Nido.Core.Cupboard;

namespace Nido.Core.Week.Problem;

/// <summary>What an idea takes of one material in one block.</summary>
/// <param name="Material">The material.</param>
/// <param name="Roles">Roles it is in.</param>
/// <param name="Amount">In the material's unit, spare added, rounded up.</param>
/// <param name="Trace">How the amount came about.</param>
public sealed record DemandLine(
    Material Material,
    IReadOnlyList<string> Roles,
    double Amount,
    IReadOnlyList<Said> Trace
);
