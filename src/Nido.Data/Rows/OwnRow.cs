using System.Text.Json.Serialization;
using Nido.Catalog;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Data.TakenAway;

namespace Nido.Data.Rows;

/// <summary>A material or a way of working of one's own as stored: as it was written, so that a newer catalogue reads it
/// anew.</summary>
public sealed class OwnRow : IBinned
{
    /// <inheritdoc />
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public DateTimeOffset? BinnedAt { get; set; }

    public required string Id { get; set; }

    /// <summary>The material; null where it is none.</summary>
    public MaterialDraft? Material { get; set; }

    /// <summary>The way of working; null where it is none.</summary>
    public IdeaDraft? Idea { get; set; }

    /// <summary>A photo of the material, a small JPEG with nothing of the camera in it; null where none was
    /// taken.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public byte[]? Photo { get; set; }

    /// <summary>What it is called.</summary>
    [JsonIgnore]
    public string Name => Material?.Name ?? Idea?.Title ?? "";

    /// <summary>As the catalogue reads it.</summary>
    [JsonIgnore]
    public OwnDraft Draft => new(Id, Material, Idea, BinnedAt is null);
}
