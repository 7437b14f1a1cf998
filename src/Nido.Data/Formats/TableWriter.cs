using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Nido.Data.Formats;

/// <summary>Writes tables as CSV (RFC 4180, UTF-8); text that looks like a formula is marked as text.</summary>
public static class TableWriter
{
    /// <summary>A table from headings and rows.</summary>
    public static string Write(IEnumerable<string> headings, IEnumerable<IEnumerable<string>> rows)
    {
        using var text = new StringWriter();
        using (
            var csv = new CsvWriter(
                text,
                new CsvConfiguration(CultureInfo.InvariantCulture)
                {
                    InjectionOptions = InjectionOptions.Escape,
                    NewLine = "\r\n",
                }
            )
        )
        {
            foreach (var row in rows.Prepend(headings))
            {
                foreach (var cell in row)
                {
                    csv.WriteField(cell);
                }

                csv.NextRecord();
            }
        }

        return text.ToString();
    }
}
