using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Safety;

/// <summary>A thing a house asks about before it lies out. What is not said counts as the risky case: an unknown size
/// as a small part, an unknown cord as long.</summary>
/// <param name="Name">In the adult's words.</param>
/// <param name="Body">Its size, as far as it is known.</param>
/// <param name="HasCord">Whether there is a cord on it.</param>
/// <param name="CordMm">How long it is; null where nobody measured.</param>
/// <param name="LoopMm">How far round its loop is; null where it makes none.</param>
/// <param name="BreaksOpen">Whether the cord gives way.</param>
/// <param name="Amount">Pieces, g or mL within reach of a child; null where nobody knows.</param>
/// <param name="Answers">What was answered.</param>
public sealed record OwnThing(
    string Name,
    Body Body,
    bool HasCord,
    double? CordMm,
    double? LoopMm,
    bool BreaksOpen,
    double? Amount,
    IReadOnlyList<ThingAnswer> Answers
)
{
    /// <summary>What the rules say of it in a room, whoever of the group is there, most severe first.</summary>
    public IReadOnlyList<Finding> Judged(SafetyCheck safety, ChildrenGroup group, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(safety);
        ArgumentNullException.ThrowIfNull(group);
        return safety.Of(
            [.. HandledThing.AtHand(Material(), null, null, Amount)],
            [.. Answers.SelectMany(a => a.Actions).Distinct()],
            group,
            day
        );
    }

    /// <summary>The thing as a material of the house: it can do what the thing it is most like can, and brings the
    /// dangers of both. A size nobody measured stays unknown, which counts as small.</summary>
    /// <param name="id">Opaque.</param>
    /// <param name="like">What it is most like.</param>
    public Material Like(string id, Material like)
    {
        ArgumentNullException.ThrowIfNull(like);
        var own = Material();
        return like with
        {
            Id = id,
            Name = own.Name,
            Body = Body,
            Tags = like.Tags.Concat(own.Tags).ToHashSet(),
            Contents = new()
            {
                Allergens = [.. like.Allergens.Union(own.Allergens)],
                MayContain = like.MayContain,
                Held = [.. like.Held.Union(own.Held)],
                Grams = like
                    .Grams.Concat(own.Grams)
                    .GroupBy(g => g.Key)
                    .ToDictionary(g => g.Key, g => g.Max(x => x.Value)),
            },
            Cord = own.Cord ?? like.Cord,
        };
    }

    private Material Material()
    {
        var unit = Body.Shape == Shape.Loose ? MaterialUnit.Gram : MaterialUnit.Piece;
        return new("own-thing", InBoth.Same(Name), "", unit)
        {
            Body = Body,
            Tags = Answers.SelectMany(a => a.Tags).Concat(HasCord ? ["cord"] : []).ToHashSet(),
            Contents = new()
            {
                Allergens = [.. Answers.SelectMany(a => a.Contains).Distinct()],
                Held = [.. Answers.SelectMany(a => a.Held).Distinct()],
                Grams = Answers
                    .SelectMany(a => a.Grams)
                    .GroupBy(g => g.Key)
                    .ToDictionary(g => g.Key, g => g.Max(x => x.Value)),
            },
            Cord = HasCord ? new(CordMm ?? double.PositiveInfinity, LoopMm, BreaksOpen) : null,
        };
    }
}
