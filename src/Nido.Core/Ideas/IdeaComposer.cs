using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Ideas;

/// <summary>Makes ideas: technique × theme × materials, by matching needs.</summary>
public static class IdeaComposer
{
    /// <summary>How many leading materials of one technique become ideas of their own.</summary>
    public const int LeadsPerTechnique = 7;

    /// <summary>Every idea this cupboard can carry with this theme, in a fixed order.</summary>
    /// <param name="techniques">The techniques to try.</param>
    /// <param name="theme">The week's theme.</param>
    /// <param name="materials">All known materials.</param>
    /// <param name="onHand">Amount on hand by material id; what is missing counts 0.</param>
    /// <param name="childCount">Children of the group, for judging amounts.</param>
    public static IReadOnlyList<Idea> Compose(
        IEnumerable<Technique> techniques, Theme theme, IReadOnlyList<Material> materials,
        IReadOnlyDictionary<string, double> onHand, int childCount)
    {
        // What is neither on hand nor sold cannot lie out this week.
        Material[] reachable = [.. materials.Where(m => onHand.GetValueOrDefault(m.Id) > 0 || m.IsSold)];
        var match = new Matcher(reachable, onHand, theme, childCount);
        return [.. techniques.OrderBy(t => t.Id, StringComparer.Ordinal).SelectMany(t => Of(t, theme, match))];
    }

    private static IEnumerable<Idea> Of(Technique technique, Theme theme, Matcher match)
    {
        if (technique.Roles.Count == 0)
        {
            var bare = technique.Steps.Select(s => new IdeaStep(s.Step, theme.Fill(s.Do), s.Count, new Dictionary<string, StandIn>(), s.Makes));
            yield return new Idea(Idea.IdOf(technique, null), technique, theme, theme.Fill(technique.Title), null, [.. bare]);
            yield break;
        }

        var lead = technique.Roles[0];
        foreach (var candidate in match.Candidates(technique, lead, lead.Needs, null, LeadsPerTechnique))
        {
            IdeaStep[] steps = [.. technique.Steps.Select(s => Equip(technique, s, candidate, theme, match)).OfType<IdeaStep>()];
            if (steps.Length > 0)
            {
                yield return new Idea(
                    Idea.IdOf(technique, candidate.Material), technique, theme, theme.Fill(technique.Title),
                    candidate.Material, steps);
            }
        }
    }

    /// <summary>Binds every role of a step; null where one that is needed cannot be bound, so the step does not exist this week.</summary>
    private static IdeaStep? Equip(Technique technique, TechniqueStep step, StandIn lead, Theme theme, Matcher match)
    {
        var bound = new Dictionary<string, StandIn>();
        foreach (var role in technique.Roles)
        {
            var overridden = step.Overrides.TryGetValue(role.Name, out var stepNeeds);
            if (overridden && stepNeeds is null)
            {
                continue;
            }

            var needs = stepNeeds ?? role.Needs;
            var other = needs.OpeningOverRole is { } name && bound.TryGetValue(name, out var o) ? o.Material.Width : (double?)null;
            var binding = role == technique.Roles[0] && !overridden ? lead : match.Candidates(technique, role, needs, other, 1).FirstOrDefault();
            if (binding is not null)
            {
                bound[role.Name] = binding;
            }
            else if (!role.Optional)
            {
                return null;
            }
        }

        return new IdeaStep(step.Step, theme.Fill(step.Do), step.Count, bound, step.Makes);
    }

    private sealed class Matcher(
        Material[] materials, IReadOnlyDictionary<string, double> onHand, Theme theme, int childCount)
    {
        private const int OrdinaryCount = 6;
        private readonly Dictionary<(Role, RoleNeeds, double?), StandIn[]> ranked = [];

        public IEnumerable<StandIn> Candidates(Technique technique, Role role, RoleNeeds needs, double? otherWidth, int most)
        {
            if (!ranked.TryGetValue((role, needs, otherWidth), out var all))
            {
                ranked[(role, needs, otherWidth)] = all =
                [
                    .. materials.Where(m => StandIns.Fails(m, needs, otherWidth) is null)
                        .Select(m => StandIns.Score(m, needs, onHand.GetValueOrDefault(m.Id), Wanted(technique, role, m), theme.Colours))
                        .OrderByDescending(s => s.Score).ThenBy(s => s.Material.Id, StringComparer.Ordinal),
                ];
            }

            return all.Take(most);
        }

        /// <summary>A rough want, to judge "on hand" by: who is at work at once at an ordinary step, everyone where it is used up.</summary>
        private double Wanted(Technique technique, Role role, Material material)
        {
            var each = role.Quantity.For(OrdinaryCount, "Marina");
            var everyone = material.Consumable || technique.Blocks.Any(b => b is BlockKind.Circle or BlockKind.Outdoors);
            var atOnce = Math.Max(1, everyone ? childCount : Math.Min(5, childCount));
            return role.Per switch { Per.Station => each, Per.Pair => each * Math.Ceiling(atOnce / 2.0), _ => each * atOnce };
        }
    }
}
