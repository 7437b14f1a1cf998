using Nido.Core;
using Nido.Core.Ideas;
using Nido.Core.Ideas.SetUps;
using Nido.Core.Week.Reading;
using Nido.Data.Formats;

namespace Nido.Web.Week;

/// <summary>How a step lies before one child, from above and to scale, in mm.</summary>
/// <param name="Width">From left to right.</param>
/// <param name="Depth">From far to near.</param>
/// <param name="TrayLength">Of the tray it fits on; null where it lies on the table.</param>
/// <param name="TrayWidth">Of that tray.</param>
/// <param name="AtTable">Such places at a table.</param>
/// <param name="Shapes">What lies there, what is below first.</param>
/// <param name="Things">What the shapes are, from left to right.</param>
public sealed record SetUpView(
    double Width,
    double Depth,
    double? TrayLength,
    double? TrayWidth,
    int AtTable,
    IReadOnlyList<SetUpShapeView> Shapes,
    IReadOnlyList<SetUpThingView> Things
)
{
    /// <summary>The set-up of a step, or null where it does not lie on a table.</summary>
    public static SetUpView? Of(WeekPlan plan, Idea idea, IdeaStep step)
    {
        return SetUpOfPlan.Of(plan, idea, step) is not { } laid
            ? null
            : new(
                Math.Round(laid.Width),
                Math.Round(laid.Depth),
                laid.Tray?.Length,
                laid.Tray?.Width,
                laid.AtTable,
                [
                    .. laid.Shapes.Select(s => new SetUpShapeView(
                        s.Kind,
                        Math.Round(s.X, 1),
                        Math.Round(s.Y, 1),
                        Math.Round(s.Width, 1),
                        Math.Round(s.Depth, 1),
                        s.Thing
                    )),
                ],
                [
                    .. laid.Things.Select(t => new SetUpThingView(
                        Said.Word(t.Role),
                        t.Material.Name,
                        Math.Round(t.Amount, 2),
                        CupboardCsv.UnitName(t.Material.Unit),
                        t.Material.Body.InWords,
                        t.Material.Colours.Count > 0 ? t.Material.Colours[0] : null
                    )),
                ]
            );
    }
}

/// <summary>One outline seen from above.</summary>
/// <param name="Form">Its form.</param>
/// <param name="X">Middle, mm from the left.</param>
/// <param name="Y">Middle, mm from the far edge.</param>
/// <param name="Width">From left to right, mm.</param>
/// <param name="Depth">From far to near, mm.</param>
/// <param name="Thing">Index of the thing it is one of.</param>
public sealed record SetUpShapeView(SetUpForm Form, double X, double Y, double Width, double Depth, int Thing);

/// <summary>A thing of a set-up.</summary>
/// <param name="Role">Its role.</param>
/// <param name="Name">What it is.</param>
/// <param name="Amount">How many or how much.</param>
/// <param name="Unit">In what.</param>
/// <param name="Size">Its size in words.</param>
/// <param name="Colour">A colour it comes in; null where none is known.</param>
public sealed record SetUpThingView(Said Role, Said Name, double Amount, string Unit, Said Size, string? Colour);
