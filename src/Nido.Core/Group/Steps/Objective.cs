namespace Nido.Core.Group.Steps;

/// <summary>What a child is working towards: a step of a ladder by a day. The planner favours its ladder.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Step">Step to be managed alone.</param>
/// <param name="By">By this day.</param>
public sealed record Objective(string ChildId, string Ladder, int Step, DateOnly By);
