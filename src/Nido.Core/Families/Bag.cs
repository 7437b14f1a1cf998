namespace Nido.Core.Families;

/// <summary>A bag for home before it goes: what is in it, what to do with it, what to mind.</summary>
/// <param name="Kind">Which bag.</param>
/// <param name="Title">Its title.</param>
/// <param name="Days">How long it stays at home.</param>
/// <param name="Things">What is in it.</param>
/// <param name="Sheets">Sheets to print for it.</param>
/// <param name="Steps">What to do, line by line.</param>
/// <param name="Mind">What to mind, by the safety rules for the ages at home.</param>
/// <param name="LeftOut">What a rule keeps out of it, and why.</param>
public sealed record Bag(
    BagKind Kind,
    InBoth Title,
    int Days,
    IReadOnlyList<BagThing> Things,
    IReadOnlyList<BagSheet> Sheets,
    IReadOnlyList<InBoth> Steps,
    IReadOnlyList<InBoth> Mind,
    IReadOnlyList<Said> LeftOut
);

/// <summary>Sheets of a bag, at a step of a ladder.</summary>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Step">Its step.</param>
/// <param name="Copies">How many.</param>
public sealed record BagSheet(string Ladder, int Step, int Copies);
