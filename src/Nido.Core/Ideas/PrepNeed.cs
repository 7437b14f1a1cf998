namespace Nido.Core.Ideas;

/// <summary>Something to do before the idea can lie out.</summary>
/// <param name="What">In words; theme slots in braces.</param>
/// <param name="Minutes">Work in minutes.</param>
/// <param name="WaitHours">Drying, cooling or soaking that follows, in hours.</param>
/// <param name="AdultOnly">Not with children.</param>
/// <param name="Actions">What is done, for the safety rules (cut, heat, drill…).</param>
public sealed record PrepNeed(InBoth What, int Minutes, int WaitHours, bool AdultOnly, IReadOnlyList<string> Actions)
{
    /// <summary>Days its result keeps: paint on a sponge one, a bowl of water none; null where it keeps for
    /// good.</summary>
    public int? KeepsDays { get; init; }

    /// <summary>What kind it is, where ways of working may leave it out: lines, model, print.</summary>
    public string? Kind { get; init; }

    /// <summary>What it is where Nido prints what an adult would draw or write; null where paper does not
    /// help.</summary>
    public Printing? Print { get; init; }

    /// <summary>Minutes that printing spares; 0 where it is done by hand.</summary>
    public int Spared { get; init; }

    /// <summary>The work where there is a printer.</summary>
    public PrepNeed Printed() =>
        Print is null
            ? this
            : this with
            {
                What = Print.What,
                Minutes = Print.Minutes,
                Spared = Minutes - Print.Minutes,
            };
}

/// <summary>Printing in place of drawing, writing or cutting out by eye.</summary>
/// <param name="What">In words; theme slots in braces.</param>
/// <param name="Minutes">Work that is left.</param>
public sealed record Printing(InBoth What, int Minutes);
