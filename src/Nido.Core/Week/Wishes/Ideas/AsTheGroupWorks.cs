using Nido.Core.Ideas;
using Nido.Core.Week.Problem;

namespace Nido.Core.Week.Wishes.Ideas;

/// <summary>The group's ways of working, as set in Group.</summary>
internal sealed class AsTheGroupWorks : IdeaCost
{
    public override Said Name => $"As the group works";

    public override int Points(Idea idea, WeekInput input) => input.Ways.CostOf(idea.Technique);
}
