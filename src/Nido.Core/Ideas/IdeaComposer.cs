using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Ideas;

/// <summary>Makes ideas: technique × theme × materials, by matching needs.</summary>
public static class IdeaComposer
{
    /// <summary>How many leading materials of one technique become ideas of their own.</summary>
    public const int LeadsPerTechnique = 6;

    /// <summary>Leading materials of a technique that are made ideas of only to say which rule keeps them
    /// out.</summary>
    public const int KeptOutPerTechnique = 4;

    /// <summary>How much a pair that only just goes together counts against a binding.</summary>
    public const int BarelyCost = 25;

    /// <summary>How far down the list of a role a binding is looked for that goes with the others.</summary>
    private const int Tries = 12;

    /// <summary>Every idea this cupboard can carry with this theme, in a fixed order.</summary>
    /// <param name="techniques">The techniques to try.</param>
    /// <param name="theme">The week's theme.</param>
    /// <param name="materials">All known materials.</param>
    /// <param name="onHand">Amount on hand by material id; what is missing counts 0.</param>
    /// <param name="childCount">Children of the group, for judging amounts.</param>
    /// <param name="goesWith">What goes with what.</param>
    /// <param name="keptOff">Ids of what a safety rule keeps off every table of the room: bound only where nothing else
    /// is.</param>
    public static (IReadOnlyList<Idea> Ideas, IReadOnlyList<Unsuited> Unsuited) Compose(
        IEnumerable<Technique> techniques,
        Theme theme,
        IReadOnlyList<Material> materials,
        IReadOnlyDictionary<string, double> onHand,
        int childCount,
        GoesWith goesWith,
        IReadOnlySet<string>? keptOff = null
    )
    {
        // What is neither on hand nor sold cannot lie out this week.
        Material[] reachable = [.. materials.Where(m => onHand.GetValueOrDefault(m.Id) > 0 || m.IsSold)];
        var match = new Matcher(reachable, onHand, theme, childCount, goesWith, keptOff ?? new HashSet<string>());
        var unsuited = new List<Unsuited>();
        Idea[] ideas =
        [
            .. techniques.OrderBy(t => t.Id, StringComparer.Ordinal).SelectMany(t => Of(t, theme, match, unsuited)),
        ];
        return (
            [.. ideas.Select(i => i.Technique.MadeBy is { } maker ? i with { MadeOf = WhatStaysOf(ideas, maker) } : i)],
            unsuited
        );
    }

    /// <summary>What stays in the thing that a technique makes: whatever of its materials is used up, whichever of its
    /// ideas made it.</summary>
    private static Material[] WhatStaysOf(IEnumerable<Idea> ideas, string maker) =>
        [
            .. ideas
                .Where(i => i.Technique.Id == maker)
                .SelectMany(i => i.Steps)
                .SelectMany(s => s.Bindings.Values)
                .Select(b => b.Material)
                .Where(m => m.Consumable)
                .DistinctBy(m => m.Id),
        ];

    private static IEnumerable<Idea> Of(Technique technique, Theme theme, Matcher match, List<Unsuited> unsuited)
    {
        if (technique.Roles.Count == 0)
        {
            var bare = technique.Steps.Select(s => IdeaStep.Of(s, theme, new Dictionary<string, StandIn>()));
            yield return new Idea(
                Idea.IdOf(technique, null),
                technique,
                theme,
                theme.Fill(technique.Title),
                null,
                [.. bare]
            );
            yield break;
        }

        var lead = technique.Roles[0];
        var (carried, keptOut) = (0, 0);
        foreach (var candidate in match.Candidates(technique, lead, lead.Needs, null))
        {
            if (keptOut == KeptOutPerTechnique && match.IsKeptOff(candidate.Material))
            {
                continue;
            }

            var against = new List<Said>();
            IdeaStep[] steps =
            [
                .. technique
                    .Steps.Select(s => Equip(technique, s, candidate, theme, match, against))
                    .OfType<IdeaStep>(),
            ];
            if (steps.Length > 0)
            {
                yield return new Idea(
                    Idea.IdOf(technique, candidate.Material),
                    technique,
                    theme,
                    theme.Fill(technique.Title),
                    candidate.Material,
                    steps
                );
                // What no child of this room may meet is told of, and takes no other's place.
                carried += match.IsKeptOff(candidate.Material) ? 0 : 1;
                keptOut += match.IsKeptOff(candidate.Material) ? 1 : 0;
            }
            else if (against.Count > 0)
            {
                unsuited.Add(new(technique, candidate.Material, theme.Fill(technique.Title), [.. against.Distinct()]));
            }

            if (carried == LeadsPerTechnique)
            {
                yield break;
            }
        }
    }

    /// <summary>Binds every role of a step; null where one that is needed cannot be bound, so the step does not exist
    /// this week.</summary>
    private static IdeaStep? Equip(
        Technique technique,
        TechniqueStep step,
        StandIn lead,
        Theme theme,
        Matcher match,
        List<Said> against
    )
    {
        var sticks = StepCounts.BusiestJoint(step.Making);
        var bound = Bind(technique, step, 0, [], lead, match, sticks, against);
        if (bound is not null && AgainstLaying(technique, step, bound) is { } reason)
        {
            against.Add(reason);
            return null;
        }

        return bound is null
            ? null
            : (
                IdeaStep.Of(step, theme, bound) with
                {
                    Left = technique
                        .Roles.Where(r => r.Left is not null && bound.ContainsKey(r.Name))
                        .Select(r => (r.Name, Best: match.Candidates(technique, r, r.Left!, null).FirstOrDefault()))
                        .Where(x => x.Best is not null)
                        .ToDictionary(x => x.Name, x => x.Best!),
                }
            ).With(bound, technique.Roles);
    }

    private static Said? AgainstLaying(Technique technique, TechniqueStep step, Dictionary<string, StandIn> bound) =>
        technique.Roles.FirstOrDefault(r => r.Quantity.Kind == QuantityKind.ArcPieces) is { } role
        && bound.TryGetValue(role.Name, out var piece)
            ? StepCounts.AgainstArc(step.Making, piece.Material, bound.GetValueOrDefault("base")?.Material)
            : null;

    /// <summary>Binds the roles from one on so that all pairs go together; the first way found takes the best
    /// stand-ins.</summary>
    private static Dictionary<string, StandIn>? Bind(
        Technique technique,
        TechniqueStep step,
        int index,
        Dictionary<string, StandIn> bound,
        StandIn lead,
        Matcher match,
        int sticks,
        List<Said> against
    )
    {
        if (index == technique.Roles.Count)
        {
            return bound;
        }

        var role = technique.Roles[index];
        var overridden = step.Overrides.TryGetValue(role.Name, out var stepNeeds);
        if (overridden && stepNeeds is null)
        {
            return Bind(technique, step, index + 1, bound, lead, match, sticks, against);
        }

        var needs = stepNeeds ?? role.Needs;
        var other =
            needs.OpeningOverRole is { } name && bound.TryGetValue(name, out var o) ? o.Material.Width : (double?)null;
        var candidates =
            index == 0 && !overridden ? [lead] : match.Candidates(technique, role, needs, other).Take(Tries);
        foreach (var candidate in match.Suited(technique, role, candidates, bound, sticks, against))
        {
            if (
                Bind(
                    technique,
                    step,
                    index + 1,
                    new(bound) { [role.Name] = candidate },
                    lead,
                    match,
                    sticks,
                    against
                ) is
                { } whole
            )
            {
                return whole;
            }
        }

        return role.Optional ? Bind(technique, step, index + 1, bound, lead, match, sticks, against) : null;
    }

    private sealed class Matcher(
        Material[] materials,
        IReadOnlyDictionary<string, double> onHand,
        Theme theme,
        int childCount,
        GoesWith goesWith,
        IReadOnlySet<string> keptOff
    )
    {
        private const int OrdinaryCount = 6;
        private readonly Dictionary<(Role, RoleNeeds, double?), StandIn[]> ranked = [];

        public bool IsKeptOff(Material material) => keptOff.Contains(material.Id);

        /// <summary>What can take a role, best first; what a rule keeps off the tables of this room after all
        /// others.</summary>
        public StandIn[] Candidates(Technique technique, Role role, RoleNeeds needs, double? otherWidth)
        {
            if (!ranked.TryGetValue((role, needs, otherWidth), out var all))
            {
                ranked[(role, needs, otherWidth)] = all = [
                    .. materials
                        .Where(m => StandIns.Fails(m, needs, otherWidth) is null)
                        .Select(m =>
                            StandIns.Score(
                                m,
                                needs,
                                onHand.GetValueOrDefault(m.Id),
                                Wanted(technique, role, m),
                                theme.Colours
                            )
                        )
                        .OrderBy(s => IsKeptOff(s.Material))
                        .ThenByDescending(s => s.Score)
                        .ThenBy(s => s.Material.Id, StringComparer.Ordinal),
                ];
            }

            return all;
        }

        /// <summary>Those that go with what is bound already, what only just does after the rest; notes what does not
        /// go.</summary>
        public IEnumerable<StandIn> Suited(
            Technique technique,
            Role role,
            IEnumerable<StandIn> candidates,
            Dictionary<string, StandIn> bound,
            int sticks,
            List<Said> against
        )
        {
            Pair[] pairs =
            [
                .. technique.Pairs.Where(p =>
                    (p.With == role.Name && bound.ContainsKey(p.On)) || (p.On == role.Name && bound.ContainsKey(p.With))
                ),
            ];
            if (pairs.Length == 0)
            {
                return candidates;
            }

            var judged = candidates
                .Select(c => (Candidate: c, Checks: pairs.Select(p => Check(p, role, c, bound, sticks)).ToArray()))
                .ToArray();
            against.AddRange(judged.SelectMany(j => j.Checks).Where(k => k.Suits == Suits.No).Select(k => k.Reason!));
            return judged
                .Where(j => j.Checks.All(k => k.Suits != Suits.No))
                .Select(j =>
                    j.Checks.Where(k => k.Suits == Suits.Barely)
                        .Aggregate(
                            j.Candidate,
                            (c, k) =>
                                c with
                                {
                                    Score = Math.Max(0, c.Score - BarelyCost),
                                    Reasons = [.. c.Reasons, k.Reason!],
                                }
                        )
                )
                .OrderBy(c => IsKeptOff(c.Material))
                .ThenByDescending(c => c.Score);
        }

        private (Suits Suits, Said? Reason) Check(
            Pair pair,
            Role role,
            StandIn candidate,
            Dictionary<string, StandIn> bound,
            int sticks
        ) =>
            pair.With == role.Name
                ? goesWith.Check(pair.Kind, candidate.Material, bound[pair.On].Material, sticks)
                : goesWith.Check(pair.Kind, bound[pair.With].Material, candidate.Material, sticks);

        /// <summary>A rough want, to judge "on hand" by: who is at work at once at an ordinary step, everyone where it
        /// is used up.</summary>
        private double Wanted(Technique technique, Role role, Material material)
        {
            var each = role.Quantity.For(OrdinaryCount, QuantityRule.OrdinaryName);
            var everyone =
                material.Consumable || technique.Blocks.Any(b => b is BlockKind.Circle or BlockKind.Outdoors);
            var atOnce = Math.Max(1, everyone ? childCount : Math.Min(5, childCount));
            return role.Per switch
            {
                Per.Station => each,
                Per.Pair => each * Math.Ceiling(atOnce / 2.0),
                _ => each * atOnce,
            };
        }
    }
}
