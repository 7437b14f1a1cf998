using Nido.Core.Session;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>A session on a page: its parts with their minutes, the story with its questions, the rhyme.</summary>
public static class SessionPage
{
    /// <summary>Draws it.</summary>
    public static void Draw(Pad pad, WeekPlan plan, int day, IReadOnlyList<PartOfSession> parts)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(parts);
        var (words, flow) = (pad.Words, new Flow(pad));
        flow.Heading(words.Say("sessionOf", plan.Problem.Group.Name, words.Day(plan.Problem.Days[day].Date)));
        foreach (var part in parts)
        {
            flow.Sub(
                $"{part.From:HH\\:mm} · {words.Say($"part.{part.Kind}")} · {words.Say("minutes", $"{part.Minutes}")}"
            );
            flow.Item(words.Speak(part.What), size: 4);
            foreach (var line in part.Lines)
            {
                flow.Item(words.Speak(line), size: 4);
            }
        }
    }
}
