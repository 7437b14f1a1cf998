namespace Nido.Core.Paper;

/// <summary>Families of sheets, in the order they are offered.</summary>
public enum SheetFamily
{
    /// <summary>Lines to cut.</summary>
    Cutting,

    /// <summary>Strips, squares and folds.</summary>
    Strips,

    /// <summary>Shapes and outlines to fill.</summary>
    Shapes,

    /// <summary>Rows, plates, wheels, boards and cards to lace.</summary>
    Plates,

    /// <summary>Lines, letters and numerals to trace.</summary>
    Tracing,

    /// <summary>Letters to lay, dot and sort.</summary>
    Letters,

    /// <summary>Words, pairs and stories.</summary>
    Words,

    /// <summary>Numbers.</summary>
    Numbers,

    /// <summary>Patterns and places.</summary>
    Patterns,

    /// <summary>For the room.</summary>
    Room,

    /// <summary>For adults.</summary>
    Adults,

    /// <summary>For bags and kits.</summary>
    Bags,
}

/// <summary>A kind of sheet: its fields and how it is drawn.</summary>
/// <param name="Id">Kebab case.</param>
/// <param name="Family">Where it is offered.</param>
/// <param name="Fields">What can be asked of it.</param>
/// <param name="Draw">Draws its pages.</param>
public sealed record SheetKind(string Id, SheetFamily Family, IReadOnlyList<Field> Fields, Action<Pad, Values> Draw)
{
    /// <summary>Draws a sheet.</summary>
    /// <param name="given">Values by field.</param>
    /// <param name="setting">Paper, language, hand and heading.</param>
    /// <param name="type">The letters.</param>
    public Sheet Make(SheetValues given, SheetSetting setting, IType type)
    {
        ArgumentNullException.ThrowIfNull(setting);
        var pad = new Pad(setting, type);
        Draw(pad, new Values(Fields, given));
        return new(Id, PaperWords.In(setting.Language).Kind(Id), pad.Done(), pad.Notes);
    }
}
