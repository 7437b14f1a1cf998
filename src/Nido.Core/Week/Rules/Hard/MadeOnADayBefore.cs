using Nido.Core.Week.Problem;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Rules.Hard;

/// <summary>What is done with something children make is done on a day after they have made it.</summary>
internal sealed class MadeOnADayBefore : HardRule
{
    public override bool Allows(PlanState plan, int slot, Use use) =>
        plan.LiesOut.IsMadeBefore(use.TechniqueIndex, plan.Problem.Slots[slot].Day);

    public override Said Why(PlanState plan, int slot, Use use)
    {
        var maker = use.Idea.Technique.MadeBy;
        Said name =
            plan.Problem.Input.Ideas.FirstOrDefault(i => i.Technique.Id == maker)?.Technique.Name
            ?? InBoth.Same(maker ?? "");
        return $"what it is done with has to be made on a day before, with \u201c{name}\u201d";
    }

    public override IEnumerable<RuleRow> Rows(WeekWays ways)
    {
        foreach (var (technique, maker) in ways.Problem.MadeBefore)
        {
            if (ways.All.FirstOrDefault(w => w.Any.TechniqueIndex == technique) is not { } first)
            {
                continue;
            }

            var says = new Impossible(
                $"What \u201c{first.Any.Idea.Technique.Name}\u201d is done with is made on a day before",
                Said.Name(first.Any.Idea.Title),
                $"Unlock it, or lock what makes it on an earlier day"
            );
            var lies = ways
                .Cells.SelectMany(cell => ways.In(cell).Select(w => (Cell: cell, Way: w, ways.Problem.Cells[cell].Day)))
                .ToArray();
            foreach (var (cell, way, day) in lies.Where(x => x.Way.Any.TechniqueIndex == technique))
            {
                yield return new(
                    says,
                    [
                        new(cell, way.Index, 1),
                        .. lies.Where(x => x.Way.Any.TechniqueIndex == maker && x.Day < day)
                            .Select(x => new RowTerm(x.Cell, x.Way.Index, -1)),
                    ],
                    AtMost: 0
                );
            }
        }
    }
}
