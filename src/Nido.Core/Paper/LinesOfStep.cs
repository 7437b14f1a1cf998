using Nido.Core.Group.Steps;

namespace Nido.Core.Paper;

/// <summary>What a line to cut and a form to draw are at a step of their ladders.</summary>
internal static class LinesOfStep
{
    /// <summary>The sheet of a step of scissors or pencil by itself, without an idea: for a bag.</summary>
    public static (string Kind, SheetValues Values) SheetOf(string ladder, LadderStep rung)
    {
        var line = rung.Size as LineSize;
        return ladder switch
        {
            "scissors" when rung.Number <= 3 => (
                "snip-strips",
                new SheetValues(
                    new Dictionary<string, double>
                    {
                        ["width"] = Within("snip-strips", line?.Width ?? 4),
                        ["strips"] = 6,
                    },
                    new Dictionary<string, string> { ["marks"] = rung.Number <= 2 ? "fringe" : "across" },
                    null
                )
            ),
            "scissors" => (
                "cutting-lines",
                new SheetValues(
                    new Dictionary<string, double>
                    {
                        ["width"] = Within("cutting-lines", line?.Width ?? 8),
                        ["count"] = 4,
                    },
                    new Dictionary<string, string> { ["line"] = Turns(line), ["widths"] = "falling" },
                    null
                )
            ),
            _ => (
                "trace-forms",
                new SheetValues(
                    new Dictionary<string, double> { ["width"] = Within("trace-forms", line?.Width ?? 14) },
                    new Dictionary<string, string> { ["form"] = Form(rung) },
                    null
                )
            ),
        };
    }

    /// <summary>A width as far as a kind of sheet takes it.</summary>
    public static double Within(string kind, double width)
    {
        var field = SheetKinds.Get(kind).Fields.First(f => f.Name == "width");
        return Math.Clamp(width, field.Least, field.Most);
    }

    /// <summary>What turns smoothly is a curve, what has corners a zigzag.</summary>
    public static string Turns(LineSize? line) =>
        line is { Smooth: > 0 } ? "curve"
        : line is { Turns: > 0 } ? "zigzag"
        : "straight";

    /// <summary>The form of a step of the pencil.</summary>
    public static string Form(LadderStep rung) =>
        rung.Number switch
        {
            <= 3 => "down",
            4 => "circle",
            5 => "cross",
            6 => "square",
            7 => "slantingCross",
            _ => "triangle",
        };
}
