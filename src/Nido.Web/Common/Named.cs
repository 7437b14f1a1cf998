using System.Diagnostics.CodeAnalysis;

namespace Nido.Web.Common;

/// <summary>One of a closed list in an address, as bodies have it: capitals do not matter, a number is none.</summary>
/// <typeparam name="T">The list.</typeparam>
/// <param name="Value">Which one.</param>
[SuppressMessage("Design", "CA1000", Justification = "Addresses are bound by these two.")]
public readonly record struct Named<T>(T Value) : IParsable<Named<T>>
    where T : struct, Enum
{
    /// <inheritdoc />
    public static Named<T> Parse(string s, IFormatProvider? provider) =>
        TryParse(s, provider, out var read) ? read : throw new FormatException(s);

    /// <inheritdoc />
    public static bool TryParse([NotNullWhen(true)] string? s, IFormatProvider? provider, out Named<T> result)
    {
        var known = Enum.GetNames<T>().FirstOrDefault(n => n.Equals(s, StringComparison.OrdinalIgnoreCase));
        result = known is null ? default : new(Enum.Parse<T>(known));
        return known is not null;
    }
}

/// <summary>What can be said where one of a closed list is wanted.</summary>
internal static class Named
{
    /// <summary>The names of a list, by how its type is written in a refusal; none where it is no list.</summary>
    public static string[] Of(string type) =>
        typeof(Core.Strand)
            .Assembly.GetExportedTypes()
            .Where(t => t.IsEnum && type.Contains($"Named<{t.Name}>", StringComparison.Ordinal))
            .SelectMany(Enum.GetNames)
            .Select(n => char.ToLowerInvariant(n[0]) + n[1..])
            .ToArray();
}
