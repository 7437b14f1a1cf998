namespace Nido.Data.TakenAway;

/// <summary>Something in the bin.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name; of a week its first day.</param>
/// <param name="Of">Name of the group it belongs to; empty for groups and themes.</param>
/// <param name="At">When it was taken away.</param>
/// <param name="Until">When it goes for good.</param>
public sealed record InBin(BinKind Kind, string Id, string Name, string Of, DateTimeOffset At, DateOnly Until);
