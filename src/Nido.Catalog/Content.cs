using Nido.Core;
using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Journal;
using Nido.Core.Making;
using Nido.Core.Safety;
using Nido.Core.Words;

namespace Nido.Catalog;

/// <summary>The catalogue: everything the content folder says.</summary>
/// <param name="Ladders">By id.</param>
/// <param name="Materials">By shelf and name.</param>
/// <param name="Techniques">By id.</param>
/// <param name="Themes">By name.</param>
/// <param name="SafetyRules">By severity.</param>
/// <param name="Recipes">By family, then name.</param>
/// <param name="Chains">Ways to make materials of others.</param>
/// <param name="GoesWith">What goes with what.</param>
public sealed record Content(
    IReadOnlyDictionary<string, Ladder> Ladders,
    IReadOnlyList<Material> Materials,
    IReadOnlyList<Technique> Techniques,
    IReadOnlyList<Theme> Themes,
    IReadOnlyList<SafetyRule> SafetyRules,
    IReadOnlyList<Recipe> Recipes,
    MakeChains Chains,
    GoesWith GoesWith
)
{
    /// <summary>What practitioners differ on.</summary>
    public IReadOnlyList<Difference> Differences { get; init; } = [];

    /// <summary>The vocabulary of allergens.</summary>
    public AllergenBook Allergens { get; init; } = AllergenBook.Empty;

    /// <summary>What is asked of a thing a house brings itself.</summary>
    public IReadOnlyList<ThingQuestion> Questions { get; init; } = [];

    /// <summary>Every way to make a material of others.</summary>
    public IReadOnlyList<MakeFrom> MakeFrom { get; init; } = [];

    /// <summary>What places of a kind usually have, to begin counting with.</summary>
    public IReadOnlyList<QuickSet> Sets { get; init; } = [];

    /// <summary>What a family can tick of its home.</summary>
    public IReadOnlyList<HomeKind> HomeKinds { get; init; } = [];

    /// <summary>Languages beside English.</summary>
    public IReadOnlyList<Tongue> Tongues { get; init; } = [];

    /// <summary>What is seen when work goes wrong, by ladder.</summary>
    public ILookup<string, Sign> Signs { get; init; } = Array.Empty<Sign>().ToLookup(s => s.Ladder);

    /// <summary>Ways to hold a tool, by ladder, earliest first.</summary>
    public ILookup<string, Grip> Grips { get; init; } = Array.Empty<Grip>().ToLookup(g => g.Ladder);

    private readonly Dictionary<string, Material> byId = Materials.ToDictionary(m => m.Id);

    private Lazy<EnglishSounds>? english;

    /// <summary>English words as they are said; unpacked when it is first asked for.</summary>
    public EnglishSounds English => english!.Value;

    /// <summary>The material with this id, or null.</summary>
    public Material? Material(string id) => byId.GetValueOrDefault(id) ?? OwnMaterials.FirstOrDefault(m => m.Id == id);

    /// <summary>A language by its two letters, or null.</summary>
    public Tongue? Tongue(string language) =>
        language == "en" ? Core.Tongue.English : Tongues.FirstOrDefault(t => t.Language == language);

    /// <summary>Materials of the house beside those that are shipped, all that ever were.</summary>
    public IReadOnlyList<Material> OwnMaterials { get; private init; } = [];

    /// <summary>Ways of working of the house beside those that are shipped.</summary>
    public IReadOnlyList<Technique> OwnTechniques { get; private init; } = [];

    /// <summary>The catalogue with what a house has of its own: read by every rule as what is shipped is.</summary>
    /// <param name="things">What is in use, and in the bin: what is there no more still has its name.</param>
    public Content With(IEnumerable<OwnDraft> things)
    {
        ArgumentNullException.ThrowIfNull(things);
        var all = things.OrderBy(t => t.Id, StringComparer.Ordinal).ToArray();
        var materials = all.Where(t => t.Material is not null && Material(t.Material.Like) is not null)
            .Select(t => (t.InUse, Thing: MaterialOf(t.Id, t.Material!)))
            .ToArray();
        var techniques = all.Where(t => t.InUse && t.Idea is not null)
            .Select(t => TechniqueOf(t.Id, t.Idea!))
            .OfType<Technique>()
            .ToArray();
        return new Content(
            Ladders,
            [
                .. Materials
                    .Concat(materials.Where(m => m.InUse).Select(m => m.Thing))
                    .OrderBy(m => m.Shelf, StringComparer.Ordinal)
                    .ThenBy(m => m.Name.En, StringComparer.Ordinal),
            ],
            [.. Techniques, .. techniques],
            Themes,
            SafetyRules,
            Recipes,
            Chains,
            GoesWith
        )
        {
            Differences = Differences,
            Allergens = Allergens,
            Questions = Questions,
            MakeFrom = MakeFrom,
            Sets = Sets,
            HomeKinds = HomeKinds,
            Tongues = Tongues,
            Signs = Signs,
            Grips = Grips,
            english = english,
            OwnMaterials = [.. OwnMaterials, .. materials.Select(m => m.Thing)],
            OwnTechniques = [.. OwnTechniques, .. techniques],
        };
    }

    /// <summary>A material of one's own. One that no shop sells may have been made in any of the ways the thing it is
    /// like can be, and holds what any of them brings.</summary>
    private Material MaterialOf(string id, MaterialDraft draft)
    {
        var like = Material(draft.Like)!;
        if (draft.PackSize is null)
        {
            var holds = new WhatItHolds(Materials, MakeFrom, Recipes, new HashSet<string> { like.Id }).Of(like);
            string[] By(HeldHow how) => [.. holds.Allergens.Where(a => a.How == how).Select(a => a.Allergen)];
            like = like with
            {
                Tags = holds.Tags,
                Cord = holds.Cord,
                Contents = like.Contents with
                {
                    Allergens = [.. like.Allergens.Union(By(HeldHow.Contains))],
                    MayContain = [.. like.MayContain.Union(By(HeldHow.MayContain))],
                    Held = [.. like.Held.Union(By(HeldHow.Held))],
                },
            };
        }

        return draft.Of(id, like, Questions);
    }

    /// <summary>A way of working of one's own; null where what it is a copy of, or its ladder, is no longer
    /// there.</summary>
    public Technique? TechniqueOf(string id, IdeaDraft draft)
    {
        ArgumentNullException.ThrowIfNull(draft);
        var from = draft.From is null ? null : Techniques.FirstOrDefault(t => t.Id == draft.From);
        var ladder = Ladders.GetValueOrDefault(from?.Ladder ?? draft.Ladder ?? "");
        return ladder is null || (draft.From is not null && from is null)
            ? null
            : draft.Of(id, from, ladder, UsualStrands(ladder.Id));
    }

    /// <summary>Strands the ways of working of a ladder work on, with the sum of their shares.</summary>
    public IReadOnlyDictionary<string, int> UsualStrands(string ladder) =>
        Techniques
            .Where(t => t.Ladder == ladder)
            .SelectMany(t => t.Strands)
            .GroupBy(s => s.Key)
            .ToDictionary(g => g.Key, g => g.Sum(s => s.Value));

    /// <summary>Whether somebody has to say what a material of one's own contains: it is food, or was near some.</summary>
    public bool AsksWhatItContains(MaterialDraft draft)
    {
        ArgumentNullException.ThrowIfNull(draft);
        return draft.Contains is null
            && Material(draft.Like ?? "") is { } like
            && MaterialReader.AsksWhatItContains(draft.Of("", like, Questions));
    }

    /// <summary>Colours things come in.</summary>
    public IEnumerable<string> Colours => Materials.SelectMany(m => m.Colours).Distinct().Order(StringComparer.Ordinal);

    /// <summary>The theme with this id, or null.</summary>
    public Theme? Theme(string id) => Themes.FirstOrDefault(t => t.Id == id);

    /// <summary>Reads and checks a content folder.</summary>
    /// <exception cref="ContentException">Anything in it is wrong.</exception>
    public static Content Read(string folder)
    {
        var (content, problems) = ContentReader.Read(folder);
        content.english = new(() => WordsReader.English(folder));
        return problems.Count == 0 ? content : throw new ContentException(problems);
    }
}
