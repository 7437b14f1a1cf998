using Nido.Core.Session;

namespace Nido.Core.Paper.Adults;

/// <summary>Cards for helpers and parents at the tables of a session, a page each, in English and Spanish.</summary>
public static class HelperCards
{
    private static readonly string[] Languages = ["en", "es"];

    /// <summary>Draws them.</summary>
    /// <param name="pad">The paper.</param>
    /// <param name="cards">The cards.</param>
    public static void Draw(Pad pad, IReadOnlyList<HelperCard> cards)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(cards);
        foreach (var card in cards)
        {
            var flow = new Flow(pad, columns: 2);
            foreach (var language in Languages)
            {
                Half(flow, PaperWords.In(language), card);
                flow.NextColumn();
            }
        }
    }

    /// <summary>An age in words: 2 years 3 months.</summary>
    public static string Age(PaperWords words, int months)
    {
        ArgumentNullException.ThrowIfNull(words);
        var years = months / 12 == 1 ? words.Say("oneYear") : words.Say("years", $"{months / 12}");
        var rest = months % 12 == 1 ? words.Say("oneMonth") : words.Say("months", $"{months % 12}");
        return months < 12 ? rest
            : months % 12 == 0 ? years
            : words.Say("yearsMonths", years, rest);
    }

    private static void Half(Flow flow, PaperWords words, HelperCard card)
    {
        flow.Heading(words.Of(card.Use.Idea.Title));
        flow.Item(words.Say("atTheTable"), size: 3.6);
        foreach (var (from, step) in card.Steps)
        {
            flow.Sub(words.Say("ageFrom", Age(words, from)));
            flow.Item(words.Say("youMaySay", words.Of(step.Do)), size: 4);
            flow.Item(words.Of(step.Say), size: 4);
            flow.Item(
                $"{words.Say("easier", words.Of(step.Easier))} {words.Say("harder", words.Of(step.Harder))}",
                size: 3.4
            );
        }

        flow.Space(2);
        if (card.Steps.Count > 1)
        {
            flow.Item(words.Say("sideBySide"));
        }

        flow.Item(words.Say("waitFirst"));
        foreach (var mind in card.Mind)
        {
            flow.Item(words.Say("mindThis", words.Of(mind)));
        }
    }
}
