namespace Nido.Core.Cupboard;

/// <summary>Work that lives of a difference needs things that differ: to weigh, sort, match, guess. And what is to hold
/// water holds it. What is not known counts as no difference: a binding without contrast is no binding.</summary>
internal static class Contrast
{
    /// <summary>The heavier weighs at least this many times the lighter. Children of three tell 2 : 1 surely, 5 : 4 hardly;
    /// half as much again lies between. Common practice.</summary>
    public const double Heavier = 1.5;

    /// <summary>Least depth of a vessel that is filled, mm; common practice: a finger's width and a rim.</summary>
    public const double Depth = 25;

    private static readonly string[] SoaksThrough = ["card", "paper", "fabric", "wood"];

    /// <summary>What a hand feels of a thing.</summary>
    private static readonly string[] Felt =
    [
        "soft",
        "stiff",
        "textured",
        "fabric",
        "wood",
        "metal",
        "natural",
        "plastic",
        "paper",
        "card",
        "feather",
        "shell",
    ];

    /// <summary>Whether a vessel holds what is poured; anything holds what is not wet.</summary>
    public static (Suits Suits, Said? Reason) HoldsWater(Material vessel, Material content)
    {
        if (!content.Tags.Contains("liquid"))
        {
            return (Suits.Yes, null);
        }

        // Bottles, pots and jars are measured lying, and filled standing.
        var depth = vessel.Shape == Shape.Rod ? vessel.Length : vessel.Height;
        return !vessel.Tags.Contains("plastic") && SoaksThrough.FirstOrDefault(vessel.Tags.Contains) is { } stuff
                ? (Suits.No, (Said)$"{vessel.Name} do not hold water: {Said.Word(stuff)}")
            : vessel.Hole is > 0 ? (Suits.No, (Said)$"{vessel.Name} have a hole")
            : vessel.Body.IsMeasured && depth < Depth
                ? (Suits.No, (Said)$"{vessel.Name} are {depth:0.#} mm deep, water asks for {Depth:0.#} mm")
            : (Suits.Yes, null);
    }

    /// <summary>Another kind, or one kind that comes in two colours.</summary>
    public static (Suits Suits, Said? Reason) InLook(Material one, Material other) =>
        one.Id != other.Id || one.Colours.Count >= 2
            ? (Suits.Yes, null)
            : (Suits.No, (Said)$"{one.Name} are all alike; two kinds or two colours are needed");

    /// <summary>Another kind.</summary>
    public static (Suits Suits, Said? Reason) InKind(Material one, Material other) =>
        one.Id != other.Id ? (Suits.Yes, null) : (Suits.No, (Said)$"{one.Name} are of one kind; two are needed");

    /// <summary>Both have been weighed, and one weighs plainly more.</summary>
    public static (Suits Suits, Said? Reason) InWeight(Material one, Material other) =>
        one.Mass is not (> 0 and var a) ? (Suits.No, (Said)$"nobody has weighed {one.Name}")
        : other.Mass is not (> 0 and var b) ? (Suits.No, (Said)$"nobody has weighed {other.Name}")
        : Math.Max(a, b) / Math.Min(a, b) >= Heavier ? (Suits.Yes, null)
        : (Suits.No, (Said)$"{one.Name} and {other.Name} weigh nearly the same: {a:0.#} g and {b:0.#} g");

    /// <summary>One is soft and the other is not: the soft one is the quiet one.</summary>
    public static (Suits Suits, Said? Reason) InSound(Material one, Material other) =>
        one.Tags.Contains("soft") != other.Tags.Contains("soft")
            ? (Suits.Yes, null)
            : (Suits.No, (Said)$"{one.Name} and {other.Name} sound nearly the same");

    /// <summary>At least two of what a hand feels is otherwise.</summary>
    public static (Suits Suits, Said? Reason) ToTouch(Material one, Material other) =>
        one.Id != other.Id && Felt.Count(t => one.Tags.Contains(t) != other.Tags.Contains(t)) >= 2
            ? (Suits.Yes, null)
            : (Suits.No, (Said)$"{one.Name} and {other.Name} feel nearly the same");
}
