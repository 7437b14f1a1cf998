using Nido.Core.Group;
using Nido.Data.TakenAway;

namespace Nido.Data.Rows;

/// <summary>A child as stored.</summary>
public sealed class ChildRow : IBinned
{
    /// <inheritdoc />
    public DateTimeOffset? BinnedAt { get; set; }

    public required string Id { get; set; }
    public required string GroupId { get; set; }
    public required string Name { get; set; }
    public DateOnly BornOn { get; set; }
    public WeekDays Days { get; set; }
    public bool Mouths { get; set; }
    public Hand Hand { get; set; }
    public bool AvoidsTouch { get; set; }
    public List<string> Allergies { get; set; } = [];
    public IReadOnlyList<string> UnknownAllergies { get; set; } = [];
    public IReadOnlyList<WrittenPlan> Plans { get; set; } = [];
    public required string HomeLanguage { get; set; }
    public required string Note { get; set; }
    public IReadOnlyList<Support> Supports { get; set; } = [];
    public IReadOnlyDictionary<string, string> Ways { get; set; } = new Dictionary<string, string>();
    public AtHome AtHome { get; set; } = AtHome.NotSaid;
    public PictureConsent Pictures { get; set; }
    public DateOnly? FirstDay { get; set; }
    public DateOnly? LastDay { get; set; }

    /// <summary>The child as Core sees it.</summary>
    public Child ToCore() =>
        new(Id, Name, BornOn, Days, Mouths, Hand, AvoidsTouch, Allergies, HomeLanguage, Note)
        {
            Supports = Supports,
            Ways = Ways,
            UnknownAllergies = UnknownAllergies,
            Plans = Plans,
            AtHome = AtHome,
            Pictures = Pictures,
            FirstDay = FirstDay,
            LastDay = LastDay,
        };

    /// <summary>A row from a child of a group.</summary>
    public static ChildRow Of(Child child, string groupId)
    {
        var row = new ChildRow
        {
            Id = child.Id,
            GroupId = groupId,
            Name = child.Name,
            HomeLanguage = child.HomeLanguage,
            Note = child.Note,
        };
        row.Take(child);
        return row;
    }

    /// <summary>Takes over everything of a child but its id.</summary>
    public void Take(Child child)
    {
        Name = child.Name;
        BornOn = child.BornOn;
        Days = child.Days;
        Mouths = child.Mouths;
        Hand = child.Hand;
        AvoidsTouch = child.AvoidsTouch;
        Allergies = [.. child.Allergies];
        UnknownAllergies = child.UnknownAllergies;
        Plans = child.Plans;
        HomeLanguage = child.HomeLanguage;
        Note = child.Note;
        Supports = child.Supports;
        Ways = child.Ways;
        AtHome = child.AtHome;
        Pictures = child.Pictures;
        FirstDay = child.FirstDay;
        LastDay = child.LastDay;
    }
}
