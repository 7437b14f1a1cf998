namespace Nido.Core.Making;

/// <summary>Holds what is asked of a calculator to its range; everything else is refused with a sentence.</summary>
internal static class Need
{
    /// <summary>Longest length any calculator takes, mm.</summary>
    public const double Longest = 10_000;

    /// <summary>
    /// Shortest length any calculator takes, mm: a tenth of a sheet of thin paper. Below it, counts grow past anything
    /// one can
    /// make.
    /// </summary>
    public const double Shortest = 0.01;

    /// <summary>A number from least to most; no NaN, nothing endless.</summary>
    public static double Between(string field, double value, double least, double most, string unit = "") =>
        value >= least && value <= most
            ? value
            : throw Refused(
                field,
                value,
                $"a number from {least:0.###} to {most:#,0.###}{Said.When(unit.Length > 0, $" {Said.Word(unit)}")} is wanted"
            );

    /// <summary>A length from the shortest to the longest, mm.</summary>
    public static double Length(string field, double value, double most = Longest) =>
        value >= Shortest && value <= most
            ? value
            : throw Refused(
                field,
                value,
                $"a length over 0 ({Shortest:0.##} mm at least) and up to {most:#,0.###} mm is wanted"
            );

    /// <summary>A length of 0 or more, mm.</summary>
    public static double LengthOrNone(string field, double value, double most = Longest) =>
        Between(field, value, 0, most, "mm");

    /// <summary>A whole number from least to most.</summary>
    public static int Whole(string field, int value, int least, int most) =>
        value >= least && value <= most
            ? value
            : throw Refused(field, value, $"a whole number from {least} to {most:#,0} is wanted");

    /// <summary>Spare in percent, 0–200.</summary>
    public static double Spare(double value) => Between("spare", value, 0, 200, "percent");

    /// <summary>A list with least to most entries, none of them null.</summary>
    public static IReadOnlyList<T> Some<T>(string field, IReadOnlyList<T>? list, int least, int most) =>
        list is not null && list.Count >= least && list.Count <= most && list.All(x => x is not null)
            ? list
            : throw Refused(field, list?.Count ?? 0, $"a list of {least} to {most} is wanted");

    /// <summary>Distinct words, each with at least a letter.</summary>
    public static IReadOnlyList<string> Words(string field, IReadOnlyList<string>? words, int least, int most)
    {
        var list = Some(field, words, least, most);
        if (list.FirstOrDefault(string.IsNullOrWhiteSpace) is not null)
        {
            throw Refused(field, (Said)$"an empty word", $"every entry needs a word");
        }

        return list.GroupBy(w => w).FirstOrDefault(g => g.Count() > 1) is { } twice
            ? throw Refused(field, twice.Key, $"it stands twice; each word is wanted once")
            : list;
    }

    /// <summary>A mapping with at least one entry.</summary>
    public static IReadOnlyDictionary<string, T> Map<T>(string field, IReadOnlyDictionary<string, T>? map) =>
        map is { Count: > 0 and <= 100 } ? map : throw Refused(field, map?.Count ?? 0, $"1 to 100 entries are wanted");

    /// <summary>One word of a closed list.</summary>
    public static string OneOf(string field, string? value, params IReadOnlyCollection<string> allowed) =>
        value is not null && allowed.Contains(value)
            ? value
            : throw Refused(field, value ?? "nothing", $"one of {allowed} is wanted");

    /// <summary>The exception that says what would be taken.</summary>
    public static MakingException Refused(string field, object? value, Said allowed) =>
        new(
            field,
            value switch
            {
                null or "nothing" => $"nothing",
                Said said => said,
                _ => $"{value}",
            },
            allowed
        );

    /// <summary>A count with its spare, rounded up.</summary>
    public static int Spared(double count, double sparePercent) =>
        (int)Math.Ceiling((count * (1 + (sparePercent / 100))) - 1e-9);

    /// <summary>How many whole pieces; a hair under a whole number counts as it.</summary>
    public static int Floor(double value) => (int)Math.Floor(value + 1e-9);

    /// <summary>Rounded to a thousandth, for what is shown.</summary>
    public static double Round(double value) => Math.Round(value, 3);
}
