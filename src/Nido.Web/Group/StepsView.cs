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
                [.. all.Select(l => OfferView.Of(JustRight.Offer(belief, c.MonthsOn(on), l.Steps)!))]))]);
    }
}

/// <summary>A column of the grid.</summary>
public sealed record LadderHead(string Id, string Name, string Head, Core.Aim Aim, IReadOnlyList<LadderStep> Steps);

/// <summary>A row of the grid, an offer a ladder.</summary>
public sealed record ChildSteps(string ChildId, string Name, string Age, int Months, IReadOnlyList<OfferView> Offers);

/// <summary>The step a child is offered, with the reason in words.</summary>
public sealed record OfferView(int Step, HelpLevel Help, double Alone, double WithHelp, double Fit, IReadOnlyList<string> Trace)
{
    /// <summary>The view of an offer.</summary>
    public static OfferView Of(StepOffer offer)
    {
        ArgumentNullException.ThrowIfNull(offer);
        return new(offer.Step, offer.Help, offer.Alone, offer.WithHelp, offer.Fit, offer.Trace);
    }
}
