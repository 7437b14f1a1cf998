namespace Nido.Core.Making;

/// <summary>Named frames as joints and sticks, every stick of length 1, standing on the ground.</summary>
internal static class FrameShapes
{
    /// <summary>Every name that can be asked for.</summary>
    public static IReadOnlyList<string> Names { get; } =
    [
        "square",
        "triangle",
        "cube",
        "tetrahedron",
        "square-pyramid",
        "triangular-prism",
        "octahedron",
        "icosahedron",
        "house",
        "tower",
    ];

    /// <summary>Joints of a shape; sticks join all that are 1 apart, as in each of these shapes.</summary>
    public static (double[][] Joints, int[][] Sticks) Of(string name, int storeys)
    {
        var joints = Joints(name, storeys);
        var sticks =
            from i in Enumerable.Range(0, joints.Length)
            from j in Enumerable.Range(i + 1, joints.Length - i - 1)
            where Math.Abs(Distance(joints[i], joints[j]) - 1) < 1e-6
            select (int[])[i, j];
        return (joints, [.. sticks]);
    }

    private static double Distance(double[] a, double[] b) => Math.Sqrt(a.Zip(b, (x, y) => (x - y) * (x - y)).Sum());

    private static double[][] Joints(string name, int storeys) =>
        name switch
        {
            "square" => Square(0),
            "triangle" => Triangle(0),
            "cube" => [.. Square(0), .. Square(1)],
            "tetrahedron" => [.. Triangle(0), [0.5, Math.Sqrt(3) / 6, Math.Sqrt(2.0 / 3)]],
            "square-pyramid" => [.. Square(0), [0.5, 0.5, Math.Sqrt(0.5)]],
            "triangular-prism" => [.. Triangle(0), .. Triangle(1)],
            "octahedron" => Octahedron(),
            "icosahedron" => Icosahedron(),
            "house" => [.. Square(0), .. Square(1), [0.5, 0.5, 1 + Math.Sqrt(0.5)]],
            _ => [.. Enumerable.Range(0, storeys + 1).SelectMany(k => Square(k))],
        };

    private static double[][] Square(double z) =>
        [
            [0, 0, z],
            [1, 0, z],
            [1, 1, z],
            [0, 1, z],
        ];

    private static double[][] Triangle(double z) =>
        [
            [0, 0, z],
            [1, 0, z],
            [0.5, Math.Sqrt(3) / 2, z],
        ];

    /// <summary>On one of its faces: two triangles, the upper turned by half a corner.</summary>
    private static double[][] Octahedron()
    {
        var r = 1 / Math.Sqrt(3);
        double[] At(int k, double turn, double z) =>
            [r * Math.Cos((2 * Math.PI * k / 3) + turn), r * Math.Sin((2 * Math.PI * k / 3) + turn), z];
        var height = Math.Sqrt(2.0 / 3);
        return
        [
            At(0, 0, 0),
            At(1, 0, 0),
            At(2, 0, 0),
            At(0, Math.PI / 3, height),
            At(1, Math.PI / 3, height),
            At(2, Math.PI / 3, height),
        ];
    }

    /// <summary>On a point: top, two rings of five, bottom.</summary>
    private static double[][] Icosahedron()
    {
        var r = 1 / (2 * Math.Sin(Math.PI / 5));
        var rise = Math.Sqrt(1 - (r * r));
        var ring = Math.Sqrt(1 - (4 * r * r * Math.Pow(Math.Sin(Math.PI / 10), 2)));
        double[][] Ring(double turn, double z) =>
            [
                .. Enumerable
                    .Range(0, 5)
                    .Select(k =>
                        (double[])
                            [r * Math.Cos((2 * Math.PI * k / 5) + turn), r * Math.Sin((2 * Math.PI * k / 5) + turn), z]
                    ),
            ];
        return
        [
            [0, 0, 0],
            .. Ring(0, rise),
            .. Ring(Math.PI / 5, rise + ring),
            [0, 0, (2 * rise) + ring],
        ];
    }
}
