using Nido.Core.Allergens;
using Nido.Core.Group;

namespace Nido.Core.Safety.Conditions;

/// <summary>For whom and where a thing is looked at.</summary>
/// <param name="Book">The vocabulary of allergens.</param>
/// <param name="Settings">What the group has decided.</param>
/// <param name="Child">The child it is looked at for; null where that makes no difference.</param>
public sealed record Asked(AllergenBook Book, GroupSettings Settings, ChildInRoom? Child)
{
    /// <summary>What lies there together, where amounts add up; empty where a thing is looked at by itself.</summary>
    public IReadOnlyList<HandledThing> Beside { get; init; } = [];
}
