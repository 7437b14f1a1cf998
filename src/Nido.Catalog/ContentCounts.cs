using Nido.Core;
using Nido.Core.Group;

namespace Nido.Catalog;

/// <summary>How much there is in the catalogue, for whoever builds it.</summary>
public static class ContentCounts
{
    // What an age band begins with, in months; the last has no end.
    private static readonly int[] Bands = [0, 24, 36, 48, 60];

    /// <summary>Lines to print: ways of working by block, aim and age, and how many texts stand in both
    /// languages.</summary>
    public static IReadOnlyList<string> Of(Content content)
    {
        ArgumentNullException.ThrowIfNull(content);
        var techniques = content.Techniques;
        int TypicalAt(string ladder, int step) => content.Ladders[ladder].Steps[step - 1].TypicalMonths;
        return
        [
            $"{techniques.Count} ways of working, {content.Themes.Count} themes, {content.Materials.Count} materials, {content.Ladders.Count} ladders, {content.SafetyRules.Count} safety rules",
            "by block: "
                + string.Join(
                    ", ",
                    Enum.GetValues<BlockKind>().Select(b => $"{b} {techniques.Count(t => t.Blocks.Contains(b))}")
                ),
            "by aim: "
                + string.Join(
                    ", ",
                    Enum.GetValues<Aim>().Select(a => $"{a} {techniques.Count(t => t.AimShares()[(int)a] >= 0.2)}")
                ),
            "by age, a step typical there: "
                + string.Join(
                    ", ",
                    Bands.Select(
                        (from, i) =>
                            $"from {from} months {techniques.Count(t => t.Steps.Any(s => TypicalAt(t.Ladder, s.Step) >= from && (i + 1 == Bands.Length || TypicalAt(t.Ladder, s.Step) < Bands[i + 1])))}"
                    )
                ),
            $"in English and Spanish: {techniques.Sum(t => t.Steps.Count)} steps, {techniques.Sum(t => t.Signs.Count)} signs, {techniques.Count(t => t.Home is not null)} for a home",
        ];
    }
}
