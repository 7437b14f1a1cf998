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

    /// <summary>The sticks of the step's frame.</summary>
    FrameSticks,

    /// <summary>The joints of the step's frame.</summary>
    FrameJoints,

    /// <summary>The pieces along the step's half circles.</summary>
    ArcPieces,

    /// <summary>What a layer in the step's tray takes.</summary>
    TrayLayer,
}
