using Google.OrTools.Sat;

namespace Nido.Core.Week.Search;

/// <summary>How the solver is set, in one place.</summary>
public static class Solving
{
    /// <summary>
    /// A solver that does a fixed amount of work, so that the same input gives the same answer; the guard only ends a
    /// run on a machine that is far too slow. Eight interleaved workers are also right on two cores.
    /// </summary>
    /// <param name="work">Deterministic seconds.</param>
    /// <param name="guard">Wall clock at most.</param>
    public static CpSolver Solver(double work, TimeSpan guard) =>
        Of("num_workers:8 interleave_search:true", work, guard);

    /// <summary>The same by one worker that leans on the linear relaxation: where that is near to the whole numbers, it proves in a
    /// second what eight that share their time prove in ten.</summary>
    /// <param name="work">Deterministic seconds.</param>
    /// <param name="guard">Wall clock at most.</param>
    public static CpSolver ByRelaxation(double work, TimeSpan guard) =>
        Of("num_workers:1 linearization_level:2", work, guard);

    private static CpSolver Of(string how, double work, TimeSpan guard) =>
        new()
        {
            StringParameters = string.Create(
                System.Globalization.CultureInfo.InvariantCulture,
                $"{how} random_seed:7 max_deterministic_time:{work:0.###} max_time_in_seconds:{guard.TotalSeconds:0.###}"
            ),
        };
}
