using Nido.Core.Allergens;
using Nido.Core.Cupboard;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads what is asked of a thing a house brings itself.</summary>
internal static class QuestionReader
{
    /// <summary>The question of a file.</summary>
    public static ThingQuestion Read(ContentFile f, AllergenBook book)
    {
        var ask = f.Map("ask", needed: true);
        var question = new ThingQuestion(
            f.Text("id"),
            f.Whole("order", 1, 50),
            ask.Text("en"),
            ask.Text("es"),
            [
                .. f.Maps("answers")
                    .Select(a =>
                    {
                        var says = a.Map("says", needed: true);
                        var answer = new ThingAnswer(
                            a.Text("id"),
                            says.Text("en"),
                            says.Text("es"),
                            a.Texts("tags", MaterialTags.All),
                            MaterialReader.Allergens(a, "contains", book),
                            MaterialReader.Allergens(a, "held", book),
                            SafetyReader.GramsOf(a),
                            a.Texts("actions", Doing.All)
                        );
                        says.NothingElse();
                        a.NothingElse();
                        return answer;
                    }),
            ]
        );
        ask.NothingElse();
        return question;
    }
}
