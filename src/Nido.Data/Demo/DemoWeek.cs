using Nido.Catalog;
using Nido.Core.Cupboard;
using Nido.Core.Week.Problem;

namespace Nido.Data.Demo;

/// <summary>The demo week as planning sees it.</summary>
public static class DemoWeek
{
    /// <summary>Input for the week of the scenario.</summary>
    public static WeekInput Input(Content content)
    {
        var next = 0;
        var group = DemoScenario.WrenRoom(() => $"id-{next++}");
        var onHand = Stock.OnHand(DemoScenario.Cupboard());
        var theme = content.Theme(DemoScenario.ThemeId)!;
        return WeekInputs.Of(content, group, theme, DemoScenario.Monday, onHand);
    }
}
