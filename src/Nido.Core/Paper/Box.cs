namespace Nido.Core.Paper;

/// <summary>An upright rectangle on a page, mm.</summary>
public readonly record struct Box(double X, double Y, double Width, double Height)
{
    /// <summary>Right edge.</summary>
    public double Right => X + Width;

    /// <summary>Lower edge.</summary>
    public double Bottom => Y + Height;

    /// <summary>The middle.</summary>
    public At Middle => new(X + (Width / 2), Y + (Height / 2));

    /// <summary>Smaller by so much on every side.</summary>
    public Box Inside(double by) => new(X + by, Y + by, Width - (2 * by), Height - (2 * by));

    /// <summary>Whether another lies in it, to a hundredth of a millimetre.</summary>
    public bool Holds(Box other) =>
        other.X >= X - 0.01 && other.Y >= Y - 0.01 && other.Right <= Right + 0.01 && other.Bottom <= Bottom + 0.01;

    /// <summary>The smallest around places.</summary>
    public static Box Around(IEnumerable<At> places)
    {
        var (left, top, right, bottom) = (double.MaxValue, double.MaxValue, double.MinValue, double.MinValue);
        foreach (var p in places)
        {
            (left, top) = (Math.Min(left, p.X), Math.Min(top, p.Y));
            (right, bottom) = (Math.Max(right, p.X), Math.Max(bottom, p.Y));
        }

        return left > right ? default : new(left, top, right - left, bottom - top);
    }
}
