using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core.Words;
using Nido.Web.Common;

namespace Nido.Web.Words;

/// <summary>Words: sorted for a letter and its sound, clapped, rhymed.</summary>
public static class WordsEndpoints
{
    /// <summary>Adds the endpoint.</summary>
    public static void MapWords(this RouteGroupBuilder api) =>
        api.MapPost("/words", Sort)
            .WithName("sortWords")
            .WithTags("Words")
            .WithMetadata(new OnlyLooks())
            .ProducesProblem(400);

    private static Ok<IReadOnlyList<WordSort.Sorted>> Sort(WordsBody body, Content content)
    {
        var spanish = body.Language == "es";
        string[] words =
        [
            .. body.Words.Select(w => w.Trim()).Where(w => w.Length > 0).Distinct(StringComparer.OrdinalIgnoreCase),
        ];
        return TypedResults.Ok(
            WordSort.Of(
                words,
                body.Letter.Trim()[0],
                spanish,
                spanish ? SpanishSounds.Find : content.English.Find,
                body.Fits
            )
        );
    }
}

/// <summary>Words to sort, the letter, and en or es.</summary>
public sealed record WordsBody(IReadOnlyList<string> Words, string Letter, string Language)
{
    /// <summary>How words go with the letter that the dictionary does not know, set by an adult.</summary>
    public IReadOnlyDictionary<string, LetterFit>? Fits { get; init; }
}

internal sealed class WordsBodyValidator : AbstractValidator<WordsBody>
{
    public WordsBodyValidator()
    {
        RuleFor(w => w.Words)
            .Must(w => w.Any(x => !string.IsNullOrWhiteSpace(x)))
            .Says($"No word was written. Write one or more, with commas between them.");
        RuleFor(w => w.Words).Must(w => w.Count <= 500).Says($"At most 500 words at once.");
        RuleForEach(w => w.Words)
            .Must(w => w.Trim().Length <= 40 && w.All(c => char.IsLetter(c) || c is ' ' or '-' or '\''))
            .Says($"A word has letters only, at most 40.");
        RuleFor(w => w.Letter).Must(l => l?.Trim() is [var one] && char.IsLetter(one)).Says($"One letter is wanted.");
        RuleFor(w => w.Language).Must(l => l is "en" or "es").Says($"en or es is wanted.");
    }
}
