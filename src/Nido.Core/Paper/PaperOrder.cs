namespace Nido.Core.Paper;

/// <summary>A sheet a week needs.</summary>
/// <param name="Id">The same for the same plan: what is left out is left out again.</param>
/// <param name="Kind">Kind of sheet.</param>
/// <param name="Values">What it says.</param>
/// <param name="Copies">How often it is printed.</param>
/// <param name="LeftHanded">Laid out for left hands.</param>
/// <param name="For">The idea or the thing it is for.</param>
/// <param name="Step">Number of the step; null where it is for all.</param>
/// <param name="Names">Who has it; empty where it lies there for all.</param>
/// <param name="NeededOn">First day it is needed.</param>
/// <param name="Evening">Evening it is printed.</param>
public sealed record PaperOrder(
    string Id,
    string Kind,
    SheetValues Values,
    int Copies,
    bool LeftHanded,
    InBoth For,
    int? Step,
    IReadOnlyList<string> Names,
    DateOnly NeededOn,
    DateOnly Evening
);
