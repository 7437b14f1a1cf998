using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>What was done last week is less fresh than what was done a month ago, and what came week after week is least fresh
/// of all: with many ways of working none has to come back before five weeks are over, and none need come in every one.</summary>
internal sealed class NotDoneLately : IdeaCost
{
    private const int Weeks = 5;

    public override Said Name => $"Not done in the last {Weeks} weeks";

    public override Slider? WeighedBy => Slider.FreshIdeas;

    public override int Points(Idea idea, WeekInput input) =>
        input.Sliders.FreshIdeas
        * Squared(input.Recent[idea.Technique.Id].Sum(ago => Weeks + 1 - Math.Clamp(ago, 1, Weeks)));

    /// <summary>1 for what came once five weeks ago, 25 for once last week, 225 for what came in all five.</summary>
    private static int Squared(int stale) => stale * stale;
}
