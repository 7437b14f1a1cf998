using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Nido.Core.Making;

namespace Nido.Core.Tests;

/// <summary>The texts of the pages: every language says everything, with the same slots, and says it in its own
/// words.</summary>
public partial class TextsTests
{
    private static Dictionary<string, string> English { get; } = Texts("en");

    private static Dictionary<string, string> Spanish { get; } = Texts("es");

    [Fact]
    public void Both_languages_have_the_same_texts() => Spanish.Keys.Order().ShouldBe(English.Keys.Order());

    [Fact]
    public void A_text_has_the_same_slots_in_both() =>
        English
            .Where(t => !Slots(t.Value).SequenceEqual(Slots(Spanish[t.Key])))
            .Select(t => $"{t.Key}: {t.Value} | {Spanish[t.Key]}")
            .ShouldBeEmpty();

    [Fact]
    public void A_sentence_is_not_left_in_English() =>
        English
            .Where(t =>
                t.Value.Count(c => c == ' ') > 2 && t.Value.Count(char.IsLetter) > 10 && Spanish[t.Key] == t.Value
            )
            .Select(t => t.Key)
            .ShouldBeEmpty();

    [Fact]
    public void Every_calculator_and_all_that_is_asked_has_its_words() =>
        Calculator
            .All.Where(c => c.Fields.Count > 0)
            .SelectMany(c =>
                c.Fields.Select(f => $".making.field.{f.Path}")
                    .Concat(c.Fields.SelectMany(f => f.Among).Select(w => $".making.choice.{w}"))
                    .Concat(c.Fields.SelectMany(f => f.Columns).Select(w => $".making.column.{w}"))
                    .Concat(c.Figures.Select(f => $".making.figure.{f}"))
                    .Append($".making.name.{c.Name}")
            )
            .Distinct()
            .Where(key => !English.ContainsKey(key))
            .ShouldBeEmpty();

    private static string[] Slots(string text) => [.. Slot().Matches(text).Select(m => m.Value).Distinct().Order()];

    private static Dictionary<string, string> Texts(string language)
    {
        var root = JsonNode.Parse(
            File.ReadAllText(Path.Combine(Published.Root, "src", "nido-ui", "src", "i18n", $"{language}.json"))
        )!;
        return Leaves(root, "").ToDictionary(x => x.Key, x => x.Text);
    }

    private static IEnumerable<(string Key, string Text)> Leaves(JsonNode node, string at) =>
        node is JsonObject of ? of.SelectMany(p => Leaves(p.Value!, $"{at}.{p.Key}")) : [(at, node.GetValue<string>())];

    [GeneratedRegex(@"\{\{\s*(\w+)[^}]*\}\}")]
    private static partial Regex Slot();
}
