namespace Nido.Data.Rows;

/// <summary>A note in an adult's own words, on a child, an idea or a day.</summary>
public sealed class NoteRow
{
    public long Id { get; set; }
    public required string GroupId { get; set; }
    public string? ChildId { get; set; }
    public DateOnly On { get; set; }
    public string IdeaId { get; set; } = "";
    public string By { get; set; } = "";
    public required string Text { get; set; }
}
