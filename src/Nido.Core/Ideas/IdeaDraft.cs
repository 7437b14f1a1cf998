using Nido.Core.Group;
using Nido.Core.Group.Steps;

namespace Nido.Core.Ideas;

/// <summary>A way of working of one's own as it is written: a copy of one that is near with what was changed, or begun
/// bare.</summary>
/// <param name="Title">What it is called, 1–80 letters.</param>
public sealed record IdeaDraft(string Title)
{
    /// <summary>Things that lie out at most where it was begun bare.</summary>
    public const int MostThings = 4;

    // What its roles are called: a thing has no better name than its place.
    private static readonly string[] Roles = ["thing", "second thing", "third thing", "fourth thing"];

    /// <summary>Id of the way of working it is a copy of; null where it was begun bare.</summary>
    public string? From { get; init; }

    /// <summary>Of a copy: its title was left as it was, and goes with the theme and the language as that does.</summary>
    public bool KeepsTitle { get; init; }

    /// <summary>Id of the ladder it stands on, where it was begun bare.</summary>
    public string? Ladder { get; init; }

    /// <summary>Ids of strands it works on, in equal shares, where it was begun bare; empty for those the ladder's other
    /// ways work on most.</summary>
    public IReadOnlyList<string> Strands { get; init; } = [];

    /// <summary>Usual length, 3–60.</summary>
    public int Minutes { get; init; } = 10;

    /// <summary>Kinds of block it can lie in; empty for those of what it is a copy of.</summary>
    public IReadOnlyList<BlockKind> Blocks { get; init; } = [];

    /// <summary>What is done, from the closed list, beside what is done in what it is a copy of.</summary>
    public IReadOnlyList<string> Actions { get; init; } = [];

    /// <summary>Of a copy: materials to choose the leading one from, empty for any; begun bare: all that lies
    /// out.</summary>
    public IReadOnlyList<IdeaThing> Things { get; init; } = [];

    /// <summary>Its steps, lowest first.</summary>
    public IReadOnlyList<IdeaStepDraft> Steps { get; init; } = [];

    /// <summary>The way of working.</summary>
    /// <param name="id">Opaque.</param>
    /// <param name="near">What it is a copy of; null where it was begun bare.</param>
    /// <param name="ladder">The ladder it stands on.</param>
    /// <param name="usual">Strands of the ladder's other ways with the shares they have in them, for a bare
    /// one.</param>
    public Technique Of(string id, Technique? near, Ladder ladder, IReadOnlyDictionary<string, int> usual) =>
        near is null ? Bare(id, ladder, usual) : Copy(id, near);

    private Technique Copy(string id, Technique near)
    {
        string[]? only = Things.Count == 0 ? null : [.. Things.Select(t => t.MaterialId)];
        var lead = near.Roles.Count == 0 ? null : near.Roles[0].Name;
        return near with
        {
            Id = id,
            Name = KeepsTitle ? near.Name : InBoth.Same(Title.Trim()),
            Title = KeepsTitle ? near.Title : InBoth.Same(Title.Trim()),
            Minutes = Minutes,
            Blocks = Blocks.Count > 0 ? Blocks : near.Blocks,
            Actions = [.. near.Actions.Union(Actions)],
            Roles =
            [
                .. near.Roles.Select(r =>
                    r.Name == lead && only is not null ? r with { Needs = r.Needs with { Only = only } } : r
                ),
            ],
            Steps =
            [
                .. near
                    .Steps.Where(s => Steps.Count == 0 || Steps.Any(d => d.Step == s.Step))
                    .Select(s => Steps.FirstOrDefault(d => d.Step == s.Step)?.Over(s) ?? s)
                    .Select(s =>
                        s with
                        {
                            Overrides = s.Overrides.ToDictionary(
                                o => o.Key,
                                o =>
                                    o.Key == lead && only is not null && o.Value is { } needs
                                        ? needs with
                                        {
                                            Only = only,
                                        }
                                        : o.Value
                            ),
                        }
                    ),
            ],
            // What a home does and what a session opens with are those of the original, under its own name.
            Home = null,
            InSession = null,
        };
    }

    private Technique Bare(string id, Ladder ladder, IReadOnlyDictionary<string, int> usual) =>
        new(
            id,
            InBoth.Same(Title.Trim()),
            InBoth.Same(Title.Trim()),
            ladder.Id,
            SharesOf(Strands.Count > 0 ? Strands.ToDictionary(s => s, _ => 1) : usual),
            Blocks,
            Led: false,
            Adults: 0,
            Minutes,
            CleanUpMinutes: 2,
            Mess: 1,
            HandLoad.Medium,
            WarmUp: false,
            WholeArm: false,
            DryWeather: false,
            Actions,
            Enum.GetValues<Approach>(),
            ThemeLink: 0,
            [
                .. Things
                    .Take(MostThings)
                    .Select(
                        (t, k) =>
                            new Role(
                                Roles[k],
                                Cupboard.RoleNeeds.OneOf([t.MaterialId]),
                                Per.Child,
                                new(QuantityKind.Fixed, t.Each),
                                0,
                                Optional: false
                            )
                    ),
            ],
            [
                .. Steps
                    .OrderBy(s => s.Step)
                    .Select(s =>
                        s.Over(new(s.Step, InBoth.None, 1, new Dictionary<string, Cupboard.RoleNeeds?>(), []))
                    ),
            ],
            [],
            []
        );

    /// <summary>Shares in whole percent, together 100, in the proportions given; at most the four largest.</summary>
    private static Dictionary<string, int> SharesOf(IReadOnlyDictionary<string, int> weights)
    {
        var largest = weights
            .OrderByDescending(w => w.Value)
            .ThenBy(w => w.Key, StringComparer.Ordinal)
            .Take(4)
            .ToArray();
        var total = largest.Sum(w => w.Value);
        var shares = largest.ToDictionary(w => w.Key, w => 100 * w.Value / total);
        shares[largest[0].Key] += 100 - shares.Values.Sum();
        return shares;
    }
}

/// <summary>Something that lies out.</summary>
/// <param name="MaterialId">Id of a material.</param>
/// <param name="Each">Pieces, sheets or units a child, 1–100.</param>
public sealed record IdeaThing(string MaterialId, double Each);

/// <summary>A step of one's own: a text that is null or empty stays as it was in what it is a copy of.</summary>
/// <param name="Step">Number on the ladder.</param>
/// <param name="Do">What the child does.</param>
/// <param name="Say">What the adult says or shows.</param>
/// <param name="Easier">One change that makes it easier.</param>
/// <param name="Harder">One change that makes it harder.</param>
/// <param name="Seen">What counts as done alone.</param>
public sealed record IdeaStepDraft(int Step, string? Do, string? Say, string? Easier, string? Harder, string? Seen)
{
    /// <summary>The step with what was written laid over it.</summary>
    public TechniqueStep Over(TechniqueStep step)
    {
        ArgumentNullException.ThrowIfNull(step);
        static InBoth Written(string? own, InBoth was) => own?.Trim() is { Length: > 0 } text ? InBoth.Same(text) : was;
        return step with
        {
            Do = Written(Do, step.Do),
            Say = Written(Say, step.Say),
            Easier = Written(Easier, step.Easier),
            Harder = Written(Harder, step.Harder),
            Seen = Written(Seen, step.Seen),
        };
    }
}
