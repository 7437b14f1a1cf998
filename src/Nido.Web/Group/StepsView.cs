using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas.Ways;

namespace Nido.Web.Group;

/// <summary>Ladders across, children down: where each child stands.</summary>
public sealed record StepsView(DateOnly On, IReadOnlyList<LadderHead> Ladders, IReadOnlyList<ChildSteps> Children)
{
    /// <summary>The grid of a group on a day.</summary>
    public static StepsView Of(
        ChildrenGroup group,
        WaysOfWorking ways,
        IEnumerable<Ladder> ladders,
        Evidence evidence,
        DateOnly on
    )
    {
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(evidence);
        Ladder[] all = [.. ladders.OrderBy(l => l.Strand.Aim).ThenBy(l => l.Id, StringComparer.Ordinal)];
        return new(
            on,
            [
                .. all.Select(l => new LadderHead(
                    l.Id,
                    l.Name,
                    l.Head,
                    l.Strand.Aim,
                    [.. l.Moves.Select(Said.Word)],
                    [.. l.Steps.Select(StepOfLadder.Of)]
                )),
            ],
            [
                .. group.Children.Select(c => new ChildSteps(
                    c.Id,
                    c.Name,
                    Age.Written(c.MonthsOn(on)),
                    c.MonthsOn(on),
                    [.. all.Select(l => OfferView.Of(group, c, l, evidence, ways, on))]
                )),
            ]
        );
    }
}

/// <summary>A column of the grid.</summary>
public sealed record LadderHead(
    string Id,
    Said Name,
    Said Head,
    Core.Aim Aim,
    IReadOnlyList<Said> Moves,
    IReadOnlyList<StepOfLadder> Steps
);

/// <summary>A step as it is read: what the child does, at about which age, from where that age comes, and what an adult
/// does.</summary>
public sealed record StepOfLadder(
    int Number,
    Said Name,
    int TypicalMonths,
    Said Adult,
    Said Easier,
    Said Harder,
    Said Source
)
{
    /// <summary>What is measurable of it, where something is.</summary>
    public StepSize? Size { get; init; }

    /// <summary>The view of a step.</summary>
    public static StepOfLadder Of(LadderStep step)
    {
        ArgumentNullException.ThrowIfNull(step);
        return new(
            step.Number,
            step.Name,
            step.TypicalMonths,
            step.Adult,
            step.Easier,
            step.Harder,
            Said.Word(step.Source)
        )
        {
            Size = step.Size,
        };
    }
}

/// <summary>A row of the grid, an offer a ladder.</summary>
public sealed record ChildSteps(string ChildId, string Name, string Age, int Months, IReadOnlyList<OfferView> Offers);

/// <summary>The step a child is offered, with the reason in words, whether anything was seen, and what is
/// proposed.</summary>
public sealed record OfferView(
    int Step,
    HelpLevel Help,
    double Alone,
    double WithHelp,
    double Fit,
    IReadOnlyList<Said> Trace,
    bool Seen,
    bool Chosen,
    StepProposal? Proposal,
    Objective? Objective
)
{
    /// <summary>The view of what a child is offered on a ladder.</summary>
    public static OfferView Of(
        ChildrenGroup group,
        Child child,
        Ladder ladder,
        Evidence evidence,
        WaysOfWorking ways,
        DateOnly on
    )
    {
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(ways);
        ArgumentNullException.ThrowIfNull(child);
        ArgumentNullException.ThrowIfNull(ladder);
        ArgumentNullException.ThrowIfNull(evidence);
        var offer = evidence.Offer(child, ladder, on, ladder.Steps, ways.For(child).Help)!;
        return new(
            offer.Step,
            offer.Help,
            offer.Alone,
            offer.WithHelp,
            offer.Fit,
            offer.Trace,
            evidence.IsSeen(child.Id, ladder.Id),
            offer.IsChosen,
            StepProposal.Of(
                group.Settings.StepRule,
                offer.Step,
                ladder.Steps.Count,
                evidence.Seen(child.Id, ladder.Id),
                on,
                evidence.Chosen(child.Id, ladder.Id)?.On
            ),
            evidence.Objectives.FirstOrDefault(o => o.ChildId == child.Id && o.Ladder == ladder.Id)
        );
    }
}
