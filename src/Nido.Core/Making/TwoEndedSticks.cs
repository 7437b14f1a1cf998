namespace Nido.Core.Making;

/// <summary>Sticks with a colour at each end: how many different ones, and whether a card can be laid with a
/// set.</summary>
public static class TwoEndedSticks
{
    /// <summary>What is asked.</summary>
    /// <param name="Colours">2–20.</param>
    /// <param name="SameEnds">Also sticks with the same colour at both ends.</param>
    public sealed record Ask(IReadOnlyList<string> Colours, bool SameEnds = false);

    /// <summary>What comes out.</summary>
    /// <param name="Distinct">k(k − 1)/2, and k more with same ends.</param>
    /// <param name="Sticks">Each once.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(int Distinct, IReadOnlyList<string[]> Sticks, IReadOnlyList<Said> Trace);

    /// <summary>A card to lay with a set.</summary>
    /// <param name="Set">Sticks there are; a stick may be turned.</param>
    /// <param name="Card">Sticks in order, as they lie.</param>
    /// <param name="MustTouch">Ends that meet must have the same colour.</param>
    public sealed record CardAsk(IReadOnlyList<string[]> Set, IReadOnlyList<string[]> Card, bool MustTouch = false);

    /// <summary>What comes out.</summary>
    /// <param name="Buildable">Every stick is there and every join is right.</param>
    /// <param name="Missing">Sticks the set does not have, or not often enough.</param>
    /// <param name="WrongJoin">Index of the first stick whose end does not match the next one; null where all
    /// match.</param>
    /// <param name="Trace">In words.</param>
    public sealed record CardAnswer(
        bool Buildable,
        IReadOnlyList<string[]> Missing,
        int? WrongJoin,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("two-ended-sticks", 14, Of, "distinct")
        {
            Fields = [new("colours", AskKind.Words, "red, cream, blue, green"), AskField.Flag("sameEnds")],
        };

    /// <summary>Lists the sticks.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var colours = Need.Words("colours", ask.Colours, 2, 20);
        string[][] sticks =
        [
            .. from i in Enumerable.Range(0, colours.Count)
            from j in Enumerable.Range(i, colours.Count - i)
            where ask.SameEnds || i != j
            select (string[])[colours[i], colours[j]],
        ];
        return new(
            sticks.Length,
            sticks,
            [
                $"{colours.Count} × {colours.Count - 1} / 2 = {colours.Count * (colours.Count - 1) / 2} with "
                    + $"different "
                    + $"ends{Said.When(ask.SameEnds, $", and {colours.Count} with the same: {sticks.Length}")}",
            ]
        );
    }

    /// <summary>How it is asked for; by programs only.</summary>
    public static Calculator<CardAsk, CardAnswer> CardOffer { get; } = new("two-ended-sticks/card", 99, Lay);

    /// <summary>Looks whether a card can be laid.</summary>
    public static CardAnswer Lay(CardAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var set = Pairs("set", ask.Set).Select(Key).GroupBy(k => k).ToDictionary(g => g.Key, g => g.Count());
        string[][] card = Pairs("card", ask.Card);
        var missing = new List<string[]>();
        foreach (var stick in card)
        {
            if (set.GetValueOrDefault(Key(stick)) is > 0 and var left)
            {
                set[Key(stick)] = left - 1;
            }
            else
            {
                missing.Add(stick);
            }
        }

        var wrong = ask.MustTouch
            ? Enumerable.Range(0, card.Length - 1).FirstOrDefault(k => card[k][1] != card[k + 1][0], -1)
            : -1;
        return new(
            missing.Count == 0 && wrong < 0,
            missing,
            wrong < 0 ? null : wrong,
            [
                missing.Count == 0
                    ? (Said)$"All {card.Length} sticks are in the set"
                    : $"Missing: {missing.Select(m => string.Join("–", m))}",
                .. ask.MustTouch
                    ? (Said[])
                        [
                            wrong < 0
                                ? (Said)$"All ends that meet match"
                                : $"Stick {wrong + 1} ends {card[wrong][1]} and the next begins {card[wrong + 1][0]}",
                        ]
                    : [],
            ]
        );
    }

    private static string Key(string[] stick) =>
        string.CompareOrdinal(stick[0], stick[1]) <= 0 ? $"{stick[0]} {stick[1]}" : $"{stick[1]} {stick[0]}";

    private static string[][] Pairs(string field, IReadOnlyList<string[]>? sticks)
    {
        string[][] list = [.. Need.Some(field, sticks, 1, 500)];
        return Array.FindIndex(list, s => s.Length != 2 || s.Any(string.IsNullOrWhiteSpace)) is >= 0 and var bad
            ? throw Need.Refused(
                $"{field}[{bad}]",
                string.Join(", ", list[bad]),
                $"a stick has two ends, a colour each"
            )
            : list;
    }
}
