using Nido.Core.Cupboard;

namespace Nido.Core.Safety;

/// <summary>Everything a material brings to the table, what it is made of included.</summary>
/// <param name="Allergens">Each once, with how and through what.</param>
/// <param name="Tags">Its own properties and what clings from what it is made of.</param>
/// <param name="Cord">Its own cord, or the longest it is made of.</param>
public sealed record Holding(IReadOnlyList<HeldAllergen> Allergens, IReadOnlySet<string> Tags, Cord? Cord)
{
    /// <summary>What a material says of itself.</summary>
    public static Holding Of(Material material)
    {
        ArgumentNullException.ThrowIfNull(material);
        return new(
            [
                .. material.Allergens.Select(a => new HeldAllergen(a, HeldHow.Contains, [])),
                .. material.MayContain.Select(a => new HeldAllergen(a, HeldHow.MayContain, [])),
                .. material.Held.Select(a => new HeldAllergen(a, HeldHow.Held, [])),
            ],
            material.Tags,
            material.Cord
        );
    }

    /// <summary>The same with what another thing brings into it.</summary>
    /// <param name="other">What the other holds.</param>
    /// <param name="through">Its name.</param>
    /// <param name="cooked">What was raw in it is not raw any more.</param>
    public Holding With(Holding other, Said through, bool cooked)
    {
        ArgumentNullException.ThrowIfNull(other);
        var taken = other.Tags.Where(t =>
            MaterialTags.Clinging.Contains(t) && !(cooked && t.StartsWith("raw-", StringComparison.Ordinal))
        );
        return new(
            [
                .. Allergens
                    .Concat(other.Allergens.Select(a => a with { Through = [through, .. a.Through] }))
                    .DistinctBy(a => a.Allergen),
            ],
            Tags.Concat(taken).ToHashSet(),
            Nido.Core.Cupboard.Cord.Worse(Cord, other.Cord)
        );
    }
}
