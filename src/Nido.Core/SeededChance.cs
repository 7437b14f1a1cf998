namespace Nido.Core;

/// <summary>
/// A small seeded generator (SplitMix64, Steele, Lea and Flood 2014): the same seed gives the same draws on every
/// machine and version.
/// </summary>
/// <param name="seed">Any number.</param>
public sealed class SeededChance(ulong seed)
{
    private ulong state = seed;

    /// <summary>A whole number from 0 to <paramref name="below"/> − 1.</summary>
    public int Next(int below)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(below);
        return (int)(Bits() % (ulong)below);
    }

    /// <summary>A number from 0 up to but not including 1.</summary>
    public double NextDouble() => (Bits() >> 11) * (1.0 / (1UL << 53));

    private ulong Bits()
    {
        state += 0x9E3779B97F4A7C15;
        var z = state;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        return z ^ (z >> 31);
    }
}
