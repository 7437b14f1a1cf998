using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes;

/// <summary>Points of an idea for the wishes that hang on the idea alone; 0 is best.</summary>
public static class WishCosts
{
    /// <summary>Theme link, recently done and approach mix, weighed by the sliders.</summary>
    public static int Of(Idea idea, WeekInput input)
    {
        var theme = (3 - idea.Technique.ThemeLink) * input.Sliders.Theme * 4;
        // What was done last week is less fresh than what was done a month ago.
        var recent = input.Recent.TryGetValue(idea.Technique.Id, out var ago)
            ? input.Sliders.FreshIdeas * 2 * (5 - Math.Clamp(ago, 1, 4))
            : 0;
        var mix = input.Group.Settings.Approaches;
        var most = Math.Max(1, mix.Values.DefaultIfEmpty(1).Max());
        var suits = idea.Technique.Approaches.Select(a => mix.GetValueOrDefault(a)).DefaultIfEmpty(0).Max();
        // A material that has to be bought weighs a little even before its money does.
        var bought =
            idea.Lead is { } lead && input.OnHand.GetValueOrDefault(lead.Id) <= 0
                ? input.Sliders.UseTheCupboard * 4
                : 0;
        return theme + recent + (40 * (most - suits) / most) + bought + input.Ways.CostOf(idea.Technique);
    }
}
