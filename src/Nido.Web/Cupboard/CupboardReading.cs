using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Sharing;
using Nido.Web.Week;

namespace Nido.Web.Cupboard;

/// <summary>Puts the cupboard beside the week.</summary>
public static class CupboardReading
{
    /// <summary>The shelves; all materials on hand or used, or every known material.</summary>
    public static CupboardView Shelves(
        Content content,
        IReadOnlyDictionary<string, double> onHand,
        WeekPlan? plan,
        bool all,
        string currency
    )
    {
        var used = plan?.Materials().ToDictionary(l => l.Material.Id) ?? [];
        TileView[] tiles =
        [
            .. content
                .Materials.Where(m => all || onHand.GetValueOrDefault(m.Id) > 0 || used.ContainsKey(m.Id))
                .Select(m =>
                    Tile(
                        m,
                        onHand.GetValueOrDefault(m.Id),
                        used.GetValueOrDefault(m.Id),
                        plan is null ? 0 : GoneOff(m, onHand, plan)
                    )
                ),
        ];
        var shelves = tiles
            .GroupBy(t => content.Material(t.MaterialId)!.Shelf)
            .Select(g => new ShelfView(Said.Word(g.Key), [.. g]));
        return new(
            [.. shelves],
            onHand.Count(x => x.Value > 0),
            tiles.Count(t => t.Lacking > 0),
            tiles.Sum(t => t.Cents),
            currency
        );
    }

    /// <summary>A material with its roles, its stand-ins in this week and its ledger.</summary>
    public static MaterialView Opened(
        Content content,
        Material m,
        IReadOnlyDictionary<string, double> onHand,
        WeekPlan? plan,
        IReadOnlyList<Movement> ledger
    )
    {
        var line = plan?.Materials().FirstOrDefault(l => l.Material.Id == m.Id);
        return new(
            m.Id,
            m.Name,
            Said.Word(m.Shelf),
            m.Unit,
            m.SizeInWords,
            [.. m.Tags.Order(StringComparer.Ordinal).Select(TagWords.Of)],
            m.Colours,
            m.Allergens,
            m.Consumable,
            m.TurnaroundMinutes,
            m.PackSize,
            m.PackCents,
            m.IsCounted && SmallPart.Is(m.Body),
            onHand.GetValueOrDefault(m.Id),
            line?.Used ?? 0,
            line?.Lacking ?? 0,
            line?.Packs ?? 0,
            line?.Cents ?? 0,
            line?.ByDay ?? [],
            line?.Trace ?? [],
            line is null ? [] : WeekReading.WaysOf(line),
            [
                .. content
                    .Chains.For(m.Id)
                    .Select(r => new MakeFromView(
                        r.Do,
                        r.Amount,
                        [
                            .. r.From.Select(f => new TakenView(
                                f.Key,
                                content.Material(f.Key)!.Name,
                                f.Value,
                                onHand.GetValueOrDefault(f.Key)
                            )),
                        ],
                        r.Minutes,
                        r.WaitMinutes,
                        r.AdultOnly
                    )),
            ],
            content.Chains.Most(m.Id, onHand),
            [
                .. content.Techniques.SelectMany(t =>
                    t.Roles.Where(r => StandIns.Fails(m, r.Needs, null) is null)
                        .Select(r => new RoleView(t.Name, Said.Word(r.Name)))
                ),
            ],
            plan is null ? [] : [.. StandInsFor(content, m, onHand, plan)],
            line is { IsToAsk: true } && plan is not null ? AskFor(line, plan) : null,
            line?.Colours ?? [],
            m.KeepsDays,
            plan is null ? 0 : GoneOff(m, onHand, plan),
            ledger
        );
    }

    /// <summary>What a material can do this week, the best first.</summary>
    public static IReadOnlyList<CarriedView> Carries(WeekPlan plan, Material material, double amount)
    {
        var placed = plan.Filled.GroupBy(f => f.Use.IdeaIndex).ToDictionary(g => g.Key, g => g.Count());
        return
        [
            .. MaterialFirst
                .Ideas(plan, material, amount)
                .Select(c => new CarriedView(
                    c.Use.Idea.Id,
                    c.Use.Idea.Title,
                    c.Use.Block.Name,
                    c.Use.Idea.Technique.AimShares(),
                    c.Takes,
                    c.Enough,
                    Math.Round(c.OpenMinutes, 1),
                    Math.Round(c.Minutes, 1),
                    c.Use.Fullest.InReach,
                    placed.GetValueOrDefault(c.Use.IdeaIndex)
                )),
        ];
    }

    /// <summary>The note to the families for something that is missing.</summary>
    public static AskFamilies AskFor(MaterialLine line, WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(line);
        ArgumentNullException.ThrowIfNull(plan);
        return AskFamilies.For(
            line.Lacking,
            Math.Max(1, plan.Problem.ChildCount),
            AskFamilies.UsualEach,
            plan.Problem.Days[Math.Max(0, line.ByDay.ToList().FindIndex(x => x > 0))].Date
        );
    }

    /// <summary>For every role it has in the week, the best that could stand in for it, and what only a pair keeps
    /// out.</summary>
    private static IEnumerable<StandInView> StandInsFor(
        Content content,
        Material m,
        IReadOnlyDictionary<string, double> onHand,
        WeekPlan plan
    ) =>
        from use in plan.Filled.Select(f => f.Use).DistinctBy(u => u.IdeaIndex)
        from role in use.Idea.Technique.Roles
        let steps = use
            .Idea.Steps.Where(s => s.Bindings.TryGetValue(role.Name, out var b) && b.Material.Id == m.Id)
            .ToArray()
        where steps.Length > 0
        let wanted = use.Fullest.Demand.FirstOrDefault(d => d.Material.Id == m.Id)?.Amount ?? 1
        from other in content
            .Materials.Where(other => other.Id != m.Id && onHand.GetValueOrDefault(other.Id) > 0)
            .Select(other => (Other: other, Needs: Swaps.NeedsOf(use.Idea, steps[0], role)))
            .Where(x => StandIns.Fails(x.Other, x.Needs, null) is null)
            .Select(x =>
                (
                    x.Other,
                    Stands: StandIns.Score(x.Other, x.Needs, onHand[x.Other.Id], wanted, use.Idea.Theme.Colours),
                    Against: steps
                        .Select(s => Swaps.Against(use.Idea, s, role, x.Other, content.GoesWith))
                        .FirstOrDefault(a => a is not null)
                )
            )
            .OrderBy(x => x.Against is not null)
            .ThenByDescending(x => x.Stands.Score)
            .Take(3)
        orderby other.Against is not null, other.Stands.Score descending
        select new StandInView(
            other.Other.Id,
            other.Other.Name,
            $"{role.Name} in {use.Idea.Title}",
            other.Stands.Score,
            onHand[other.Other.Id],
            other.Stands.Reasons,
            use.Idea.Id,
            role.Name,
            role == use.Idea.Technique.Roles[0],
            other.Against
                ?? (
                    role == use.Idea.Technique.Roles[0]
                        ? null
                        : SwapInWeek.Against(plan, new(use.Idea.Id, role.Name, m.Id, other.Other.Id), other.Other)
                )
        );

    /// <summary>Units on the shelf that are no longer good when the week begins.</summary>
    private static double GoneOff(Material m, IReadOnlyDictionary<string, double> onHand, WeekPlan plan) =>
        m.KeepsDays is null
            ? 0
            : Math.Max(0, onHand.GetValueOrDefault(m.Id) - plan.Problem.Input.OnHand.GetValueOrDefault(m.Id));

    private static TileView Tile(Material m, double have, MaterialLine? line, double goneOff) =>
        new(
            m.Id,
            m.Name,
            m.Unit,
            have,
            line?.Used ?? 0,
            line?.Lacking ?? 0,
            line?.Packs ?? 0,
            line?.Cents ?? 0,
            m.Consumable,
            line?.Make is not null || line?.Mix is not null,
            goneOff
        );
}
