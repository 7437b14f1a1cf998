using Nido.Core.Cupboard;
using Nido.Core.Making;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Reading;

/// <summary>A plan of a week as it can be looked at: every figure on the board is read from here.</summary>
public sealed class WeekPlan
{
    private readonly Dictionary<int, Placement> bySlot = [];

    /// <summary>Reads placements; those that can no longer be are left out and named in <see cref="Lost"/>.</summary>
    public WeekPlan(WeekProblem problem, IReadOnlyList<Placement> placements)
    {
        Problem = problem;
        State = new PlanState(problem);
        var (lost, pencilled) = (new List<KeptOutPlacement>(), new List<Pencilled>());
        foreach (var placement in placements)
        {
            var slot = SlotOf(placement.Day, placement.BlockId, placement.Offer);
            if (slot is not null && placement.IsPencilled)
            {
                pencilled.Add(new(placement.Day, placement.BlockId, placement.Words ?? ""));
            }
            else if (slot is { } at && UseFor(at, placement.IdeaId) is { } use)
            {
                State.Put(at, use.Index);
                bySlot[at] = placement;
            }
            else
            {
                lost.Add(WhyKeptOut.Of(problem, placement, slot));
            }
        }

        (Lost, Pencilled) = (lost, pencilled);
    }

    /// <summary>The week.</summary>
    public WeekProblem Problem { get; }

    /// <summary>The plan as numbers.</summary>
    public PlanState State { get; }

    /// <summary>Placements that no longer can be, each with the reason.</summary>
    public IReadOnlyList<KeptOutPlacement> Lost { get; }

    /// <summary>Blocks that are something of one's own.</summary>
    public IReadOnlyList<Pencilled> Pencilled { get; }

    /// <summary>What a block of a day is, where it is something of one's own; null where it is not.</summary>
    public string? OwnWords(int day, string blockId) =>
        Pencilled.FirstOrDefault(p => p.Day == day && p.BlockId == blockId)?.Words;

    /// <summary>What lies in a filled slot is called: by a title of one's own, else by the idea's.</summary>
    public InBoth TitleAt(int slot) =>
        bySlot[slot].Words is { } own ? InBoth.Same(own) : Problem.Uses[State.Uses[slot]].Idea.Title;

    /// <summary>Filled slots in the order of the week.</summary>
    public IEnumerable<(int Slot, Placement Placement, Use Use)> Filled =>
        Enumerable
            .Range(0, Problem.Slots.Count)
            .Where(bySlot.ContainsKey)
            .Select(s => (s, bySlot[s], Problem.Uses[State.Uses[s]]));

    /// <summary>Index of a slot, or null where the week has none there.</summary>
    public int? SlotOf(int day, string blockId, int offer)
    {
        for (var b = 0; b < Problem.Blocks.Count; b++)
        {
            if (Problem.Blocks[b].Id == blockId)
            {
                return day >= 0 && day < Problem.Days.Count && offer >= 0 && offer < Problem.Blocks[b].Offers
                    ? Problem.SlotAt(day, b, offer)
                    : null;
            }
        }

        return null;
    }

    /// <summary>The use of an idea in the block and on the day of a slot, or null where it may not lie there.</summary>
    public Use? UseFor(int slot, string ideaId) =>
        Problem
            .UsesOfBlock[Problem.Slots[slot].Block]
            .FirstOrDefault(u => u.Idea.Id == ideaId && u.OnDay[Problem.Slots[slot].Day]);

    /// <summary>Share of a child and aim, in whole percent of an even one; 100 where the child is owed
    /// nothing.</summary>
    public int Share(int child, Aim aim) => State.Share(child, aim);

    /// <summary>Whether what lies in a slot lies out there on other days too, because the offer stays.</summary>
    public bool Stays(int slot) =>
        Problem.StayingAt[slot] is { } stays && stays.All.Count(s => State.Uses[s] == State.Uses[slot]) > 1;

    /// <summary>Useful minutes a child gets on a day, all aims together.</summary>
    public double MinutesOn(int day, int child) =>
        Problem.Attendance.OnDay(child, day)
            ? Filled
                .Where(f => f.Placement.Day == day && f.Use.Reach[child] && f.Use.On(day).IsThere[child])
                .Sum(f => DoseOf(f.Use, day, child)) / WeekProblem.PerMinute
            : 0;

    /// <summary>How often a child meets each strand in the week, in the order of <see cref="Strand.All"/>.</summary>
    public int[] StrandTimes(int child)
    {
        var times = new int[Strand.All.Count];
        foreach (var f in Filled.Where(f => f.Use.Reach[child] && f.Use.On(f.Placement.Day).IsThere[child]))
        {
            foreach (var strand in f.Use.Strands)
            {
                times[strand]++;
            }
        }

        return times;
    }

    private double DoseOf(Use use, int day, int child)
    {
        var given = use.Dose[use.Block.IsFreeChoice ? State.InReach(day, use.BlockIndex, child) - 1 : 0];
        return given[child * 4] + given[(child * 4) + 1] + given[(child * 4) + 2] + given[(child * 4) + 3];
    }

    /// <summary>What the week takes of each material, with what is short and the ways out; scarce ones first.</summary>
    public IReadOnlyList<MaterialLine> Materials()
    {
        var taken = State.Spends.Taken();
        var used = Enumerable.Range(0, Problem.Materials.Count).Where(m => taken[m] > 0).ToArray();
        // What the week itself takes is not there to make something else of.
        var left = Problem.Input.OnHand.ToDictionary();
        foreach (var m in used)
        {
            left[Problem.Materials[m].Id] = Math.Max(0, Problem.OnHand[m] - taken[m]);
        }

        return
        [
            .. used.Select(m => Line(Problem.Materials[m], m, taken[m], left))
                .OrderByDescending(l => l.Lacking > 0)
                .ThenBy(l => l.Material.Shelf, StringComparer.Ordinal)
                .ThenBy(l => l.Material.Name.En, StringComparer.Ordinal),
        ];
    }

    /// <summary>Blocks in which fewer adults are there than the ratio and the offers ask; a birthday or a fire drill
    /// asks for adults too.</summary>
    public IReadOnlyList<AdultsShort> AdultsShort()
    {
        var settings = Problem.Group.Settings;
        var found = new List<AdultsShort>();
        for (var d = 0; d < Problem.Days.Count; d++)
        {
            for (var b = 0; b < Problem.Blocks.Count; b++)
            {
                int[] ages =
                [
                    .. Problem
                        .Group.Children.Where((_, c) => Problem.Attendance.IsInHouse(c, d, b))
                        .Select(c => c.MonthsOn(Problem.Days[d].Date)),
                ];
                var ratio = Group.Ratio.AdultsNeeded(settings, ages);
                var beside = Enumerable
                    .Range(0, Problem.Blocks[b].Offers)
                    .Select(o => State.Uses[Problem.SlotAt(d, b, o)])
                    .Sum(u => u < 0 ? 0 : Problem.Uses[u].Adults);
                var needed = Math.Max(ratio, beside);
                if (ages.Length > 0 && needed > Problem.AdultsThere[d][b])
                {
                    found.Add(new(d, Problem.Blocks[b], needed, ratio, beside, Problem.AdultsThere[d][b]));
                }
            }
        }

        return found;
    }

    private MaterialLine Line(Material material, int index, double used, Dictionary<string, double> left)
    {
        double InBlock(int day, int block) =>
            Filled
                .Where(f => f.Placement.Day == day && f.Use.BlockIndex == block)
                .Sum(f => f.Use.On(day).Takes.Where(t => t.Material == index).Sum(t => t.Amount));
        var byDay = Problem
            .Days.Select((_, d) => Problem.Blocks.Select((_, b) => InBlock(d, b)))
            .Select(amounts => material.Consumable ? amounts.Sum() : amounts.Max())
            .ToArray();
        var gone = Problem.GoneOff(index, Problem.Days.Count - 1);
        Said[] where =
        [
            .. Filled
                .Where(f => f.Use.On(f.Placement.Day).Takes.Any(t => t.Material == index))
                .Select(f =>
                    Said.That(
                        $"{Problem.Days[f.Placement.Day].Day} {f.Use.Block.Name}: {f.Use.Idea.Title}, "
                            + $"{f.Use.On(f.Placement.Day).Takes.First(t => t.Material == index).Amount:0.##}"
                    )
                ),
            .. gone > 0
                ? (Said[])
                    [$"keeps {material.KeepsDays} days: {gone:0.##} of it are no longer good by {Problem.Days[^1].Day}"]
                : [],
            .. !material.Consumable && material.TurnaroundMinutes > 0
                ? (Said[])[$"back {material.TurnaroundMinutes} min after use"]
                : [],
        ];
        var have = Problem.OnHand[index];
        var lacking = Math.Max(0, used - have);
        var make = lacking > 0 ? Problem.Input.Chains.Way(material.Id, lacking, left) : null;
        foreach (var (thing, units) in make?.Takes ?? new Dictionary<string, double>())
        {
            left[thing] -= units;
        }

        var mix = lacking > 0 && make is null ? Mixing.Of(material.Id, lacking, Problem.Input) : null;
        var packs = make is null && mix is null ? Spending.Packs(used, have, material.PackSize) : 0;
        return new(material, have, used, byDay, lacking, packs, packs * (material.PackCents ?? 0), where, make)
        {
            Mix = mix,
            Colours = packs > 0 ? ColoursOf(material, lacking) : [],
        };
    }

    /// <summary>What mixed packs give of the week's colours, if these are wanted in equal parts.</summary>
    private IReadOnlyList<Said> ColoursOf(Material material, double lacking)
    {
        string[] wanted = [.. Problem.Input.Ideas.Take(1).SelectMany(i => i.Theme.Colours)];
        if (material.PackShares.Count == 0 || material.PackSize is not { } size || wanted.Length == 0)
        {
            return [];
        }

        var each = (int)Math.Ceiling(lacking / wanted.Length);
        var mix = PackMix.Of(new(wanted.ToDictionary(c => c, _ => each), (int)size, material.PackShares));
        return
        [
            .. mix.Trace,
            .. mix.MissingColours.Count > 0
                ? (Said[])[$"No pack gives {mix.MissingColours:or}: dye, paint, or take another colour"]
                : [],
        ];
    }
}
