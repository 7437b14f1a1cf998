using System.Text.Json;
using System.Text.Json.Nodes;
using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

/// <summary>What a calculator says of its fields is what it does.</summary>
public class CalculatorTests
{
    private static readonly Known Known = new(Published.Content.Recipes, Published.Content.Allergens);

    public static TheoryData<string> Each => [.. Calculator.All.Where(c => c.Fields.Count > 0).Select(c => c.Name)];

    [Theory]
    [MemberData(nameof(Each))]
    public void It_starts_with_something_that_can_be_made(string name) => Make(name, Start(name)).ShouldNotBeNull();

    [Theory]
    [MemberData(nameof(Each))]
    public void Beyond_each_limit_it_refuses_that_field(string name)
    {
        foreach (var field in Of(name).Fields.Where(f => f.Kind == AskKind.Number))
        {
            foreach (
                var beyond in (double?[])
                    [field.Most + (field.Whole ? 1 : field.Most / 100), field.Least - (field.Whole ? 1 : 0.001)]
            )
            {
                if (beyond is not { } value || (Start(name)[field.Path] is null && field.Start.Length == 0))
                {
                    continue;
                }

                // A side counts only for a shape that has it.
                var refused = Beside(name, field)
                    .Select(ask =>
                    {
                        Put(ask, field.Path, value);
                        return Record.Exception(() => Make(name, ask)) as MakingException;
                    })
                    .FirstOrDefault(r => r?.Field == field.Path);
                refused.ShouldNotBeNull($"{name} {field.Path} {value}");
            }
        }
    }

    [Theory]
    [MemberData(nameof(Each))]
    public void Each_choice_is_taken_and_another_is_refused(string name)
    {
        foreach (var field in Of(name).Fields.Where(f => f.Kind == AskKind.Choice))
        {
            field.Among.ShouldContain(field.Start, $"{name} {field.Path}");
            var ask = Start(name);
            Put(ask, field.Path, "none-of-these");
            Should.Throw<MakingException>(() => Make(name, ask), $"{name} {field.Path}").Field.ShouldBe(field.Path);
        }
    }

    [Fact]
    public void Names_and_places_are_each_taken_once() => Calculator.All.Select(c => c.Name).ShouldBeUnique();

    private static Calculator Of(string name) => Calculator.All.Single(c => c.Name == name);

    /// <summary>What the form sends as it opens, and with each other choice that stands beside a field.</summary>
    private static IEnumerable<JsonObject> Beside(string name, AskField field)
    {
        yield return Start(name);
        var within = field.Path[..(field.Path.LastIndexOf('.') + 1)];
        foreach (var choice in Of(name).Fields.Where(f => f.Kind == AskKind.Choice && f.Path.StartsWith(within)))
        {
            foreach (var other in choice.Among)
            {
                var ask = Start(name);
                Put(ask, choice.Path, other);
                yield return ask;
            }
        }
    }

    /// <summary>What the form sends as it opens.</summary>
    private static JsonObject Start(string name)
    {
        var ask = new JsonObject();
        foreach (var field in Of(name).Fields)
        {
            JsonNode? value = field.Kind switch
            {
                AskKind.Flag => field.Start == "true",
                AskKind.Rows => new JsonArray([
                    .. field.StartRows.Select(row => new JsonObject(
                        field.Columns.Select((c, k) => KeyValuePair.Create(c, Cell(c, row[k])))
                    )),
                ]),
                _ when field.Start.Length == 0 => null,
                AskKind.Number => double.Parse(field.Start),
                AskKind.Words => new JsonArray([.. Words(field.Start).Select(w => JsonValue.Create(w))]),
                AskKind.Numbers => new JsonArray([.. Words(field.Start).Select(w => JsonValue.Create(int.Parse(w)))]),
                AskKind.Amounts => new JsonObject(
                    Words(field.Start)
                        .Select(w =>
                            KeyValuePair.Create(
                                w[..w.LastIndexOf(' ')],
                                (JsonNode?)double.Parse(w[(w.LastIndexOf(' ') + 1)..])
                            )
                        )
                ),
                _ => field.Start,
            };
            if (value is not null)
            {
                Put(ask, field.Path, value);
            }
        }

        return ask;
    }

    private static JsonNode? Cell(string column, string text) =>
        column == "values" ? new JsonArray([.. Words(text).Select(w => JsonValue.Create(w))])
        : column is "name" or "shape" ? text
        : double.Parse(text);

    private static string[] Words(string text) =>
        text.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);

    private static void Put(JsonObject ask, string path, JsonNode value)
    {
        var within = path.Split('.');
        var at = ask;
        foreach (var name in within[..^1])
        {
            at = (JsonObject)(at[name] ??= new JsonObject());
        }

        at[within[^1]] = value;
    }

    private static object? Make(string name, JsonObject ask)
    {
        var maker = new Maker(ask);
        Of(name).HandTo(maker);
        return maker.Answer;
    }

    private sealed class Maker(JsonObject ask) : ITakesCalculators
    {
        public object? Answer { get; private set; }

        public void Take<TAsk, TAnswer>(Calculator<TAsk, TAnswer> calculator) =>
            Answer = calculator.Make(ask.Deserialize<TAsk>(JsonSerializerOptions.Web)!, Known);
    }
}
