namespace Nido.Core.Journal;

/// <summary>A change that was tried because it was hard, and when to look again.</summary>
/// <param name="Id">Grows in the order they were written down.</param>
/// <param name="ChildId">Who.</param>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Step">Step at which it was hard.</param>
/// <param name="Sign">Id of the sign that was seen; empty for none.</param>
/// <param name="Change">What is changed, in words.</param>
/// <param name="On">Day it was begun.</param>
/// <param name="LookAgainOn">Day to look again.</param>
/// <param name="Helped">Whether it helped; null until someone has looked.</param>
public sealed record FollowUp(
    long Id,
    string ChildId,
    string Ladder,
    int Step,
    string Sign,
    string Change,
    DateOnly On,
    DateOnly LookAgainOn,
    bool? Helped
);
