using NetArchTest.Rules;

namespace Nido.Core.Tests;

public class ArchitectureTests
{
    /// <summary>
    /// The rooms of Core in their order: each knows only those before it. The same picture stands in
    /// docs/architecture.md.
    /// </summary>
    private static readonly string[] Rooms =
    [
        "Words",
        "Allergens",
        "Cupboard",
        "Making",
        "Group",
        "Ideas",
        "Safety",
        "Week",
        "Prep",
        "Journal",
        "Families",
        "Session",
        "Paper",
    ];

    public static TheoryData<string> EveryRoom => [.. Rooms];

    [Theory]
    [MemberData(nameof(EveryRoom))]
    public void A_room_of_core_knows_only_the_rooms_before_it(string room) =>
        Types
            .InAssembly(typeof(Strand).Assembly)
            .That()
            .ResideInNamespaceStartingWith($"Nido.Core.{room}")
            .ShouldNot()
            .HaveDependencyOnAny([.. Rooms.SkipWhile(r => r != room).Skip(1).Select(r => $"Nido.Core.{r}")])
            .GetResult()
            .FailingTypeNames.ShouldBeNull();

    [Theory]
    [MemberData(nameof(EveryRoom))]
    public void Its_files_name_no_later_room_either(string room)
    {
        var later = Rooms.SkipWhile(r => r != room).Skip(1).Select(r => $"using Nido.Core.{r}").ToArray();
        Directory
            .EnumerateFiles(Path.Combine(Published.Root, "src", "Nido.Core", room), "*.cs", SearchOption.AllDirectories)
            .SelectMany(f =>
                File.ReadLines(f)
                    .Where(l => later.Any(n => l.StartsWith(n, StringComparison.Ordinal)))
                    .Select(l => $"{Path.GetFileName(f)}: {l}")
            )
            .ShouldBeEmpty();
    }

    [Fact]
    public void Every_type_of_core_stands_in_a_room_of_the_order_or_is_known_to_all() =>
        typeof(Strand)
            .Assembly.GetTypes()
            .Select(t => t.Namespace ?? "")
            .Where(n => n.StartsWith("Nido.Core.", StringComparison.Ordinal))
            .Select(n => n.Split('.')[2])
            .Distinct()
            .Order()
            .ShouldBe(Rooms.Order());

    [Fact]
    public void The_order_is_the_one_the_document_shows() =>
        File.ReadAllText(Path.Combine(Published.Root, "docs", "architecture.md"))
            .ShouldContain(string.Join(" → ", Rooms));

    [Fact]
    public void Core_knows_no_database_no_web_and_no_drawing() =>
        Free(
            typeof(Strand),
            "Microsoft.EntityFrameworkCore",
            "Microsoft.AspNetCore",
            "SkiaSharp",
            "Nido.Data",
            "Nido.Web",
            "Nido.Catalog",
            "Nido.Sheets"
        );

    [Fact]
    public void The_catalogue_knows_only_core() =>
        Free(
            typeof(Nido.Catalog.Content),
            "Microsoft.EntityFrameworkCore",
            "Microsoft.AspNetCore",
            "Nido.Data",
            "Nido.Web",
            "Nido.Sheets"
        );

    [Fact]
    public void Sheets_know_only_core() =>
        Free(
            typeof(Sheets.SheetPdf),
            "Microsoft.EntityFrameworkCore",
            "Microsoft.AspNetCore",
            "Nido.Data",
            "Nido.Web",
            "Nido.Catalog"
        );

    [Fact]
    public void Data_knows_no_web() => Free(typeof(Data.NidoDb), "Microsoft.AspNetCore", "Nido.Web", "Nido.Sheets");

    [Fact]
    public void Core_does_no_input_or_output() =>
        Types
            .InAssembly(typeof(Strand).Assembly)
            .ShouldNot()
            .HaveDependencyOnAny("System.IO", "System.Net", "System.Console")
            .GetResult()
            .FailingTypeNames.ShouldBeNull();

    private static void Free(Type inAssembly, params string[] of) =>
        Types
            .InAssembly(inAssembly.Assembly)
            .ShouldNot()
            .HaveDependencyOnAny(of)
            .GetResult()
            .FailingTypeNames.ShouldBeNull();
}
