namespace Nido.Core.Group.Steps;

/// <summary>What was seen of a child at a step on a day.</summary>
/// <param name="Id">Opaque; grows in the order things were written down.</param>
/// <param name="ChildId">The child.</param>
/// <param name="Ladder">Id of the ladder.</param>
/// <param name="Step">Number on it.</param>
/// <param name="Help">How much help it took.</param>
/// <param name="On">Day.</param>
/// <param name="By">Who saw it; may be empty.</param>
/// <param name="Note">In the adult's words; may be empty.</param>
public sealed record Observation(
    long Id,
    string ChildId,
    string Ladder,
    int Step,
    HelpLevel Help,
    DateOnly On,
    string By,
    string Note
)
{
    /// <summary>Minutes the child chose to stay at it, where someone looked at the clock.</summary>
    public int? Minutes { get; init; }

    /// <summary>Id of the idea at which it was seen; empty where no idea was named.</summary>
    public string IdeaId { get; init; } = "";

    /// <summary>Id of the sign that was seen, one of its ladder; empty for none.</summary>
    public string Sign { get; init; } = "";

    /// <summary>How often it was tried, or null.</summary>
    public int? Tries { get; init; }

    /// <summary>How many of the tries hit, or null.</summary>
    public int? Hits { get; init; }

    /// <summary>The hand that did it, or null.</summary>
    public Hand? Hand { get; init; }

    /// <summary>Id of the grip that was seen, one of its ladder; empty for none.</summary>
    public string Grip { get; init; } = "";

    /// <summary>The tool it was done with, in the adult's words; empty for none.</summary>
    public string Tool { get; init; } = "";
}
