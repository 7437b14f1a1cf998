using Nido.Core.Cupboard;

namespace Nido.Core.Safety;

/// <summary>A material of one's own as it is written: a thing with its answers, and the thing it is most like. Sizes in
/// mm; null where nobody measured.</summary>
/// <param name="Name">Plural as it stands on a list, 1–60 letters.</param>
/// <param name="Like">Id of the material of the catalogue it is most like.</param>
/// <param name="Shape">What it is measured as.</param>
/// <param name="Length">Longest side.</param>
/// <param name="Width">Second side or diameter.</param>
/// <param name="Height">Thickness.</param>
/// <param name="HasCord">There is a cord on it.</param>
/// <param name="CordMm">How long the cord is.</param>
/// <param name="LoopMm">How far round its loop is.</param>
/// <param name="BreaksOpen">Whether the cord gives way.</param>
/// <param name="Answers">Ids of answers to the questions about things.</param>
public sealed record MaterialDraft(
    string Name,
    string Like,
    Shape Shape,
    double? Length,
    double? Width,
    double? Height,
    bool HasCord,
    double? CordMm,
    double? LoopMm,
    bool BreaksOpen,
    IReadOnlyList<string> Answers
)
{
    /// <summary>Ids of allergens it holds, empty where somebody said that it holds none; null where nobody said.</summary>
    public IReadOnlyList<string>? Contains { get; init; }

    /// <summary>Hole through it, mm; null for none.</summary>
    public double? Hole { get; init; }

    /// <summary>Inside opening of a container, mm; null for none.</summary>
    public double? Opening { get; init; }

    /// <summary>Grams a unit; null where nobody weighed it.</summary>
    public double? Mass { get; init; }

    /// <summary>Colours it comes in.</summary>
    public IReadOnlyList<string> Colours { get; init; } = [];

    /// <summary>Units in a pack; null where no shop has it.</summary>
    public double? PackSize { get; init; }

    /// <summary>Price of a pack in cents; null where no shop has it.</summary>
    public int? PackCents { get; init; }

    /// <summary>The material.</summary>
    /// <param name="id">Opaque.</param>
    /// <param name="like">The material it is most like.</param>
    /// <param name="questions">What is asked of things; answers that are no longer there say nothing.</param>
    public Material Of(string id, Material like, IEnumerable<ThingQuestion> questions)
    {
        ArgumentNullException.ThrowIfNull(questions);
        var thing = new OwnThing(
            Name.Trim(),
            new Body(Shape, Length ?? 0, Width ?? 0, Height ?? 0),
            HasCord,
            CordMm,
            LoopMm,
            BreaksOpen,
            null,
            [.. questions.SelectMany(q => q.Answers).Where(a => Answers.Contains(a.Id))]
        );
        var own = thing.Like(id, like);
        return own with
        {
            Contents = own.Contents with { Allergens = [.. own.Allergens.Union(Contains ?? [])] },
            Hollow = new(Hole, Opening),
            Weight = new(Mass, Shape == Shape.Loose ? like.Density : null),
            Colours = Colours,
            Pack = PackSize is > 0 && PackCents is not null ? new(PackSize, PackCents) : null,
        };
    }
}
