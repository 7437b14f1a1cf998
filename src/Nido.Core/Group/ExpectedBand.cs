using Nido.Core.Group.Expecting;

namespace Nido.Core.Group;

/// <summary>Children of an age expected at a drop-in session.</summary>
/// <param name="FromMonths">Youngest, in whole months.</param>
/// <param name="ToMonths">Up to, but not including, this age; over <paramref name="FromMonths"/>.</param>
/// <param name="Children">Expected headcount, 0–100.</param>
public sealed record ExpectedBand(int FromMonths, int ToMonths, int Children)
{
    /// <summary>Where fewer are expected on the mean, nobody is planned for.</summary>
    private const double FewerAreNobody = 0.3;

    /// <summary>The band from its youngest to its oldest as ages are written short, years;months: the same in every
    /// language.</summary>
    public string Name => $"{Short(FromMonths)}–{Short(ToMonths - 1)}";

    /// <summary>The band a stand-in belongs to, by its id.</summary>
    public static string BandOf(string standInId)
    {
        ArgumentNullException.ThrowIfNull(standInId);
        return standInId[..standInId.LastIndexOf('-')];
    }

    /// <summary>
    /// Stand-ins for those expected: ages spread evenly over the band, nothing else known. A child who may still be
    /// under three may also still mouth things, and the age alone sees to that.
    /// </summary>
    /// <param name="day">Day on which they have these ages.</param>
    /// <param name="days">Days of the group.</param>
    /// <param name="expected">How many are expected.</param>
    /// <param name="runOut">Chance of running out that is borne.</param>
    public IEnumerable<Child> StandIns(DateOnly day, WeekDays days, Expectation expected, double runOut)
    {
        ArgumentNullException.ThrowIfNull(expected);
        var mean = expected.Coming.Expected;
        var count = mean < FewerAreNobody ? 0 : Math.Max(1, (int)Math.Round(mean));
        return Enumerable
            .Range(0, count)
            .Select(k =>
            {
                var months = FromMonths + (int)((k + 0.5) * (ToMonths - FromMonths) / count);
                return new Child(
                    $"age-{FromMonths}-{k + 1}",
                    $"{Name}, {k + 1}",
                    day.AddMonths(-months),
                    days,
                    Mouths: false,
                    Hand.Undecided,
                    AvoidsTouch: false,
                    [],
                    "en",
                    ""
                )
                {
                    StandsFor = new(mean / count, expected.Coming.Size, runOut),
                };
            });
    }

    private static string Short(int months) => $"{months / 12};{months % 12}";
}
