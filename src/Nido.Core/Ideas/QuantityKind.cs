namespace Nido.Core.Ideas;

/// <summary>The rules by which a role's quantity is counted.</summary>
public enum QuantityKind
{
    /// <summary>A plain number.</summary>
    Fixed,

    /// <summary>The count of the step.</summary>
    StepCount,

    /// <summary>The letters of the child's name.</summary>
    LettersInName,

    /// <summary>1 + 2 + … + the count of the step (filling to a number).</summary>
    SumToStepCount,
}
