using NetArchTest.Rules;

namespace Nido.Core.Tests;

public class ArchitectureTests
{
    [Fact]
    public void Core_knows_no_database_no_web_and_no_drawing() =>
        Free(typeof(Strand), "Microsoft.EntityFrameworkCore", "Microsoft.AspNetCore", "SkiaSharp", "Nido.Data", "Nido.Web", "Nido.Catalog", "Nido.Sheets");

    [Fact]
    public void The_catalogue_knows_only_core() =>
        Free(typeof(Nido.Catalog.Content), "Microsoft.EntityFrameworkCore", "Microsoft.AspNetCore", "Nido.Data", "Nido.Web", "Nido.Sheets");

    [Fact]
    public void Sheets_know_only_core() =>
        Free(typeof(Sheets.WeekSheet), "Microsoft.EntityFrameworkCore", "Microsoft.AspNetCore", "Nido.Data", "Nido.Web", "Nido.Catalog");

    [Fact]
    public void Data_knows_no_web() => Free(typeof(Data.NidoDb), "Microsoft.AspNetCore", "Nido.Web", "Nido.Sheets");

    [Fact]
    public void Core_does_no_input_or_output() =>
        Types.InAssembly(typeof(Strand).Assembly).ShouldNot().HaveDependencyOnAny("System.IO", "System.Net", "System.Console")
            .GetResult().FailingTypeNames.ShouldBeNull();

    private static void Free(Type inAssembly, params string[] of) =>
        Types.InAssembly(inAssembly.Assembly).ShouldNot().HaveDependencyOnAny(of).GetResult().FailingTypeNames.ShouldBeNull();
}
