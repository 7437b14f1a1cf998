namespace Nido.Core.Cupboard;

/// <summary>A cord: what a thing is, or what hangs on it.</summary>
/// <param name="Length">Free length, mm; what comes by the metre is as long as one likes.</param>
/// <param name="Loop">Round of the loop it makes, mm; null where it makes none.</param>
/// <param name="BreaksOpen">It gives way when it is pulled.</param>
public sealed record Cord(double Length, double? Loop, bool BreaksOpen)
{
    /// <summary>Two cords on one thing, taken as the worse of both.</summary>
    public static Cord? Worse(Cord? a, Cord? b) =>
        a is null ? b
        : b is null ? a
        : new(
            Math.Max(a.Length, b.Length),
            a.Loop is null ? b.Loop
                : b.Loop is null ? a.Loop
                : Math.Max(a.Loop.Value, b.Loop.Value),
            a.BreaksOpen && b.BreaksOpen
        );

    /// <summary>The cord of what comes by the metre.</summary>
    public static Cord ByTheMetre { get; } = new(double.PositiveInfinity, null, false);
}
