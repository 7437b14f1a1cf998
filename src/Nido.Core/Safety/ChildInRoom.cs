using Nido.Core.Group;

namespace Nido.Core.Safety;

/// <summary>A child as safety sees it on a day.</summary>
/// <param name="Child">The child.</param>
/// <param name="Months">Age in whole months.</param>
/// <param name="Watched">Ids of allergens that are kept from it, words of the house among them.</param>
/// <param name="Unread">Words for an allergy that nothing can be watched for by: neither the vocabulary nor the house
/// knows them.</param>
public sealed record ChildInRoom(Child Child, int Months, IReadOnlyList<string> Watched, IReadOnlyList<string> Unread)
{
    /// <summary>Usual weight for the age, kg.</summary>
    public double Kg => BodyWeight.At(Months);

    /// <summary>The plan that allows this child a material, or null.</summary>
    public WrittenPlan? PlanFor(string materialId) => Child.Plans.FirstOrDefault(p => p.MaterialId == materialId);
}
