namespace Nido.Data.TakenAway;

/// <summary>A row that can lie in the bin.</summary>
public interface IBinned
{
    /// <summary>When it was taken away; null while it is here.</summary>
    DateTimeOffset? BinnedAt { get; set; }
}
