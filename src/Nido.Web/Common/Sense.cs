using System.Collections;
using System.Collections.Concurrent;
using System.Globalization;
using System.Reflection;

namespace Nido.Web.Common;

/// <summary>
/// What is wrong with a body whatever it is about: a field that is missing though its type says it cannot be (JSON
/// leaves out and sends
/// null as it likes, C# trusts the annotation), a day no calendar of a house has, a list nobody has written.
/// </summary>
internal static class Sense
{
    private const int MostItems = 5000;
    private static readonly DateOnly First = new(1990, 1, 1),
        Last = new(2100, 12, 31);

    private static readonly ConcurrentDictionary<
        Type,
        (PropertyInfo Property, bool Needed, bool ValuesNeeded)[]
    > Known = new();

    /// <summary>Each field that has no sense, by its path; empty where all is well.</summary>
    /// <param name="body">A body as it was read.</param>
    public static IReadOnlyList<FieldProblem> In(object body) => [.. Of(body, "").Take(50)];

    /// <summary>What is wrong with a day, or null.</summary>
    public static FieldProblem? OfDay(string field, DateOnly day) =>
        day >= First && day <= Last
            ? null
            : new(
                field,
                day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                $"A day from {First.Year} to {Last.Year} is wanted, for example 2026-12-07."
            );

    private static IEnumerable<FieldProblem> Of(object body, string path)
    {
        foreach (var (property, needed, valuesNeeded) in Known.GetOrAdd(body.GetType(), Fields))
        {
            var at = path + char.ToLowerInvariant(property.Name[0]) + property.Name[1..];
            var value = property.GetValue(body);
            foreach (
                var problem in value is null
                    ? needed
                        ? [Lacking(at)]
                        : []
                    : value is IDictionary map
                        ? InMap(map, at, valuesNeeded)
                        : Within(value, at)
            )
            {
                yield return problem;
            }
        }
    }

    private static IEnumerable<FieldProblem> Within(object value, string at) =>
        value switch
        {
            // Bytes are one thing, a picture, and judged as such.
            string or byte[] => [],
            DateOnly day => OfDay(at, day) is { } problem ? [problem] : [],
            DateTimeOffset moment => OfDay(at, DateOnly.FromDateTime(moment.UtcDateTime)) is { } problem
                ? [problem]
                : [],
            double number => double.IsFinite(number) ? [] : [new(at, $"{number}", $"A number is wanted.")],
            IList { Count: > MostItems } list => [new(at, $"{list.Count}", $"At most {MostItems} are taken at once.")],
            IList list => Enumerable
                .Range(0, list.Count)
                .SelectMany(k => list[k] is { } item ? Within(item, $"{at}[{k}]") : [Lacking($"{at}[{k}]")]),
            _ => IsOurs(value.GetType()) ? Of(value, at + ".") : [],
        };

    /// <summary>A map may hold a null that says "none" where its type says so.</summary>
    private static IEnumerable<FieldProblem> InMap(IDictionary map, string at, bool valuesNeeded) =>
        map.Count > MostItems
            ? [new(at, $"{map.Count}", $"At most {MostItems} are taken at once.")]
            : map
                .Keys.Cast<object>()
                .SelectMany(k =>
                    map[k] is { } value ? Within(value, $"{at}.{k}")
                    : valuesNeeded ? [Lacking($"{at}.{k}")]
                    : []
                );

    private static (PropertyInfo, bool, bool)[] Fields(Type type)
    {
        var nullability = new NullabilityInfoContext();
        return
        [
            .. type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
                .Where(p =>
                    p.SetMethod is not null
                    && p.GetIndexParameters().Length == 0
                    && (!p.PropertyType.IsValueType || IsLookedAt(p.PropertyType))
                )
                .Select(p => (Property: p, Says: nullability.Create(p)))
                .Select(p =>
                    (
                        p.Property,
                        p.Says.ReadState == NullabilityState.NotNull,
                        p.Says.GenericTypeArguments is [_, { ReadState: NullabilityState.NotNull }]
                    )
                ),
        ];
    }

    private static bool IsLookedAt(Type type) =>
        (Nullable.GetUnderlyingType(type) ?? type) is var plain
        && (plain == typeof(DateOnly) || plain == typeof(DateTimeOffset) || plain == typeof(double));

    private static bool IsOurs(Type type) =>
        type is { IsClass: true } && type.Namespace?.StartsWith("Nido.", StringComparison.Ordinal) == true;

    private static FieldProblem Lacking(string field) =>
        new(field, $"null", $"This is missing: send it, the fields stand at /api-docs.");
}
