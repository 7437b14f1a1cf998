using Nido.Core.Making;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper;

/// <summary>An order with its sheet, or with why it cannot be made: nothing is half printed.</summary>
/// <param name="Order">What is needed.</param>
/// <param name="Sheet">The sheet; null where it cannot be made.</param>
/// <param name="Problem">Field, value and way out where it cannot be made.</param>
public sealed record MadeOrder(PaperOrder Order, Sheet? Sheet, MakingException? Problem)
{
    /// <summary>Pages that come out of the printer, copies included.</summary>
    public int Printed => (Sheet?.Pages.Count ?? 0) * Order.Copies;

    /// <summary>Makes the sheets of a week.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="setting">Paper and language.</param>
    /// <param name="type">The letters.</param>
    /// <param name="stop">Gives up between sheets.</param>
    public static IReadOnlyList<MadeOrder> Of(WeekPlan plan, SheetSetting setting, IType type, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(setting);
        return
        [
            .. PaperOfTheWeek
                .Of(plan, setting.Language)
                .Select(order =>
                {
                    stop.ThrowIfCancellationRequested();
                    try
                    {
                        var words = PaperWords.In(setting.Language);
                        var head = new SheetHead(
                            words.Of(order.For),
                            order.Step is { } step ? words.Say("step", $"{step}") : null,
                            words.Day(order.NeededOn),
                            order.Names.Count == 1 ? order.Names[0] : null
                        );
                        return new MadeOrder(
                            order,
                            SheetKinds
                                .Get(order.Kind)
                                .Make(order.Values, setting with { LeftHanded = order.LeftHanded, Head = head }, type),
                            null
                        );
                    }
                    catch (MakingException e)
                    {
                        return new MadeOrder(order, null, e);
                    }
                }),
        ];
    }

    /// <summary>The list of what is printed, by evening.</summary>
    public static void List(Pad pad, IEnumerable<MadeOrder> made)
    {
        ArgumentNullException.ThrowIfNull(pad);
        var flow = new Adults.Flow(pad);
        flow.Heading(pad.Words.Say("paperOfTheWeek"));
        foreach (var evening in made.GroupBy(m => m.Order.Evening))
        {
            flow.Sub(pad.Words.Say("evening", pad.Words.Day(evening.Key)));
            foreach (var m in evening)
            {
                var what =
                    $"{pad.Words.Speak(m.Order.For)} — "
                    + $"{pad.Words.Kind(m.Order.Kind)}{(m.Order.Step is { } step ? $", {pad.Words.Say("step", $"{step}").ToLowerInvariant()}" : "")}";
                flow.Item(
                    m.Sheet is null
                        ? $"{what}: {pad.Words.Speak(m.Problem!.Allowed)}"
                        : $"{pad.Words.Say("printed", what, $"{m.Sheet.Pages.Count}", $"{m.Order.Copies}")}{(m.Order.Names.Count > 0 ? $" — {string.Join(", ", m.Order.Names)}" : "")}",
                    tick: true
                );
            }
        }
    }
}
