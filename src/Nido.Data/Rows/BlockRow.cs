using Nido.Core.Group;

namespace Nido.Data.Rows;

/// <summary>A block of the day as stored.</summary>
public sealed class BlockRow
{
    public required string GroupId { get; set; }
    public required string Key { get; set; }
    public required string Name { get; set; }
    public BlockKind Kind { get; set; }
    public TimeOnly Starts { get; set; }
    public int Minutes { get; set; }
    public int Offers { get; set; }

    /// <summary>The block as the rules see it.</summary>
    public Block ToCore() => new(Key, Name, Kind, Starts, Minutes, Offers);
}
