namespace Nido.Core.Making;

/// <summary>
/// A frame of sticks and joints: how many of each, and which braces make it stand still. Counted after Maxwell 1864 and
/// by the rank of the rigidity matrix, which also sees what plain counting misses.
/// </summary>
public static class Frame
{
    private const int MostJoints = 120;

    /// <summary>What is asked: a shape by name, or joints and sticks by hand.</summary>
    /// <param name="Shape">A name, or null where joints are given.</param>
    /// <param name="Storeys">For a tower, 1–20.</param>
    /// <param name="Joints">x, y, z of each joint in units of the stick length for named lengths, else mm.</param>
    /// <param name="Sticks">Pairs of joint indices, from 0.</param>
    /// <param name="Count">How many such frames.</param>
    /// <param name="StickLength">mm; for joints given by hand 1 leaves them as they are.</param>
    /// <param name="StrawLength">Length of what sticks and braces are cut from, mm; null asks no straws.</param>
    /// <param name="MaxSticksPerJoint">What a joint can hold; null asks nothing.</param>
    public sealed record Ask(
        string? Shape = null,
        int Storeys = 1,
        IReadOnlyList<double[]>? Joints = null,
        IReadOnlyList<int[]>? Sticks = null,
        int Count = 1,
        double StickLength = 100,
        double? StrawLength = null,
        int? MaxSticksPerJoint = null
    );

    /// <summary>A brace between two joints. Length in mm.</summary>
    public sealed record Brace(int I, int J, double Length);

    /// <summary>What comes out; joints, sticks and braces of one frame.</summary>
    /// <param name="Joints">Joints of one frame.</param>
    /// <param name="Sticks">Sticks of one frame.</param>
    /// <param name="BracesToStandStill">(3V − 6 − E) + (E − rank), flat things 2V − 3 in their plane.</param>
    /// <param name="Braces">Where they go, shortest first; each raises the rank.</param>
    /// <param name="Straws">Straws for the sticks and braces of all frames, or null.</param>
    /// <param name="CrowdedJoints">Joints that would hold more than they can, braces included.</param>
    /// <param name="TipAngleDeg">How far it can be tipped before it falls over its nearest edge, degrees; 0 where it
    /// stands on less than three joints.</param>
    /// <param name="Maxwell">3V − 6 − E (flat 2V − 3 − E).</param>
    /// <param name="Rank">Rank of the rigidity matrix.</param>
    /// <param name="IsFlat">It lies in one plane.</param>
    /// <param name="Points">Where the joints are, mm, for the drawing.</param>
    /// <param name="Lines">Sticks as pairs of joints, for the drawing.</param>
    /// <param name="Trace">In words.</param>
    public sealed record Answer(
        int Joints,
        int Sticks,
        int BracesToStandStill,
        IReadOnlyList<Brace> Braces,
        int? Straws,
        IReadOnlyList<int> CrowdedJoints,
        double TipAngleDeg,
        int Maxwell,
        int Rank,
        bool IsFlat,
        IReadOnlyList<double[]> Points,
        IReadOnlyList<int[]> Lines,
        IReadOnlyList<Said> Trace
    );

    /// <summary>How it is asked for.</summary>
    public static Calculator<Ask, Answer> Offer { get; } =
        new("frame", 8, Of, "joints", "sticks", "bracesToStandStill", "straws", "tipAngleDeg")
        {
            Fields =
            [
                AskField.Choice(
                    "shape",
                    "house",
                    "cube",
                    "house",
                    "tower",
                    "square",
                    "triangle",
                    "tetrahedron",
                    "square-pyramid",
                    "triangular-prism",
                    "octahedron",
                    "icosahedron"
                ),
                AskField.Count("storeys", 1, 1, 20),
                AskField.Count("count", 5, 1, 500),
                AskField.Length("stickLength", 100, most: 2000),
                AskField.Length("strawLength", 197, most: 5000),
                AskField.Count("maxSticksPerJoint", 5, 1, 50),
            ],
        };

    /// <summary>Counts, braces and tips the frame.</summary>
    public static Answer Of(Ask ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var count = Need.Whole("count", ask.Count, 1, 500);
        var length = Need.Length("stickLength", ask.StickLength, 2000);
        var (points, sticks) = ask.Shape is null
            ? ByHand(ask)
            : FrameShapes.Of(
                Need.OneOf("shape", ask.Shape, FrameShapes.Names),
                Need.Whole("storeys", ask.Storeys, 1, 20)
            );
        points = ask.Shape is null ? points : [.. points.Select(p => Array.ConvertAll(p, x => x * length))];
        var flat = Flat(points);
        var space = new RowSpace();
        foreach (var s in sticks)
        {
            space.Add(Row(flat ?? points, s[0], s[1]));
        }

        var free = flat is null ? (3 * points.Length) - 6 : (2 * points.Length) - 3;
        var rank = space.Rank;
        var braces = Braced(flat ?? points, points, sticks, space, free);
        int[] degree =
        [
            .. points.Select((_, v) => sticks.Count(s => s.Contains(v)) + braces.Count(b => b.I == v || b.J == v)),
        ];
        int[] crowded = ask.MaxSticksPerJoint is { } most
            ?
            [
                .. Enumerable
                    .Range(0, points.Length)
                    .Where(v => degree[v] > Need.Whole("maxSticksPerJoint", most, 1, 50)),
            ]
            : [];
        double[] lengths =
        [
            .. sticks.Select(s => Distance(points[s[0]], points[s[1]])),
            .. braces.Select(b => b.Length),
        ];
        int? straws = ask.StrawLength is { } straw
            ? Straws(lengths, Need.Length("strawLength", straw, 5000), count)
            : null;
        var tip = TipAngle(points, sticks);
        var maxwell = free - sticks.Length;
        return new(
            points.Length,
            sticks.Length,
            free - rank,
            braces,
            straws,
            crowded,
            Need.Round(tip),
            maxwell,
            rank,
            flat is not null,
            points,
            sticks,
            Words(points.Length, sticks.Length, free, rank, flat is not null, braces, straws, count, crowded, tip)
        );
    }

    private static (double[][] Joints, int[][] Sticks) ByHand(Ask ask)
    {
        double[][] joints = [.. Need.Some("joints", ask.Joints, 3, MostJoints)];
        int[][] sticks = [.. Need.Some("sticks", ask.Sticks, 1, 1000)];
        for (var v = 0; v < joints.Length; v++)
        {
            if (joints[v].Length != 3 || joints[v].Any(x => !(Math.Abs(x) <= Need.Longest)))
            {
                throw Need.Refused(
                    $"joints[{v}]",
                    string.Join(", ", joints[v]),
                    $"three numbers up to {Need.Longest:#,0} are wanted"
                );
            }

            if (Array.FindIndex(joints, 0, v, w => Distance(w, joints[v]) < 1e-6) is >= 0 and var same)
            {
                throw Need.Refused(
                    $"joints[{v}]",
                    $"{v}",
                    $"it lies where joint {same} is; every joint needs its own place"
                );
            }
        }

        for (var e = 0; e < sticks.Length; e++)
        {
            if (
                sticks[e].Length != 2
                || sticks[e].Any(v => v < 0 || v >= joints.Length)
                || sticks[e][0] == sticks[e][1]
            )
            {
                throw Need.Refused(
                    $"sticks[{e}]",
                    string.Join(", ", sticks[e]),
                    $"two different joints from 0 to {joints.Length - 1} are wanted"
                );
            }

            if (Array.FindIndex(sticks, 0, e, s => s.Order().SequenceEqual(sticks[e].Order())) is >= 0 and var twice)
            {
                throw Need.Refused(
                    $"sticks[{e}]",
                    string.Join(", ", sticks[e]),
                    $"it stands at {twice} already; each stick is wanted once"
                );
            }
        }

        return
            Enumerable.Range(0, joints.Length).FirstOrDefault(v => sticks.All(s => !s.Contains(v)), -1)
                is >= 0
                    and var floating
            ? throw Need.Refused(
                "joints",
                floating,
                $"joint {floating} has no stick and would float; join it or leave it out"
            )
            : (joints, sticks);
    }

    /// <summary>The joints in coordinates of their plane, or null where they do not lie in one.</summary>
    private static double[][]? Flat(double[][] points)
    {
        var plane = new RowSpace();
        var axes = new List<double[]>();
        foreach (var p in points.Skip(1))
        {
            double[] d = [.. p.Zip(points[0], (a, b) => a - b)];
            if (plane.Add(d))
            {
                foreach (var axis in axes)
                {
                    var along = d.Zip(axis, (a, b) => a * b).Sum();
                    d = [.. d.Zip(axis, (a, b) => a - (along * b))];
                }

                var length = Math.Sqrt(d.Sum(x => x * x));
                axes.Add([.. d.Select(x => x / length)]);
            }
        }

        if (axes.Count < 2)
        {
            throw Need.Refused(
                "joints",
                (Said)$"all on one line",
                $"a frame needs joints that do not all lie on one line"
            );
        }

        return axes.Count == 3
            ? null
            :
            [
                .. points.Select(p =>
                    (double[])
                        [.. axes.Select(axis => p.Zip(points[0], (a, b) => a - b).Zip(axis, (a, b) => a * b).Sum())]
                ),
            ];
    }

    /// <summary>A row of the rigidity matrix: the stick's direction at one end, its opposite at the other.</summary>
    private static double[] Row(double[][] points, int i, int j)
    {
        var dimensions = points[0].Length;
        var row = new double[dimensions * points.Length];
        var length = Distance(points[i], points[j]);
        for (var k = 0; k < dimensions; k++)
        {
            row[(i * dimensions) + k] = (points[i][k] - points[j][k]) / length;
            row[(j * dimensions) + k] = -row[(i * dimensions) + k];
        }

        return row;
    }

    /// <summary>Adds the shortest braces that raise the rank until the frame stands still.</summary>
    private static List<Brace> Braced(double[][] where, double[][] points, int[][] sticks, RowSpace space, int free)
    {
        var joined = sticks.Select(s => (Math.Min(s[0], s[1]), Math.Max(s[0], s[1]))).ToHashSet();
        var braces = new List<Brace>();
        var pairs =
            from i in Enumerable.Range(0, points.Length)
            from j in Enumerable.Range(i + 1, points.Length - i - 1)
            where !joined.Contains((i, j))
            let length = Math.Round(Distance(points[i], points[j]), 6)
            orderby length, i, j
            select (i, j, length);
        foreach (var (i, j, length) in pairs.TakeWhile(_ => space.Rank < free))
        {
            if (space.Add(Row(where, i, j)))
            {
                braces.Add(new(i, j, Need.Round(length)));
            }
        }

        return braces;
    }

    /// <summary>Longest pieces first, each into the straw where it leaves least; straws of all frames
    /// together.</summary>
    private static int Straws(double[] lengths, double straw, int count)
    {
        if (lengths.Max() > straw + 1e-6)
        {
            throw Need.Refused(
                "strawLength",
                straw,
                $"the longest piece is {lengths.Max():0.#} mm; take longer straws or a smaller stickLength"
            );
        }

        var rests = new List<double>();
        foreach (var piece in lengths.OrderDescending().SelectMany(l => Enumerable.Repeat(l, count)))
        {
            var best = -1;
            for (var k = 0; k < rests.Count; k++)
            {
                best = rests[k] + 1e-6 >= piece && (best < 0 || rests[k] < rests[best]) ? k : best;
            }

            if (best < 0)
            {
                rests.Add(straw - piece);
            }
            else
            {
                rests[best] -= piece;
            }
        }

        return rests.Count;
    }

    /// <summary>The smallest tilt that brings the centre of mass of the sticks over an edge of the base.</summary>
    private static double TipAngle(double[][] points, int[][] sticks)
    {
        var ground = points.Min(p => p[2]);
        var weight = sticks.Sum(s => Distance(points[s[0]], points[s[1]]));
        double Centre(int axis) =>
            sticks.Sum(s => Distance(points[s[0]], points[s[1]]) * (points[s[0]][axis] + points[s[1]][axis]) / 2)
            / weight;
        var hull = Hull.Of([.. points.Where(p => p[2] - ground < 1e-6).Select(p => (p[0], p[1]))]);
        return hull.Count < 3 ? 0 : Hull.TipAngle(hull, Centre(0), Centre(1), Centre(2) - ground);
    }

    private static double Distance(double[] a, double[] b) => Math.Sqrt(a.Zip(b, (x, y) => (x - y) * (x - y)).Sum());

    private static Said[] Words(
        int v,
        int e,
        int free,
        int rank,
        bool flat,
        List<Brace> braces,
        int? straws,
        int count,
        int[] crowded,
        double tip
    ) =>
        [
            $"{v} joints and {e} sticks{Said.When(count > 1, $" a frame; {v * count} and {e * count} for {count}")}",
            flat
                ? (Said)
                    $"Flat: it stands still in its plane with 2 × {v} − 3 = {free} independent sticks; these {e} give {rank}"
                : $"It stands still with 3 × {v} − 6 = {free} independent sticks (Maxwell 1864); these {e} give "
                    + $"{rank}{Said.When(rank < Math.Min(e, free), $", some of them say the same twice")}",
            braces.Count == 0
                ? (Said)$"No brace is needed"
                : $"{free} − {rank} = {braces.Count} braces, the shortest that help: "
                    + $"{braces.GroupBy(b => b.Length).Select(g => (Said)$"{g.Count()} of {g.Key:0.#} mm")}",
            .. straws is { } s
                ? (Said[])[$"{s} straws for sticks and braces{Said.When(count > 1, $" of {count} frames")}"]
                : [],
            .. crowded.Length > 0 ? (Said[])[$"Crowded joints: {crowded}"] : [],
            tip > 0
                ? (Said)$"It can be tipped by {tip:0}° before it falls"
                : $"It stands on fewer than three joints and falls over",
        ];
}
