namespace Nido.Core.Cupboard;

/// <summary>Chains of make-from recipes over what is on hand. Recipes never go in a circle: the catalogue refuses
/// that.</summary>
/// <param name="recipes">Every known recipe.</param>
public sealed class MakeChains(IReadOnlyList<MakeFrom> recipes)
{
    private readonly ILookup<string, MakeFrom> byProduct = recipes.ToLookup(r => r.Makes);

    /// <summary>The recipes that make a material.</summary>
    public IEnumerable<MakeFrom> For(string material) => byProduct[material];

    /// <summary>How to make an amount from what is there, with least work; null where it cannot be made.</summary>
    /// <param name="material">Id of what is wanted.</param>
    /// <param name="amount">Units of it.</param>
    /// <param name="there">Units on hand by id.</param>
    public MakeWay? Way(string material, double amount, IReadOnlyDictionary<string, double> there) =>
        byProduct[material]
            .Select(recipe => By(recipe, amount, there))
            .OfType<MakeWay>()
            .OrderBy(w => w.Minutes)
            .ThenBy(w => w.Steps[^1].Recipe.Id, StringComparer.Ordinal)
            .FirstOrDefault();

    /// <summary>The most that can be made of a material if nothing else took from the same things.</summary>
    public double Most(string material, IReadOnlyDictionary<string, double> there) =>
        byProduct[material]
            .Select(r =>
                Math.Floor(r.From.Min(f => (there.GetValueOrDefault(f.Key) + Most(f.Key, there)) / f.Value) + 1e-9)
                * r.Amount
            )
            .DefaultIfEmpty(0)
            .Max();

    /// <summary>A circle of materials that are made of each other, or null.</summary>
    public IReadOnlyList<string>? Circle()
    {
        var done = new HashSet<string>();
        return byProduct.Select(g => Circle(g.Key, [], done)).FirstOrDefault(c => c is not null);
    }

    private MakeWay? By(MakeFrom recipe, double amount, IReadOnlyDictionary<string, double> there)
    {
        var batches = (int)Math.Ceiling((amount / recipe.Amount) - 1e-9);
        var left = there.ToDictionary();
        var steps = new List<(MakeFrom, int)>();
        var takes = new Dictionary<string, double>();
        foreach (var (input, each) in recipe.From)
        {
            var needed = each * batches;
            var taken = Math.Min(needed, Math.Max(0, left.GetValueOrDefault(input)));
            if (taken < needed - 1e-9)
            {
                if (Way(input, needed - taken, left) is not { } first)
                {
                    return null;
                }

                steps.AddRange(first.Steps);
                foreach (var (thing, units) in first.Takes)
                {
                    Take(thing, units);
                }
            }

            Take(input, taken);
        }

        steps.Add((recipe, batches));
        return new(steps, takes);

        void Take(string thing, double units)
        {
            if (units > 0)
            {
                left[thing] = left.GetValueOrDefault(thing) - units;
                takes[thing] = takes.GetValueOrDefault(thing) + units;
            }
        }
    }

    private List<string>? Circle(string material, List<string> path, HashSet<string> done)
    {
        if (path.Contains(material))
        {
            return [.. path.SkipWhile(m => m != material), material];
        }

        if (!done.Contains(material))
        {
            foreach (var input in byProduct[material].SelectMany(r => r.From.Keys))
            {
                if (Circle(input, [.. path, material], done) is { } circle)
                {
                    return circle;
                }
            }

            done.Add(material);
        }

        return null;
    }
}
