using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>The same way of working lies out once a day.</summary>
internal sealed class OnceADay : HardRule
{
    public override bool Allows(PlanState plan, int slot, Use use) =>
        plan.LiesOut.OnDay(plan.Problem.Slots[slot].Day, use.TechniqueIndex)
        == (plan.At(slot)?.TechniqueIndex == use.TechniqueIndex ? 1 : 0);

    public override Said Why(PlanState plan, int slot, Use use)
    {
        var same = plan.Others(slot)
            .First(o => o.Day == plan.Problem.Slots[slot].Day && o.Use.TechniqueIndex == use.TechniqueIndex)
            .Use;
        return $"{same.Idea.Title} is already there that day, in {same.Block.Name}";
    }

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        var says = new Impossible(
            $"The same way of working once a day",
            $"on every day",
            $"{InCupboard} that carry other ways of working, or lower the offers of a block"
        );
        return from day in Enumerable.Range(0, ways.Problem.Days.Count)
            from technique in ways.CellsOf(day)
                .SelectMany(cell => ways.In(cell).Select(w => (Cell: cell, Way: w)))
                .GroupBy(x => x.Way.Any.TechniqueIndex)
            select new RuleRow(says, [.. technique.Select(x => new RowTerm(x.Cell, x.Way.Index, 1))], AtMost: 1);
    }
}
