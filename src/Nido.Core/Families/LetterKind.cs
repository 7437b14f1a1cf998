namespace Nido.Core.Families;

/// <summary>Which letter a family reads.</summary>
public enum LetterKind
{
    /// <summary>What comes, and what can be done at home.</summary>
    Before,

    /// <summary>What was, and what to carry on with.</summary>
    After,

    /// <summary>What is still open of what was asked for.</summary>
    Reminder,
}
