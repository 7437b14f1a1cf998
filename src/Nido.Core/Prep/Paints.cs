using Nido.Core.Making;
using Nido.Core.Week.Reading;

namespace Nido.Core.Prep;

/// <summary>The week's colours mixed from the paints that are there.</summary>
public static class Paints
{
    /// <summary>How the week's colours come about, where the week paints; null where it does not.</summary>
    public static MixColours.Answer? Of(WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var paints = plan.Problem.Input.Materials.Where(m => m.Fitting.Marks == "paint").ToArray();
        if (!plan.Filled.Any(f => f.Use.On(f.Placement.Day).Demand.Any(d => paints.Contains(d.Material))))
        {
            return null;
        }

        string[] have =
        [
            .. paints
                .Where(p => plan.Problem.Input.OnHand.GetValueOrDefault(p.Id) > 0)
                .SelectMany(p => p.Colours)
                .Distinct()
                .Where(MixColours.Known.Contains),
        ];
        string[] want = [.. plan.Filled.First().Use.Idea.Theme.Colours.Where(MixColours.Known.Contains)];
        return want.Length == 0 ? null : MixColours.Of(new(have, want));
    }
}
