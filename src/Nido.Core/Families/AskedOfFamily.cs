using Nido.Core.Cupboard;

namespace Nido.Core.Families;

/// <summary>Something one family is asked for.</summary>
/// <param name="ChildId">Whose family.</param>
/// <param name="Material">What.</param>
/// <param name="Amount">How much, in the unit of the material, over 0.</param>
public sealed record AskedOfFamily(string ChildId, Material Material, double Amount);
