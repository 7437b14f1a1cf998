namespace Nido.Core.Safety;

/// <summary>An allergen a thing holds, and through what.</summary>
/// <param name="Allergen">Its id.</param>
/// <param name="How">Whether it is in it, may be, or was.</param>
/// <param name="Through">What it is made of that brings it, outermost first; empty where it is the thing
/// itself.</param>
public sealed record HeldAllergen(string Allergen, HeldHow How, IReadOnlyList<Said> Through);
