namespace Nido.Web.Tests;

/// <summary>The description of the API calls a type by its name alone: two of one name would silently become one.</summary>
public class ApiNamesTests
{
    [Fact]
    public void No_two_types_of_the_endpoints_have_one_name() =>
        typeof(Week.WeekView)
            .Assembly.GetExportedTypes()
            .Where(t => !t.IsNested)
            .GroupBy(t => t.Name)
            .Where(g => g.Count() > 1)
            .Select(g => string.Join(", ", g.Select(t => t.FullName)))
            .ShouldBeEmpty("give one of them another name");
}
