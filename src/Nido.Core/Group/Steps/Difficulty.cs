namespace Nido.Core.Group.Steps;

/// <summary>How hard a sized step is physically, by published indices. Lengths in mm, angles in degrees.</summary>
public static class Difficulty
{
    /// <summary>A soft piece pushed into an opening no wider than it counts as placing with this tolerance, in
    /// mm.</summary>
    public const double PushedIn = 5;

    /// <summary>Bits of reaching for a width over a distance: log2(D/w + 1), the Shannon form of Fitts's law (MacKenzie
    /// 1992).</summary>
    public static double Reaching(double distance, double width)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(distance);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(width);
        return Math.Log2((distance / width) + 1);
    }

    /// <summary>Bits of picking up and placing, with surcharges of ours for the tool and for what rolls or
    /// slips.</summary>
    public static double Carrying(double reach, double piece, double opening, CarryTool tool, bool round) =>
        Reaching(reach, piece)
        + Reaching(reach, opening > piece ? opening - piece : PushedIn)
        + ForTool(tool)
        + (round ? 0.5 : 0);

    /// <summary>
    /// Steering index L/W (Accot and Zhai 1997), and by our own convention 1 for each 45° at corners, 1 for each 90° of
    /// smooth turning, all times a factor for what the sheet resists.
    /// </summary>
    public static double FollowingLine(double length, double width, double turns, double smooth, SheetKind sheet)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(length);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(width);
        return ((length / width) + (turns / 45) + (smooth / 90)) * ForSheet(sheet);
    }

    /// <summary>Lace over hole, 0 wide open – 1 no play, a limp lace half as hard again: ours, after hole/lace of
    /// common practice.</summary>
    public static double Threading(double hole, double lace, bool stiff)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(hole);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(lace);
        return lace / hole * (stiff ? 1 : 1.5);
    }

    /// <summary>Snug below 1.5 times the lace, easy above 3 (common practice).</summary>
    public static string Looseness(double hole, double lace) =>
        (hole / lace) switch
        {
            < 1.5 => "snug",
            > 3 => "easy",
            _ => "fair",
        };

    private static double ForTool(CarryTool tool) =>
        tool switch
        {
            CarryTool.Spoon => 0.5,
            CarryTool.BigTongs => 1,
            CarryTool.Peg => 1.5,
            CarryTool.Tweezers => 2,
            _ => 0,
        };

    private static double ForSheet(SheetKind sheet) =>
        sheet switch
        {
            SheetKind.Fabric => 1.2,
            SheetKind.Card => 1.4,
            SheetKind.Folded => 1.8,
            _ => 1,
        };
}
