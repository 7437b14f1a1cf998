namespace Nido.Core.Week.Sharing;

/// <summary>Leaves out what cannot matter, without losing the best: shelves that suffice whatever is chosen, and
/// options they make worse for nothing.</summary>
internal static class SharingReduction
{
    /// <summary>The same problem, smaller; supplies keep their index.</summary>
    public static SharingProblem Of(SharingProblem problem)
    {
        var scarce = Scarce(problem);
        TakerGroup[] groups =
        [
            .. problem.Groups.Select(g => new TakerGroup([
                .. g.Variants.Select(v =>
                    v with
                    {
                        Takes = Only(v.Takes, scarce),
                        Roles = [.. v.Roles.Select(r => Best(r, scarce))],
                    }
                ),
            ])),
        ];
        return new(
            [.. problem.Supplies.Select((s, m) => scarce[m] ? s : s with { Rows = [], PackSize = 0 })],
            [.. problem.Recipes.Where(r => scarce[r.Makes])],
            groups
        );
    }

    /// <summary>Shelves that could fall short under some choice, and whatever those could be made of.</summary>
    private static bool[] Scarce(SharingProblem problem)
    {
        bool[] scarce =
        [
            .. Enumerable
                .Range(0, problem.Supplies.Count)
                .Select(m => MostTaken(problem, m) > problem.Supplies[m].OnHand + 1e-9),
        ];
        for (var grew = true; grew; )
        {
            grew = false;
            foreach (
                var input in problem
                    .Recipes.Where(r => scarce[r.Makes])
                    .SelectMany(r => r.From)
                    .Where(f => !scarce[f.Supply])
            )
            {
                scarce[input.Supply] = grew = true;
            }
        }

        return scarce;
    }

    /// <summary>The most any choice can want of each supply, with what making the others takes of it; recipes go in no
    /// circle.</summary>
    public static double[] MostWanted(SharingProblem problem)
    {
        var known = new Dictionary<int, double>();
        double Of(int m) =>
            known.TryGetValue(m, out var most)
                ? most
                : known[m] =
                    MostTaken(problem, m)
                    + problem
                        .Recipes.SelectMany(r =>
                            r.From.Where(f => f.Supply == m).Select(f => Math.Ceiling(Of(r.Makes) / r.Amount) * f.Each)
                        )
                        .Sum();
        return [.. Enumerable.Range(0, problem.Supplies.Count).Select(Of)];
    }

    /// <summary>The most the placed ideas can take of a supply at once, whatever is chosen.</summary>
    private static double MostTaken(SharingProblem problem, int supply)
    {
        // Few ideas take of any one supply: the others are left out before its rows are gone through.
        var takers = problem
            .Groups.Select(g =>
                g.Variants.Select(v =>
                        (
                            Fixed: Of(v.Takes),
                            Roles: v.Roles.Select(r =>
                                    r.Options.Select(o => Of(o.Takes)).Where(t => t.Length > 0).ToArray()
                                )
                                .Where(r => r.Length > 0)
                                .ToArray()
                        )
                    )
                    .Where(v => v.Fixed.Length > 0 || v.Roles.Length > 0)
                    .ToArray()
            )
            .Where(g => g.Length > 0)
            .ToArray();
        return problem
            .Supplies[supply]
            .Rows.Select(row =>
                row.Lost + takers.Sum(g => g.Max(v => Sum(v.Fixed, row) + v.Roles.Sum(r => r.Max(o => Sum(o, row)))))
            )
            .DefaultIfEmpty(0)
            .Max();

        Take[] Of(IReadOnlyList<Take> takes) => [.. takes.Where(t => t.Supply == supply)];
    }

    private static double Sum(Take[] takes, SupplyRow row) =>
        takes.Where(t => row.Moments.Contains(t.Moment)).Sum(t => t.Amount);

    private static Take[] Only(IReadOnlyList<Take> takes, bool[] scarce) => [.. takes.Where(t => scarce[t.Supply])];

    /// <summary>Of the options that take nothing scarce only the best stays, and nothing worse than it at
    /// all.</summary>
    private static RoleChoice Best(RoleChoice role, bool[] scarce)
    {
        var options = role.Options.Select(o => o with { Takes = Only(o.Takes, scarce) }).ToArray();
        var free = options.Where(o => o.Takes.Count == 0).Select(o => o.Score).DefaultIfEmpty(-1).Max();
        var seen = false;
        return new([
            .. options.Where(o => o.Score > free || (o.Score == free && o.Takes.Count == 0 && !seen && (seen = true))),
        ]);
    }
}
