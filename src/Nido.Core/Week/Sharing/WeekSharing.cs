using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Making;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Week.Sharing;

/// <summary>
/// Shares out the cupboard over a plan: every placed idea may lie out with another leading material that gives the
/// same children the same, and every other role may hold another material that meets its needs, goes with the rest and
/// keeps nobody out.
/// </summary>
/// <param name="plan">The plan at hand.</param>
public sealed class WeekSharing(WeekPlan plan)
{
    /// <summary>Leading materials looked at for a placed idea, the present one among them.</summary>
    public const int MostVariants = 3;

    /// <summary>Materials looked at for a role beside the present one.</summary>
    public const int MostOptions = 3;

    private readonly WeekProblem problem = plan.Problem;
    private readonly UseFinder finder = new(plan.Problem);
    private readonly List<Material> supplies = [];
    private readonly Dictionary<string, int> supplyOf = [];

    /// <summary>The problem in plain numbers.</summary>
    public SharingProblem Problem()
    {
        var groups = plan.Filled.GroupBy(f => f.Use.IdeaIndex).ToArray();
        var placed = groups.Select(g => g.Key).ToHashSet();
        TakerGroup[] takers =
        [
            .. groups.Select(g => new TakerGroup([.. Variants([.. g], placed).Select(v => VariantOf([.. g], v))])),
        ];
        var recipes = Recipes();
        return new([.. supplies.Select(SupplyOf)], recipes, takers);
    }

    /// <summary>The placements with what a result chose; locks and places stay.</summary>
    /// <param name="placements">As stored.</param>
    /// <param name="result">Of <see cref="Problem"/>.</param>
    public IReadOnlyList<Placement> Apply(IReadOnlyList<Placement> placements, SharingResult result)
    {
        ArgumentNullException.ThrowIfNull(placements);
        ArgumentNullException.ThrowIfNull(result);
        var becomes = plan
            .Filled.GroupBy(f => f.Use.IdeaIndex)
            .Zip(result.Ideas)
            .ToDictionary(x => x.First.First().Use.Idea.Id, x => x.Second);
        return
        [
            .. placements.Select(p =>
            {
                var id = becomes.GetValueOrDefault(p.IdeaId, p.IdeaId);
                var added = result.Swaps.Where(s => s.IdeaId == id).ToArray();
                var kept = id == p.IdeaId ? p.Swaps.Select(old => Onward(old, added)) : [];
                return p with
                {
                    IdeaId = id,
                    Swaps =
                    [
                        .. kept.Concat(added.Where(a => !p.Swaps.Any(o => o.Role == a.Role && o.To == a.From)))
                            .Where(s => s.From != s.To),
                    ],
                };
            }),
        ];
    }

    /// <summary>A swap upon a swap is one from the first to the last.</summary>
    private static Swap Onward(Swap old, IEnumerable<Swap> added) =>
        added.FirstOrDefault(a => a.Role == old.Role && a.From == old.To) is { } then ? old with { To = then.To } : old;

    /// <summary>Uses, one for each place of the group, that would give every child the same with another leading
    /// material.</summary>
    private IEnumerable<Use[]> Variants((int Slot, Placement Placement, Use Use)[] group, HashSet<int> placed)
    {
        Use[] now = [.. group.Select(g => g.Use)];
        yield return now;
        if (group.Any(g => g.Placement.Locked))
        {
            yield break;
        }

        var others = problem
            .Uses.Where(u => u.TechniqueIndex == now[0].TechniqueIndex && !placed.Contains(u.IdeaIndex))
            .GroupBy(u => u.IdeaIndex)
            .Select(ideas =>
                group
                    .Select(g =>
                        ideas.FirstOrDefault(u =>
                            u.BlockIndex == g.Use.BlockIndex && u.OnDay[g.Placement.Day] && IsAlike(u, g.Use)
                        )
                    )
                    .OfType<Use>()
                    .ToArray()
            )
            .Where(uses => uses.Length == group.Length)
            .OrderByDescending(uses => LeadScore(uses[0].Idea))
            .ThenBy(uses => uses[0].IdeaIndex)
            .Take(MostVariants - 1);
        foreach (var other in others)
        {
            yield return other;
        }
    }

    private static bool IsAlike(Use a, Use b) =>
        a.Adults <= b.Adults && a.Dose[0].AsSpan().SequenceEqual(b.Dose[0]) && a.Reach.AsSpan().SequenceEqual(b.Reach);

    private static int LeadScore(Idea idea) =>
        idea.Lead is null
            ? 100
            : idea
                .Steps.SelectMany(s => s.Bindings.Values)
                .Where(b => b.Material.Id == idea.Lead.Id)
                .Select(b => b.Score)
                .DefaultIfEmpty(50)
                .Max();

    private Variant VariantOf((int Slot, Placement Placement, Use Use)[] group, Use[] uses)
    {
        var idea = uses[0].Idea;
        int[] moments = [.. group.Select(g => problem.CellAt(g.Placement.Day, g.Use.BlockIndex))];
        var roles = new List<RoleChoice>();
        var open = new HashSet<(string Role, string Material)>();
        foreach (var role in idea.Technique.Roles.Skip(1))
        {
            foreach (
                var from in idea
                    .Steps.Where(s => s.Bindings.ContainsKey(role.Name))
                    .Select(s => s.Bindings[role.Name])
                    .DistinctBy(b => b.Material.Id)
            )
            {
                var options = Options(idea, role, from, uses, moments);
                if (options.Length > 1)
                {
                    open.Add((role.Name, from.Material.Id));
                    roles.Add(new(options));
                }
            }
        }

        var fixedTakes = uses.Zip(moments)
            .SelectMany(x =>
                Demand
                    .ByRole(idea, x.First.Block, x.First.On(problem.Cells[x.Second].Day).Children)
                    .Where(l => !open.Contains((l.Roles[0], l.Material.Id)))
                    .Select(l => Taken(l, x.Second))
            );
        return new(idea.Id, LeadScore(idea), [.. fixedTakes], roles);
    }

    /// <summary>The present material first, then those that could stand in for it everywhere it is used.</summary>
    private RoleOption[] Options(Idea idea, Role role, StandIn from, Use[] uses, int[] moments)
    {
        var steps = idea
            .Steps.Where(s => s.Bindings.TryGetValue(role.Name, out var b) && b.Material.Id == from.Material.Id)
            .ToArray();
        var wanted = uses.Max(u => u.Fullest.Demand.Where(d => d.Material.Id == from.Material.Id).Sum(d => d.Amount));
        if (wanted <= 0)
        {
            return [];
        }

        StandIn Scored(Material m) =>
            StandIns.Score(
                m,
                Swaps.NeedsOf(idea, steps[0], role),
                problem.Input.OnHand.GetValueOrDefault(m.Id),
                wanted,
                idea.Theme.Colours
            );
        var others = problem
            .Input.Materials.Where(m =>
                m.Id != from.Material.Id
                && !problem.Input.NeverOut.Contains(m.Id)
                && (problem.Input.OnHand.GetValueOrDefault(m.Id) > 0 || m.IsSold)
                && steps.All(s => Swaps.Against(idea, s, role, m, problem.Input.GoesWith) is null)
            )
            .Select(Scored)
            .OrderByDescending(s => s.Score)
            .ThenBy(s => s.Material.Id, StringComparer.Ordinal)
            .Take(MostOptions)
            .Select(s => (StandIn: s, Swap: new Swap(idea.Id, role.Name, from.Material.Id, s.Material.Id)))
            .Where(x => KeepsEveryone(idea, x.Swap, x.StandIn.Material, uses));
        return
        [
            new(null, Scored(from.Material).Score, [.. Contribution(idea, role, from.Material, uses, moments)]),
            .. others.Select(x => new RoleOption(
                x.Swap,
                x.StandIn.Score,
                [.. Contribution(Swaps.With(idea, x.Swap, x.StandIn.Material), role, x.StandIn.Material, uses, moments)]
            )),
        ];
    }

    private IEnumerable<Take> Contribution(Idea idea, Role role, Material material, Use[] uses, int[] moments) =>
        uses.Zip(moments)
            .SelectMany(x =>
                Demand
                    .ByRole(idea, x.First.Block, x.First.On(problem.Cells[x.Second].Day).Children)
                    .Where(l => l.Roles[0] == role.Name && l.Material.Id == material.Id)
                    .Select(l => Taken(l, x.Second))
            );

    /// <summary>Whether an idea with another material keeps every child at the same step in the same places, with no
    /// more adults.</summary>
    private bool KeepsEveryone(Idea idea, Swap swap, Material to, Use[] uses)
    {
        var (found, _) = finder.Of(Swaps.With(idea, swap, to), uses[0].IdeaIndex);
        return uses.All(u =>
            found.Any(f =>
                f.BlockIndex == u.BlockIndex
                && f.Adults <= u.Adults
                && u.OnDay.Zip(f.Days).All(d => !d.First || d.Second)
                && u.Children.Zip(f.Children)
                    .All(c => c.First.InReach == c.Second.InReach && c.First.Offer?.Step == c.Second.Offer?.Step)
            )
        );
    }

    private Take Taken(DemandLine line, int moment) => new(IndexOf(line.Material), moment, line.Amount);

    private int IndexOf(Material material)
    {
        if (!supplyOf.TryGetValue(material.Id, out var index))
        {
            supplyOf[material.Id] = index = supplies.Count;
            supplies.Add(material);
        }

        return index;
    }

    /// <summary>Every recipe for what is taken, and for what those take; supplies grow on the way.</summary>
    private MakeLine[] Recipes()
    {
        var lines = new List<MakeLine>();
        var byId = problem.Input.Materials.ToDictionary(m => m.Id);
        for (var k = 0; k < supplies.Count; k++)
        {
            lines.AddRange(
                problem
                    .Input.Chains.For(supplies[k].Id)
                    .Where(r => r.From.Keys.All(byId.ContainsKey))
                    .Select(r => new MakeLine(
                        k,
                        r.Amount,
                        [.. r.From.Select(f => (IndexOf(byId[f.Key]), f.Value))],
                        r.Minutes
                    ))
            );
            if (Mixing.Of(supplies[k].Id, 1, problem.Input) is { } mix)
            {
                // What it is mixed of comes from the kitchen, not from these shelves.
                lines.Add(new(k, mix.Recipe.Yield, [], mix.Recipe.Minutes));
            }
        }

        return [.. lines];
    }

    private Supply SupplyOf(Material material)
    {
        var gone = problem.Input.GoneOff.GetValueOrDefault(material.Id);
        return new(
            material.Id,
            problem.Input.OnHand.GetValueOrDefault(material.Id),
            material.IsSold ? material.PackSize!.Value : 0,
            material.PackCents ?? 0,
            material.Consumable ? [.. UsedUp(gone)] : [.. ComesBack(material, gone)]
        );
    }

    /// <summary>All of the week adds up; of what goes off, also every rest of the week with what is lost by
    /// then.</summary>
    private IEnumerable<SupplyRow> UsedUp(double[]? gone) =>
        gone is null
            ? [new SupplyRow(Enumerable.Range(0, problem.Cells.Count).ToHashSet(), 0)]
            : problem.Days.Select(
                (_, d) =>
                    new SupplyRow(
                        Enumerable.Range(0, problem.Cells.Count).Where(c => problem.Cells[c].Day >= d).ToHashSet(),
                        gone[d]
                    )
            );

    /// <summary>At each block, what is in use and what is still drying.</summary>
    private IEnumerable<SupplyRow> ComesBack(Material material, double[]? gone) =>
        problem.Cells.Select(
            (cell, c) =>
                new SupplyRow(
                    Enumerable
                        .Range(0, c + 1)
                        .Where(k =>
                            k == c
                            || problem.Cells[k].EndsAt + material.TurnaroundMinutes > cell.StartsAt
                                && material.TurnaroundMinutes > 0
                        )
                        .ToHashSet(),
                    gone?[cell.Day] ?? 0
                )
        );
}
