using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Core.Week.Rules;
using Nido.Core.Week.Search;

namespace Nido.Core.Week.Problem;

/// <summary>A week as numbers: uses, slots, targets and limits. Built once, read by the greedy plan, the models and the
/// score.</summary>
public sealed class WeekProblem
{
    /// <summary>Hundredths of a minute in a minute.</summary>
    public const int PerMinute = 100;

    private readonly List<string> ladderIds;

    private WeekProblem(WeekInput input)
    {
        ladderIds = [.. input.Ladders.Keys.Order(StringComparer.Ordinal)];
        Input = input;
        Group = input.Group;
        bool Came(CameUpKind kind, string subject, int day) =>
            input.CameUp.Any(h => h.Kind == kind && h.Subject == subject && h.On(day));
        Days = [.. input.Days.Select((d, i) => Came(CameUpKind.Rain, "", i) ? d with { Dry = false } : d)];
        Blocks = input.Group.Blocks;
        ChildCount = Group.Children.Count;
        Attendance = new(Group.Children, Days, Blocks, input.CameUp, input.Pencilled);
        AdultsThere =
        [
            .. Days.Select(
                (d, i) =>
                    Blocks
                        .Select(b =>
                            Group.Adults.Count(a => a.IsThere(d.Day, b) && !Came(CameUpKind.AdultAway, a.Id, i))
                        )
                        .ToArray()
            ),
        ];
        Slots =
        [
            .. from d in Enumerable.Range(0, Days.Count)
            from b in Enumerable.Range(0, Blocks.Count)
            from o in Enumerable.Range(0, Blocks[b].Offers)
            select new Slot(d, b, o),
        ];
        Cells =
        [
            .. from d in Enumerable.Range(0, Days.Count)
            from b in Enumerable.Range(0, Blocks.Count)
            let starts = ((Days[d].Date.DayNumber - Days[0].Date.DayNumber) * 24 * 60)
                + (Blocks[b].Starts.Hour * 60)
                + Blocks[b].Starts.Minute
            select new Cell(d, b, SlotAt(d, b, 0), Blocks[b].Offers, starts, starts + Blocks[b].Minutes),
        ];
    }

    /// <summary>What the problem was built from.</summary>
    public WeekInput Input { get; }

    /// <summary>The group.</summary>
    public ChildrenGroup Group { get; }

    /// <summary>Days planned.</summary>
    public IReadOnlyList<PlanDay> Days { get; }

    /// <summary>The first of them; ages and what was seen are those of this day.</summary>
    public DateOnly FirstDay => Days.Count > 0 ? Days[0].Date : default;

    /// <summary>Blocks of a day.</summary>
    public IReadOnlyList<Block> Blocks { get; }

    /// <summary>Number of children.</summary>
    public int ChildCount { get; }

    /// <summary>Who is there: child × day × block.</summary>
    public Attendance Attendance { get; }

    /// <summary>Offers that lie out unchanged all week.</summary>
    public IReadOnlyList<StayingOffer> Staying { get; private set; } = [];

    /// <summary>The staying offer a slot belongs to, or null.</summary>
    public IReadOnlyList<StayingOffer?> StayingAt { get; private set; } = [];

    /// <summary>Whether a use may stay in a slot all week, so that it lies there as often as the week has days.</summary>
    public bool MayStay(int slot, Use use) => StayingAt[slot]?.Has(use) == true;

    /// <summary>The slots that are filled together with a slot: itself alone, or all of a staying offer.</summary>
    public IReadOnlyList<int[]> Together { get; private set; } = [];

    /// <summary>Day × block: adults there for all of it.</summary>
    public int[][] AdultsThere { get; }

    /// <summary>Every place an idea can lie, in the order of the week.</summary>
    public IReadOnlyList<Slot> Slots { get; }

    /// <summary>Every block of every day, in the order of the week.</summary>
    public IReadOnlyList<Cell> Cells { get; }

    /// <summary>Ideas in the blocks they may lie in.</summary>
    public IReadOnlyList<Use> Uses { get; private set; } = [];

    /// <summary>Ideas that a safety rule keeps out of every block, each with the first such finding.</summary>
    public IReadOnlyList<(Idea Idea, Finding Finding)> KeptOut { get; private set; } = [];

    /// <summary>Uses by block index.</summary>
    public IReadOnlyList<Use[]> UsesOfBlock { get; private set; } = [];

    /// <summary>
    /// How dear fair shares may become for the other wishes: the slider's part of the price, or of a quarter of all
    /// minutes that are
    /// owed where that is more. A part of the price alone would be nothing where next to nothing falls short, and then
    /// money, evenings
    /// and what a child works towards had no say.
    /// </summary>
    /// <param name="fair">The price of fair shares that was reached, in hundredths of a minute.</param>
    public long MayBecome(long fair) =>
        fair + (long)(Input.Sliders.Tolerance * Math.Max(fair, Target.Sum(t => (long)t) / 4));

    /// <summary>How dear fair shares in sum may become for the child and aim that are worst off, in hundredths of a
    /// minute.</summary>
    /// <param name="fair">The price of fair shares that was reached.</param>
    public long MayBecomeForTheWorstOff(long fair) =>
        fair + (long)(Input.Sliders.ForTheWorstOff * Target.Sum(t => (long)t) / 4);

    /// <summary>Target of child × aim, in hundredths of a minute.</summary>
    public int[] Target { get; private set; } = [];

    /// <summary>An even share of child × aim: a quarter of all the minutes its timetable can give, in hundredths of a
    /// minute.</summary>
    public int[] EvenShare { get; private set; } = [];

    /// <summary>Child × strand: some use reaches it.</summary>
    public bool[] StrandOpen { get; private set; } = [];

    /// <summary>Materials any use takes.</summary>
    public IReadOnlyList<Material> Materials { get; private set; } = [];

    /// <summary>Amount on hand of each of these.</summary>
    public double[] OnHand { get; private set; } = [];

    /// <summary>Indices of those that dry between uses or go off, which need more than adding up.</summary>
    public IReadOnlyList<int> SlowMaterials { get; private set; } = [];

    /// <summary>How each of these is made most quickly of what is on hand, in one step; null where it cannot
    /// be.</summary>
    public DirectMake?[] Makes { get; private set; } = [];

    /// <summary>Number of techniques.</summary>
    public int TechniqueCount { get; private set; }

    /// <summary>Techniques done with what another one makes on a day before: the one, and its maker or −1 where no idea
    /// makes it.</summary>
    public IReadOnlyList<(int Technique, int Maker)> MadeBefore { get; private set; } = [];

    /// <summary>Techniques of graded practice, by index: to come back to on another day.</summary>
    public IReadOnlyList<bool> Graded { get; private set; } = [];

    /// <summary>How many of them come back in the week, by the group's mix of approaches.</summary>
    public int GradedWanted { get; private set; }

    /// <summary>The name of a ladder, in words.</summary>
    /// <param name="ladder">Its index.</param>
    public Said LadderName(int ladder) => Input.Ladders[ladderIds[ladder]].Name;

    /// <summary>What children work towards this week and something here serves: child and ladder.</summary>
    public IReadOnlyList<(int Child, int Ladder)> Objectives { get; private set; } = [];

    /// <summary>Use index a slot must keep, or −1.</summary>
    public int[] LockedUse { get; private set; } = [];

    /// <summary>Reads an input; says what makes it impossible instead of failing later.</summary>
    public static (WeekProblem Problem, IReadOnlyList<Impossible> Impossible) Build(WeekInput input)
    {
        var problem = new WeekProblem(input);
        var missing = WhatIsMissing.Of(input);
        // A week that cannot be planned yet can be looked at all the same, whole, with what is left that may lie in it.
        problem.ReadUses(WhatIsMissing.IsLeft(input));
        (problem.Target, problem.EvenShare) = Owed.Minutes(problem);
        problem.StrandOpen = Owed.Strands(problem);
        problem.ReadLocks();
        problem.ReadStaying();
        problem.Objectives =
        [
            .. input
                .Evidence.Objectives.Select(o =>
                    (
                        Child: Array.FindIndex([.. problem.Group.Children], c => c.Id == o.ChildId),
                        Ladder: problem.LadderIndex(o.Ladder),
                        o.By
                    )
                )
                .Where(o =>
                    o.Child >= 0
                    && o.Ladder >= 0
                    && o.By >= problem.FirstDay
                    && problem.Uses.Any(u => u.Ladder == o.Ladder && u.IsMetBy(o.Child))
                )
                .Select(o => (o.Child, o.Ladder)),
        ];
        return (problem, missing.Count > 0 ? missing : [.. HardRule.All.SelectMany(r => r.CannotHold(problem))]);
    }

    /// <summary>Units of a material that are on hand on the first day and no longer good on a day.</summary>
    public double GoneOff(int material, int day) =>
        Input.GoneOff.TryGetValue(Materials[material].Id, out var gone) ? gone[day] : 0;

    /// <summary>Whether the block of a slot takes place that day.</summary>
    public bool IsOpen(int slot) => Attendance.TakesPlace(Slots[slot].Day, Slots[slot].Block);

    /// <summary>Places of a plan with nothing in them though somebody comes.</summary>
    public int Empty(PlanState plan) => Enumerable.Range(0, Slots.Count).Count(s => plan.Uses[s] < 0 && IsOpen(s));

    /// <summary>Index of the cell of a day and block.</summary>
    public int CellAt(int day, int block) => (day * Blocks.Count) + block;

    /// <summary>Index of the slot at a day, block and offer.</summary>
    public int SlotAt(int day, int block, int offer) =>
        (day * Blocks.Sum(b => b.Offers)) + Blocks.Take(block).Sum(b => b.Offers) + offer;

    private void ReadUses(Predicate<Idea> mayLie)
    {
        var ideas = Input.Ideas;
        var finder = new UseFinder(this);
        var techniques = ideas.Select(i => i.Technique.Id).Distinct().ToArray();
        TechniqueCount = techniques.Length;
        var byTechnique = ideas.Select(i => i.Technique).DistinctBy(t => t.Id).ToArray();
        MadeBefore =
        [
            .. byTechnique
                .Select((t, k) => (Technique: k, t.MadeBy))
                .Where(x => x.MadeBy is not null)
                .Select(x => (x.Technique, Array.IndexOf(techniques, x.MadeBy))),
        ];
        Graded = [.. byTechnique.Select(t => t.Approaches.Contains(Approach.GradedPractice))];
        var mix = Group.Settings.Approaches;
        GradedWanted =
            Days.Count < 3
                ? 0
                : (int)
                    Math.Ceiling(
                        Days.Count
                            * mix.GetValueOrDefault(Approach.GradedPractice)
                            / (double)Math.Max(1, mix.Values.Sum())
                    );
        // Ideas do not know of each other, so they are looked at side by side; their order stays.
        var looked = Enumerable
            .Range(0, ideas.Count)
            .Where(i => mayLie(ideas[i]))
            .AsParallel()
            .AsOrdered()
            .Select(i => (Idea: i, Where: finder.Of(i)))
            .ToArray();
        KeptOut = [.. looked.Where(x => x.Where.KeptOut is not null).Select(x => (ideas[x.Idea], x.Where.KeptOut!))];
        UseFinder.Found[] found = [.. looked.SelectMany(x => x.Where.Found)];
        Materials =
        [
            .. found.SelectMany(f => f.OnDay).SelectMany(w => w.Demand).Select(l => l.Material).DistinctBy(m => m.Id),
        ];
        OnHand = [.. Materials.Select(m => Input.OnHand.GetValueOrDefault(m.Id))];
        var indexOf = Materials.Select((m, i) => (m.Id, i)).ToDictionary(x => x.Id, x => x.i);
        SlowMaterials =
        [
            .. Enumerable
                .Range(0, Materials.Count)
                .Where(m =>
                    Materials[m].Consumable
                        ? Input.GoneOff.ContainsKey(Materials[m].Id)
                        : Materials[m].TurnaroundMinutes > 0 || Input.GoneOff.ContainsKey(Materials[m].Id)
                ),
        ];
        Makes = [.. Materials.Select(m => DirectMake.Of(m.Id, Input, indexOf))];
        var making = new UseMaking(this, indexOf);
        Uses =
        [
            .. found.Select((f, u) => making.Make(u, f, Array.IndexOf(techniques, ideas[f.IdeaIndex].Technique.Id))),
        ];
        UsesOfBlock = [.. Blocks.Select((_, b) => Uses.Where(u => u.BlockIndex == b).ToArray())];
    }

    /// <summary>The steps at least one child works at.</summary>
    public static IReadOnlyList<IdeaStep> StepsInUse(Idea idea, IReadOnlyList<ChildAtIdea> children) =>
        [.. idea.Steps.Where(s => children.Any(c => c.InReach && c.Offer!.Step == s.Number))];

    private void ReadLocks()
    {
        LockedUse = [.. Enumerable.Repeat(-1, Slots.Count)];
        foreach (var locked in Input.Locked)
        {
            var b = Blocks
                .Select((block, i) => (block, i))
                .FirstOrDefault(x => x.block.Id == locked.BlockId, (null!, -1))
                .i;
            var use =
                b < 0
                    ? null
                    : UsesOfBlock[b]
                        .FirstOrDefault(u => u.Idea.Id == locked.IdeaId && u.OnDay.ElementAtOrDefault(locked.Day));
            if (use is not null && locked.Day < Days.Count && locked.Offer < Blocks[b].Offers)
            {
                LockedUse[SlotAt(locked.Day, b, locked.Offer)] = use.Index;
            }
        }
    }

    private void ReadStaying()
    {
        Staying = [.. StayingOffer.Of(this)];
        var at = new StayingOffer?[Slots.Count];
        foreach (var offer in Staying)
        {
            foreach (var slot in offer.All)
            {
                at[slot] = offer;
            }
        }

        StayingAt = at;
        Together = [.. at.Select((offer, s) => offer is null || LockedUse[s] >= 0 ? [s] : offer.Slots.ToArray())];
    }

    /// <summary>Index of a ladder, by id; −1 where the week has none of that id.</summary>
    internal int LadderIndex(string id) => ladderIds.IndexOf(id);
}
