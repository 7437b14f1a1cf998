using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>What was done last week is less fresh than what was done a month ago, and by much: with many ways of working none
/// has to come back before five weeks are over, and what comes back sooner comes for a reason that outweighs it.</summary>
internal sealed class NotDoneLately : IdeaCost
{
    private const int Weeks = 5;

    public override Said Name => $"Not done in the last {Weeks} weeks";

    public override Slider? WeighedBy => Slider.FreshIdeas;

    public override int Points(Idea idea, WeekInput input) =>
        input.Recent.TryGetValue(idea.Technique.Id, out var ago)
            ? input.Sliders.FreshIdeas * Stale(Math.Clamp(ago, 1, Weeks))
            : 0;

    private static int Stale(int ago) => (Weeks + 1 - ago) * (Weeks + 1 - ago);
}
