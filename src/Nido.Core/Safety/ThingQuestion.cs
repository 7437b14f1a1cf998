namespace Nido.Core.Safety;

/// <summary>Something that is asked of a thing a house brings itself; the answers say what a content file
/// would.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Order">Place among the questions.</param>
/// <param name="Ask">The question in English.</param>
/// <param name="AskEs">In Spanish.</param>
/// <param name="Answers">What can be answered; several may hold.</param>
public sealed record ThingQuestion(string Id, int Order, string Ask, string AskEs, IReadOnlyList<ThingAnswer> Answers);

/// <summary>An answer, with what it says of the thing.</summary>
/// <param name="Id">Kebab case, unique among all answers.</param>
/// <param name="Says">In English.</param>
/// <param name="SaysEs">In Spanish.</param>
/// <param name="Tags">Properties.</param>
/// <param name="Contains">Allergens it contains.</param>
/// <param name="Held">Allergens that were in it.</param>
/// <param name="Grams">Grams of a substance in a unit.</param>
/// <param name="Actions">What will be done with it.</param>
public sealed record ThingAnswer(
    string Id,
    string Says,
    string SaysEs,
    IReadOnlyList<string> Tags,
    IReadOnlyList<string> Contains,
    IReadOnlyList<string> Held,
    IReadOnlyDictionary<string, double> Grams,
    IReadOnlyList<string> Actions
);
