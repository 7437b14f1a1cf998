using Nido.Core.Group;
using Nido.Core.Week.Reading;

namespace Nido.Core.Journal;

/// <summary>What went otherwise than planned, on a day, in a block, at one of its offers or at all of them.</summary>
/// <param name="Kind">How.</param>
/// <param name="Day">Index of the day.</param>
/// <param name="BlockId">The block.</param>
/// <param name="Offer">0 is the first offer; null where the whole block is meant.</param>
/// <param name="Minutes">Minutes it really took; where something else took the time, those that were lost, or null for
/// all of them.</param>
/// <param name="IdeaId">The idea that lay there instead.</param>
/// <param name="Words">What it was, in the adult's words; may be empty.</param>
public sealed record Otherwise(
    OtherwiseKind Kind,
    int Day,
    string BlockId,
    int? Offer,
    int? Minutes,
    string? IdeaId,
    string Words
)
{
    /// <summary>Minutes a block can take at most.</summary>
    public const int MostMinutes = 240;

    /// <summary>Whether it is about an offer of a block on a day.</summary>
    public bool IsAbout(int day, string blockId, int offer) =>
        Day == day && BlockId == blockId && (Offer is null || Offer == offer);

    /// <summary>Whether another note of the same place is replaced by this one.</summary>
    public bool Replaces(Otherwise other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return Day == other.Day && BlockId == other.BlockId && Offer == other.Offer;
    }

    /// <summary>Minutes of an offer that reached anyone.</summary>
    /// <param name="block">The block as planned.</param>
    public double MinutesOf(Block block)
    {
        ArgumentNullException.ThrowIfNull(block);
        double planned = Offer is null ? block.Minutes : block.MinutesPerOffer;
        return Kind switch
        {
            OtherwiseKind.LeftOut => 0,
            OtherwiseKind.CutShort or OtherwiseKind.Longer => Minutes ?? planned,
            OtherwiseKind.SomethingElse => Math.Max(0, planned - (Minutes ?? planned)),
            _ => planned,
        };
    }

    /// <summary>In a sentence.</summary>
    public Said InWords(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var block = plan.Problem.Blocks.FirstOrDefault(b => b.Id == BlockId);
        Said title = Offer is { } offer
            ? plan.Filled.FirstOrDefault(f =>
                f.Placement.Day == Day && f.Placement.BlockId == BlockId && f.Placement.Offer == offer
            )
                is { Use: { } use }
                ? use.Idea.Title
                : Said.Name(block?.Name ?? BlockId)
            : Said.Name(block?.Name ?? BlockId);
        Said instead = plan.Problem.Input.Ideas.FirstOrDefault(i => i.Id == IdeaId)?.Title ?? InBoth.Same(IdeaId ?? "");
        return Kind switch
        {
            OtherwiseKind.LeftOut => $"{title}: left out",
            OtherwiseKind.CutShort => $"{title}: cut short, {Minutes} min",
            OtherwiseKind.Longer => $"{title}: went on for {Minutes} min",
            OtherwiseKind.Swapped => $"{title}: instead {instead}",
            _ => Minutes is { } lost ? (Said)$"{title}: {Words} took {lost} min" : $"{title}: {Words} instead",
        };
    }
}
