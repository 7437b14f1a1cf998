namespace Nido.Core.Paper;

/// <summary>A place on a page, in mm to the right and down from its upper left corner.</summary>
/// <param name="X">mm to the right.</param>
/// <param name="Y">mm down.</param>
public readonly record struct At(double X, double Y)
{
    /// <summary>Moved by another.</summary>
    public static At operator +(At a, At b) => new(a.X + b.X, a.Y + b.Y);

    /// <summary>From another to here.</summary>
    public static At operator -(At a, At b) => new(a.X - b.X, a.Y - b.Y);

    /// <summary>So many times as far.</summary>
    public static At operator *(At a, double k) => new(a.X * k, a.Y * k);

    /// <summary>Distance to another, mm.</summary>
    public double To(At other) => Math.Sqrt(((X - other.X) * (X - other.X)) + ((Y - other.Y) * (Y - other.Y)));

    /// <summary>Distance to a straight piece from one place to another, mm.</summary>
    public double ToLine(At from, At to)
    {
        var (d, length) = (to - from, from.To(to));
        var t =
            length < 1e-12 ? 0 : Math.Clamp((((X - from.X) * d.X) + ((Y - from.Y) * d.Y)) / (length * length), 0, 1);
        return To(from + (d * t));
    }

    /// <summary>A place on a circle; degrees run clockwise from the right.</summary>
    public static At OnCircle(At middle, double radius, double degrees)
    {
        var angle = degrees * Math.PI / 180;
        return new(middle.X + (radius * Math.Cos(angle)), middle.Y + (radius * Math.Sin(angle)));
    }
}
