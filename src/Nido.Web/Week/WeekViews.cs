using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;

namespace Nido.Web.Week;

/// <summary>A week in a list.</summary>
public sealed record WeekName(string Id, string GroupId, string GroupName, Said ThemeName, DateOnly Monday);

/// <summary>The board, the loom and the line of truth: all the Week screen shows.</summary>
public sealed record WeekView(
    string Id,
    int Version,
    string GroupId,
    string GroupName,
    GroupKind GroupKind,
    string Currency,
    ThemeView Theme,
    DateOnly Monday,
    IReadOnlyList<DayView> Days,
    IReadOnlyList<Block> Blocks,
    IReadOnlyList<StripView> Strips,
    IReadOnlyList<LoomRow> Loom,
    TruthView Truth,
    IReadOnlyList<CameUpView> CameUp,
    Sliders Sliders,
    ComposeReport? Report,
    IReadOnlyList<KeptOutView> KeptOut,
    Said? CanUndo,
    Said? CanRedo,
    bool Composing
)
{
    /// <summary>What the week before fell short of and this one makes good.</summary>
    public IReadOnlyList<CarriedOver> Carried { get; init; } = [];

    /// <summary>The strands, in the order the loom counts them.</summary>
    public IReadOnlyList<StrandHead> Strands { get; init; } = [];

    /// <summary>Blocks that are something of one's own.</summary>
    public IReadOnlyList<Pencilled> Pencilled { get; init; } = [];

    /// <summary>The colour the week is marked with.</summary>
    public WeekColour Colour { get; init; }
}

/// <summary>A strand and the aim it is a part of.</summary>
public sealed record StrandHead(string Id, Aim Aim);

/// <summary>A child's aim that fell short the week before, in minutes.</summary>
public sealed record CarriedOver(string Name, Aim Aim, double Minutes);

/// <summary>The theme of a week.</summary>
public sealed record ThemeView(
    string Id,
    Said Name,
    string Letter,
    string Sound,
    string LetterWord,
    string SecondLetter,
    int NumbersTo,
    int OlderNumbersTo,
    IReadOnlyList<Said> Shapes,
    IReadOnlyList<string> Colours,
    IReadOnlyList<string> Words
);

/// <summary>A day of the board.</summary>
/// <param name="Date">The date.</param>
/// <param name="Day">Day of the week.</param>
/// <param name="Dry">Whether it is expected dry.</param>
/// <param name="Closed">Ids of the blocks that do not take place.</param>
/// <param name="Nobody">Those of them for which it is not: nobody comes.</param>
public sealed record DayView(
    DateOnly Date,
    DayOfWeek Day,
    bool Dry,
    IReadOnlyList<string> Closed,
    IReadOnlyList<string> Nobody
);

/// <summary>An idea in a slot.</summary>
public sealed record StripView(
    int Day,
    string BlockId,
    int Offer,
    string IdeaId,
    Said Title,
    Said? Material,
    IReadOnlyList<double> Shares,
    int StepFrom,
    int StepTo,
    bool Locked,
    int Cautions,
    bool Lifted,
    string? ShortOf,
    int Adults,
    IReadOnlyList<string> Reach,
    bool Stays
)
{
    /// <summary>A title of one's own, or null.</summary>
    public string? OwnTitle { get; init; }
}

/// <summary>A child's week, aim by aim.</summary>
public sealed record LoomRow(
    string ChildId,
    string Name,
    string Age,
    IReadOnlyList<LoomCell> Aims,
    int Worst,
    IReadOnlyList<string> StrandsMissing
)
{
    /// <summary>Useful minutes on each day; null where the child is not there.</summary>
    public IReadOnlyList<double?> Days { get; init; } = [];

    /// <summary>How often each strand is met, in the order of the strands; null where the week cannot give
    /// it.</summary>
    public IReadOnlyList<int?> Strands { get; init; } = [];
}

/// <summary>An aim of a child: useful minutes, target, percent.</summary>
public sealed record LoomCell(Aim Aim, double Minutes, double Target, int Percent)
{
    /// <summary>Percent of an even share that was met until now, of the whole week's; null before the week
    /// begins.</summary>
    public int? Met { get; init; }
}

/// <summary>The line of truth.</summary>
public sealed record TruthView(
    int Children,
    int InReachEverywhere,
    int WorstShare,
    string? WorstChild,
    Aim? WorstAim,
    int ToBuy,
    int Cents,
    int ToAsk,
    int PrepMinutes,
    int LongestEvening,
    int Blocked,
    int ToWatch,
    int Lifted,
    int Empty
)
{
    /// <summary>Minutes this plan falls short of all aims together.</summary>
    public double ShortMinutes { get; init; }

    /// <summary>Minutes that cannot be helped by any plan; null where that is not known for the week as it is
    /// now.</summary>
    public double? AtLeastMinutes { get; init; }

    /// <summary>Percent of an even share above which the smallest share of no plan goes that misses no strand more; null where that is not known for
    /// the week as it is now.</summary>
    public double? AtMostShare { get; init; }

    /// <summary>The week was changed so that what was found when it was composed says nothing of it any more.</summary>
    public bool Changed { get; init; }

    /// <summary>Composing was cut short by the clock.</summary>
    public bool CutShort { get; init; }

    /// <summary>Cents over the week's budget.</summary>
    public int OverBudget { get; init; }

    /// <summary>The most expensive of what is to be bought where the budget does not hold, dearest first.</summary>
    public IReadOnlyList<OverBudgetView> Dearest { get; init; } = [];

    /// <summary>Where the budget does not hold or places stay empty: what most strips lack; null elsewhere.</summary>
    public MissingView? MissingMost { get; init; }

    /// <summary>There, too: the one thing that would help most; null where no single thing would.</summary>
    public WouldHelpView? WouldHelp { get; init; }

    /// <summary>Words for allergies that nothing can be watched for by.</summary>
    public IReadOnlyList<UnreadView> Unread { get; init; } = [];
}

/// <summary>Something to buy that takes the week over its budget.</summary>
public sealed record OverBudgetView(string MaterialId, Said Name, int Cents);

/// <summary>What is missing, and how many strips lack it.</summary>
public sealed record MissingView(string MaterialId, Said Name, int Strips);

/// <summary>A thing, and how many more ways of working the cupboard would carry with it.</summary>
public sealed record WouldHelpView(string MaterialId, Said Name, int Ways);

/// <summary>A word for an allergy that Nido does not know, and whose it is.</summary>
public sealed record UnreadView(string Word, string Child);

/// <summary>An idea that was planned for a place and can no longer lie there; by a safety rule, or for another
/// reason.</summary>
public sealed record KeptOutView(
    int Day,
    string BlockId,
    int Offer,
    string IdeaId,
    Said Title,
    Said Reason,
    bool BySafety
);

/// <summary>A material of the week.</summary>
public sealed record MaterialLineView(
    string MaterialId,
    Said Name,
    Said Shelf,
    string Unit,
    double Have,
    double Used,
    IReadOnlyList<double> ByDay,
    double Lacking,
    int Packs,
    int Cents,
    IReadOnlyList<Said> Trace,
    IReadOnlyList<Said> Make,
    IReadOnlyList<Said> Colours
);

/// <summary>The bench: why the idea is there, and what could be there instead.</summary>
public sealed record BenchView(StripView? Now, WhyView? Why, IReadOnlyList<AlternativeView> Alternatives);

/// <summary>What would fall short without it.</summary>
public sealed record WhyView(
    double ShortfallMinutes,
    IReadOnlyList<ShareFall> Falls,
    IReadOnlyList<StrandLost> StrandsLost
);

/// <summary>A strand that fewer children would meet.</summary>
public sealed record StrandLost(string Strand, int Children);

/// <summary>An alternative and its change.</summary>
public sealed record AlternativeView(
    string IdeaId,
    Said Title,
    Said? Material,
    IReadOnlyList<double> Shares,
    IReadOnlyList<double> MinutesByAim,
    IReadOnlyList<int> ChildrenByAim,
    int Cents,
    int PrepMinutes,
    double ShortfallMinutes,
    IReadOnlyList<string> OutOfReach,
    Said? KeptOut
);

/// <summary>An idea in a list, with what it can be looked for by.</summary>
/// <param name="Strands">Ids of the strands with a share worth naming.</param>
/// <param name="Things">What lies there at any of its steps.</param>
/// <param name="Places">Kinds of block it can stand in.</param>
/// <param name="FromMonths">Age at which half manage its lowest step.</param>
/// <param name="ToMonths">Age at which half manage its highest step.</param>
/// <param name="NothingToBuy">The cupboard has all of it for the fullest day.</param>
public sealed record IdeaName(
    string IdeaId,
    Said Title,
    Said Technique,
    string TechniqueId,
    Said? Material,
    IReadOnlyList<double> Shares,
    IReadOnlyList<string> BlockIds,
    int Minutes,
    int Mess,
    int StepFrom,
    int StepTo,
    int InReach,
    int Children,
    int PlacedTimes,
    IReadOnlyList<string> Strands,
    IReadOnlyList<Said> Things,
    IReadOnlyList<BlockKind> Places,
    int FromMonths,
    int ToMonths,
    bool NothingToBuy
);

/// <summary>An idea that a safety rule keeps out of the whole week.</summary>
public sealed record KeptOutIdea(string IdeaId, Said Title, Said? Material, CautionView By, InsteadView? Instead);

/// <summary>What would serve instead, with the place one press puts it in; null where it has none.</summary>
public sealed record InsteadView(
    string IdeaId,
    Said Title,
    Said? Material,
    bool SameWork,
    bool SameLadder,
    int? Day,
    DateOnly? Date,
    string? BlockId,
    string? BlockName,
    int? Offer
);
