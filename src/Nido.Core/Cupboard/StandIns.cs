namespace Nido.Core.Cupboard;

/// <summary>Finds by rule which materials can take a role. No list of substitutes exists anywhere.</summary>
public static class StandIns
{
    /// <summary>The first need a material does not meet, in words; null when it meets them all.</summary>
    /// <param name="material">Candidate.</param>
    /// <param name="needs">What the role asks.</param>
    /// <param name="otherWidth">Width in mm of the material in the role the opening is compared with.</param>
    public static Said? Fails(Material material, RoleNeeds needs, double? otherWidth)
    {
        if (needs.Only is { } only && !only.Contains(material.Id))
        {
            return $"is not among those chosen for it";
        }

        if (needs.All.FirstOrDefault(t => !material.Tags.Contains(t)) is { } missing)
        {
            return $"is not {TagWords.Of(missing)}";
        }

        if (needs.Any.Count > 0 && !needs.Any.Any(material.Tags.Contains))
        {
            return $"is none of {needs.Any.Select(TagWords.Of)}";
        }

        if (needs.None.FirstOrDefault(material.Tags.Contains) is { } none)
        {
            return $"is {TagWords.Of(none)}";
        }

        return OutOf(needs.Width, material.Width, $"width")
            ?? OutOf(needs.Length, material.Length, $"length")
            ?? OutOf(needs.Hole, material.Hole ?? 0, $"hole")
            ?? OutOf(needs.Opening, material.Opening ?? 0, $"opening")
            ?? TooNarrow(material, needs, otherWidth);
    }

    /// <summary>
    /// Score 0–100: closeness of size 40, being on hand 30, preferred tags 15, price 10, theme colours 5.
    /// </summary>
    /// <param name="material">A material that meets the needs.</param>
    /// <param name="needs">What the role asks.</param>
    /// <param name="onHand">Amount in the cupboard.</param>
    /// <param name="wanted">Amount wanted, for judging what is on hand; at least 1.</param>
    /// <param name="themeColours">The week's colours.</param>
    public static StandIn Score(
        Material material,
        RoleNeeds needs,
        double onHand,
        double wanted,
        IReadOnlyCollection<string> themeColours
    )
    {
        double[] sizes =
        [
            .. new (SizeRange? Range, double Size)[]
            {
                (needs.Width, material.Width),
                (needs.Length, material.Length),
                (needs.Hole, material.Hole ?? 0),
                (needs.Opening, material.Opening ?? 0),
            }
                .Where(s => s.Range is not null)
                .Select(s => s.Range!.Closeness(s.Size)),
        ];
        var size = 40 * (sizes.Length == 0 ? 1 : sizes.Average());
        var hand = 30 * Math.Min(1, onHand / Math.Max(1, wanted));
        var tags =
            15.0
            * (needs.Prefer.Count == 0 ? 1 : needs.Prefer.Count(material.Tags.Contains) / (double)needs.Prefer.Count);
        var price =
            10
            * (
                onHand >= wanted ? 1
                : material.IsSold ? 1 / (1 + (material.PackCents!.Value / 300.0))
                : 0.3
            );
        var colour = themeColours.Count == 0 || material.Colours.Any(themeColours.Contains) ? 5.0 : 0;
        return new StandIn(
            material,
            (int)Math.Round(size + hand + tags + price + colour),
            [
                $"size {size:0} of 40",
                $"on hand {hand:0} of 30 ({onHand:0.#} of {wanted:0.#})",
                $"liked properties {tags:0} of 15",
                $"price {price:0} of 10",
                $"theme colours {colour:0} of 5",
            ]
        );
    }

    private static Said? OutOf(SizeRange? range, double mm, Said what) =>
        range is null || range.Holds(mm)
            ? null
            : (Said)$"{what} {mm:0.#} mm, asked {range.Least:0.#}–{range.Most:0.#} mm";

    private static Said? TooNarrow(Material material, RoleNeeds needs, double? otherWidth) =>
        needs.OpeningOver is { } factor && otherWidth is { } width && (material.Opening ?? 0) < factor * width
            ? (Said)
                $"opening {material.Opening ?? 0:0.#} mm, asked {factor * width:0.#} mm ({factor:0.##} × the {needs.OpeningOverRole})"
            : null;
}
