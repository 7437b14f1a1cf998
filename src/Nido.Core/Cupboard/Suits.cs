namespace Nido.Core.Cupboard;

/// <summary>Whether two things go together; the higher, the worse.</summary>
public enum Suits
{
    /// <summary>It holds, it shows, it fits.</summary>
    Yes,

    /// <summary>Only just: take the better one where there is one.</summary>
    Barely,

    /// <summary>Not at all.</summary>
    No,
}
