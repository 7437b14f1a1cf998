using System.Collections.Concurrent;
using Nido.Core.Cupboard;
using Nido.Core.Making;

namespace Nido.Core.Safety;

/// <summary>
/// What things hold, along the whole chain of what they are made of. What stands in the cupboard and is no thing a shop
/// sells, or
/// was written down as made, may have been made in any of the ways known, and is taken to hold what any of them brings.
/// </summary>
public sealed class WhatItHolds
{
    private readonly Dictionary<string, Material> byId;
    private readonly ILookup<string, MakeFrom> makes;
    private readonly ILookup<string, Recipe> recipes;
    private readonly HashSet<string> homeMade;
    private readonly ConcurrentDictionary<string, Holding> known = new();

    /// <summary>What the materials hold, with these ways to make them.</summary>
    /// <param name="materials">Every known material.</param>
    /// <param name="makes">Every way to make one of others.</param>
    /// <param name="recipes">Everything that can be mixed.</param>
    /// <param name="madeHere">Ids of what the ledger says was made in this house.</param>
    public WhatItHolds(
        IReadOnlyList<Material> materials,
        IEnumerable<MakeFrom> makes,
        IEnumerable<Recipe> recipes,
        IReadOnlySet<string> madeHere
    )
    {
        ArgumentNullException.ThrowIfNull(materials);
        byId = materials.ToDictionary(m => m.Id);
        this.makes = makes.ToLookup(r => r.Makes);
        this.recipes = recipes.Where(r => r.Makes is not null).ToLookup(r => r.Makes!);
        homeMade = materials.Where(m => !m.IsSold || madeHere.Contains(m.Id)).Select(m => m.Id).ToHashSet();
    }

    /// <summary>Things that only hold what they say themselves.</summary>
    public static WhatItHolds OfThemselves { get; } = new([], [], [], new HashSet<string>());

    /// <summary>What a material of the cupboard holds.</summary>
    public Holding Of(Material material)
    {
        ArgumentNullException.ThrowIfNull(material);
        // A thing of a test or a question, or one that is not what the catalogue knows by this id, is taken as it
        // stands.
        return !byId.TryGetValue(material.Id, out var listed) || !ReferenceEquals(listed, material)
            ? Holding.Of(material)
            : known.GetOrAdd(material.Id, _ => homeMade.Contains(material.Id) ? Made(material) : Holding.Of(material));
    }

    /// <summary>What a material holds where it is made in this way.</summary>
    public Holding Of(Material material, MakeFrom way)
    {
        ArgumentNullException.ThrowIfNull(way);
        return way
            .From.Keys.Where(byId.ContainsKey)
            .Aggregate(
                Holding.Of(material),
                (h, input) =>
                    h.With(
                        Made(byId[input]),
                        byId[input].Name,
                        cooked: way.Actions.Contains("heat") || way.Actions.Contains("cook")
                    )
            );
    }

    /// <summary>What a material holds where it is mixed by this recipe.</summary>
    public Holding Of(Material material, Recipe recipe)
    {
        ArgumentNullException.ThrowIfNull(recipe);
        var held = Holding.Of(material);
        foreach (var part in recipe.Parts.Where(p => p.MaterialId is not null && byId.ContainsKey(p.MaterialId)))
        {
            held = held.With(Made(byId[part.MaterialId!]), part.Name, recipe.IsCooked);
        }

        return held with
        {
            Allergens =
            [
                .. held
                    .Allergens.Concat(
                        recipe.Allergens.Select(a => new HeldAllergen(a, HeldHow.Contains, [recipe.Name]))
                    )
                    .Concat(
                        recipe.Parts.SelectMany(p =>
                            p.MayContain.Select(a => new HeldAllergen(a, HeldHow.MayContain, [recipe.Name]))
                        )
                    )
                    .DistinctBy(a => a.Allergen),
            ],
            Tags = recipe.StaysRaw ? held.Tags.Append("raw-flour").ToHashSet() : held.Tags,
        };
    }

    /// <summary>What a material holds whichever way it was made; recipes never go in a circle.</summary>
    private Holding Made(Material material)
    {
        var held = Holding.Of(material);
        foreach (var way in makes[material.Id])
        {
            held = Both(held, Of(material, way));
        }

        foreach (var recipe in recipes[material.Id])
        {
            held = Both(held, Of(material, recipe));
        }

        return held;
    }

    private static Holding Both(Holding a, Holding b) =>
        new(
            [.. a.Allergens.Concat(b.Allergens).DistinctBy(x => x.Allergen)],
            a.Tags.Concat(b.Tags).ToHashSet(),
            Cord.Worse(a.Cord, b.Cord)
        );
}
