using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Ideas.SetUps;

/// <summary>
/// Lays a step out before one child, from left to right: what is full, the tool, what is empty, what is worked on.
/// Sizes are those of the bound things, so that the picture also tells whether it fits on the tray.
/// </summary>
public static class SettingUp
{
    /// <summary>Pieces that are drawn of a thing at most; a legend says how many there are.</summary>
    public const int MostDrawn = 40;

    // A work table for young children, and what lies between things and along an edge; common practice.
    private const double TableLength = 1200;
    private const double TableWidth = 600;
    private const double Between = 15;
    private const double Edge = 10;
    private const double ElbowRoom = 60;

    /// <summary>Larger than this and it does not lie before a child on a table.</summary>
    private const double Largest = 600;

    private static readonly string[] Tools =
    [
        "tongs",
        "tweezers",
        "spoon",
        "scoop",
        "scissors",
        "brush",
        "dropper",
        "marker",
        "small-tool",
    ];

    /// <summary>The set-up of a step; null where it does not lie on a table: outdoors, in a circle, larger than a
    /// table, or with nothing.</summary>
    /// <param name="idea">The idea.</param>
    /// <param name="step">One of its steps.</param>
    /// <param name="tray">The trays of the room; null where it has none.</param>
    /// <param name="name">Whose place, where letters of a name are counted.</param>
    public static SetUp? Of(Idea idea, IdeaStep step, Material? tray, string name = QuantityRule.OrdinaryName)
    {
        ArgumentNullException.ThrowIfNull(idea);
        ArgumentNullException.ThrowIfNull(step);
        if (!idea.Technique.Blocks.Any(b => b is BlockKind.Shelf or BlockKind.Stations or BlockKind.Table))
        {
            return null;
        }

        SetUpThing[] things =
        [
            .. idea
                .Technique.Roles.Where(r => step.Bindings.ContainsKey(r.Name))
                .Select(r => new SetUpThing(r.Name, step.Bindings[r.Name].Material, step.Each(r, name)))
                .Where(t => t.Amount > 0)
                .Where(t => !t.Material.Tags.Contains("tray") || !t.Material.Tags.Contains("flat")),
        ];
        return things.Length == 0 || things.Any(t => IsTooLarge(t.Material)) ? null : Laid(things, tray);
    }

    private static SetUp? Laid(SetUpThing[] things, Material? tray)
    {
        var groups = Groups(things).ToArray();
        var width = groups.Sum(g => g.Width) + (Between * (groups.Length - 1)) + (2 * Edge);
        var depth = groups.Max(g => g.Depth) + (2 * Edge);
        if (width > TableLength - ElbowRoom || depth > TableWidth)
        {
            return null;
        }

        var shapes = new List<SetUpShape>();
        var x = Edge;
        foreach (var group in groups)
        {
            shapes.AddRange(
                group.Shapes.Select(s =>
                    s with
                    {
                        X = x + s.X,
                        Y = Edge + ((depth - (2 * Edge) - group.Depth) / 2) + s.Y,
                    }
                )
            );
            x += group.Width + Between;
        }

        var on =
            tray is { Length: > 0, Width: > 0 } && width <= tray.Length && depth <= tray.Width
                ? new TraySize(tray.Length, tray.Width)
                : null;
        var (wide, deep) = on is null ? (width + ElbowRoom, depth) : (on.Length + ElbowRoom, on.Width);
        // Children sit along both long sides where two depths go across.
        var atTable = (int)Math.Floor(TableLength / wide) * (2 * deep <= TableWidth ? 2 : 1);
        return new(width, depth, on, atTable, shapes, things);
    }

    /// <summary>What lies together, from left to right: the first vessel with what is in it, tools, further vessels,
    /// then all else.</summary>
    private static IEnumerable<Laying> Groups(SetUpThing[] things)
    {
        var vessels = Indices(things, t => t.Material.Tags.Contains("container")).ToArray();
        var tools = Indices(things, IsTool).Except(vessels).ToArray();
        var others = Enumerable.Range(0, things.Length).Except(vessels).Except(tools).ToArray();
        var first = vessels.Length > 0 ? Vessel(things, vessels[0]) : null;
        var inside = first is null ? [] : others.Where(o => GoesInto(things[o].Material, first)).ToArray();
        if (first is not null)
        {
            yield return first.With(inside.SelectMany(i => Inside(things, i, first)));
        }

        foreach (var tool in tools)
        {
            yield return Row(things, tool, upright: true);
        }

        foreach (var again in Rest(things, vessels))
        {
            yield return again;
        }

        foreach (var other in others.Except(inside))
        {
            yield return Row(things, other, upright: false);
        }
    }

    /// <summary>The vessels beside the first one.</summary>
    private static IEnumerable<Laying> Rest(SetUpThing[] things, int[] vessels)
    {
        foreach (var vessel in vessels)
        {
            var more = Drawn(things[vessel]) - (vessel == vessels[0] ? 1 : 0);
            for (var k = 0; k < more; k++)
            {
                yield return Vessel(things, vessel);
            }
        }
    }

    private static Laying Vessel(SetUpThing[] things, int at)
    {
        var material = things[at].Material;
        var (w, d) = FromAbove(material);
        var round = material.Shape is Shape.Disc or Shape.Sphere or Shape.Rod;
        return new(w, d, [new(round ? SetUpForm.OpenRound : SetUpForm.OpenSquare, w / 2, d / 2, w, d, at)]);
    }

    private static bool GoesInto(Material material, Laying vessel)
    {
        if (material.Shape == Shape.Loose)
        {
            return material.Unit is MaterialUnit.Gram or MaterialUnit.Millilitre && !material.Tags.Contains("moulds");
        }

        var (w, d) = FromAbove(material);
        return Math.Max(w, d) <= 0.8 * Math.Min(vessel.Width, vessel.Depth);
    }

    /// <summary>A heap: pieces wind outwards from the middle, closer where there are many.</summary>
    private static IEnumerable<SetUpShape> Inside(SetUpThing[] things, int at, Laying vessel)
    {
        var material = things[at].Material;
        var (cx, cy) = (vessel.Width / 2, vessel.Depth / 2);
        if (material.Shape == Shape.Loose)
        {
            yield return new(SetUpForm.Filling, cx, cy, 0.86 * vessel.Width, 0.86 * vessel.Depth, at)
            {
                IsInside = true,
            };
            yield break;
        }

        var (w, d) = FromAbove(material);
        var n = Drawn(things[at]);
        var (roomX, roomY) = (0.92 * vessel.Width / 2 - (w / 2), 0.92 * vessel.Depth / 2 - (d / 2));
        for (var k = 0; k < n; k++)
        {
            // The angle of sunflower seeds spreads them evenly (Vogel 1979).
            var r = n == 1 ? 0 : Math.Sqrt((k + 0.5) / n);
            var angle = k * 2.399963;
            // In a round vessel the corner of a piece stays within the rim.
            var corner = Math.Sqrt((w * w) + (d * d)) / 2;
            var most = Math.Max(0, (0.96 * Math.Min(vessel.Width, vessel.Depth) / 2) - corner);
            yield return new(
                FormOf(material),
                cx + (Math.Min(Math.Max(0, roomX), most) * r * Math.Cos(angle)),
                cy + (Math.Min(Math.Max(0, roomY), most) * r * Math.Sin(angle)),
                w,
                d,
                at
            )
            {
                IsInside = true,
            };
        }
    }

    /// <summary>Side by side in rows, tools upright.</summary>
    private static Laying Row(SetUpThing[] things, int at, bool upright)
    {
        var material = things[at].Material;
        var (w, d) = material.Shape == Shape.Loose ? Lump(things[at]) : FromAbove(material);
        if (upright || d > w)
        {
            (w, d) = (Math.Min(w, d), Math.Max(w, d));
        }

        var n = material.Shape == Shape.Loose ? 1 : Drawn(things[at]);
        var columns = Math.Max(1, (int)Math.Ceiling(Math.Sqrt(n * d / w)));
        columns = Math.Min(n, columns);
        var rows = (n + columns - 1) / columns;
        const double gap = 4;
        return new(
            (columns * w) + ((columns - 1) * gap),
            (rows * d) + ((rows - 1) * gap),
            [
                .. Enumerable
                    .Range(0, n)
                    .Select(k => new SetUpShape(
                        FormOf(material),
                        (w / 2) + (k % columns * (w + gap)),
                        (d / 2) + (k / columns * (d + gap)),
                        w,
                        d,
                        at
                    )),
            ]
        );
    }

    /// <summary>Length and width as it lies; what stands is as wide as it is thick, what bends lies in a coil.</summary>
    private static (double Width, double Depth) FromAbove(Material m) =>
        IsCoil(m) ? (90, 90)
        : m.Shape is Shape.Sphere or Shape.Disc ? (m.Width, m.Width)
        : m.Shape == Shape.Rod && m.Tags.Contains("container") ? (m.Width, m.Width)
        : m.Shape == Shape.Rod ? (m.Length, m.Width)
        : (m.Length, m.Width);

    /// <summary>A lump of so many grams, as a ball: 1 g is taken for 1 cm³ where nothing is known of it.</summary>
    private static (double Width, double Depth) Lump(SetUpThing thing)
    {
        var volume = 1000 * thing.Amount / (thing.Material.Density ?? 1);
        var across = Math.Clamp(2 * Math.Cbrt(3 * volume / (4 * Math.PI)), 30, 200);
        return (across, across);
    }

    private static SetUpForm FormOf(Material m) =>
        IsCoil(m) ? SetUpForm.Coil
        : m.Shape is Shape.Sphere or Shape.Disc or Shape.Loose ? SetUpForm.Round
        : m.Shape == Shape.Rod || Tools.Any(m.Tags.Contains) ? SetUpForm.Thin
        : SetUpForm.Square;

    private static bool IsCoil(Material m) => m.Tags.Contains("bends") && m.Length > 250;

    private static bool IsTool(SetUpThing t) => t.Amount <= 2 && Tools.Any(t.Material.Tags.Contains);

    private static bool IsTooLarge(Material m) =>
        !IsCoil(m) && (m.Length > Largest || m.Width > Largest || (m.Shape != Shape.Loose && !m.Body.IsMeasured));

    private static int Drawn(SetUpThing thing) => Math.Clamp((int)Math.Ceiling(thing.Amount - 1e-9), 1, MostDrawn);

    private static IEnumerable<int> Indices(SetUpThing[] things, Func<SetUpThing, bool> of) =>
        Enumerable.Range(0, things.Length).Where(i => of(things[i]));

    /// <summary>What lies together, from its own upper left corner.</summary>
    private sealed record Laying(double Width, double Depth, IReadOnlyList<SetUpShape> Shapes)
    {
        public Laying With(IEnumerable<SetUpShape> inside) => this with { Shapes = [.. Shapes, .. inside] };
    }
}
