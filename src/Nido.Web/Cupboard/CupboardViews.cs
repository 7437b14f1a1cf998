using Nido.Core;
using Nido.Core.Cupboard;

namespace Nido.Web.Cupboard;

/// <summary>The shelves with what is on them.</summary>
public sealed record CupboardView(
    IReadOnlyList<ShelfView> Shelves,
    int OnHandCount,
    int ShortCount,
    int BuyCents,
    string Currency
)
{
    /// <summary>The same with what is to come.</summary>
    public CupboardView With(IReadOnlyDictionary<string, double> coming) =>
        this with
        {
            Shelves =
            [
                .. Shelves.Select(s =>
                    s with
                    {
                        Tiles = [.. s.Tiles.Select(t => t with { Coming = coming.GetValueOrDefault(t.MaterialId) })],
                    }
                ),
            ],
        };
}

/// <summary>A shelf.</summary>
public sealed record ShelfView(Said Name, IReadOnlyList<TileView> Tiles);

/// <summary>A material on a shelf: on hand, and what the week does with it.</summary>
public sealed record TileView(
    string MaterialId,
    Said Name,
    MaterialUnit Unit,
    double Have,
    double Used,
    double Lacking,
    int Packs,
    int Cents,
    bool Consumable,
    bool IsMade,
    double GoneOff
)
{
    /// <summary>Asked of families or promised by them, and not here yet.</summary>
    public double Coming { get; init; }
}

/// <summary>A material opened.</summary>
public sealed record MaterialView(
    string MaterialId,
    Said Name,
    Said Shelf,
    MaterialUnit Unit,
    Said Size,
    IReadOnlyList<Said> Tags,
    IReadOnlyList<string> Colours,
    IReadOnlyList<string> Allergens,
    bool Consumable,
    int TurnaroundMinutes,
    double? PackSize,
    int? PackCents,
    bool SmallPart,
    double Have,
    double Used,
    double Lacking,
    int Packs,
    int Cents,
    IReadOnlyList<double> ByDay,
    IReadOnlyList<Said> Trace,
    IReadOnlyList<Said> Make,
    IReadOnlyList<MakeFromView> MakeFrom,
    double CanMake,
    IReadOnlyList<RoleView> Roles,
    IReadOnlyList<StandInView> StandIns,
    AskFamilies? Ask,
    IReadOnlyList<Said> PackColours,
    int? KeepsDays,
    double GoneOff,
    IReadOnlyList<Movement> Ledger
);

/// <summary>A way to make it of other things.</summary>
public sealed record MakeFromView(
    Said Do,
    double Amount,
    IReadOnlyList<TakenView> From,
    double Minutes,
    int WaitMinutes,
    bool AdultOnly
);

/// <summary>So much of a thing.</summary>
public sealed record TakenView(string MaterialId, Said Name, double Amount, double Have);

/// <summary>An idea that a material can carry.</summary>
public sealed record CarriedView(
    string IdeaId,
    Said Title,
    string BlockName,
    IReadOnlyList<double> Shares,
    double Takes,
    bool Enough,
    double OpenMinutes,
    double Minutes,
    int InReach,
    int PlacedTimes
);

/// <summary>A role the material can take.</summary>
public sealed record RoleView(Said Technique, Said Role);

/// <summary>What could stand in for it in the week: with one press, unless it leads the idea or something stands
/// against it.</summary>
public sealed record StandInView(
    string MaterialId,
    Said Name,
    Said For,
    int Score,
    double Have,
    IReadOnlyList<Said> Reasons,
    string IdeaId,
    string Role,
    bool Leads,
    Said? Against
);

/// <summary>A change of stock as sent.</summary>
public sealed record MovementBody(MovementKind Kind, double Amount, string Note);

/// <summary>Counts to take over.</summary>
public sealed record CountsBody(IReadOnlyList<CountBody> Counts);

/// <summary>A count of a material.</summary>
public sealed record CountBody(string MaterialId, double Amount, string Note);
