namespace Nido.Core.Safety.Conditions;

/// <summary>So many grams of a substance within reach, for each kg of a child's usual weight.</summary>
/// <param name="Substance">salt, baking-soda, cream-of-tartar, soap, hand-gel.</param>
/// <param name="GramsPerKg">From here on.</param>
public sealed record DoseFrom(string Substance, double GramsPerKg) : ThingCondition
{
    /// <inheritdoc />
    public override bool IsOfEachChild => true;

    /// <inheritdoc />
    public override bool MayMeet(HandledThing thing) => thing.Material.Grams.GetValueOrDefault(Substance) > 0;

    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!thing.Material.Grams.TryGetValue(Substance, out var share) || share <= 0 || asked.Child is not { } child)
        {
            return null;
        }

        // Where nobody says how much there is, it is taken to be too much.
        if (thing.Amount is not { } amount)
        {
            return $"{thing.Name}: how much lies there is not known, so it is taken as too much";
        }

        // What else lies there adds to it; a thing that stands at several steps is there once, at its most.
        var beside = asked
            .Beside.Where(t => t.Material.Id != thing.Material.Id)
            .GroupBy(t => t.Material.Id)
            .Sum(g => g.Max(t => t.Amount ?? 0) * g.First().Material.Grams.GetValueOrDefault(Substance));
        var grams = (amount * share) + beside;
        var dose = grams / child.Kg;
        return dose < GramsPerKg - 1e-9
            ? null
            : Said.That(
                $"{thing.Name}: {grams:0.#} g of "
                    + $"{Said.Word(Substance.Replace('-', ' '))}{Said.When(beside > 0, $" with what lies beside it,")} "
                    + $"within reach ÷ {child.Kg:0.#} kg usual at {child.Months} months = {dose:0.#} g/kg; harm is "
                    + $"reported from about {GramsPerKg:0.##} g/kg"
            );
    }
}
