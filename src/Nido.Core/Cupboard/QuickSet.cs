namespace Nido.Core.Cupboard;

/// <summary>What a place of a kind usually has, to begin counting with: nobody types two hundred numbers on the first
/// day.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Name">Whose.</param>
/// <param name="About">What is in it, in a line.</param>
/// <param name="Children">Its amounts are for so many.</param>
/// <param name="Parts">Amounts by material id, in the material's unit, by part: <see cref="Always"/>, paint, dough,
/// outdoors.</param>
public sealed record QuickSet(
    string Id,
    InBoth Name,
    InBoth About,
    int Children,
    IReadOnlyDictionary<string, IReadOnlyDictionary<string, double>> Parts
)
{
    /// <summary>The part that nobody leaves out.</summary>
    public const string Always = "always";

    /// <summary>Parts a set may have, in the order they are asked.</summary>
    public static IReadOnlyList<string> PartNames { get; } = [Always, "paint", "dough", "outdoors"];

    /// <summary>How much there usually is for so many children: more children have more of all that is counted or
    /// measured, fewer do not have less, for a home of one still owns six bowls.</summary>
    /// <param name="children">Children of the group; 0 where nobody is known yet.</param>
    /// <returns>Part, material id and amount, in the order of the file.</returns>
    public IEnumerable<(string Part, string MaterialId, double Amount)> For(int children)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(children);
        var factor = Math.Max(1, children / (double)Children);
        return from part in PartNames
            where Parts.ContainsKey(part)
            from thing in Parts[part]
            select (part, thing.Key, Math.Ceiling((thing.Value * factor) - 1e-9));
    }
}
