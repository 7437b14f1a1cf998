using Nido.Core.Cupboard;
using Nido.Core.Ideas;

namespace Nido.Core.Safety;

/// <summary>Something a child can get hold of at a step: a material, a part that comes off it, a piece made of
/// it.</summary>
/// <param name="Name">In words.</param>
/// <param name="Material">What it is of.</param>
/// <param name="Body">Its form.</param>
/// <param name="IsPart">It comes off the material.</param>
/// <param name="IsMade">It comes about while the step is worked.</param>
public sealed record HandledThing(Said Name, Material Material, Body Body, bool IsPart, bool IsMade)
{
    /// <summary>What it brings with it, along the chain of what it is made of.</summary>
    public Holding Holding { get; init; } = Holding.Of(Material);

    /// <summary>It is fastened where it stays: a cord of it is not free.</summary>
    public bool IsFixed { get; init; }

    /// <summary>It is a part that only comes off where somebody bites.</summary>
    public bool IsBittenOff { get; init; }

    /// <summary>Units of the material within reach of a child; null where that is not known or does not
    /// matter.</summary>
    public double? Amount { get; init; }

    /// <summary>Everything at hand of a material, and a piece made of it.</summary>
    /// <param name="material">The material; nothing is at hand of null.</param>
    /// <param name="made">A piece made of it, or null.</param>
    /// <param name="holding">What it holds; what it says itself where null.</param>
    /// <param name="amount">Units within reach of a child.</param>
    /// <param name="isFixed">It is fastened where it stays.</param>
    public static IEnumerable<HandledThing> AtHand(
        Material? material,
        MadePiece? made,
        Holding? holding = null,
        double? amount = null,
        bool isFixed = false
    )
    {
        if (material is null)
        {
            yield break;
        }

        holding ??= Holding.Of(material);
        yield return new(material.Name, material, material.Body, false, false)
        {
            Holding = holding,
            Amount = amount,
            IsFixed = isFixed,
        };
        foreach (var part in material.Parts)
        {
            yield return new((Said)$"{material.Name}, {part.Name}", material, part.Body, true, false)
            {
                Holding = holding,
                IsBittenOff = part.IsBittenOff,
            };
        }

        if (made is not null)
        {
            yield return new($"{made.Name} of {material.Name}", material, made.Of(material), false, true)
            {
                Holding = holding,
            };
        }
    }

    /// <summary>Whether a single piece of it can be picked up and put in the mouth.</summary>
    public bool CanBePickedUp => IsPart || IsMade || Material.IsCounted;

    /// <summary>Paper and card under 1 mm: it softens in the mouth, and is left to the caution about bits of
    /// paper.</summary>
    public bool IsThinPaper =>
        !IsPart && (Holding.Tags.Contains("paper") || Holding.Tags.Contains("card")) && !IsRolled && Thinnest < 1;

    private bool IsRolled => Body.Shape is Shape.Sphere or Shape.Rod;

    private double Thinnest =>
        Body.Shape == Shape.Disc ? Body.Height : Math.Min(Body.Height, Math.Min(Body.Length, Body.Width));
}
