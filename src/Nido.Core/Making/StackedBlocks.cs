namespace Nido.Core.Making;

/// <summary>Blocks one on the other: does it stand, where is it weakest, how far may a block be off.</summary>
public static class StackedBlocks
{
    private const double Tie = 1e-6;

    /// <summary>A block. Offsets are of its centre from that of the support.</summary>
    /// <param name="Width">mm, along x.</param>
    /// <param name="Depth">mm, along y.</param>
    /// <param name="Height">mm.</param>
    /// <param name="Mass">g.</param>
    /// <param name="OffsetX">mm.</param>
    /// <param name="OffsetY">mm.</param>
    public sealed record Block(
        double Width,
        double Depth,
        double Height,
        double Mass,
        double OffsetX = 0,
        double OffsetY = 0
    );

    /// <summary>What is asked: block 0 is the support.</summary>
    public sealed record Ask(IReadOnlyList<Block> Blocks);

    /// <summary>Between a block and the one below.</summary>
    /// <param name="MarginMm">From the centre of mass of all above to the nearest edge of what carries it; below 0 it
    /// falls.</param>
    /// <param name="TipAngleDeg">Tilt of the table that makes it fall there; 0 where it falls already.</param>
    public sealed record Joint(double MarginMm, double TipAngleDeg);

    /// <summary>What comes out.</summary>
    /// <param name="Stands">No joint has a margin below −1e-6 mm: exactly on the edge still balances.</param>
    /// <param name="WeakestJoint">Index in <paramref name="Joints"/>.</param>
    /// <param name="MarginMm">There.</param>
    /// <param name="TipAngleDeg">The smallest of all joints.</param>
    /// <param name="Joints">Lowest first.</param>
    /// <param name="AllowedOffCentreMm">How far each upper block, with all above it, may be off the one below before it
    /// falls.</param>
    /// <param name="CentreOfMass">Of all above the support: x, y from its centre and z from its top, mm.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        bool Stands,
        int WeakestJoint,
        double MarginMm,
        double TipAngleDeg,
        IReadOnlyList<Joint> Joints,
        IReadOnlyList<double> AllowedOffCentreMm,
        IReadOnlyList<double> CentreOfMass,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("stack", 9, Of, "stands", "marginMm", "tipAngleDeg")
        {
            Fields =
            [
                AskField.Rows(
                    "blocks",
                    ["width", "depth", "height", "mass", "offsetX", "offsetY"],
                    ["200", "200", "20", "0", "0", "0"],
                    ["100", "60", "40", "120", "20", "0"],
                    ["80", "60", "40", "90", "-10", "0"],
                    ["60", "60", "60", "150", "0", "0"]
                ),
            ],
        };

    /// <summary>Weighs the stack joint by joint.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var blocks = Need.Some("blocks", ask.Blocks, 2, 60);
        for (var k = 0; k < blocks.Count; k++)
        {
            Need.Length($"blocks[{k}].width", blocks[k].Width);
            Need.Length($"blocks[{k}].depth", blocks[k].Depth);
            Need.Length($"blocks[{k}].height", blocks[k].Height);
            Need.Between($"blocks[{k}].mass", blocks[k].Mass, k == 0 ? 0 : 0.001, 1_000_000, "g");
            Need.Between($"blocks[{k}].offsetX", blocks[k].OffsetX, -Need.Longest, Need.Longest, "mm");
            Need.Between($"blocks[{k}].offsetY", blocks[k].OffsetY, -Need.Longest, Need.Longest, "mm");
        }

        var joints = new List<Joint>();
        var allowed = new List<double>();
        for (var k = 1; k < blocks.Count; k++)
        {
            var (x, y, z) = Centre(blocks, k);
            var margin = Math.Min(
                Margin(x, blocks[k - 1].OffsetX, blocks[k - 1].Width, blocks[k].OffsetX, blocks[k].Width),
                Margin(y, blocks[k - 1].OffsetY, blocks[k - 1].Depth, blocks[k].OffsetY, blocks[k].Depth)
            );
            joints.Add(
                new(
                    Math.Abs(margin) < Tie ? 0 : Need.Round(margin),
                    margin <= 0 ? 0 : Need.Round(Math.Atan2(margin, z) * 180 / Math.PI)
                )
            );
            allowed.Add(
                Need.Round(
                    Math.Max(
                        0,
                        Math.Min(
                            (blocks[k - 1].Width / 2) - Math.Abs(x - blocks[k].OffsetX),
                            (blocks[k - 1].Depth / 2) - Math.Abs(y - blocks[k].OffsetY)
                        )
                    )
                )
            );
        }

        var weakest = joints.Select((j, k) => (j.MarginMm, k)).Min().k;
        var stands = joints.All(j => j.MarginMm >= -Tie);
        var all = Centre(blocks, 1);
        return new(
            stands,
            weakest,
            joints[weakest].MarginMm,
            joints.Min(j => j.TipAngleDeg),
            joints,
            allowed,
            [Need.Round(all.X), Need.Round(all.Y), Need.Round(all.Z)],
            [
                .. joints.Select(
                    (j, k) =>
                        Said.That(
                            $"Joint {k + 1}: the centre of mass of what stands above lies {Math.Abs(j.MarginMm):0.#} mm "
                                + $"{Said.Word(j.MarginMm >= 0 ? "inside" : "outside")} what carries it"
                        )
                ),
                stands
                    ? (Said)
                        $"It stands; it is weakest at joint {weakest + 1} and falls when tipped by {joints.Min(j => j.TipAngleDeg):0.#}°"
                    : $"It falls at joint {weakest + 1}",
            ]
        );
    }

    /// <summary>Centre of mass of a block and all above it; z from the bottom of that block.</summary>
    private static (double X, double Y, double Z) Centre(IReadOnlyList<Block> blocks, int from)
    {
        double mass = 0,
            x = 0,
            y = 0,
            z = 0,
            ground = 0;
        foreach (var b in blocks.Skip(from))
        {
            mass += b.Mass;
            x += b.Mass * b.OffsetX;
            y += b.Mass * b.OffsetY;
            z += b.Mass * (ground + (b.Height / 2));
            ground += b.Height;
        }

        return (x / mass, y / mass, z / mass);
    }

    /// <summary>From a point to the nearer end of where two spans overlap; below 0 outside.</summary>
    private static double Margin(double at, double lower, double lowerSize, double upper, double upperSize) =>
        Math.Min(
            at - Math.Max(lower - (lowerSize / 2), upper - (upperSize / 2)),
            Math.Min(lower + (lowerSize / 2), upper + (upperSize / 2)) - at
        );
}
