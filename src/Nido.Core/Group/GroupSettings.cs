using Nido.Core.Group.Expecting;
using Nido.Core.Group.Steps;

namespace Nido.Core.Group;

/// <summary>What a group has decided for itself. Every value has a default of ours.</summary>
/// <param name="SmallParts">Rule for small parts with young children in the room.</param>
/// <param name="RatioTable">Table of children per adult.</param>
/// <param name="MixedAges">How the table is read for mixed ages.</param>
/// <param name="Approaches">Parts of the mix; an approach left out counts 0.</param>
/// <param name="BudgetCents">Money for the week, in cents of the currency.</param>
/// <param name="EveningPrepMinutes">Preparation one evening can hold.</param>
/// <param name="AttentionMinutesPerYear">Adult-led minutes a child sustains for each year of age.</param>
/// <param name="Paper">A4 or Letter.</param>
/// <param name="Currency">Three-letter code.</param>
/// <param name="MetricUnits">False shows US customary measures.</param>
/// <param name="Food">Rule for food that is worked with and not eaten.</param>
/// <param name="OwnRatio">The group's own table, read where <paramref name="RatioTable"/> says so; youngest band
/// first.</param>
public sealed record GroupSettings(
    SmallPartsRule SmallParts,
    RatioTable RatioTable,
    MixedAges MixedAges,
    IReadOnlyDictionary<Approach, int> Approaches,
    int BudgetCents,
    int EveningPrepMinutes,
    double AttentionMinutesPerYear,
    PaperSize Paper,
    string Currency,
    bool MetricUnits,
    FoodRule Food,
    IReadOnlyList<RatioBand> OwnRatio
)
{
    /// <summary>When a step up or down is proposed.</summary>
    public StepRule StepRule { get; init; } = StepRule.TwoDays;

    /// <summary>Choice in each thing practitioners differ on, by its id; one left out is ours.</summary>
    public IReadOnlyDictionary<string, string> Ways { get; init; } = new Dictionary<string, string>();

    /// <summary>In how many of a hundred sessions kits may run out, where who comes is not known.</summary>
    public int RunOutPercent { get; init; } = 5;

    /// <summary>Address letters to families are sent from; empty where none is known.</summary>
    public string LettersFrom { get; init; } = "";

    /// <summary>How sure the headcounts are that are expected there, before any were counted.</summary>
    public HowSure HowSure { get; init; }

    /// <summary>What a kit that stays over costs, in cents; 0 where nobody said.</summary>
    public int KitTooManyCents { get; init; }

    /// <summary>What a child without a kit counts as, in cents; 0 where nobody said.</summary>
    public int KitTooFewCents { get; init; }

    /// <summary>
    /// Allergens of the published lists that a drop-in session lets in, by id: nobody's allergies are known there, so
    /// that the
    /// others are kept off the tables. What is let in stands on the signs and the kits.
    /// </summary>
    public IReadOnlyList<string> LetIn { get; init; } = [];

    /// <summary>There is a printer: what an adult would draw, write or cut by eye is printed.</summary>
    public bool HasPrinter { get; init; } = true;

    /// <summary>Language the children learn their letters and words in, en or es; adults and families read in their
    /// own.</summary>
    public string LettersIn { get; init; } = "en";

    /// <summary>How groups are formed where stations rotate.</summary>
    public Grouping Grouping { get; init; } = Grouping.NearSteps;

    /// <summary>The settings a new group starts from. Three minutes a year of age is common practice for ages 2 to
    /// 5.</summary>
    public static GroupSettings Default { get; } =
        new(
            SmallPartsRule.Never,
            RatioTable.CaringForOurChildren,
            MixedAges.AddShares,
            Enum.GetValues<Approach>().ToDictionary(a => a, _ => 1),
            BudgetCents: 1500,
            EveningPrepMinutes: 45,
            AttentionMinutesPerYear: 3,
            PaperSize.A4,
            "USD",
            MetricUnits: true,
            FoodRule.WithAllergyCheck,
            [new(0, 3), new(24, 4), new(36, 8)]
        );
}
