using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Safety;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Change;

/// <summary>
/// The five-day plan of an open provision: the base stays, one thing about it changes each day. Everything added comes
/// from
/// the cupboard and is put to the safety rules, allergies included, with the children who are there that day.
/// </summary>
public static class Refreshes
{
    private static readonly Said[] Places =
    [
        $"on the floor, on a mat",
        $"by the window",
        $"under a table with a cloth over it",
        $"on a low box, to stand at",
        $"in a corner, for two at a time",
    ];

    private static readonly string[] Tools = ["spoon", "scoop", "tongs", "brush", "dropper", "stamp", "sponge"];

    private static readonly string[] Parts = ["stacks", "rolls", "natural", "textured"];

    /// <summary>What changes on each day for each base that stays all week.</summary>
    public static IReadOnlyList<Refresh> Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return
        [
            .. plan
                .Problem.Staying.Where(s => s.Approach == Approach.OpenProvision)
                .SelectMany(s =>
                    Enumerable.Range(0, plan.Problem.Days.Count).Select(d => plan.Problem.SlotAt(d, s.Block, s.Offer))
                )
                .Where(slot => plan.State.Uses[slot] >= 0)
                .Select((slot, i) => OnDay(plan, slot, i)),
        ];
    }

    private static Refresh OnDay(WeekPlan plan, int slot, int turn)
    {
        var use = plan.Problem.Uses[plan.State.Uses[slot]];
        var theme = use.Idea.Theme;
        var day = plan.Problem.Slots[slot].Day;
        // From week to week another one comes first.
        var week = plan.Problem.FirstDay.DayNumber / 7;
        var kind = (RefreshKind)(turn % 5);
        var colour = kind == RefreshKind.Colour ? theme.Colours[week % theme.Colours.Count] : null;
        Material[] there =
        [
            .. plan
                .Problem.Input.Materials.Where(m =>
                    plan.Problem.Input.OnHand.GetValueOrDefault(m.Id) >= 1
                    && IsNew(use, m)
                    && Suits(use, m, kind, colour)
                )
                .OrderBy(m => m.Id, StringComparer.Ordinal),
        ];
        var leftOut = new List<Said>();
        for (var k = 0; k < there.Length; k++)
        {
            var material = there[(week + k) % there.Length];
            if (RuleAgainst(plan, use, material, day) is not { } rule)
            {
                return new(day, slot, kind, material, colour, null, leftOut);
            }

            leftOut.Add($"{material.Name}: {rule}");
        }

        // Nothing of the kind is at hand that everyone may meet: another place is always a change.
        return new(day, slot, RefreshKind.Place, null, null, Places[(week + turn) % Places.Length], leftOut);
    }

    private static bool IsNew(Use use, Material material) =>
        use.Idea.Steps.All(s => s.Bindings.Values.All(b => b.Material.Id != material.Id));

    /// <summary>Dough, sand, grain, water: what takes a scent and is worked with tools; a tower of blocks does
    /// neither.</summary>
    private static bool IsWorked(Use use) =>
        use.Idea.Steps.Any(s => s.Bindings.Values.Any(b => b.Material.Tags.Overlaps(["moulds", "grain", "liquid"])));

    private static bool Suits(Use use, Material material, RefreshKind kind, string? colour) =>
        kind switch
        {
            RefreshKind.Colour => material.Colours.Contains(colour)
                && material.Tags.Overlaps(["fabric", "cloth", "mat", "paper"])
                && !material.Tags.Contains("sticker"),
            RefreshKind.Tools => IsWorked(use) && material.Tags.Overlaps(Tools),
            RefreshKind.LooseParts => material.IsCounted
                && material.Tags.Overlaps(Parts)
                && !material.Tags.Overlaps(["large", "container", "food", "heavy"])
                && material.Width <= 80,
            RefreshKind.Scent => IsWorked(use) && material.Tags.Contains("scented"),
            _ => false,
        };

    /// <summary>The first rule that bars a thing, as if it lay there alone, with the children who are there that day; null
    /// where none does. What is new draws everyone: a watched table does not lift a rule for it.</summary>
    private static Said? RuleAgainst(WeekPlan plan, Use use, Material material, int day)
    {
        var problem = plan.Problem;
        bool[] present = problem.Attendance.In(day, use.BlockIndex);
        var safety = problem.Input.Safety;
        return safety
            .Of(
                [.. HandledThing.AtHand(material, null, safety.Holds.Of(material))],
                use.Idea.Technique.Actions,
                problem.Group with
                {
                    Children = [.. problem.Group.Children.Where((_, c) => present[c])],
                },
                problem.Days[day].Date
            )
            .FirstOrDefault(f => f.Rule.Severity == Severity.Block && f.Rule.When.AsksThing)
            ?.Rule.Message;
    }
}
