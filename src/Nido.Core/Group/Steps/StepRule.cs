namespace Nido.Core.Group.Steps;

/// <summary>When a step up or down is proposed. Practitioners differ; a setting of the group.</summary>
public enum StepRule
{
    /// <summary>Two "alone" on two days go up, two "not yet" go down.</summary>
    TwoDays,

    /// <summary>Of the last ten trials eight or more alone go up, three or fewer go down.</summary>
    EightyPercent,
}
