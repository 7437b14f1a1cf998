using System.Text.RegularExpressions;

namespace Nido.Core.Tests;

/// <summary>docs/words.md against the folders: one word names one thing in every layer.</summary>
public partial class WordsTests
{
    private static readonly string[] NoPlace = ["Common", "api", "app", "shared", "i18n"];

    private static readonly string[] Code = ["src", "tests", "bench"];

    private static string[][] Places { get; } =
    [
        .. File.ReadLines(Path.Combine(Published.Root, "docs", "words.md"))
            .SkipWhile(l => !l.StartsWith("| Word | Is | Core", StringComparison.Ordinal))
            .Skip(2)
            .TakeWhile(l => l.StartsWith('|'))
            .Select(l => l.Trim('|', ' ').Split('|').Select(c => c.Trim()).ToArray()),
    ];

    [Theory]
    [InlineData(2, "src/Nido.Core")]
    [InlineData(3, "src/Nido.Web")]
    [InlineData(4, "src/nido-ui/src")]
    public void Every_folder_is_a_word_of_the_list_and_every_word_a_folder(int column, string folder)
    {
        var listed = Places.Where(p => p.Length > column).Select(p => p[column]).Where(w => w.Length > 0).Order();
        var there = Directory
            .GetDirectories(Path.Combine(Published.Root, folder))
            .Where(d => Directory.EnumerateFiles(d, "*.*", SearchOption.AllDirectories).Any())
            .Select(d => Path.GetFileName(d)!)
            .Where(d => d is not ("bin" or "obj" or "Properties" or "wwwroot" or "logs") && !NoPlace.Contains(d))
            .Order();
        there.ShouldBe(listed);
    }

    [Fact]
    public void A_word_is_spelled_the_same_in_every_layer() =>
        Places.ShouldAllBe(p =>
            p.Skip(2).Where(w => w.Length > 0).All(w => w.Equals(p[0], StringComparison.OrdinalIgnoreCase))
        );

    [Fact]
    public void Former_names_are_gone_from_the_code()
    {
        var found =
            from folder in Code
            from file in Directory.EnumerateFiles(
                Path.Combine(Published.Root, folder),
                "*.*",
                SearchOption.AllDirectories
            )
            where
                file.EndsWith(".cs", StringComparison.Ordinal)
                || file.EndsWith(".ts", StringComparison.Ordinal)
                || file.EndsWith(".tsx", StringComparison.Ordinal)
            where !Generated().IsMatch(file)
            let line = File.ReadLines(file).FirstOrDefault(l => Former().IsMatch(l))
            where line is not null
            select $"{Path.GetRelativePath(Published.Root, file)}: {line.Trim()}";
        found.ShouldBeEmpty();
    }

    [GeneratedRegex(
        @"[/\\](obj|bin|node_modules|Migrations|wwwroot)[/\\]|OlderUnits|NidoDb\.cs|WordsTests|schema\.d\.ts"
    )]
    private static partial Regex Generated();

    // Names of types, members and folders, not words of sentences.
    [GeneratedRegex(
        @"\b(Happenings?|HappeningKind|Barred\w*|LostPlacement|\w*Allocation(Model|Problem|Result)|Core\.Planning|Core\.Steps)\b"
    )]
    private static partial Regex Former();
}
