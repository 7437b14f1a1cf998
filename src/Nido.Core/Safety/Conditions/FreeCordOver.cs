namespace Nido.Core.Safety.Conditions;

/// <summary>A free cord longer than so many mm, the thing itself or on it. One fastened along a wall is not
/// free.</summary>
public sealed record FreeCordOver(double Mm) : ThingCondition
{
    /// <inheritdoc />
    public override Said? MetBy(HandledThing thing, Asked asked) =>
        thing.IsFixed || thing.Holding.Cord is not { } cord || !(cord.Length > Mm) ? null
        : double.IsInfinity(cord.Length) ? (Said)$"{thing.Name}: a cord that comes by the metre"
        : $"{thing.Name}: {cord.Length:0.#} mm of cord";
}
