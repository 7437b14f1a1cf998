using Nido.Core.Cupboard;
using Nido.Core.Making;

namespace Nido.Core.Ideas;

/// <summary>Lets the calculators count what a step takes: sticks and joints of a frame, pieces of an arc, grain for a
/// layer.</summary>
public static class StepCounts
{
    /// <summary>The amount a calculator counts for a role, or null where the role's rule is a plain one.</summary>
    /// <param name="role">The role.</param>
    /// <param name="making">What is built or laid at the step.</param>
    /// <param name="material">Bound to the role.</param>
    /// <param name="tray">Bound to the role `tray`, where the step has one.</param>
    public static Counted? Of(Role role, StepMaking making, Material material, Material? tray)
    {
        ArgumentNullException.ThrowIfNull(role);
        ArgumentNullException.ThrowIfNull(making);
        ArgumentNullException.ThrowIfNull(material);
        if (role.Loose is { } loose && !material.IsCounted)
        {
            return new(loose, $"measured, not counted");
        }

        var rule = role.Quantity;
        return rule.Kind switch
        {
            QuantityKind.FrameSticks when Frame(making) is { } f => new(
                rule.Factor * f.Sticks,
                $"{Said.Word(making.Frame!)}: {f.Sticks} sticks between {f.Joints} joints"
            ),
            QuantityKind.FrameJoints when Frame(making) is { } f => new(
                rule.Factor * f.Joints,
                $"{Said.Word(making.Frame!)}: {f.Joints} joints, {BusiestJoint(making)} sticks in the busiest"
            ),
            QuantityKind.ArcPieces when making.ArcRadius is { } r && material.Width > 0 => Arc(
                rule,
                making,
                r,
                material
            ),
            QuantityKind.TrayLayer when making.LayerDepth is { } depth && tray is not null => Layer(
                rule,
                depth,
                tray,
                material
            ),
            _ => null,
        };
    }

    /// <summary>Why half circles of these pieces cannot be laid on this sheet; null where they can, or where none are
    /// laid. Rows lie side by side without covering each other, and the outermost lies on the sheet.</summary>
    public static Said? AgainstArc(StepMaking making, Material piece, Material? sheet)
    {
        ArgumentNullException.ThrowIfNull(making);
        ArgumentNullException.ThrowIfNull(piece);
        if (making.ArcRadius is not { } radius || piece.Width <= 0)
        {
            return null;
        }

        var across = (2 * radius) + piece.Width;
        return making.ArcRows > 1 && piece.Width > making.ArcPitch
                ? (Said)$"{piece.Name} of {piece.Width:0.#} mm cover each other in rows {making.ArcPitch:0.#} mm apart"
            : sheet is { Length: > 0 } && across > sheet.Length
                ? (Said)$"a half circle {across:0.#} mm across does not lie on {sheet.Name} of {sheet.Length:0.#} mm"
            : null;
    }

    /// <summary>Sticks that meet in the busiest joint of the step's frame; 0 where it has none.</summary>
    public static int BusiestJoint(StepMaking making)
    {
        ArgumentNullException.ThrowIfNull(making);
        return Frame(making) is { } f ? Enumerable.Range(0, f.Joints).Max(v => f.Lines.Count(l => l.Contains(v))) : 0;
    }

    private static Frame.Answer? Frame(StepMaking making) =>
        making.Frame is null ? null : Making.Frame.Of(new(making.Frame, making.Storeys));

    private static Counted Arc(QuantityRule rule, StepMaking making, double radius, Material piece)
    {
        var rows = ArcRows.Of(new(radius, making.ArcPitch, making.ArcRows, piece.Width, making.ArcGap, 1));
        return new(
            rule.Factor * rows.PerChild,
            $"half circles of {piece.Width:0.#} mm pieces: {rows.PiecesPerRow:+} = {rows.PerChild}"
        );
    }

    private static Counted Layer(QuantityRule rule, double depth, Material tray, Material grain)
    {
        var fill = TrayFill.Of(new(tray.Length, tray.Width, depth, grain.Density ?? 1));
        return grain.Unit == MaterialUnit.Gram
            ? new(
                rule.Factor * Math.Round(fill.MassG),
                $"{tray.Length:0} × {tray.Width:0} mm, {depth:0.#} mm deep = {fill.VolumeMl:0} mL, {fill.MassG:0} g"
            )
            : new(
                rule.Factor * Math.Round(fill.VolumeMl),
                $"{tray.Length:0} × {tray.Width:0} mm, {depth:0.#} mm deep = {fill.VolumeMl:0} mL"
            );
    }
}
