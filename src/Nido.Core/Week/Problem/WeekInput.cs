using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Making;
using Nido.Core.Safety;

namespace Nido.Core.Week.Problem;

/// <summary>Everything a week is composed from.</summary>
/// <param name="Group">The group.</param>
/// <param name="Days">Days to plan, first day first.</param>
/// <param name="Ideas">Ideas to choose from.</param>
/// <param name="Ladders">Ladders by id.</param>
/// <param name="Safety">Safety rules.</param>
/// <param name="OnHand">Amount on hand by material id.</param>
/// <param name="Sliders">What matters.</param>
/// <param name="Locked">Placements that must stay.</param>
/// <param name="Recent">Techniques placed in the last five weeks, by id: how many weeks ago, once for each week.</param>
/// <param name="Chains">Ways to make materials of others.</param>
public sealed record WeekInput(
    ChildrenGroup Group,
    IReadOnlyList<PlanDay> Days,
    IReadOnlyList<Idea> Ideas,
    IReadOnlyDictionary<string, Ladder> Ladders,
    SafetyCheck Safety,
    IReadOnlyDictionary<string, double> OnHand,
    Sliders Sliders,
    IReadOnlyList<Placement> Locked,
    ILookup<string, int> Recent,
    MakeChains Chains
)
{
    /// <summary>What goes with what.</summary>
    public GoesWith GoesWith { get; init; } = GoesWith.Nothing;

    /// <summary>Every known material, for standing in.</summary>
    public IReadOnlyList<Material> Materials { get; init; } = [];

    /// <summary>Ideas that cannot be, because nothing at hand goes together for them.</summary>
    public IReadOnlyList<Unsuited> Unsuited { get; init; } = [];

    /// <summary>What is known of the children beside their age.</summary>
    public Evidence Evidence { get; init; } = Evidence.None;

    /// <summary>What came up in the middle of the week.</summary>
    public IReadOnlyList<CameUp> CameUp { get; init; } = [];

    /// <summary>Blocks of days that are something of one's own.</summary>
    public IReadOnlyList<Pencilled> Pencilled { get; init; } = [];

    /// <summary>Words of the theme, sorted for its letter; looked up when a card first asks.</summary>
    public Lazy<IReadOnlyList<Words.WordSort.Sorted>> Words { get; init; } = new(() => []);

    /// <summary>Of the week before: what each child's aims fell short of, in hundredths of a minute, by child
    /// id.</summary>
    public IReadOnlyDictionary<string, int[]> Carried { get; init; } = new Dictionary<string, int[]>();

    /// <summary>The ideas before any swap of this week; null where there is none.</summary>
    public IReadOnlyList<Idea>? BeforeSwaps { get; init; }

    /// <summary>Ids of what a rule that nobody lifts keeps off the tables of this group: never swapped in.</summary>
    public IReadOnlySet<string> NeverOut { get; init; } = new HashSet<string>();

    /// <summary>How the group works, in what practitioners differ on.</summary>
    public WaysOfWorking Ways { get; init; } = WaysOfWorking.None;

    /// <summary>Recipes for what can be mixed.</summary>
    public IReadOnlyList<Recipe> Recipes { get; init; } = [];

    /// <summary>Ways of making that a rule keeps from this group.</summary>
    public IReadOnlyList<LeftOutWay> WaysLeftOut { get; init; } = [];

    /// <summary>Of things that go off: units of what is on hand that are no longer good on each day, by material
    /// id.</summary>
    public IReadOnlyDictionary<string, double[]> GoneOff { get; init; } = new Dictionary<string, double[]>();
}
