using System.Text.Json.Nodes;
using Nido.Data.Formats;

namespace Nido.Core.Tests.Formats;

/// <summary>A document as YAML and back: nothing is lost, and of a stranger's file nothing is taken that JSON cannot
/// say.</summary>
public class YamlTextTests
{
    private static readonly string[] Texts =
    [
        "",
        " blank before and after ",
        "null",
        "~",
        "true",
        "12",
        "-0.5e3",
        "0x1F",
        "012",
        "yes",
        "no: really",
        "- a list?",
        "# no remark",
        "\"quoted\" and 'so'",
        "{braces} [brackets]",
        "two\nlines\n",
        "tab\there",
        "año, señal, ¿qué?",
        "*star &and !bang",
        "%percent @at `tick`",
        "---",
        "...",
        "a: b: c",
        "trailing:",
        "\\back\\slash",
        "2026-12-07",
        "=",
        "<<",
    ];

    private static JsonNode? Anything(Random chance, int depth) =>
        chance.Next(depth > 3 ? 5 : 8) switch
        {
            0 => null,
            1 => JsonValue.Create(chance.Next(2) == 0),
            2 => JsonValue.Create(chance.Next(-9999, 9999)),
            3 => JsonNode.Parse(chance.NextDouble().ToString("R", System.Globalization.CultureInfo.InvariantCulture)),
            4 => JsonValue.Create(Texts[chance.Next(Texts.Length)]),
            5 => new JsonArray([.. Enumerable.Range(0, chance.Next(4)).Select(_ => Anything(chance, depth + 1))]),
            _ => new JsonObject(
                Texts.Where(_ => chance.Next(9) == 0).Select(t => KeyValuePair.Create(t, Anything(chance, depth + 1)))
            ),
        };

    [Fact]
    public void What_was_written_is_read_again_whatever_it_says()
    {
        for (var seed = 0; seed < 400; seed++)
        {
            var document = new JsonObject { ["thing"] = Anything(new Random(seed), 0) };
            var yaml = YamlText.Write(document);
            var (read, _, problem) = YamlText.Read(yaml);
            problem.ShouldBe(Said.None, yaml);
            JsonNode.DeepEquals(read, document).ShouldBeTrue($"{seed}\n{yaml}\n{read}");
        }
    }

    [Fact]
    public void What_a_hand_writes_is_read_as_it_is_meant()
    {
        var (read, _, _) = YamlText.Read(
            """
            # a remark
            title: Reel towers   # another
            minutes: 12
            blocks: [shelf, stations]
            from:
            things:
              - materialId: own-1
                each: 2.5
            """
        );
        read!
            .ToJsonString()
            .ShouldBe(
                """{"title":"Reel towers","minutes":12,"blocks":["shelf","stations"],"from":null,"things":[{"materialId":"own-1","each":2.5}]}"""
            );
    }

    [Theory]
    [InlineData("", 1)]
    [InlineData("# nothing but a remark", 1)]
    [InlineData("a: &x [1]\nb: *x", 2)]
    [InlineData("a: !!binary aGVsbG8=", 1)]
    [InlineData("a: 1\na: 2", 2)]
    [InlineData("a: [1, 2", 1)]
    [InlineData("a: 1\n---\nb: 2", 2)]
    [InlineData("a:\n\t- b", 2)]
    [InlineData("? [a, b]\n: c", 1)]
    public void What_JSON_cannot_say_is_refused_with_its_line(string yaml, int line)
    {
        var (read, at, problem) = YamlText.Read(yaml);
        read.ShouldBeNull(yaml);
        problem.IsNone.ShouldBeFalse();
        at.ShouldBeInRange(1, Math.Max(line, 2), $"{problem}");
    }

    /// <summary>A thousand brackets, and nine lines that would unfold to a billion words.</summary>
    [Fact]
    public void What_would_take_the_house_down_is_refused()
    {
        YamlText.Read("a: " + new string('[', 1000) + new string(']', 1000)).Problem.ToString().ShouldContain("levels");
        var laughs = string.Concat(
            Enumerable
                .Range(1, 9)
                .Select(k => $"k{k}: &k{k} [{string.Join(", ", Enumerable.Repeat(k == 1 ? "ha" : $"*k{k - 1}", 9))}]\n")
        );
        var (read, _, problem) = YamlText.Read(laughs);
        read.ShouldBeNull();
        problem.ToString().ShouldContain("anchor");
    }
}
