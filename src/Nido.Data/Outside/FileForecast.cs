using System.Globalization;

namespace Nido.Data.Outside;

/// <summary>
/// The forecast as a file that stands in for a weather service: forecast.csv beside the site file, a line a day with
/// the date and
/// the expected rain in mm. Lines that cannot be read say nothing.
/// </summary>
/// <param name="file">Path; the file may be missing.</param>
public sealed class FileForecast(string file) : IForecast
{
    // Under a millimetre a day children play outside: common practice of forecasts for what counts as a dry day.
    private const double DryBelow = 1;

    /// <inheritdoc />
    public long Stamp => File.Exists(file) ? File.GetLastWriteTimeUtc(file).Ticks : 0;

    /// <inheritdoc />
    public bool? IsDry(DateOnly day)
    {
        if (!File.Exists(file))
        {
            return null;
        }

        foreach (var line in File.ReadLines(file))
        {
            var cells = line.Split(',', ';');
            if (
                cells.Length >= 2
                && DateOnly.TryParseExact(
                    cells[0].Trim(),
                    "yyyy-MM-dd",
                    CultureInfo.InvariantCulture,
                    DateTimeStyles.None,
                    out var on
                )
                && on == day
                && double.TryParse(cells[1].Trim(), NumberStyles.Float, CultureInfo.InvariantCulture, out var rain)
            )
            {
                return rain < DryBelow;
            }
        }

        return null;
    }
}
