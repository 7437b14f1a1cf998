namespace Nido.Core.Group;

/// <summary>Paper the group prints on.</summary>
public enum PaperSize
{
    /// <summary>210 × 297 mm (ISO 216).</summary>
    A4,

    /// <summary>215.9 × 279.4 mm (ANSI/ASME Y14.1).</summary>
    Letter,
}
