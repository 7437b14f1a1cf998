namespace Nido.Core;

/// <summary>A part of an aim. <paramref name="Id"/> is the name used in the content files, in kebab case.</summary>
/// <param name="Id">For example <c>in-hand-movement</c>.</param>
/// <param name="Aim">The aim it belongs to.</param>
public sealed record Strand(string Id, Aim Aim)
{
    /// <summary>In words, to be spoken in the reader's language: "counting".</summary>
    public string Words =>
        Id switch
        {
            "in-hand-movement" => "in-hand movement",
            "pattern" => "patterns",
            "smell" => "smelling",
            _ => Id.Replace('-', ' '),
        };

    /// <summary>Every strand, in the order a teacher reads them: aim by aim.</summary>
    public static IReadOnlyList<Strand> All { get; } =
    [
        .. Of(
            Aim.FineMotor,
            "arm-and-shoulder",
            "wrist-and-forearm",
            "grasp-strength",
            "pinch",
            "in-hand-movement",
            "two-hands-together",
            "scissors",
            "pencil-control",
            "aiming-the-hand"
        ),
        .. Of(
            Aim.Math,
            "counting",
            "numerals",
            "comparing-and-measuring",
            "sorting",
            "pattern",
            "shape",
            "position-and-direction",
            "adding-and-taking-away"
        ),
        .. Of(
            Aim.Literacy,
            "letters",
            "letter-sounds",
            "forming-letters",
            "own-name",
            "words-and-talk",
            "rhyme-and-syllables",
            "print-and-order"
        ),
        .. Of(Aim.Sensory, "touch", "looking-closely", "listening", "smell", "heavy-work", "balance-and-movement"),
    ];

    private static readonly Dictionary<string, Strand> ById = All.ToDictionary(s => s.Id);

    /// <summary>The strand with this id, or null where there is none.</summary>
    public static Strand? Find(string id) => ById.GetValueOrDefault(id);

    private static IEnumerable<Strand> Of(Aim aim, params string[] ids) => ids.Select(id => new Strand(id, aim));
}
