using Nido.Catalog;
using Nido.Core.Cupboard;
using Nido.Core.Planning;
using Nido.Core.Safety;
using Nido.Web.Week;

namespace Nido.Web.Cupboard;

/// <summary>Puts the cupboard beside the week.</summary>
public static class CupboardReading
{
    /// <summary>The shelves; all materials on hand or used, or every known material.</summary>
    public static CupboardView Shelves(Content content, IReadOnlyDictionary<string, double> onHand, WeekPlan? plan, bool all, string currency)
    {
        var used = plan?.Materials().ToDictionary(l => l.Material.Id) ?? [];
        TileView[] tiles = [.. content.Materials
            .Where(m => all || onHand.GetValueOrDefault(m.Id) > 0 || used.ContainsKey(m.Id))
            .Select(m => Tile(m, onHand.GetValueOrDefault(m.Id), used.GetValueOrDefault(m.Id)))];
        var shelves = tiles.GroupBy(t => content.Material(t.MaterialId)!.Shelf).Select(g => new ShelfView(g.Key, [.. g]));
        return new([.. shelves], onHand.Count(x => x.Value > 0), tiles.Count(t => t.Lacking > 0), tiles.Sum(t => t.Cents), currency);
    }

    /// <summary>A material with its roles, its stand-ins in this week and its ledger.</summary>
    public static MaterialView Opened(Content content, Material m, IReadOnlyDictionary<string, double> onHand, WeekPlan? plan, IReadOnlyList<Movement> ledger)
    {
        var line = plan?.Materials().FirstOrDefault(l => l.Material.Id == m.Id);
        return new(
            m.Id, m.Name, m.Shelf, m.Unit, m.SizeInWords, [.. m.Tags.Order(StringComparer.Ordinal)], m.Colours, m.Allergens, m.Consumable,
            m.TurnaroundMinutes, m.PackSize, m.PackCents, m.IsCounted && SmallPart.Is(m.Body),
            onHand.GetValueOrDefault(m.Id), line?.Used ?? 0, line?.Lacking ?? 0, line?.Packs ?? 0, line?.Cents ?? 0,
            line?.ByDay ?? [], line?.Trace ?? [],
            WeekReading.MakeInWords(line?.Make), [.. content.Chains.For(m.Id).Select(r => new MakeFromView(
                r.Do, r.Amount, [.. r.From.Select(f => new TakenView(f.Key, content.Material(f.Key)!.Name, f.Value, onHand.GetValueOrDefault(f.Key)))], r.Minutes, r.WaitMinutes, r.AdultOnly))],
            content.Chains.Most(m.Id, onHand),
            [.. content.Techniques.SelectMany(t => t.Roles.Where(r => StandIns.Fails(m, r.Needs, null) is null).Select(r => new RoleView(t.Name, r.Name)))],
            plan is null ? [] : [.. StandInsFor(content, m, onHand, plan)],
            ledger);
    }

    /// <summary>What a material can do this week, the best first.</summary>
    public static IReadOnlyList<CarriedView> Carries(WeekPlan plan, Material material, double amount)
    {
        var placed = plan.Filled.GroupBy(f => f.Use.IdeaIndex).ToDictionary(g => g.Key, g => g.Count());
        return
        [
            .. MaterialFirst.Ideas(plan, material, amount).Select(c => new CarriedView(
                c.Use.Idea.Id, c.Use.Idea.Title, c.Use.Block.Name, c.Use.Idea.Technique.AimShares(), c.Takes, c.Enough, Math.Round(c.OpenMinutes, 1),
                Math.Round(c.Minutes, 1), c.Use.Reach.Count(r => r), placed.GetValueOrDefault(c.Use.IdeaIndex))),
        ];
    }

    private static IEnumerable<StandInView> StandInsFor(Content content, Material m, IReadOnlyDictionary<string, double> onHand, WeekPlan plan) =>
        from use in plan.Filled.Select(f => f.Use).DistinctBy(u => u.IdeaIndex)
        from role in use.Idea.Technique.Roles
        where use.Idea.Steps.Any(s => s.Bindings.TryGetValue(role.Name, out var b) && b.Material.Id == m.Id)
        let wanted = use.Demand.First(d => d.Material.Id == m.Id).Amount
        from best in content.Materials
            .Where(other => other.Id != m.Id && onHand.GetValueOrDefault(other.Id) > 0 && StandIns.Fails(other, role.Needs, null) is null)
            .Select(other => StandIns.Score(other, role.Needs, onHand[other.Id], wanted, use.Idea.Theme.Colours))
            .OrderByDescending(s => s.Score).Take(3)
        orderby best.Score descending
        select new StandInView(best.Material.Id, best.Material.Name, $"{role.Name} in {use.Idea.Title}", best.Score, onHand[best.Material.Id], best.Reasons);

    private static TileView Tile(Material m, double have, MaterialLine? line) =>
        new(m.Id, m.Name, m.Unit, have, line?.Used ?? 0, line?.Lacking ?? 0, line?.Packs ?? 0, line?.Cents ?? 0, m.Consumable, line?.Make is not null);
}
