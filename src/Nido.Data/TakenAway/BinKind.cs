namespace Nido.Data.TakenAway;

/// <summary>What can be taken away and brought back.</summary>
public enum BinKind
{
    /// <summary>A group with its children and weeks.</summary>
    Group,

    /// <summary>A child with all that is known of it.</summary>
    Child,

    /// <summary>A week with its changes.</summary>
    Week,

    /// <summary>A theme of one's own.</summary>
    Theme,

    /// <summary>A material or a way of working of one's own.</summary>
    Own,
}
