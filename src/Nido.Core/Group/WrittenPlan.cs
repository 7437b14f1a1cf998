namespace Nido.Core.Group;

/// <summary>What the written plan of a child allows in spite of an allergy: one material, as the family and its doctor
/// have put it down.</summary>
/// <param name="MaterialId">The material.</param>
/// <param name="Adult">Who entered it.</param>
/// <param name="On">Date of the plan.</param>
/// <param name="Wording">As it is written there: "baked only".</param>
public sealed record WrittenPlan(string MaterialId, string Adult, DateOnly On, string Wording);
