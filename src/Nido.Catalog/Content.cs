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
    public Material? Material(string id) => byId.GetValueOrDefault(id);

    /// <summary>A language by its two letters, or null.</summary>
    public Tongue? Tongue(string language) =>
        language == "en" ? Core.Tongue.English : Tongues.FirstOrDefault(t => t.Language == language);

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
