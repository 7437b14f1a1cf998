using FsCheck.Xunit;

namespace Nido.Core.Tests;

public class SeededChanceTests
{
    // The first outputs of SplitMix64 for seed 1234567, as its authors' reference code gives them (from memory).
    [Fact]
    public void It_is_the_published_generator()
    {
        var chance = new SeededChance(1234567);
        // 6457827717110365317 and 3203168211198807973, taken modulo a million.
        chance.Next(1_000_000).ShouldBe(365317);
        chance.Next(1_000_000).ShouldBe(807973);
    }

    [Property]
    public bool The_same_seed_gives_the_same_draws(ulong seed)
    {
        var (a, b) = (new SeededChance(seed), new SeededChance(seed));
        return Enumerable.Range(0, 20).All(_ => a.Next(1000) == b.Next(1000) && a.NextDouble().Equals(b.NextDouble()));
    }

    [Property]
    public bool Draws_stay_in_their_range(ulong seed, byte below)
    {
        var chance = new SeededChance(seed);
        return Enumerable
            .Range(0, 50)
            .All(_ => chance.Next(below + 1) is >= 0 and var n && n <= below && chance.NextDouble() is >= 0 and < 1);
    }

    [Fact]
    public void Ten_thousand_draws_are_even()
    {
        var chance = new SeededChance(1);
        var counts = new int[10];
        for (var i = 0; i < 10_000; i++)
        {
            counts[chance.Next(10)]++;
        }

        // Chi squared with 9 degrees of freedom stays under 27.9 in 999 of 1000 cases (statistical tables).
        counts.Sum(c => Math.Pow(c - 1000, 2) / 1000).ShouldBeLessThan(27.9);
        Should.Throw<ArgumentOutOfRangeException>(() => chance.Next(0));
    }
}
