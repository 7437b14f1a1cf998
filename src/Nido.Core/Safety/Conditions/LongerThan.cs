using Nido.Core.Cupboard;

namespace Nido.Core.Safety.Conditions;

/// <summary>A thing longer than so many mm; what comes by the metre is.</summary>
public sealed record LongerThan(double Mm) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        thing.Material.Unit == MaterialUnit.Metre ? (Said)$"{thing.Name} comes by the metre"
        : thing.Body.Length > Mm ? (Said)$"{thing.Name} is {thing.Body.Length:0.#} mm long"
        : null;
}
