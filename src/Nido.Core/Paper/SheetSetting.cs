using Nido.Core.Group;

namespace Nido.Core.Paper;

/// <summary>What holds for a whole sheet.</summary>
/// <param name="Paper">A4 or Letter.</param>
/// <param name="Language">en or es.</param>
/// <param name="LeftHanded">Laid out for a left hand: cuts are entered from the other side.</param>
/// <param name="Head">What it is for.</param>
public sealed record SheetSetting(PaperSize Paper, string Language, bool LeftHanded, SheetHead Head)
{
    /// <summary>Beats of a word, where they are known; null where nobody can say.</summary>
    public Func<string, int?>? Beats { get; init; }

    /// <summary>Speaks what Core found, in the language of the sheet.</summary>
    public Tongue Tongue { get; init; } = Tongue.English;
}

/// <summary>What a sheet is for, as far as it is known; small, at the top, to be cut off.</summary>
/// <param name="Idea">The idea.</param>
/// <param name="Step">The step in words.</param>
/// <param name="Day">The day.</param>
/// <param name="Name">The child.</param>
public sealed record SheetHead(string? Idea = null, string? Step = null, string? Day = null, string? Name = null);
