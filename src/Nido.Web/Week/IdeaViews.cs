using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Safety;

namespace Nido.Web.Week;

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
    int? MinutesWritten,
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
    double Expected,
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

/// <summary>A child at an idea; what a higher step waits for, where one does.</summary>
public sealed record WhoView(
    string ChildId,
    string Name,
    int Alone,
    HelpLevel? Help,
    double Fit,
    IReadOnlyList<Said> Trace,
    Said? Waits,
    IReadOnlyList<Support> Supports,
    IReadOnlyList<Said> Cues,
    ObjectiveAtIdea? Objective
);

/// <summary>What a child works towards here.</summary>
public sealed record ObjectiveAtIdea(int Step, Said Name, DateOnly By);

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
