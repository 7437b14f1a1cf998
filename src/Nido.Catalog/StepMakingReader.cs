using Nido.Core.Ideas;
using Nido.Core.Making;

namespace Nido.Catalog;

/// <summary>Reads what is built or laid at a step, and lets the calculator say at once where that cannot be.</summary>
internal static class StepMakingReader
{
    /// <summary>`frame: cube`, `arc: {radius: 70, rows: 2, pitch: 30, gap: 4}` or `layer: 3` of a step; nothing where
    /// none stands there.</summary>
    public static StepMaking Read(ContentFile f)
    {
        if (!f.Has("frame") && !f.Has("arc") && !f.Has("layer"))
        {
            return StepMaking.None;
        }

        var arc = f.Map("arc");
        var making = new StepMaking(
            f.Has("frame") ? f.Text("frame") : null,
            f.Whole("storeys", 1, 20, 1),
            arc.Number("radius"),
            arc.Whole("rows", 1, 10, 1),
            arc.Number("pitch") ?? 0,
            arc.Number("gap") ?? 0,
            f.Number("layer")
        );
        arc.NothingElse();
        try
        {
            _ = making.Frame is null ? null : Frame.Of(new(making.Frame, making.Storeys));
            _ = making.ArcRadius is null
                ? null
                : ArcRows.Of(new(making.ArcRadius.Value, making.ArcPitch, making.ArcRows, 1, making.ArcGap, 1));
        }
        catch (MakingException e)
        {
            f.Refuse(making.Frame is null ? "arc" : "frame", e.Message);
        }

        return making;
    }
}
