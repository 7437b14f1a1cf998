using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Nido.Core;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Data.Formats;

/// <summary>A week as iCalendar (RFC 5545): one event a block, in local time, without children's names.</summary>
public static class WeekCalendar
{
    /// <summary>The calendar file.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="weekId">For stable event ids.</param>
    /// <param name="now">Stamp of the events.</param>
    /// <param name="tongue">The language.</param>
    public static string Write(WeekPlan plan, string weekId, DateTimeOffset now, Tongue tongue)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(tongue);
        var calendar = new Calendar { ProductId = "-//Nido//Week//EN" };
        foreach (var cell in plan.Filled.GroupBy(f => (f.Placement.Day, f.Use.BlockIndex)))
        {
            var block = plan.Problem.Blocks[cell.Key.BlockIndex];
            var start = plan.Problem.Days[cell.Key.Day].Date.ToDateTime(block.Starts);
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{weekId}-{cell.Key.Day}-{block.Id}",
                    DtStamp = new CalDateTime(now.UtcDateTime, "UTC"),
                    Start = new CalDateTime(start),
                    End = new CalDateTime(start.AddMinutes(block.Minutes)),
                    Summary =
                        $"{block.Name}: {string.Join(" · ", cell.Select(f => f.Use.Idea.Title.NameIn(tongue.Language)))}",
                    Description = string.Join("\n", cell.Select(f => Line(f.Use, tongue))),
                    Location = plan.Problem.Group.Name,
                }
            );
        }

        foreach (var own in plan.Pencilled)
        {
            var block = plan.Problem.Blocks.First(b => b.Id == own.BlockId);
            var start = plan.Problem.Days[own.Day].Date.ToDateTime(block.Starts);
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{weekId}-{own.Day}-{block.Id}",
                    DtStamp = new CalDateTime(now.UtcDateTime, "UTC"),
                    Start = new CalDateTime(start),
                    End = new CalDateTime(start.AddMinutes(block.Minutes)),
                    Summary = Nameless(plan, own.Words) is { } words ? $"{block.Name}: {words}" : block.Name,
                    Location = plan.Problem.Group.Name,
                }
            );
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }

    /// <summary>Words of one's own; null where they name a child: a calendar is shared.</summary>
    private static string? Nameless(WeekPlan plan, string words) =>
        plan.Problem.Group.Children.Any(c => Naming.Names(words, c.Name)) ? null : words;

    private static string Line(Use use, Tongue tongue) =>
        $"{tongue.Speak(use.Idea.Lead is { } lead ? (Said)$"{use.Idea.Title}, with {lead.Name}" : Said.Name(use.Idea.Title))}. "
        + $"{string.Join(" ", use.Idea.Technique.Instructions.Select(i => use.Idea.Theme.Fill(i).NameIn(tongue.Language)))}";
}
