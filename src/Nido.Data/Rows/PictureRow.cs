namespace Nido.Data.Rows;

/// <summary>A picture of work as stored; its bytes lie apart, so that a list of them is read without.</summary>
public sealed class PictureRow
{
    public long Id { get; set; }
    public required string GroupId { get; set; }
    public DateOnly On { get; set; }
    public string IdeaId { get; set; } = "";
    public string Words { get; set; } = "";

    /// <summary>Whose work it is.</summary>
    public List<string> Of { get; set; } = [];

    /// <summary>Children it shows themselves; none where it shows work and hands only.</summary>
    public List<string> Shows { get; set; } = [];
    public int Width { get; set; }
    public int Height { get; set; }
}

/// <summary>The bytes of a picture: JPEG without anything about camera or place.</summary>
public sealed class PictureFileRow
{
    public long PictureId { get; set; }

    /// <summary>The small one for lists.</summary>
    public bool Small { get; set; }
    public required byte[] Bytes { get; set; }
}
