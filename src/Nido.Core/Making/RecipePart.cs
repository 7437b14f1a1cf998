namespace Nido.Core.Making;

/// <summary>What an ingredient brings into what is mixed.</summary>
/// <param name="Name">Of the ingredient.</param>
/// <param name="MaterialId">The material of the cupboard it is, or null where it comes from the kitchen.</param>
/// <param name="IsFood">It is food.</param>
/// <param name="IsRaw">It is a raw food: flour, egg.</param>
/// <param name="MayContain">Allergens it may hold though it should not.</param>
/// <param name="Grams">Grams of a substance in the amount as written, where much of it harms.</param>
public sealed record RecipePart(
    InBoth Name,
    string? MaterialId,
    bool IsFood,
    bool IsRaw,
    IReadOnlyList<string> MayContain,
    IReadOnlyDictionary<string, double> Grams
);
