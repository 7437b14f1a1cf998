using Nido.Core.Group;
using Nido.Core.Steps;

namespace Nido.Web.Group;

/// <summary>Ladders across, children down: where each child stands.</summary>
public sealed record StepsView(DateOnly On, IReadOnlyList<LadderHead> Ladders, IReadOnlyList<ChildSteps> Children)
{
    /// <summary>The grid of a group on a day, from age alone.</summary>
    public static StepsView Of(ChildrenGroup group, IEnumerable<Ladder> ladders, DateOnly on)
    {
        var belief = AbilityBelief.FromAge();
        Ladder[] all = [.. ladders.OrderBy(l => l.Strand.Aim).ThenBy(l => l.Id, StringComparer.Ordinal)];
        return new(
            on,
            [.. all.Select(l => new LadderHead(l.Id, l.Name, l.Head, l.Strand.Aim, l.Steps))],
            [.. group.Children.Select(c => new ChildSteps(
                c.Id, c.Name, Age.Written(c.MonthsOn(on)), c.MonthsOn(on),
                [.. all.Select(l => JustRight.Offer(belief, c.MonthsOn(on), l.Steps)!)]))]);
    }
}

/// <summary>A column of the grid.</summary>
public sealed record LadderHead(string Id, string Name, string Head, Core.Aim Aim, IReadOnlyList<LadderStep> Steps);

/// <summary>A row of the grid, an offer a ladder.</summary>
public sealed record ChildSteps(string ChildId, string Name, string Age, int Months, IReadOnlyList<StepOffer> Offers);
