using Nido.Core.Safety;

namespace Nido.Core.Prep;

/// <summary>Work before an idea can lie out.</summary>
/// <param name="What">In words.</param>
/// <param name="For">What it is for: an idea, or something that is made.</param>
/// <param name="Minutes">Work in minutes.</param>
/// <param name="NeededOn">First day it is needed.</param>
/// <param name="Evening">Evening it is planned for.</param>
/// <param name="WaitHours">Drying or cooling that follows.</param>
/// <param name="AdultOnly">Not with children: it is said so, or a rule asks it.</param>
/// <param name="Cautions">What to mind at it.</param>
public sealed record PrepTask(
    Said What,
    Said For,
    int Minutes,
    DateOnly NeededOn,
    DateOnly Evening,
    int WaitHours,
    bool AdultOnly,
    IReadOnlyList<Finding> Cautions
)
{
    /// <summary>Days its result keeps, counted from the evening; null where it keeps for good.</summary>
    public int? KeepsDays { get; init; }

    /// <summary>Minutes spared because it is printed; 0 where it is done by hand.</summary>
    public int Spared { get; init; }

    /// <summary>Last day on which its result is needed.</summary>
    public DateOnly NeededUntil { get; init; } = NeededOn;

    /// <summary>It does not keep overnight, or over the days nobody is there: it is done in the morning of the day
    /// itself.</summary>
    public bool InTheMorning { get; init; }

    /// <summary>Minutes it takes of its evening: none where it is done in the morning.</summary>
    public int EveningMinutes => InTheMorning ? 0 : Minutes;

    /// <summary>Last evening on which it can be begun, its wait and what follows it included; the day itself where it is
    /// done in the morning.</summary>
    public DateOnly Latest { get; init; }

    /// <summary>Number in the list of what follows it, or null: that waits for it.</summary>
    public int? Before { get; init; }

    /// <summary>It lies on the chain of work that must be begun first of all.</summary>
    public bool IsCritical { get; init; }

    /// <summary>A way out where its last evening has passed; null where there is time.</summary>
    public Said? TooLate { get; init; }
}
