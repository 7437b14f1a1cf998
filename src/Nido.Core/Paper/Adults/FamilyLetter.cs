using System.Text;
using System.Text.Encodings.Web;

namespace Nido.Core.Paper.Adults;

/// <summary>What a family reads, as headings with lines beneath them; drawn, written as plain text and as a page of mail from
/// here.</summary>
/// <param name="Title">What it is.</param>
/// <param name="Sections">In the order they are read.</param>
public sealed record FamilyLetter(string Title, IReadOnlyList<FamilySection> Sections)
{
    /// <summary>To paste into a message: headings in a line of their own, a blank line before each.</summary>
    public string AsText() =>
        string.Join(
            "\n\n",
            Sections.Select(s =>
                string.Join('\n', (string[])[s.Heading, .. s.Lines.Where(IsWritten).Select(l => l.AsText())])
            )
        ) + "\n";

    // Words under their pictures stand on paper; written, they stand in a line already.
    private static bool IsWritten(FamilyLine line) => line.Kind != FamilyLineKind.Word;

    /// <summary>As a page of mail: plain headings and lists, nothing that is loaded from elsewhere.</summary>
    /// <param name="language">Two letters.</param>
    /// <param name="picture">Where a picture of the letter lies, by its number.</param>
    public string AsHtml(string language, Func<long, string> picture)
    {
        ArgumentNullException.ThrowIfNull(picture);
        var page = new StringBuilder();
        page.Append("<!doctype html><html lang=\"").Append(language).Append("\"><head><meta charset=\"utf-8\"><title>");
        page.Append(HtmlEncoder.Default.Encode(Title)).Append("</title></head>");
        page.Append(
            "<body style=\"font:16px/1.5 sans-serif;color:#222;max-width:38em;margin:1.5em auto;padding:0 1em\">"
        );
        foreach (var (section, at) in Sections.Select((s, k) => (s, k)))
        {
            var head = at == 0 ? "h1" : "h2";
            page.Append('<').Append(head).Append(" style=\"margin:1.2em 0 .3em;font-size:");
            page.Append(at == 0 ? "1.5em" : "1.15em").Append("\">");
            page.Append(HtmlEncoder.Default.Encode(section.Heading)).Append("</").Append(head).Append('>');
            foreach (var line in section.Lines.Where(IsWritten))
            {
                page.Append(line.AsHtml(picture));
            }
        }

        return page.Append("</body></html>").ToString();
    }
}

/// <summary>A part of a letter.</summary>
/// <param name="Heading">What it is about.</param>
/// <param name="Lines">Its lines.</param>
public sealed record FamilySection(string Heading, IReadOnlyList<FamilyLine> Lines);

/// <summary>A line of a letter.</summary>
/// <param name="Text">What it says.</param>
/// <param name="Kind">How it stands there.</param>
public sealed record FamilyLine(string Text, FamilyLineKind Kind = FamilyLineKind.Plain)
{
    /// <summary>Picture of ours that stands over a word; null over other lines.</summary>
    public string? Drawing { get; init; }

    /// <summary>Number of the picture the line stands under; null where it stands under none.</summary>
    public long? Picture { get; init; }

    /// <summary>Height of the picture by its width.</summary>
    public double Shape { get; init; } = 1;

    /// <summary>As it stands in a mail.</summary>
    internal string AsHtml(Func<long, string> picture)
    {
        var text = HtmlEncoder.Default.Encode(Text);
        return Picture is { } id
            ? $"<p><img src=\"{picture(id)}\" alt=\"{text}\" style=\"max-width:100%\"><br>{text}</p>"
            : Kind switch
            {
                FamilyLineKind.Title => $"<h3 style=\"margin:.9em 0 0;font-size:1em\">{text}</h3>",
                FamilyLineKind.Tick => $"<p style=\"margin:.2em 0\">☐ {text}</p>",
                FamilyLineKind.Note => $"<p style=\"margin:.2em 0;font-size:.8em;color:#555\">{text}</p>",
                _ => $"<p style=\"margin:.2em 0\">{text}</p>",
            };
    }

    /// <summary>As it stands in a message without letters of different kinds.</summary>
    public string AsText() =>
        Kind switch
        {
            FamilyLineKind.Title => $"\n* {Text}",
            FamilyLineKind.Tick => $"[ ] {Text}",
            _ => Text,
        };
}

/// <summary>How a line of a letter stands there.</summary>
public enum FamilyLineKind
{
    /// <summary>A sentence.</summary>
    Plain,

    /// <summary>A title of what follows.</summary>
    Title,

    /// <summary>Something to tick.</summary>
    Tick,

    /// <summary>A source, small.</summary>
    Note,

    /// <summary>A word under its picture; without the word a line to write it on, in a language of one's own.</summary>
    Word,
}
