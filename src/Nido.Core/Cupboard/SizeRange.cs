namespace Nido.Core.Cupboard;

/// <summary>An allowed range of a size in mm, ends included.</summary>
public sealed record SizeRange(double Least, double Most)
{
    /// <summary>Whether the size is inside.</summary>
    public bool Holds(double mm) => mm >= Least && mm <= Most;

    /// <summary>1 in the middle of the range, 0.5 at its ends, 0 outside.</summary>
    public double Closeness(double mm)
    {
        if (!Holds(mm))
        {
            return 0;
        }

        var half = (Most - Least) / 2;
        return half <= 0 ? 1 : 1 - (0.5 * Math.Abs(mm - Least - half) / half);
    }
}
