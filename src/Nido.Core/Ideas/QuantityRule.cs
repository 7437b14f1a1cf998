using System.Globalization;
using Nido.Core.Words;

namespace Nido.Core.Ideas;

/// <summary>How many units of a material a role takes.</summary>
/// <param name="Kind">Which rule.</param>
/// <param name="Factor">Multiplies it; for a fixed number, the number.</param>
public sealed record QuantityRule(QuantityKind Kind, double Factor)
{
    /// <summary>The rules by the words a content file uses; a plain number stands for itself.</summary>
    public static IReadOnlyDictionary<string, QuantityKind> Words { get; } =
        new Dictionary<string, QuantityKind>
        {
            ["count"] = QuantityKind.StepCount,
            ["letters in name"] = QuantityKind.LettersInName,
            ["sum to count"] = QuantityKind.SumToStepCount,
            ["frame sticks"] = QuantityKind.FrameSticks,
            ["frame joints"] = QuantityKind.FrameJoints,
            ["arc pieces"] = QuantityKind.ArcPieces,
            ["tray layer"] = QuantityKind.TrayLayer,
        };

    /// <summary>Whether a calculator counts it, not the step alone.</summary>
    public bool IsCalculated => Kind >= QuantityKind.FrameSticks;

    /// <summary>Reads "6", or one of <see cref="Words"/>, also as "2 x count"; null where it is none of
    /// these.</summary>
    public static QuantityRule? Parse(string text)
    {
        var parts = text.Split(" x ", 2);
        var (factor, rule) = parts.Length == 2 && Number(parts[0]) is { } f ? (f, parts[1]) : (1.0, text);
        return Words.TryGetValue(rule, out var kind) ? new(kind, factor)
            : parts.Length == 1 && Number(text) is { } n ? new(QuantityKind.Fixed, n)
            : null;
    }

    /// <summary>A name of an ordinary length, where letters are counted and nobody is named yet.</summary>
    public const string OrdinaryName = "Marina";

    /// <summary>Amount for one child.</summary>
    /// <param name="stepCount">The step's own count; 1 where it has none.</param>
    /// <param name="childName">Name in any script; letters are counted grapheme by grapheme.</param>
    public double For(int stepCount, string childName) =>
        Factor
        * (
            Kind switch
            {
                QuantityKind.StepCount => stepCount,
                QuantityKind.LettersInName => LettersIn(childName),
                QuantityKind.SumToStepCount => stepCount * (stepCount + 1) / 2.0,
                _ => 1,
            }
        );

    /// <summary>Letters of a name; spaces, hyphens and apostrophes are none.</summary>
    public static int LettersIn(string name) => Letters.Of(name).Count;

    /// <summary>The rule in words, with its amount.</summary>
    public Said InWords(int stepCount, Said unit) =>
        Kind switch
        {
            QuantityKind.StepCount => $"{Factor * stepCount:0.##} {unit} each",
            QuantityKind.LettersInName => $"one for each letter of the name",
            QuantityKind.SumToStepCount => $"1 + … + {stepCount} = {stepCount * (stepCount + 1) / 2} {unit} each",
            _ => $"{Factor:0.##} {unit} each",
        };

    private static double? Number(string text) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var n) && n > 0 ? n : null;
}
