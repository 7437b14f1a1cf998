namespace Nido.Core.Making;

/// <summary>Mixed packs: how many give every colour that is needed, and which colour no pack gives.</summary>
public static class PackMix
{
    /// <summary>What is asked.</summary>
    /// <param name="Needs">Pieces of each colour.</param>
    /// <param name="PackCount">Pieces in a pack.</param>
    /// <param name="PackShares">Share of each colour in a pack; together 1.</param>
    /// <param name="Spare">Percent on top.</param>
    public sealed record Ask(
        IReadOnlyDictionary<string, int> Needs,
        int PackCount,
        IReadOnlyDictionary<string, double> PackShares,
        double Spare = 0
    );

    /// <summary>What comes out.</summary>
    /// <param name="Packs">Packs that give every colour they have; 0 where none is needed of what they give.</param>
    /// <param name="MissingColours">Colours a pack does not give for sure, in the order asked.</param>
    /// <param name="Leftover">Pieces left of each colour of the packs.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int Packs,
        IReadOnlyList<string> MissingColours,
        IReadOnlyDictionary<string, int> Leftover,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("pack-mix", 3, Of, "packs", "missingColours")
        {
            Fields =
            [
                new("needs", AskKind.Amounts, "red 40, cream 25, blue 12"),
                AskField.Count("packCount", 100, 1, 100_000),
                new("packShares", AskKind.Amounts, "red 0.3, blue 0.3, cream 0.4"),
                AskField.Spare(),
            ],
        };

    /// <summary>Counts the packs. A pack gives ⌊count × share⌋ of a colour for sure.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var needs = Need.Map("needs", ask.Needs);
        var count = Need.Whole("packCount", ask.PackCount, 1, 100_000);
        var shares = Need.Map("packShares", ask.PackShares);
        var spare = Need.Spare(ask.Spare);
        foreach (var (colour, n) in needs)
        {
            Need.Whole($"needs.{colour}", n, 0, 1_000_000);
        }

        foreach (var (colour, share) in shares)
        {
            Need.Between($"packShares.{colour}", share, 0, 1);
        }

        if (Math.Abs(shares.Values.Sum() - 1) > 0.005)
        {
            throw Need.Refused("packShares", $"{shares.Values.Sum():0.###}", $"the shares must add up to 1");
        }

        var wanted = needs.ToDictionary(n => n.Key, n => Need.Spared(n.Value, spare));
        var gives = shares.ToDictionary(s => s.Key, s => Need.Floor(count * s.Value));
        string[] missing =
        [
            .. wanted.Where(w => w.Value > 0 && gives.GetValueOrDefault(w.Key) == 0).Select(w => w.Key),
        ];
        var packs = wanted
            .Where(w => w.Value > 0 && !missing.Contains(w.Key))
            .Select(w => (int)Math.Ceiling(w.Value / (double)gives[w.Key]))
            .DefaultIfEmpty(0)
            .Max();
        return new(
            packs,
            missing,
            gives.ToDictionary(
                g => g.Key,
                g => (packs * g.Value) - (missing.Contains(g.Key) ? 0 : wanted.GetValueOrDefault(g.Key))
            ),
            [
                .. wanted
                    .Where(w => w.Value > 0)
                    .Select(w =>
                        missing.Contains(w.Key)
                            ? (Said)$"{Said.Word(w.Key)}: {w.Value} wanted, and a pack of {count} gives none for sure"
                            : $"{Said.Word(w.Key)}: "
                                + $"{needs[w.Key]}{Said.When(spare > 0, $" with {spare:0.#}% spare is {w.Value}")}; a pack "
                                + $"gives {gives[w.Key]} for sure, so {Math.Ceiling(w.Value / (double)gives[w.Key]):0} packs"
                    ),
                $"The neediest colour decides: {packs} packs",
            ]
        );
    }
}
