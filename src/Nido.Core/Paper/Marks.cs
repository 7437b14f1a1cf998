namespace Nido.Core.Paper;

/// <summary>How a line is drawn. What is cut, folded and glued differs by its stroke, not by colour, and prints in grey
/// too.</summary>
public enum Stroke
{
    /// <summary>A plain line.</summary>
    Outline,

    /// <summary>A thin grey line for what helps only.</summary>
    Fine,

    /// <summary>Cut here: short dashes.</summary>
    Cut,

    /// <summary>Fold here: long dash and dot.</summary>
    Fold,

    /// <summary>Paste goes here: grey.</summary>
    Glue,

    /// <summary>A broad way to follow: cut or trace on it.</summary>
    Way,

    /// <summary>The dotted middle of a way.</summary>
    Trace,

    /// <summary>Black all over.</summary>
    Solid,

    /// <summary>Light grey all over.</summary>
    Shade,

    /// <summary>Rubbed out: white all over.</summary>
    White,
}

/// <summary>Looks of a stroke.</summary>
/// <param name="Width">Of the line, mm.</param>
/// <param name="Grey">0 black – 1 white.</param>
/// <param name="Dashes">On and off, mm; empty for a line without gaps.</param>
/// <param name="Filled">The inside is filled, no line is drawn.</param>
public sealed record StrokeLook(double Width, double Grey, IReadOnlyList<double> Dashes, bool Filled)
{
    /// <summary>Looks of each stroke.</summary>
    public static StrokeLook Of(Stroke stroke) =>
        stroke switch
        {
            Stroke.Outline => new(0.6, 0.1, [], false),
            Stroke.Fine => new(0.25, 0.55, [], false),
            Stroke.Cut => new(0.35, 0.2, [2.4, 1.6], false),
            Stroke.Fold => new(0.35, 0.35, [6, 1.5, 0.8, 1.5], false),
            Stroke.Glue => new(0.35, 0.86, [], true),
            Stroke.Way => new(4, 0.78, [], false),
            Stroke.Trace => new(0.5, 0.25, [0.6, 1.8], false),
            Stroke.Solid => new(0, 0.1, [], true),
            Stroke.Shade => new(0, 0.82, [], true),
            _ => new(0, 1, [], true),
        };
}

/// <summary>Which letters a text is set in.</summary>
public enum Face
{
    /// <summary>What a child reads: one-storey a and g.</summary>
    Child,

    /// <summary>What an adult reads.</summary>
    Adult,

    /// <summary>What an adult reads, heavier.</summary>
    AdultBold,
}

/// <summary>Where a text stands about its place.</summary>
public enum Align
{
    /// <summary>It begins there.</summary>
    Left,

    /// <summary>Its middle is there.</summary>
    Middle,

    /// <summary>It ends there.</summary>
    Right,
}

/// <summary>Something on a page.</summary>
public abstract record Mark;

/// <summary>A figure drawn.</summary>
/// <param name="Figure">What.</param>
/// <param name="Stroke">How.</param>
/// <param name="Width">Width of the line, mm; null for that of the stroke.</param>
/// <param name="FlatEnds">The line ends where it ends; else round, half its width farther.</param>
public sealed record Drawn(Figure Figure, Stroke Stroke, double? Width = null, bool FlatEnds = false) : Mark
{
    /// <summary>Its looks.</summary>
    public StrokeLook Look => StrokeLook.Of(Stroke);

    /// <summary>Width of its line, mm; 0 where it is filled.</summary>
    public double Line => Look.Filled && Width is null ? 0 : Width ?? Look.Width;
}

/// <summary>A photograph.</summary>
/// <param name="Jpeg">Its file.</param>
/// <param name="Where">Its place, in the shape of the picture.</param>
public sealed record Photo(byte[] Jpeg, Box Where) : Mark;

/// <summary>A text on one line.</summary>
/// <param name="Text">As it is.</param>
/// <param name="Where">On its base line.</param>
/// <param name="Size">Height of the letters' body, mm.</param>
/// <param name="Face">Letters.</param>
/// <param name="Align">About its place.</param>
/// <param name="Grey">0 black – 1 white.</param>
/// <param name="Hollow">Outlined letters, to trace or fill.</param>
public sealed record Writing(
    string Text,
    At Where,
    double Size,
    Face Face,
    Align Align = Align.Left,
    double Grey = 0.1,
    bool Hollow = false
) : Mark;
