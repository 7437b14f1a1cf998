namespace Nido.Core.Group.Steps;

/// <summary>A step an adult has chosen for a child to work at.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Step">Number on it.</param>
/// <param name="On">Day it was chosen.</param>
/// <param name="KnowsBetter">The adult knows the child to be there, whatever was seen before; otherwise it is only what
/// to work at next.</param>
public sealed record ChosenStep(string ChildId, string Ladder, int Step, DateOnly On, bool KnowsBetter);
