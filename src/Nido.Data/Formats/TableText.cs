using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;

namespace Nido.Data.Formats;

/// <summary>A pasted or uploaded table (RFC 4180; semicolon and tab are understood too), read into rows of
/// text.</summary>
public sealed class TableText
{
    /// <summary>Largest file taken, in bytes.</summary>
    public const int MostBytes = 2 * 1024 * 1024;

    /// <summary>Largest number of rows taken.</summary>
    public const int MostRows = 5000;

    /// <summary>Longest first line taken, in letters.</summary>
    public const int LongestHeading = 2000;

    // What keeps rows out is told for so many; the rest is the same again.
    private const int MostProblems = 100;

    private readonly List<RowProblem> problems = [];

    private TableText(string encoding) => Encoding = encoding;

    /// <summary>Rows by heading in lower case.</summary>
    public IReadOnlyList<(int Row, IReadOnlyDictionary<string, string> Cells)> Rows { get; private set; } = [];

    /// <summary>What kept rows out.</summary>
    public IReadOnlyList<RowProblem> Problems =>
        problems.Count <= MostProblems ? problems : [.. problems.Take(MostProblems)];

    /// <summary>How the bytes were read.</summary>
    public string Encoding { get; }

    /// <summary>Reads a table.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="needed">Headings it must have.</param>
    /// <param name="known">All headings it may have, needed ones included.</param>
    public static TableText Read(byte[] bytes, IReadOnlyList<string> needed, IReadOnlyList<string> known)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        if (bytes.Length > MostBytes)
        {
            var table = new TableText("");
            table.problems.Add(
                new(
                    1,
                    "",
                    "",
                    $"The file has {bytes.Length / 1048576.0:0.#} MB; at most {MostBytes / 1048576} MB are taken. "
                        + $"Is it a table of text? Save it as CSV, with only the columns {known}."
                )
            );
            return table;
        }

        var (text, encoding) = Decode(bytes);
        var read = new TableText(encoding);
        // Looked at before the whole is read: a first line of a million columns is no table of names.
        if (text.AsSpan().IndexOfAny('\r', '\n') is var end && (end < 0 ? text.Length : end) > LongestHeading)
        {
            read.problems.Add(
                new(1, "", "", $"The first line has more than {LongestHeading} letters. It names the columns: {known}.")
            );
            return read;
        }

        read.Parse(text, needed, known);
        return read;
    }

    /// <summary>Text of bytes: by byte order mark, else UTF-8 where it is valid, else UTF-16 where every second byte is
    /// 0, else Latin-1.</summary>
    public static (string Text, string Encoding) Decode(byte[] bytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        (byte[] Mark, Encoding As, string Name)[] marks =
        [
            ([0xEF, 0xBB, 0xBF], System.Text.Encoding.UTF8, "UTF-8"),
            ([0xFF, 0xFE], System.Text.Encoding.Unicode, "UTF-16"),
            ([0xFE, 0xFF], System.Text.Encoding.BigEndianUnicode, "UTF-16"),
        ];
        foreach (var (mark, encoding, name) in marks)
        {
            if (bytes.AsSpan().StartsWith(mark))
            {
                return (encoding.GetString(bytes.AsSpan(mark.Length)), name);
            }
        }

        var zeros = bytes.Take(2000).Select((b, i) => (b, i)).Where(x => x.b == 0).ToArray();
        if (zeros.Length > Math.Min(bytes.Length, 2000) / 4)
        {
            return zeros[0].i % 2 == 1
                ? (System.Text.Encoding.Unicode.GetString(bytes), "UTF-16")
                : (System.Text.Encoding.BigEndianUnicode.GetString(bytes), "UTF-16");
        }

        try
        {
            return (new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes), "UTF-8");
        }
        catch (DecoderFallbackException)
        {
            return (System.Text.Encoding.Latin1.GetString(bytes), "Latin-1");
        }
    }

    private void Parse(string text, IReadOnlyList<string> needed, IReadOnlyList<string> known)
    {
        using var csv = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(CultureInfo.InvariantCulture)
            {
                DetectDelimiter = true,
                BadDataFound = null,
                MissingFieldFound = null,
                TrimOptions = TrimOptions.Trim,
            }
        );
        if (!csv.Read() || !csv.ReadHeader())
        {
            problems.Add(new(1, "", "", $"Nothing to read. The first line names the columns: {known}."));
            return;
        }

        string[] headings = [.. csv.HeaderRecord!.Select(h => h.Trim().ToLowerInvariant())];
        foreach (var missing in needed.Where(n => !headings.Contains(n)))
        {
            problems.Add(
                new(
                    1,
                    missing,
                    "",
                    $"The column \"{missing}\" is missing. Add it to the first line; the columns are {known}."
                )
            );
        }

        foreach (var unknown in headings.Where(h => h.Length > 0 && !known.Contains(h)))
        {
            problems.Add(
                new(1, unknown, "", $"The column \"{unknown}\" is not known and was left out. Known are {known}.")
            );
        }

        if (needed.All(headings.Contains))
        {
            Rows = [.. ReadRows(csv, headings)];
        }
    }

    private IEnumerable<(int Row, IReadOnlyDictionary<string, string> Cells)> ReadRows(CsvReader csv, string[] headings)
    {
        for (var count = 0; csv.Read(); )
        {
            var cells = new Dictionary<string, string>();
            for (var i = 0; i < headings.Length; i++)
            {
                cells[headings[i]] = csv.TryGetField<string>(i, out var cell) ? Plain(cell ?? "") : "";
            }

            if (cells.Values.All(string.IsNullOrWhiteSpace))
            {
                continue;
            }

            if (++count > MostRows)
            {
                problems.Add(
                    new(csv.Parser.Row, "", "", $"More than {MostRows} rows; the rest was left out. Split the list.")
                );
                yield break;
            }

            if (
                cells.FirstOrDefault(c =>
                    c.Value.Length > 0 && "=+-@".Contains(c.Value[0], StringComparison.Ordinal) && !IsNumber(c.Value)
                ) is
                { Key: not null } formula
            )
            {
                problems.Add(
                    new(
                        csv.Parser.Row,
                        formula.Key,
                        formula.Value,
                        $"\"{formula.Value}\" looks like a formula of a spreadsheet. Write the plain text or number."
                    )
                );
                continue;
            }

            yield return (csv.Parser.Row, cells);
        }
    }

    // A leading apostrophe before a sign is how spreadsheets are told that it is text; we write it so ourselves.
    private static string Plain(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && "=+-@".Contains(cell[1], StringComparison.Ordinal) ? cell[1..] : cell;

    private static bool IsNumber(string text) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out _);
}
