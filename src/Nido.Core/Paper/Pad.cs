using Nido.Core.Making;

namespace Nido.Core.Paper;

/// <summary>Pages while they are made: each with its heading, its check line, and room in between.</summary>
public sealed class Pad(SheetSetting setting, IType type)
{
    private readonly List<Leaf> leaves = [];
    private readonly List<string> notes = [];
    private readonly List<string> withoutPicture = [];

    /// <summary>Paper, language, hand and heading.</summary>
    public SheetSetting Setting { get; } = setting;

    /// <summary>The letters.</summary>
    public IType Type { get; } = type;

    /// <summary>Texts of the sheets.</summary>
    public PaperWords Words { get; } = PaperWords.In(setting.Language, setting.Tongue);

    /// <summary>What whoever prints must know.</summary>
    public IReadOnlyList<string> Notes =>
        withoutPicture.Count == 0
            ? [.. notes.Distinct()]
            :
            [
                .. notes.Distinct(),
                Words.Say("noPicture", string.Join(", ", withoutPicture.Distinct().Select(w => $"“{w}”"))),
            ];

    /// <summary>Most pages of a sheet: more is a mistake.</summary>
    public const int MostPages = 120;

    /// <summary>A page more.</summary>
    /// <param name="landscape">Turned by a quarter.</param>
    public Leaf New(bool landscape = false)
    {
        if (leaves.Count == MostPages)
        {
            throw Need.Refused(
                "pages",
                MostPages,
                $"a sheet of more than {MostPages} pages is not made; ask for less at a time"
            );
        }

        var (w, h) = Page.SizeOf(Setting.Paper);
        var leaf = new Leaf(this, landscape ? h : w, landscape ? w : h);
        leaves.Add(leaf);
        return leaf;
    }

    /// <summary>The picture of a word, or null; whoever prints is told once which words have none.</summary>
    public string? Picture(string word)
    {
        var id = Pictures.Of(word);
        if (id is null)
        {
            withoutPicture.Add(word);
        }

        return id;
    }

    /// <summary>Says something to whoever prints.</summary>
    public void Note(string note) => notes.Add(note);

    /// <summary>
    /// Lays cells of a size in rows, on as many pages as it takes. Their edges are cut lines; none lies outside the
    /// room.
    /// </summary>
    /// <param name="count">How many.</param>
    /// <param name="width">Of a cell, mm.</param>
    /// <param name="height">Of a cell, mm.</param>
    /// <param name="field">Whose value is refused where not one fits.</param>
    /// <param name="draw">Draws the inside of a cell.</param>
    /// <param name="cut">Its edges are cut lines.</param>
    /// <param name="gap">Between cells, mm.</param>
    /// <param name="caption">Stands above them, small.</param>
    public void Cells(
        int count,
        double width,
        double height,
        string field,
        Action<Leaf, Box, int> draw,
        bool cut = true,
        double gap = 0,
        string? caption = null
    )
    {
        ArgumentNullException.ThrowIfNull(draw);
        Leaf? leaf = null;
        var room = default(Box);
        var (columns, rows) = (0, 0);
        for (var k = 0; k < count; k++)
        {
            if (leaf is null || k % (columns * rows) == 0)
            {
                leaf = New();
                var above = caption is null ? 0 : 6;
                room = leaf.Room with { Y = leaf.Room.Y + above, Height = leaf.Room.Height - above };
                (columns, rows) = (
                    Need.Floor((room.Width + gap) / (width + gap)),
                    Need.Floor((room.Height + gap) / (height + gap))
                );
                if (columns * rows == 0)
                {
                    throw Need.Refused(
                        field,
                        $"{width:0.#} × {height:0.#} mm",
                        $"the page has room for {room.Width:0} × {room.Height:0} mm; take smaller pieces"
                    );
                }

                if (caption is not null)
                {
                    leaf.Text(caption, leaf.Room.X, leaf.Room.Y + 3.4, 3, grey: 0.3);
                }
            }

            var at = k % (columns * rows);
            var cell = new Box(
                room.X + (at % columns * (width + gap)),
                room.Y + (at / columns * (height + gap)),
                width,
                height
            );
            if (cut)
            {
                leaf.Draw(Figures.Rectangle(cell), Stroke.Cut);
            }

            draw(leaf, cell, k);
        }
    }

    /// <summary>The pages, with their numbers.</summary>
    public IReadOnlyList<Page> Done() => [.. leaves.Select((leaf, k) => leaf.Done(k + 1, leaves.Count))];
}
