namespace Nido.Core.Group.Steps;

/// <summary>What a child should manage on one ladder before higher steps of another are offered.</summary>
/// <param name="From">Lowest step of the ladder it holds for.</param>
/// <param name="On">Id of the earlier ladder.</param>
/// <param name="Step">Step of it that is asked for.</param>
/// <param name="Why">The reason, a sentence.</param>
public sealed record Prerequisite(int From, string On, int Step, InBoth Why)
{
    /// <summary>
    /// Judged by age alone, never by what was seen of the child: the arm comes first in the order of learning, but an
    /// arm that will
    /// not get stronger keeps nobody from a pencil.
    /// </summary>
    public bool ByAge { get; init; }
}
