using Nido.Core;
using Nido.Core.Ideas;
using Nido.Core.Planning;
using Nido.Core.Steps;
using Nido.Data.Formats;

namespace Nido.Web.Week;

/// <summary>Ideas as the screens read them.</summary>
public static class IdeaReading
{
    /// <summary>Every idea of the week, those already placed first.</summary>
    public static IReadOnlyList<IdeaName> List(WeekPlan plan)
    {
        var placed = plan.Filled.GroupBy(f => f.Use.IdeaIndex).ToDictionary(g => g.Key, g => g.Count());
        return
        [
            .. plan.Problem.Uses.GroupBy(u => u.IdeaIndex).Select(g =>
            {
                var idea = g.First().Idea;
                int[] steps = [.. g.SelectMany(u => u.Children).Where(c => c.InReach).Select(c => c.Offer!.Step).Order()];
                return new IdeaName(
                    idea.Id, idea.Title, idea.Technique.Name, idea.Technique.Id, idea.Lead?.Name, idea.Technique.AimShares(), [.. g.Select(u => u.Block.Id)],
                    idea.Technique.Minutes, idea.Technique.Mess, steps[0], steps[^1], g.Max(u => u.Reach.Count(r => r)), plan.Problem.ChildCount,
                    placed.GetValueOrDefault(g.Key));
            })
            .OrderByDescending(i => i.PlacedTimes > 0).ThenBy(i => i.Title, StringComparer.Ordinal).ThenBy(i => i.IdeaId, StringComparer.Ordinal),
        ];
    }

    /// <summary>The card of an idea in a block.</summary>
    public static IdeaCard Card(WeekPlan plan, Use use)
    {
        var idea = use.Idea;
        var technique = idea.Technique;
        var ladder = plan.Problem.Input.Ladders[technique.Ladder];
        var inUse = WeekProblem.StepsInUse(idea, use.Children);
        return new(
            idea.Id, idea.Title, technique.Name, technique.Ladder, idea.Lead?.Name, technique.AimShares(),
            [.. technique.Strands.Select(s => new StrandShare(s.Key, Strand.Find(s.Key)!.Aim, s.Value)).OrderByDescending(s => s.Percent)],
            use.Block.Id, use.Block.Name, technique.Minutes, technique.CleanUpMinutes, technique.Mess, $"{technique.HandLoad}".ToLowerInvariant(), use.Adults,
            [.. technique.Instructions.Select(idea.Theme.Fill)],
            [.. inUse.Select(s => Step(s, ladder.Steps[s.Number - 1], use))],
            [.. use.Children.Where(c => !c.InReach).Select(c => new WhoView(
                c.Child.Id, c.Child.Name, Percent(c.Offer?.Alone ?? 0), c.Offer?.Help, 0, c.KeptOutBy is { } f ? [f.Rule.Message, $"Source: {f.Rule.Source}"] : c.Offer?.Trace ?? []))],
            [.. use.Demand.Select(d => new QuantityView(
                d.Material.Id, d.Material.Name, CupboardCsv.UnitName(d.Material.Unit), d.Amount, plan.Problem.Input.OnHand.GetValueOrDefault(d.Material.Id), d.Trace))],
            [.. use.Cautions.Select(CautionView.Of)],
            [.. technique.Prep.Select(p => $"{idea.Theme.Fill(p.What)}, {p.Minutes} min{(p.AdultOnly ? ", adult only" : "")}")]);
    }

    private static StepView Step(IdeaStep step, LadderStep rung, Use use) => new(
        step.Number, rung.Name, step.Do, rung.Adult, rung.Easier, rung.Harder,
        [.. step.Bindings.Select(b => new BoundView(b.Key, b.Value.Material.Id, b.Value.Material.Name, b.Value.Score, b.Value.Reasons)),
            .. step.Left.Where(_ => use.Children.Any(c => c.InReach && c.Offer!.Step == step.Number && c.Child.Hand == Core.Group.Hand.Left))
                .Select(b => new BoundView($"{b.Key}, left hand", b.Value.Material.Id, b.Value.Material.Name, b.Value.Score, b.Value.Reasons))],
        [.. use.Children.Where(c => c.InReach && c.Offer!.Step == step.Number).Select(c => new WhoView(
            c.Child.Id, c.Child.Name, Percent(c.Offer!.Alone), c.Offer.Help, Math.Round(c.Fit, 2), c.Offer.Trace))]);

    private static int Percent(double share) => (int)Math.Round(100 * share);
}
