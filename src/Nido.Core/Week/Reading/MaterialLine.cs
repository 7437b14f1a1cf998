using Nido.Core.Cupboard;

namespace Nido.Core.Week.Reading;

/// <summary>A material in the week: have, used, short, to buy. Amounts in its unit, money in cents.</summary>
/// <param name="Material">The material.</param>
/// <param name="Have">On hand.</param>
/// <param name="Used">Consumables added up; reusables at the busiest block.</param>
/// <param name="ByDay">Used on each day.</param>
/// <param name="Lacking">What is missing; 0 where there is enough.</param>
/// <param name="Packs">Packs to buy; 0 where what is missing can be made.</param>
/// <param name="Cents">What they cost.</param>
/// <param name="Trace">Where it is used.</param>
/// <param name="Make">How what is missing is made of what the week leaves over, or null.</param>
public sealed record MaterialLine(
    Material Material,
    double Have,
    double Used,
    IReadOnlyList<double> ByDay,
    double Lacking,
    int Packs,
    int Cents,
    IReadOnlyList<Said> Trace,
    MakeWay? Make
)
{
    /// <summary>How what is missing is mixed by a recipe, or null.</summary>
    public Mixing? Mix { get; init; }

    /// <summary>What a mixed pack gives of the week's colours, in words; empty where packs are of one colour.</summary>
    public IReadOnlyList<Said> Colours { get; init; } = [];

    /// <summary>It is short, and neither a shop nor the cupboard can help: families are asked.</summary>
    public bool IsToAsk => Lacking > 0 && Packs == 0 && Make is null && Mix is null;
}
