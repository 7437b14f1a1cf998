namespace Nido.Core.Group;

/// <summary>What a family told of its home. It goes into no file that is shared.</summary>
/// <param name="Email">Where letters go; empty where none is known: the family gets paper.</param>
/// <param name="Things">Ids of the kinds of thing it has; null where nobody said, and a usual home is meant.</param>
/// <param name="YoungestBornOn">Birth date of the youngest child at home beside this one; null where there is none younger
/// or nobody said.</param>
public sealed record AtHome(string Email, IReadOnlyList<string>? Things, DateOnly? YoungestBornOn)
{
    /// <summary>Nobody said anything.</summary>
    public static AtHome NotSaid { get; } = new("", null, null);
}
