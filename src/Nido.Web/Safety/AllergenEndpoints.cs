using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Allergens;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Safety;

/// <summary>Allergens: the vocabulary, how words are read with it, and what this house has said of words nobody
/// knows.</summary>
public static class AllergenEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapAllergens(this RouteGroupBuilder api)
    {
        var allergens = api.MapGroup("/allergens").WithTags("Allergens");
        allergens.MapGet("/", (Content content) => TypedResults.Ok(content.Allergens.All)).WithName("listAllergens");
        allergens.MapPost("/read", Read).WithName("readAllergies").WithMetadata(new OnlyLooks());
        allergens.MapGet("/unknown", Unknown).WithName("listUnknownAllergies");
        allergens.MapPut("/unknown", Mark).WithName("markAllergy");
        api.MapGet(
                "/materials",
                (Content content) =>
                    TypedResults.Ok(
                        content
                            .Materials.Select(m => new MaterialName(
                                m.Id,
                                m.Name,
                                Said.Word(m.Shelf),
                                m.Allergens,
                                m.MayContain,
                                m.Held
                            ))
                            .ToArray()
                    )
            )
            .WithName("listMaterials")
            .WithTags("Allergens");
    }

    private static Ok<ReadAllergies> Read(AllergyText body, Content content)
    {
        var read = content.Allergens.Read(body.Text ?? "");
        return TypedResults.Ok(new ReadAllergies(read.Words, read.Allergens, read.Unknown, read.Asked));
    }

    private static async Task<Ok<UnknownAllergy[]>> Unknown(NidoDb db, CancellationToken stop)
    {
        var children = (await db.Children.ToListAsync(stop)).SelectMany(c =>
            c.UnknownAllergies.Select(w => (Word: w, Key: AllergenWords.Key(w), c.Id, c.Name))
        );
        var marks = await db.Marks.ToDictionaryAsync(m => m.Word, stop);
        return TypedResults.Ok(
            children
                .GroupBy(c => c.Key)
                .OrderBy(g => g.Key, StringComparer.Ordinal)
                .Select(g => new UnknownAllergy(
                    g.First().Word,
                    [.. g.Select(c => new OfChild(c.Id, c.Name))],
                    marks.GetValueOrDefault(g.Key)?.MaterialIds
                ))
                .ToArray()
        );
    }

    /// <summary>Says which materials of this house hold what a word names; none of them is an answer too.</summary>
    private static async Task<Results<Ok<UnknownAllergy[]>, ProblemHttpResult>> Mark(
        AllergyMark body,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var key = AllergenWords.Key(body.Word ?? "");
        if (key.Length is 0 or > 100)
        {
            return Problems.Field(
                "word",
                body.Word ?? "",
                $"The word for an allergy as it stands at the child, 1 to 100 letters."
            );
        }

        if (body.MaterialIds.FirstOrDefault(id => content.Material(id) is null) is { } unknown)
        {
            return Problems.Field("materialIds", unknown, $"This is no material. The list is at /api/materials.");
        }

        if (await db.Marks.FindAsync([key], stop) is not { } row)
        {
            db.Marks.Add(row = new MarkRow { Word = key });
        }

        (row.MaterialIds, row.At) = ([.. body.MaterialIds.Distinct()], time.GetUtcNow());
        await db.SaveChangesAsync(stop);
        return await Unknown(db, stop);
    }
}

/// <summary>A material in a list, with what it contains, may contain and once held.</summary>
public sealed record MaterialName(
    string Id,
    Said Name,
    Said Shelf,
    IReadOnlyList<string> Contains,
    IReadOnlyList<string> MayContain,
    IReadOnlyList<string> Held
);

/// <summary>Words about allergies as somebody wrote them.</summary>
public sealed record AllergyText(string Text);

/// <summary>What was understood: each part, the allergens in all, the words nobody knows, and of these what is asked
/// back.</summary>
public sealed record ReadAllergies(
    IReadOnlyList<ReadWord> Words,
    IReadOnlyList<string> Allergens,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<ReadWord> Asked
);

/// <summary>A word for an allergy that nobody knows, whose it is, and the materials that hold it; null where nobody has
/// said.</summary>
public sealed record UnknownAllergy(string Word, IReadOnlyList<OfChild> Children, IReadOnlyList<string>? MaterialIds);

/// <summary>A child by id and name.</summary>
public sealed record OfChild(string Id, string Name);

/// <summary>Materials that hold what a word names.</summary>
public sealed record AllergyMark(string Word, IReadOnlyList<string> MaterialIds);
