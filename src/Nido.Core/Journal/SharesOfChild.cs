namespace Nido.Core.Journal;

/// <summary>What a week planned for a child and what it met, by aim, in hundredths of a minute.</summary>
/// <param name="ChildId">The child.</param>
/// <param name="Planned">As planned.</param>
/// <param name="Met">As it was.</param>
/// <param name="Even">An even share.</param>
public sealed record SharesOfChild(
    string ChildId,
    IReadOnlyList<int> Planned,
    IReadOnlyList<int> Met,
    IReadOnlyList<int> Even
)
{
    /// <summary>Everyone's of a week.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="otherwise">What went otherwise.</param>
    /// <param name="now">Up to this moment.</param>
    public static IReadOnlyList<SharesOfChild> Of(
        Week.Reading.WeekPlan plan,
        IReadOnlyList<Otherwise> otherwise,
        DateTime now
    )
    {
        ArgumentNullException.ThrowIfNull(plan);
        var met = WhatWasMet.Of(plan, otherwise, now);
        return
        [
            .. plan.Problem.Group.Children.Select(
                (child, c) =>
                    new SharesOfChild(
                        child.Id,
                        [.. plan.State.Dose.Skip(4 * c).Take(4)],
                        [.. met.Skip(4 * c).Take(4)],
                        [.. plan.Problem.EvenShare.Skip(4 * c).Take(4)]
                    )
            ),
        ];
    }
}
