using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>The group's mix of approaches.</summary>
internal sealed class SuitsTheApproach : IdeaCost
{
    public override Said Name => $"By the mix of approaches";

    public override int Points(Idea idea, WeekInput input)
    {
        var mix = input.Group.Settings.Approaches;
        var most = Math.Max(1, mix.Values.DefaultIfEmpty(1).Max());
        var suits = idea.Technique.Approaches.Select(a => mix.GetValueOrDefault(a)).DefaultIfEmpty(0).Max();
        return 40 * (most - suits) / most;
    }
}
