namespace Nido.Core.Making;

/// <summary>Drawing and shuffling with our own generator, so that a seed gives the same on every machine.</summary>
internal static class Draw
{
    /// <summary>Some of the numbers from 0 on, each choice as likely as any other, in the order drawn.</summary>
    public static int[] Of(SeededChance chance, int among, int count)
    {
        int[] all = [.. Enumerable.Range(0, among)];
        for (var k = 0; k < count; k++)
        {
            var at = k + chance.Next(among - k);
            (all[k], all[at]) = (all[at], all[k]);
        }

        return all[..count];
    }
}
