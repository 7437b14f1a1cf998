using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Expecting;
using Nido.Core.Ideas;

namespace Nido.Core.Week.Problem;

/// <summary>How many of each material an idea takes in a block.</summary>
public static class Demand
{
    /// <summary>
    /// A consumable counts every child in reach; a reusable counts only those working at once: a group of a
    /// rotation, a table of a free choice, everyone in a whole-group block.
    /// </summary>
    /// <param name="idea">The idea.</param>
    /// <param name="block">Where it lies.</param>
    /// <param name="children">Everyone of the group at this idea.</param>
    public static IReadOnlyList<DemandLine> Of(Idea idea, Block block, IReadOnlyList<ChildAtIdea> children) =>
        [
            .. ByRole(idea, block, children)
                .GroupBy(l => l.Material.Id)
                .Select(g => new DemandLine(
                    g.First().Material,
                    [.. g.SelectMany(l => l.Roles)],
                    g.Sum(l => l.Amount),
                    [.. g.SelectMany(l => l.Trace)]
                )),
        ];

    /// <summary>As <see cref="Of"/>, a line for each role and material.</summary>
    public static IEnumerable<DemandLine> ByRole(Idea idea, Block block, IReadOnlyList<ChildAtIdea> children)
    {
        ArgumentNullException.ThrowIfNull(idea);
        ArgumentNullException.ThrowIfNull(block);
        var inReach = children.Where(c => c.InReach).ToArray();
        var atOnce = block.Kind is BlockKind.Circle or BlockKind.Outdoors
            ? inReach.Length
            : (int)Math.Ceiling(children.Count / (double)block.Offers);
        return from role in idea.Technique.Roles
            from byMaterial in WhoUses(idea, role, inReach)
            let counted = Amount(idea, role, byMaterial.Key, [.. byMaterial], atOnce)
            select new DemandLine(byMaterial.Key, [role.Name], counted.Amount, counted.Trace);
    }

    private static IEnumerable<IGrouping<Material, (ChildAtIdea Child, IdeaStep Step)>> WhoUses(
        Idea idea,
        Role role,
        ChildAtIdea[] inReach
    ) =>
        inReach
            .Select(c => (Child: c, Step: idea.Steps.First(s => s.Number == c.Offer!.Step)))
            .Where(x => x.Step.Bindings.ContainsKey(role.Name))
            .GroupBy(x => x.Step.For(x.Child.Child, role.Name).Material);

    private static (double Amount, Said[] Trace) Amount(
        Idea idea,
        Role role,
        Material material,
        (ChildAtIdea Child, IdeaStep Step)[] users,
        int atOnce
    )
    {
        if (role.Per == Per.Station)
        {
            var once = Spared(users.Max(u => u.Step.Each(role, "")), role.SparePercent);
            return (once, [$"{material.Name} as {role.Name}: {once:0.##} for the table"]);
        }

        var each = users.Select(u => u.Step.Each(role, u.Child.Child.Name)).OrderDescending().ToArray();
        // The neediest who can be at work together, so that no table falls short whoever comes first.
        var counted = material.Consumable ? each : [.. each.Take(atOnce)];
        if (material.Consumable && users[0].Child.Child.StandsFor is { } stands)
        {
            return ForExpected(role, material, users, stands.RunOut);
        }

        var sum = role.Per == Per.Pair ? counted.Where((_, i) => i % 2 == 0).Sum() : counted.Sum();
        var total = Spared(sum, role.SparePercent);
        var steps = Said.Join(
            ", ",
            users
                .GroupBy(u => u.Step.Number)
                .OrderBy(g => g.Key)
                .Select(g =>
                    Said.That(
                        $"{g.Count()} at step {g.Key} "
                            + $"({g.First().Step.EachInWords(role, Said.Word(material.Unit.ToString().ToLowerInvariant()))})"
                    )
                )
        );
        var who = material.Consumable ? (Said)$"all {each.Length} in reach" : $"{counted.Length} at work at once";
        var spare = Said.When(role.SparePercent > 0, $", {role.SparePercent:0}% spare");
        return (total, [$"{material.Name} as {role.Name}: {steps}; {who} = {sum:0.##}{spare} → {total:0.##}"]);
    }

    /// <summary>Kits for whoever comes: each step is packed by itself, so that none of them runs out more often than is
    /// borne.</summary>
    /// <param name="idea">The idea.</param>
    /// <param name="children">Everyone expected, at this idea.</param>
    public static IReadOnlyList<Kit> Kits(Idea idea, IReadOnlyList<ChildAtIdea> children)
    {
        ArgumentNullException.ThrowIfNull(idea);
        return
        [
            .. from at in children
            where at.InReach && at.Child.StandsFor is not null
            group at by at.Offer!.Step into g
            orderby g.Key
            let step = idea.Steps.First(s => s.Number == g.Key)
            let coming = StandsFor.Of(g.Select(c => c.Child.StandsFor!))
            select new Kit(
                g.Key,
                coming.Expected,
                DropInKits.For(coming, g.First().Child.StandsFor!.RunOut),
                [
                    .. idea
                        .Technique.Roles.Where(r =>
                            step.Bindings.ContainsKey(r.Name)
                            && step.Bindings[r.Name].Material.Consumable
                            && r.Per == Per.Child
                        )
                        .Select(r => (step.Bindings[r.Name].Material, step.Each(r, ""))),
                ]
            ),
        ];
    }

    private static (double Amount, Said[] Trace) ForExpected(
        Role role,
        Material material,
        (ChildAtIdea Child, IdeaStep Step)[] users,
        double runOut
    )
    {
        var kits = users
            .GroupBy(u => u.Step.Number)
            .OrderBy(g => g.Key)
            .Select(g => (g.Key, Users: g, Coming: StandsFor.Of(g.Select(u => u.Child.Child.StandsFor!))))
            .Select(g =>
                (
                    Step: g.Key,
                    g.Coming.Expected,
                    Kits: DropInKits.For(g.Coming, runOut),
                    Each: g.Users.First().Step.Each(role, ""),
                    Words: g.Users.First()
                        .Step.EachInWords(role, Said.Word(material.Unit.ToString().ToLowerInvariant()))
                )
            )
            .ToArray();
        var total = Spared(
            kits.Sum(k => (role.Per == Per.Pair ? Math.Ceiling(k.Kits / 2.0) : k.Kits) * k.Each),
            role.SparePercent
        );
        return (
            total,
            [
                $"{material.Name} as {role.Name}: "
                    + $"{kits.Select(k => (Said)$"{k.Expected:0.#} expected at step {k.Step} → {k.Kits} kits ({k.Words})")}; "
                    + $"each runs out in at most {100 * runOut:0}% of sessions → {total:0.##}",
            ]
        );
    }

    private static double Spared(double amount, double percent) =>
        Math.Ceiling((amount * (1 + (percent / 100))) - 1e-9);
}
