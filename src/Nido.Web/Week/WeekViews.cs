using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Safety;
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
);

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

    /// <summary>Percent of an even share above which no plan's smallest share goes; null where that is not known for
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

    /// <summary>Words for allergies that nothing can be watched for by.</summary>
    public IReadOnlyList<UnreadView> Unread { get; init; } = [];
}

/// <summary>Something to buy that takes the week over its budget.</summary>
public sealed record OverBudgetView(string MaterialId, Said Name, int Cents);

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

/// <summary>An idea in a list.</summary>
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
    int PlacedTimes
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

/// <summary>An idea opened: who works how, with what, how many, and what to mind.</summary>
public sealed record IdeaCard(
    string IdeaId,
    Said Title,
    Said Technique,
    string Ladder,
    Said? Material,
    IReadOnlyList<double> Shares,
    IReadOnlyList<StrandShare> Strands,
    string BlockId,
    string BlockName,
    int Minutes,
    int CleanUpMinutes,
    int Mess,
    string HandLoad,
    int Adults,
    IReadOnlyList<Said> Instructions,
    IReadOnlyList<StepView> Steps,
    IReadOnlyList<WhoView> OutOfReach,
    IReadOnlyList<QuantityView> Quantities,
    IReadOnlyList<CautionView> Cautions,
    IReadOnlyList<CueView> Cues,
    TalkView Talk,
    IReadOnlyList<KitView> Kits,
    IReadOnlyList<Said> Prep,
    IReadOnlyList<GoesWrongView> GoesWrong
);

/// <summary>What is seen when it goes wrong, and the one change.</summary>
public sealed record GoesWrongView(string Id, Said Seen, Said Change);

/// <summary>Kits of a step to pack for a drop-in session, with what one holds.</summary>
/// <param name="Step">Step it is for.</param>
/// <param name="Expected">Children expected.</param>
/// <param name="Count">Kits to pack.</param>
/// <param name="Holds">What is in one.</param>
/// <param name="Allergens">What stands on it: each allergen in both languages.</param>
public sealed record KitView(
    int Step,
    int Expected,
    int Count,
    IReadOnlyList<Said> Holds,
    IReadOnlyList<AllergenName> Allergens
);

/// <summary>An allergen as it stands on a sign or a kit.</summary>
public sealed record AllergenName(string Id, Core.Safety.HeldHow How, string Name, string NameEs);

/// <summary>A strand's part of the minutes.</summary>
public sealed record StrandShare(string Strand, Aim Aim, int Percent);

/// <summary>A step of an idea: what is done, with what, and who.</summary>
public sealed record StepView(
    int Step,
    Said Name,
    Said Do,
    Said Say,
    Said Easier,
    Said Harder,
    Said Seen,
    Said? Size,
    Said? Words,
    IReadOnlyList<BoundView> With,
    IReadOnlyList<WhoView> Who,
    SetUpView? SetUp
);

/// <summary>A material in a role.</summary>
public sealed record BoundView(Said Role, string MaterialId, Said Name, int Score, IReadOnlyList<Said> Reasons);

/// <summary>A child at an idea.</summary>
public sealed record WhoView(
    string ChildId,
    string Name,
    int Alone,
    HelpLevel? Help,
    double Fit,
    IReadOnlyList<Said> Trace,
    IReadOnlyList<Support> Supports,
    IReadOnlyList<Said> Cues,
    ObjectiveView? Objective
);

/// <summary>What a child works towards here.</summary>
public sealed record ObjectiveView(int Step, Said Name, DateOnly By);

/// <summary>A line for the adult, from how the group works.</summary>
public sealed record CueView(CueAt At, Said Say);

/// <summary>What is said and read beside an idea; at a circle the routines and books of the theme.</summary>
public sealed record TalkView(
    IReadOnlyList<Said> Sayings,
    IReadOnlyList<Said> Questions,
    Said? Greeting,
    Said? Farewell,
    IReadOnlyList<Said> Rhyme,
    IReadOnlyList<Book> Books,
    Said? Story
);

/// <summary>How many of a material.</summary>
public sealed record QuantityView(
    string MaterialId,
    Said Name,
    string Unit,
    double Amount,
    double Have,
    IReadOnlyList<Said> Trace
);

/// <summary>Something to mind, with its source.</summary>
public sealed record CautionView(
    string RuleId,
    Severity Severity,
    Said Message,
    IReadOnlyList<Said> What,
    IReadOnlyList<string> Whom,
    IReadOnlyList<Said> Why,
    Said Source,
    Said DeferTo,
    RuleOverride? Lifted
)
{
    /// <summary>No adult lifts it.</summary>
    public bool NeverLifted { get; init; }

    /// <summary>The view of a finding.</summary>
    public static CautionView Of(Finding f)
    {
        ArgumentNullException.ThrowIfNull(f);
        return new(
            f.Rule.Id,
            f.Rule.Severity,
            f.Rule.Message,
            f.What,
            f.Whom,
            f.Why,
            Said.Word(f.Rule.Source),
            f.Rule.DeferTo,
            f.Lifted
        )
        {
            NeverLifted = f.Rule.IsNeverLifted,
        };
    }
}

/// <summary>A new week as sent.</summary>
public sealed record NewWeekBody(string GroupId, string ThemeId, DateOnly Monday);

/// <summary>An idea for a slot.</summary>
public sealed record SlotBody(string IdeaId);

/// <summary>Lock or unlock.</summary>
public sealed record LockBody(bool Locked);

/// <summary>Exchange a slot with another.</summary>
public sealed record MoveBody(int Day, string BlockId, int Offer);
