namespace Nido.Core.Making;

/// <summary>A throwing game that sets its own distance by how it went.</summary>
public static class TargetGame
{
    /// <summary>What is asked.</summary>
    /// <param name="Hits">Of the tries.</param>
    /// <param name="Tries">5–30: fewer say too little.</param>
    /// <param name="Distance">Thrown from, mm.</param>
    /// <param name="MinDistance">Nearest the room allows, mm.</param>
    /// <param name="MaxDistance">Farthest the room allows, mm.</param>
    public sealed record Ask(int Hits, int Tries, double Distance, double MinDistance, double MaxDistance);

    /// <summary>What comes out.</summary>
    /// <param name="NextDistance">mm.</param>
    /// <param name="Change">farther, nearer or stay.</param>
    /// <param name="Why">In a sentence.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(double NextDistance, string Change, Said Why, IReadOnlyList<Said> Trace);

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("target-game", 29, Of, "nextDistance", "change")
        {
            Fields =
            [
                AskField.Number("hits", 8),
                AskField.Count("tries", 10, 5, 30),
                AskField.Length("distance", 1000),
                AskField.Length("minDistance", 500, most: 20_000),
                AskField.Length("maxDistance", 3000, most: 20_000),
            ],
        };

    /// <summary>From 80% on a quarter farther, to 30% a quarter nearer.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var tries = Need.Whole("tries", ask.Tries, 5, 30);
        var hits = Need.Whole("hits", ask.Hits, 0, tries);
        var least = Need.Length("minDistance", ask.MinDistance, 20_000);
        var most = Need.Between("maxDistance", ask.MaxDistance, least, 20_000, "mm");
        var distance = Need.Between("distance", ask.Distance, least, most, "mm");
        var share = hits / (double)tries;
        var wanted =
            distance
            * (
                share >= 0.8 ? 1.25
                : share <= 0.3 ? 0.75
                : 1
            );
        var next = Math.Clamp(wanted, least, most);
        var change =
            next > distance ? "farther"
            : next < distance ? "nearer"
            : "stay";
        Said why =
            share >= 0.8 ? (Said)$"{hits} of {tries} is {100 * share:0}%: from 80% on it is too easy"
            : share <= 0.3 ? (Said)$"{hits} of {tries} is {100 * share:0}%: to 30% it is too hard"
            : $"{hits} of {tries} is {100 * share:0}%: between 30% and 80% it is just right";
        return new(
            Need.Round(next),
            change,
            why,
            [why, $"{distance:0} mm → {wanted:0} mm{Said.When(next != wanted, $", but the room allows {next:0} mm")}"]
        );
    }
}
