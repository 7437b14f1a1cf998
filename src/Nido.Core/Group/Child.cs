using Nido.Core.Group.Expecting;

namespace Nido.Core.Group;

/// <summary>A child of a group, with what planning and safety must know.</summary>
/// <param name="Id">Opaque; never made from the name.</param>
/// <param name="Name">The name on cards and on name pieces.</param>
/// <param name="BornOn">Birth date.</param>
/// <param name="Days">Days the child comes.</param>
/// <param name="Mouths">Still puts things in the mouth: small parts are kept away whatever the age.</param>
/// <param name="Hand">Hand used for doing.</param>
/// <param name="AvoidsTouch">Avoids sticky or wet touch: a tool is offered first.</param>
/// <param name="Allergies">Ids of allergens from the closed vocabulary.</param>
/// <param name="HomeLanguage">Language at home as a two-letter code.</param>
/// <param name="Note">What adults should know, in the adults' own words.</param>
public sealed record Child(
    string Id,
    string Name,
    DateOnly BornOn,
    WeekDays Days,
    bool Mouths,
    Hand Hand,
    bool AvoidsTouch,
    IReadOnlyList<string> Allergies,
    string HomeLanguage,
    string Note
)
{
    /// <summary>
    /// Words written for an allergy that the vocabulary does not know, as they were written. They are never dropped:
    /// where the house
    /// has not said which materials hold one, everything that might says so.
    /// </summary>
    public IReadOnlyList<string> UnknownAllergies { get; init; } = [];

    /// <summary>Materials the child's written plan allows in spite of an allergy.</summary>
    public IReadOnlyList<WrittenPlan> Plans { get; init; } = [];

    /// <summary>What the child is given so that it can take part.</summary>
    public IReadOnlyList<Support> Supports { get; init; } = [];

    /// <summary>Where it only stands for some expected at a drop-in session, for whom; null for a named child.</summary>
    public StandsFor? StandsFor { get; init; }

    /// <summary>Ways of working chosen for this child, by difference; the group's hold for the rest.</summary>
    public IReadOnlyDictionary<string, string> Ways { get; init; } = new Dictionary<string, string>();

    /// <summary>What its family told of its home.</summary>
    public AtHome AtHome { get; init; } = AtHome.NotSaid;

    /// <summary>What its family allows of pictures.</summary>
    public PictureConsent Pictures { get; init; }

    /// <summary>First day the child comes; null where it has always come.</summary>
    public DateOnly? FirstDay { get; init; }

    /// <summary>Last day the child comes; null where none is known. A visitor's is its first.</summary>
    public DateOnly? LastDay { get; init; }

    /// <summary>Whether the child belongs to the group on a day, whatever its days of the week are.</summary>
    public bool IsHereOn(DateOnly day) => !(day < FirstDay) && !(day > LastDay);

    /// <summary>Whether the child belongs to the group at some time of a week.</summary>
    /// <param name="monday">Monday of the week.</param>
    public bool IsHereInWeekOf(DateOnly monday) => !(monday.AddDays(6) < FirstDay) && !(monday > LastDay);

    /// <summary>Age in whole months on a day.</summary>
    public int MonthsOn(DateOnly day) => Age.Months(BornOn, day);
}
