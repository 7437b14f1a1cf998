namespace Nido.Core.Making;

/// <summary>Something asked of a calculator that cannot be made: the field, what was asked, and what would be
/// taken.</summary>
/// <param name="field">Name of the field as it is sent, in camel case.</param>
/// <param name="value">What was asked.</param>
/// <param name="allowed">The allowed range or the way out, as a sentence.</param>
public sealed class MakingException(string field, Said value, Said allowed) : Exception($"{field} {value}: {allowed}")
{
    /// <summary>Name of the field.</summary>
    public string Field { get; } = field;

    /// <summary>What was asked.</summary>
    public Said Value { get; } = value;

    /// <summary>The allowed range or the way out.</summary>
    public Said Allowed { get; } = allowed;
}
