using Nido.Core.Cupboard;
using Nido.Core.Ideas;

namespace Nido.Core.Safety;

/// <summary>Something a child can get hold of at a step: a material, a part that comes off it, a piece made of it.</summary>
/// <param name="Name">In words.</param>
/// <param name="Material">What it is of.</param>
/// <param name="Body">Its form.</param>
/// <param name="IsPart">It comes off the material.</param>
/// <param name="IsMade">It comes about while the step is worked.</param>
public sealed record HandledThing(string Name, Material Material, Body Body, bool IsPart, bool IsMade)
{
    /// <summary>Everything at hand of a material, and a piece made of it.</summary>
    public static IEnumerable<HandledThing> AtHand(Material? material, MadePiece? made)
    {
        if (material is null)
        {
            yield break;
        }

        yield return new(material.Name, material, material.Body, false, false);
        foreach (var part in material.Parts)
        {
            yield return new($"{material.Name}, {part.Name}", material, part.Body, true, false);
        }

        if (made is not null)
        {
            yield return new($"{made.Name} of {material.Name}", material, made.Of(material), false, true);
        }
    }

    /// <summary>Everything at hand at a step of an idea.</summary>
    public static IEnumerable<HandledThing> AtHand(IdeaStep step) => step.Bindings
        .SelectMany(b => step.Makes.Where(m => m.From == b.Key).Cast<MadePiece?>().DefaultIfEmpty().SelectMany(m => AtHand(b.Value.Material, m)))
        .Distinct();

    /// <summary>Why a rule fires on this thing, in words; null where it does not.</summary>
    /// <param name="when">What the rule asks.</param>
    /// <param name="allergies">Allergies it is held against.</param>
    public string? Meets(RuleWhen when, IReadOnlyList<string> allergies)
    {
        ArgumentNullException.ThrowIfNull(when);
        if ((when.AnyTags.Count > 0 && !when.AnyTags.Any(Material.Tags.Contains))
            || !when.AllTags.All(Material.Tags.Contains)
            || when.NoTags.Any(Material.Tags.Contains)
            || (when.Made && !IsMade)
            || (when.ComesApart && !IsPart)
            || (when.Bought && !(Material.IsSold && Material.Consumable))
            || (when.AnyAllergen && Material.Allergens.Count == 0)
            || (when.LongerThan is { } mm && !(Body.Length > mm || Material.Unit == MaterialUnit.Metre))
            || (when.HeavierThan is { } g && !(Material.Mass > g))
            || (when.SizeUnknown && (!CanBePickedUp || Body.IsMeasured)))
        {
            return null;
        }

        if (when.Allergen)
        {
            var carried = allergies.Where(Material.Allergens.Contains).ToArray();
            return carried.Length == 0 ? null : $"{Name} carries {string.Join(", ", carried)}";
        }

        if (when.SmallPart)
        {
            return !CanBePickedUp || !SmallPart.Is(Body) ? null
                : Body.IsMeasured ? $"{Name}, {Body.InWords}, counts as a small part"
                : $"{Name}: the size is not known, so it is taken as a small part";
        }

        if (when.SqueezedSmall)
        {
            return Material.Tags.Contains("soft") && CanBePickedUp && Body.IsMeasured && !SmallPart.Is(Body) && SmallPart.Is(SmallPart.Squeezed(Body))
                ? $"{Name}, {Body.InWords}, counts as a small part when squeezed to half"
                : null;
        }

        // What hangs on the material alone is said once, of the material.
        return IsPart || IsMade ? when.ComesApart || when.Made ? Name : null
            : when.LongerThan is not null ? Material.Unit == MaterialUnit.Metre ? $"{Name} comes by the metre" : $"{Name} is {Body.Length:0.#} mm long"
            : when.HeavierThan is not null ? $"{Name} weighs {Material.Mass:0.#} g"
            : Name;
    }

    private bool CanBePickedUp => IsPart || IsMade || Material.IsCounted;
}
