namespace Nido.Core.Paper.Adults;

/// <summary>What goes on a page about one child: what an adult ticked, and nothing else.</summary>
/// <param name="Name">The child.</param>
/// <param name="Place">The house and the group.</param>
/// <param name="From">First day.</param>
/// <param name="To">Last day.</param>
/// <param name="CanDo">Ladder and step: what it does alone.</param>
/// <param name="Comes">What comes next, in sentences.</param>
/// <param name="Helps">What helps, in sentences.</param>
/// <param name="Loves">What it likes to stay at.</param>
/// <param name="Notes">Notes of days.</param>
/// <param name="Shares">Aims with planned and met, in percent of an even share; empty where not ticked.</param>
/// <param name="Photos">Pictures of its work.</param>
public sealed record ChildPageData(
    string Name,
    string Place,
    DateOnly From,
    DateOnly To,
    IReadOnlyList<string> CanDo,
    IReadOnlyList<string> Comes,
    IReadOnlyList<string> Helps,
    IReadOnlyList<string> Loves,
    IReadOnlyList<(DateOnly On, string Text)> Notes,
    IReadOnlyList<string> Shares,
    IReadOnlyList<(byte[] Jpeg, double Shape, string Text)> Photos
);

/// <summary>A page to share about one child, for family, colleague or therapist.</summary>
public static class ChildPage
{
    private const double PhotoHigh = 80;

    /// <summary>Draws the page.</summary>
    public static void Draw(Pad pad, ChildPageData child)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(child);
        var (words, flow) = (pad.Words, new Flow(pad, columns: 2));
        flow.Heading(child.Name);
        flow.Item(child.Place);
        flow.Item(words.FromTo(child.From, child.To));
        Part(flow, words.Say("childCanDo"), child.CanDo);
        Part(flow, words.Say("childComes"), child.Comes);
        Part(flow, words.Say("childHelps"), child.Helps);
        Part(flow, words.Say("childLoves"), child.Loves);
        if (child.Notes.Count > 0)
        {
            flow.Heading(words.Say("childSeen"));
            foreach (var (on, text) in child.Notes)
            {
                flow.Sub(words.Day(on));
                flow.Item(text);
            }
        }

        Part(flow, words.Say("childShares"), child.Shares);
        if (child.Photos.Count > 0)
        {
            flow.Heading(words.Say("childPictures"));
            foreach (var (jpeg, shape, text) in child.Photos)
            {
                flow.Photo(jpeg, shape, text, PhotoHigh);
            }
        }

        flow.Space(3);
        flow.Item(words.Say("childNothingElse"), size: 2.6);
    }

    private static void Part(Flow flow, string heading, IReadOnlyList<string> lines)
    {
        if (lines.Count == 0)
        {
            return;
        }

        flow.Heading(heading);
        foreach (var line in lines)
        {
            flow.Item(line);
        }
    }
}
