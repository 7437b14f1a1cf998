namespace Nido.Core.Ideas;

/// <summary>Something to do before the idea can lie out.</summary>
/// <param name="What">In words; theme slots in braces.</param>
/// <param name="Minutes">Work in minutes.</param>
/// <param name="WaitHours">Drying, cooling or soaking that follows, in hours.</param>
/// <param name="AdultOnly">Not with children.</param>
/// <param name="Actions">What is done, for the safety rules (cut, heat, drill…).</param>
public sealed record PrepNeed(string What, int Minutes, int WaitHours, bool AdultOnly, IReadOnlyList<string> Actions)
{
    /// <summary>Days its result keeps: paint on a sponge one, a bowl of water none; null where it keeps for good.</summary>
    public int? KeepsDays { get; init; }

    /// <summary>What kind it is, where ways of working may leave it out: lines, model, print.</summary>
    public string? Kind { get; init; }
}
