namespace Nido.Core.Families;

/// <summary>What a family said to something it was asked for.</summary>
public enum AskAnswer
{
    /// <summary>Nothing yet.</summary>
    Asked,

    /// <summary>It will bring it.</summary>
    WillBring,

    /// <summary>It is here.</summary>
    Brought,

    /// <summary>It has none.</summary>
    CannotBring,
}
