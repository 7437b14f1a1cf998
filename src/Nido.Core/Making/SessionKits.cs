using Nido.Core.Cupboard;

namespace Nido.Core.Making;

/// <summary>Kits to pack for a drop-in session: enough with the chance a group sets, whoever comes.</summary>
public static class SessionKits
{
    /// <summary>What is asked.</summary>
    /// <param name="Expected">Headcount expected of each age band.</param>
    /// <param name="RunOut">Chance in percent that may be taken of running out.</param>
    /// <param name="OneKit">One kit does for every age.</param>
    public sealed record Ask(IReadOnlyDictionary<string, double> Expected, double RunOut = 5, bool OneKit = false);

    /// <summary>What comes out.</summary>
    /// <param name="Kits">Kits of each band; one entry where one kit does for all.</param>
    /// <param name="Total">Kits in all.</param>
    /// <param name="Spare">Kits beyond what is expected.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(IReadOnlyDictionary<string, int> Kits, int Total, int Spare, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("session-kits", 4, Of, "total", "spare")
        {
            Fields =
            [
                new("expected", AskKind.Amounts, "under-2 6, twos-and-threes 8, fours 7, fives 3"),
                AskField.Number("runOut", 5, 0.1, 50, "%"),
                AskField.Flag("oneKit"),
            ],
        };

    /// <summary>The smallest number of each kit that runs out with at most that chance, attendance being
    /// Poisson.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var expected = Need.Map("expected", ask.Expected);
        foreach (var (band, n) in expected)
        {
            Need.Between($"expected.{band}", n, 0, 1000);
        }

        var chance = Need.Between("runOut", ask.RunOut, 0.1, 50, "%") / 100;
        var bands = ask.OneKit
            ? new Dictionary<string, double> { ["all"] = Need.Between("expected", expected.Values.Sum(), 0, 1000) }
            : expected.ToDictionary();
        var kits = bands.ToDictionary(b => b.Key, b => DropInKits.For(b.Value, chance));
        var total = kits.Values.Sum();
        return new(
            kits,
            total,
            total - (int)Math.Floor(expected.Values.Sum()),
            [
                .. bands.Select(b =>
                    Said.That(
                        $"{Said.Word(b.Key)}: {b.Value:0.#} expected, {kits[b.Key]} kits run out with a chance of at "
                            + $"most {100 * chance:0.#}%"
                    )
                ),
                ask.OneKit || bands.Count == 1
                    ? (Said)$"{total} kits"
                    : $"{total} kits; each band is set by itself, so one kit for all would take fewer: "
                        + $"{DropInKits.For(expected.Values.Sum(), chance)}",
            ]
        );
    }
}
