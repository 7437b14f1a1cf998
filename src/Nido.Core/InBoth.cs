namespace Nido.Core;

/// <summary>A text of the catalogue that was written in both languages.</summary>
/// <param name="En">English.</param>
/// <param name="Es">Spanish.</param>
public sealed record InBoth(string En, string Es) : INamed
{
    /// <inheritdoc />
    public string NameIn(string language) => language == "es" ? Es : En;
}
