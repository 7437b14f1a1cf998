namespace Nido.Core.Ideas.SetUps;

/// <summary>How a step lies before one child, with what is shared beside it, from above and to scale: everything in mm from the upper left
/// corner.</summary>
/// <param name="Width">From left to right.</param>
/// <param name="Depth">From far to near.</param>
/// <param name="Tray">Inside of the tray it lies on, mm; null where it does not fit on one and lies on the
/// table.</param>
/// <param name="AtTable">Such places at a table of the usual size.</param>
/// <param name="Shapes">What lies there, what is below first.</param>
/// <param name="Things">What the shapes are, from left to right.</param>
public sealed record SetUp(
    double Width,
    double Depth,
    TraySize? Tray,
    int AtTable,
    IReadOnlyList<SetUpShape> Shapes,
    IReadOnlyList<SetUpThing> Things
);

/// <summary>A tray, mm inside its rim.</summary>
/// <param name="Length">Its long side.</param>
/// <param name="Width">Its short side.</param>
public sealed record TraySize(double Length, double Width);

/// <summary>A thing of a set-up, for its legend.</summary>
/// <param name="Role">Its role.</param>
/// <param name="Material">What it is.</param>
/// <param name="Amount">How many or how much, in the material's unit.</param>
public sealed record SetUpThing(string Role, Cupboard.Material Material, double Amount);

/// <summary>One outline seen from above.</summary>
/// <param name="Kind">Its form.</param>
/// <param name="X">Middle, mm from the left.</param>
/// <param name="Y">Middle, mm from the far edge.</param>
/// <param name="Width">From left to right, mm.</param>
/// <param name="Depth">From far to near, mm.</param>
/// <param name="Thing">Index of the thing it is one of.</param>
public sealed record SetUpShape(SetUpForm Kind, double X, double Y, double Width, double Depth, int Thing)
{
    /// <summary>It lies in another one.</summary>
    public bool IsInside { get; init; }
}

/// <summary>Outlines a thing can have from above.</summary>
public enum SetUpForm
{
    /// <summary>Round.</summary>
    Round,

    /// <summary>With four corners.</summary>
    Square,

    /// <summary>A round thing that is open: a bowl, a jar.</summary>
    OpenRound,

    /// <summary>An open thing with four corners: a box, a tray.</summary>
    OpenSquare,

    /// <summary>Long and thin, with round ends: a tool, a stick.</summary>
    Thin,

    /// <summary>A coil of something long that bends.</summary>
    Coil,

    /// <summary>Loose, filling what it is in.</summary>
    Filling,
}
