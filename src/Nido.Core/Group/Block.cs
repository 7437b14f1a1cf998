namespace Nido.Core.Group;

/// <summary>A part of every day of the week.</summary>
/// <param name="Id">Short word, unique in the group (welcome, circle…).</param>
/// <param name="Name">Shown on the board.</param>
/// <param name="Kind">How minutes reach a child.</param>
/// <param name="Starts">Time of day.</param>
/// <param name="Minutes">Length, 5–180.</param>
/// <param name="Offers">How many ideas lie out at once, 1–6.</param>
public sealed record Block(string Id, string Name, BlockKind Kind, TimeOnly Starts, int Minutes, int Offers)
{
    /// <summary>Free choice: a child picks among what is in reach.</summary>
    public bool IsFreeChoice => Kind is BlockKind.Shelf or BlockKind.Table;

    /// <summary>Minutes one offer gets when nothing is out of reach.</summary>
    public double MinutesPerOffer =>
        Kind is BlockKind.Circle or BlockKind.Outdoors ? Minutes : (double)Minutes / Offers;
}
