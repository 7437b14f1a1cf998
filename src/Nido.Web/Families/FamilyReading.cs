using Nido.Catalog;
using Nido.Core;
using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Week.Reading;
using Nido.Data;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Families;

/// <summary>Reads a week as a family does.</summary>
internal sealed class FamilyReading(WeekDesk desk, NidoDb db, Content content)
{
    /// <summary>The week for one child's family, or for every family.</summary>
    public async Task<WeekOfFamily> ReadAsync(string weekId, string? childId, CancellationToken stop)
    {
        var row = await desk.RowAsync(weekId, stop);
        var plan = await desk.PlanAsync(row, stop);
        var theme = (await db.ThemeOfAsync(content, row, stop))!;
        var child = childId is null
            ? null
            : plan.Problem.Group.Children.FirstOrDefault(c => c.Id == childId).Found(NotHere.Child);
        return new(plan, theme, child, HomeActivities.For(plan, theme, content.Techniques, child));
    }
}

/// <summary>A week as a family reads it.</summary>
/// <param name="Plan">The week.</param>
/// <param name="Theme">What it is about.</param>
/// <param name="Child">Whose family; null where every family.</param>
/// <param name="Home">What can be done at home.</param>
internal sealed record WeekOfFamily(WeekPlan Plan, Theme Theme, Child? Child, IReadOnlyList<HomeActivity> Home)
{
    /// <summary>The letter in a language.</summary>
    public FamilyLetter Letter(Tongue tongue) => Letter(PaperWords.In(tongue.Language, tongue));

    /// <summary>The letter in the words of a sheet.</summary>
    public FamilyLetter Letter(PaperWords words) => FamilyLetter.Of(Plan, Theme, words, Child, Home);

    /// <summary>Name of a file of it; no child stands in it.</summary>
    public string FileName(string kind) => $"{Theme.Id}-family-{Plan.Problem.FirstDay:yyyy-MM-dd}.{kind}";
}
