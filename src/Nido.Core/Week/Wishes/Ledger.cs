using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;
using Nido.Core.Week.Wishes.Each;

namespace Nido.Core.Week.Wishes;

/// <summary>Every wish of a week with what it pays, kept up to date as the plan changes.</summary>
public sealed class Ledger
{
    private readonly Wish[] wishes;
    private readonly TowardsObjectives towards;

    /// <summary>The wishes of a plan.</summary>
    internal Ledger(PlanState plan)
    {
        towards = new(plan);
        wishes =
        [
            new LittleIsBought(plan),
            new WithinTheBudget(plan),
            new NothingHardToGet(plan),
            new LittleIsMade(plan),
            new LightEvenings(plan),
            new EveningsLongEnough(plan),
            new LittleMess(plan),
            .. IdeaCost.All.Select((cost, i) => new IdeaWish(plan, cost, i)),
            new ManyIdeas(plan),
            new NoWayTooOften(plan),
            new NotTheNextDayAgain(plan),
            new GradedWorkComesBack(plan),
            towards,
            new WarmHandsFirst(plan),
            new EarlierStrandBeside(plan),
            new LettersEveryDay(plan),
            new NumbersEveryDay(plan),
        ];
    }

    /// <summary>The wishes, in the order in which a teacher reads them.</summary>
    public IReadOnlyList<Wish> All => wishes;

    /// <summary>Times a child does not meet what it works towards, of two for each objective.</summary>
    public int ObjectivesLacking => towards.Lacking;

    /// <summary>What all of them pay together, in points; lower is better.</summary>
    public long Points()
    {
        var sum = 0L;
        foreach (var wish in wishes)
        {
            sum += wish.Points();
        }

        return sum;
    }

    /// <summary>Told of a use put into a slot (1) or taken out of it (−1).</summary>
    internal void Changed(int slot, Use use, int sign)
    {
        foreach (var wish in wishes)
        {
            wish.Changed(slot, use, sign);
        }
    }
}
