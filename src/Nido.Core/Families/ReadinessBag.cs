using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Safety;
using Nido.Core.Week.Reading;

namespace Nido.Core.Families;

/// <summary>A bag with scissors, pencil and strips at the child's own steps: ten minutes a day for two weeks, cutting one day,
/// drawing the next.</summary>
public static class ReadinessBag
{
    /// <summary>Days at home.</summary>
    public const int Days = 14;

    /// <summary>From this step of the ladder on scissors are used; before it paper is torn.</summary>
    private const int FirstCuts = 2;

    /// <summary>From this step of the ladder on a pencil follows a line; before it a crayon scribbles.</summary>
    private const int FirstLines = 3;

    /// <summary>The bag for a child.</summary>
    /// <param name="plan">The week, for the group, what was seen and the rules.</param>
    /// <param name="materials">Every material.</param>
    /// <param name="child">Whose bag.</param>
    public static Bag Of(WeekPlan plan, IReadOnlyList<Material> materials, Child child)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(materials);
        ArgumentNullException.ThrowIfNull(child);
        var (cut, draw) = (Step(plan, child, "scissors"), Step(plan, child, "pencil"));
        var lines = draw.Number >= FirstLines;
        Material The(string id) => materials.First(m => m.Id == id);
        var scissors = The(child.Hand == Hand.Left ? "scissors-left" : "scissors-child");
        var pen = The(lines ? "pencils" : "crayons-thick");
        var blades = SafeAtHome.Findings(plan, [scissors], ["cut"], [child]);
        var cuts = cut.Number >= FirstCuts && blades.All(f => f.Rule.Severity != Severity.Block);
        Finding[] found = [.. cuts ? blades : [], .. SafeAtHome.Findings(plan, [pen], [], [child])];
        return new(
            BagKind.Readiness,
            BagWords.Readiness,
            Days,
            [
                .. cuts ? (BagThing[])[new(scissors.Id, scissors.Name, 1, ComesBack: true)] : [],
                new(pen.Id, pen.Name, 1, ComesBack: true),
                new("cutting", BagWords.Sheets, Days / 2, ComesBack: false),
                .. lines ? (BagThing[])[new("drawing", BagWords.Lines, Days / 2, ComesBack: false)] : [],
            ],
            [new("scissors", cut.Number, Days / 2), .. lines ? (BagSheet[])[new("pencil", draw.Number, Days / 2)] : []],
            [
                BagWords.EachDay,
                cuts ? BagWords.Cut(cut) : BagWords.Tear,
                lines ? BagWords.Draw(draw) : BagWords.Scribble,
                BagWords.AnyCounts,
            ],
            SafeAtHome.Cautions(found),
            [
                .. blades
                    .Where(f => f.Rule.Severity == Severity.Block)
                    .Take(1)
                    .Select(f => Said.That($"{scissors.Name} stay here: {f.Rule.Message}")),
            ]
        );
    }

    private static LadderStep Step(WeekPlan plan, Child child, string ladder)
    {
        var whole = plan.Problem.Input.Ladders[ladder];
        var offer = plan.Problem.Input.Evidence.Offer(child, whole, plan.Problem.FirstDay, whole.Steps);
        return whole.Steps[(offer?.Step ?? 1) - 1];
    }
}
