using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Ideas;

/// <summary>A step of an idea with the materials bound to it.</summary>
/// <param name="Number">Number on the ladder.</param>
/// <param name="Do">What the child does, in the words of the theme.</param>
/// <param name="Count">The step's count.</param>
/// <param name="Bindings">Material in each role used at this step.</param>
/// <param name="Makes">Pieces that come about while it is worked.</param>
public sealed record IdeaStep(
    int Number,
    InBoth Do,
    int Count,
    IReadOnlyDictionary<string, StandIn> Bindings,
    IReadOnlyList<MadePiece> Makes
)
{
    /// <summary>Amounts a child that a calculator counted, by role.</summary>
    public IReadOnlyDictionary<string, Counted> Counted { get; init; } = new Dictionary<string, Counted>();

    /// <summary>Material in each role that a left-handed child uses instead.</summary>
    public IReadOnlyDictionary<string, StandIn> Left { get; init; } = new Dictionary<string, StandIn>();

    /// <summary>What a child uses in a role.</summary>
    public StandIn For(Child child, string role)
    {
        ArgumentNullException.ThrowIfNull(child);
        return child.Hand == Hand.Left && Left.TryGetValue(role, out var left) ? left : Bindings[role];
    }

    // Held in the hand, these keep the fingers off what is sticky or damp.
    private static readonly string[] KeepsHandsOff =
    [
        "tongs",
        "tweezers",
        "spoon",
        "scoop",
        "brush",
        "stamp",
        "dropper",
        "sponge",
    ];

    /// <summary>How the work feels to bare hands, in a word of the touch ladder; null where it is dry or a tool is
    /// used.</summary>
    public string? Feel(IReadOnlyList<string> actions)
    {
        ArgumentNullException.ThrowIfNull(actions);
        bool Has(params string[] tags) => Bindings.Values.Any(b => tags.Any(b.Material.Tags.Contains));
        return Has(KeepsHandsOff) ? null
            : Has("sticks") || actions.Contains("paint") || (actions.Contains("glue") && Has("liquid")) ? "sticky"
            : Has("moulds", "foam") || actions.Contains("water") ? "damp"
            : null;
    }

    /// <summary>What the adult says or shows, in the words of the theme.</summary>
    public InBoth Say { get; init; } = InBoth.None;

    /// <summary>One change at the table that makes it easier.</summary>
    public InBoth Easier { get; init; } = InBoth.None;

    /// <summary>One change at the table that makes it harder.</summary>
    public InBoth Harder { get; init; } = InBoth.None;

    /// <summary>What counts as done alone.</summary>
    public InBoth Seen { get; init; } = InBoth.None;

    /// <summary>A step in the words of a theme, with what is bound to it.</summary>
    public static IdeaStep Of(TechniqueStep step, Theme theme, IReadOnlyDictionary<string, StandIn> bindings)
    {
        ArgumentNullException.ThrowIfNull(step);
        ArgumentNullException.ThrowIfNull(theme);
        return new(step.Step, theme.Fill(step.Do), step.Count, bindings, step.Makes)
        {
            Making = step.Making,
            Say = theme.Fill(step.Say),
            Easier = theme.Fill(step.Easier),
            Harder = theme.Fill(step.Harder),
            Seen = theme.Fill(step.Seen),
        };
    }

    /// <summary>What is built or laid, for the calculators.</summary>
    public StepMaking Making { get; init; } = StepMaking.None;

    /// <summary>Units of a role for one child.</summary>
    public double Each(Role role, string childName) =>
        Counted.TryGetValue(role.Name, out var counted) ? counted.Amount : role.Quantity.For(Count, childName);

    /// <summary>How a role is counted at this step, in words.</summary>
    public Said EachInWords(Role role, Said unit) =>
        Counted.TryGetValue(role.Name, out var counted)
            ? $"{counted.Amount:0.##} {unit} each, {counted.Trace}"
            : role.Quantity.InWords(Count, unit);

    /// <summary>The step with other materials, its calculated amounts counted anew.</summary>
    public IdeaStep With(IReadOnlyDictionary<string, StandIn> bindings, IEnumerable<Role> roles) =>
        this with
        {
            Bindings = bindings,
            Counted = roles
                .Where(r => r.IsCountedByMaterial && bindings.ContainsKey(r.Name))
                .Select(r =>
                    (
                        r.Name,
                        Counted: StepCounts.Of(
                            r,
                            Making,
                            bindings[r.Name].Material,
                            bindings.GetValueOrDefault("tray")?.Material
                        )
                    )
                )
                .Where(x => x.Counted is not null)
                .ToDictionary(x => x.Name, x => x.Counted!),
        };
}
