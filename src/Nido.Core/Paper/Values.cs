using System.Globalization;
using Nido.Core.Making;
using Nido.Core.Words;

namespace Nido.Core.Paper;

/// <summary>What is asked of a sheet, by the names of its fields; what is left out begins as the field says.</summary>
/// <param name="Numbers">Numbers and whole numbers.</param>
/// <param name="Texts">Choices and texts.</param>
/// <param name="Lists">Several texts.</param>
public sealed record SheetValues(
    IReadOnlyDictionary<string, double>? Numbers = null,
    IReadOnlyDictionary<string, string>? Texts = null,
    IReadOnlyDictionary<string, IReadOnlyList<string>>? Lists = null
);

/// <summary>Values held to the fields of a sheet: a value outside its range is refused with its field, its value and
/// what would do.</summary>
public sealed class Values
{
    /// <summary>Letters of an entry of a list at most.</summary>
    public const int LongestEntry = 160;

    private readonly Dictionary<string, Field> fields;
    private readonly SheetValues given;

    /// <summary>Refuses names that are no fields.</summary>
    public Values(IReadOnlyList<Field> fields, SheetValues given)
    {
        ArgumentNullException.ThrowIfNull(given);
        this.fields = fields.ToDictionary(f => f.Name);
        this.given = given;
        IEnumerable<string> names =
        [
            .. given.Numbers?.Keys ?? [],
            .. given.Texts?.Keys ?? [],
            .. given.Lists?.Keys ?? [],
        ];
        if (names.FirstOrDefault(n => !this.fields.ContainsKey(n)) is { } unknown)
        {
            throw Need.Refused(
                unknown,
                (Said)$"a field",
                $"this sheet has the fields {string.Join(", ", this.fields.Keys)}"
            );
        }

        // All that is given is looked at, whether this drawing asks for it or not.
        foreach (var name in given.Numbers?.Keys ?? [])
        {
            Number(name);
        }
    }

    /// <summary>A number.</summary>
    public double Number(string name)
    {
        var field = fields[name];
        return given.Numbers is { } numbers && numbers.TryGetValue(name, out var value)
            ? Need.Between(name, value, field.Least, field.Most, field.Unit)
            : double.Parse(field.Start, CultureInfo.InvariantCulture);
    }

    /// <summary>A whole number.</summary>
    public int Whole(string name)
    {
        var value = Number(name);
        return value == Math.Floor(value)
            ? (int)value
            : throw Need.Refused(
                name,
                value,
                $"a whole number from {fields[name].Least} to {fields[name].Most} is wanted"
            );
    }

    /// <summary>One of the choices, or a text.</summary>
    public string Text(string name)
    {
        var field = fields[name];
        var text = Letters.Composed((given.Texts?.GetValueOrDefault(name) ?? field.Start).Trim());
        return field.Choices.Count > 0 ? Need.OneOf(name, text, field.Choices)
            : text.Length <= field.Most ? text
            : throw Need.Refused(name, $"{text.Length} letters", $"a text of at most {field.Most} letters is wanted");
    }

    /// <summary>Several texts; empty lines are left out.</summary>
    public IReadOnlyList<string> List(string name)
    {
        var field = fields[name];
        string[] list =
        [
            .. (given.Lists?.GetValueOrDefault(name) ?? field.Start.Split('\n'))
                .Where(t => !string.IsNullOrWhiteSpace(t))
                .Select(t => Letters.Composed(t.Trim())),
        ];
        return list.Length < field.Least
                ? throw Need.Refused(name, (Said)$"an empty list", $"write at least {field.Least} of them, a line each")
            : list.Length > field.Most
                ? throw Need.Refused(
                    name,
                    $"{list.Length} lines",
                    $"at most {field.Most} lines are wanted; print the others on a second sheet"
                )
            : list.FirstOrDefault(t => t.Length > LongestEntry) is { } tooLong
                ? throw Need.Refused(name, tooLong, $"a line has at most {LongestEntry} letters; take a shorter form")
            : list;
    }
}
