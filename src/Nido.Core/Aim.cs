namespace Nido.Core;

/// <summary>The four aims a week is balanced over. A dose is counted in useful minutes of an aim.</summary>
public enum Aim
{
    /// <summary>Hands and arms.</summary>
    FineMotor,

    /// <summary>Number, pattern, shape, position.</summary>
    Math,

    /// <summary>Letters, sounds, names, talk.</summary>
    Literacy,

    /// <summary>Touch, looking, listening, moving.</summary>
    Sensory,
}
