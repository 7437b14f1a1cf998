using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>What was done last week is less fresh than what was done a month ago.</summary>
internal sealed class NotDoneLately : IdeaCost
{
    private const int Weeks = 4;

    public override Said Name => $"Not done in the last {Weeks} weeks";

    public override Slider? WeighedBy => Slider.FreshIdeas;

    public override int Points(Idea idea, WeekInput input) =>
        input.Recent.TryGetValue(idea.Technique.Id, out var ago)
            ? input.Sliders.FreshIdeas * 2 * (Weeks + 1 - Math.Clamp(ago, 1, Weeks))
            : 0;
}
