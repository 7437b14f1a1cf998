using MathNet.Numerics.LinearAlgebra;
using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

/// <summary>Maxwell 1864: a frame of V joints stands still with 3V − 6 well-placed sticks, a flat one with 2V −
/// 3.</summary>
public class FrameTests
{
    [Theory]
    [InlineData("square", 4, 4, 1)]
    [InlineData("triangle", 3, 3, 0)]
    [InlineData("cube", 8, 12, 6)]
    [InlineData("tetrahedron", 4, 6, 0)]
    [InlineData("square-pyramid", 5, 8, 1)]
    [InlineData("triangular-prism", 6, 9, 3)]
    [InlineData("octahedron", 6, 12, 0)]
    [InlineData("icosahedron", 12, 30, 0)]
    [InlineData("house", 9, 16, 5)]
    public void Named_shapes(string shape, int joints, int sticks, int braces)
    {
        var frame = Frame.Of(new(shape));
        (frame.Joints, frame.Sticks, frame.BracesToStandStill).ShouldBe((joints, sticks, braces));
        frame.BracesToStandStill.ShouldBe(frame.Maxwell);
        frame.Braces.Count.ShouldBe(braces);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(5)]
    public void A_tower_of_n_cubes(int n)
    {
        var frame = Frame.Of(new("tower", Storeys: n));
        (frame.Joints, frame.Sticks, frame.BracesToStandStill).ShouldBe(((4 * n) + 4, (8 * n) + 4, (4 * n) + 2));
    }

    [Fact]
    public void The_braces_of_a_cube_are_face_diagonals()
    {
        var cube = Frame.Of(new("cube", StickLength: 100));
        cube.Braces.ShouldAllBe(b => Math.Abs(b.Length - (100 * Math.Sqrt(2))) < 0.01);
        cube.TipAngleDeg.ShouldBe(45, 0.01);
    }

    // Two triangular bipyramids that share their two tips: Maxwell counts 0, the rank is 17 (a standard example of
    // rigidity theory).
    [Fact]
    public void The_double_banana_needs_a_brace_though_the_count_says_none()
    {
        double[][] joints =
        [
            [0, 0, 0],
            [0, 0, 3],
            [1, 0, 1.5],
            [2, 1, 1.5],
            [1.5, -1, 1.4],
            [-1, 0, 1.5],
            [-2, 1, 1.6],
            [-1.5, -1, 1.5],
        ];
        int[][] Banana(int a, int b, int c) =>
            [
                [0, a],
                [0, b],
                [0, c],
                [1, a],
                [1, b],
                [1, c],
                [a, b],
                [b, c],
                [a, c],
            ];
        var frame = Frame.Of(new(Joints: joints, Sticks: [.. Banana(2, 3, 4), .. Banana(5, 6, 7)], StickLength: 1));
        (frame.Joints, frame.Sticks, frame.Maxwell, frame.Rank, frame.BracesToStandStill).ShouldBe((8, 18, 0, 17, 1));
    }

    [Theory]
    [InlineData(1UL)]
    [InlineData(2UL)]
    [InlineData(3UL)]
    [InlineData(4UL)]
    public void The_rank_is_that_of_the_rigidity_matrix_by_singular_values(ulong seed)
    {
        var chance = new SeededChance(seed);
        double[][] joints =
        [
            .. Enumerable
                .Range(0, 7)
                .Select(_ => (double[])[chance.NextDouble(), chance.NextDouble(), chance.NextDouble()]),
        ];
        var sticks = (
            from i in Enumerable.Range(0, 7)
            from j in Enumerable.Range(i + 1, 6 - i)
            where j == i + 1 || chance.Next(3) > 0
            select (int[])[i, j]
        ).ToArray();
        var frame = Frame.Of(new(Joints: joints, Sticks: sticks, StickLength: 1));
        frame.Rank.ShouldBe(Rank(joints, sticks));
        int[][] braced = [.. sticks, .. frame.Braces.Select(b => (int[])[b.I, b.J])];
        Rank(joints, braced).ShouldBe((3 * 7) - 6);
        (frame.Rank + frame.Braces.Count).ShouldBe((3 * 7) - 6);
    }

    [Fact]
    public void Straws_crowded_joints_and_a_frame_lying_flat()
    {
        Frame.Of(new("cube", StickLength: 90, StrawLength: 197)).Straws.ShouldBe(12);
        Frame.Of(new("triangle", StickLength: 60, StrawLength: 197, Count: 4)).Straws.ShouldBe(4);
        Frame.Of(new("octahedron", MaxSticksPerJoint: 3)).CrowdedJoints.Count.ShouldBe(6);
        Frame.Of(new("square", MaxSticksPerJoint: 3)).IsFlat.ShouldBeTrue();
    }

    [Fact]
    public void A_floating_joint_a_line_and_a_stick_twice_are_refused()
    {
        double[][] joints =
        [
            [0, 0, 0],
            [1, 0, 0],
            [0, 1, 0],
            [0, 0, 1],
        ];
        Refusals
            .Of(() =>
                Frame.Of(
                    new(
                        Joints: joints,
                        Sticks:
                        [
                            [0, 1],
                            [1, 2],
                        ]
                    )
                )
            )
            .Field.ShouldBe("joints");
        Refusals
            .Of(() =>
                Frame.Of(
                    new(
                        Joints:
                        [
                            [0, 0, 0],
                            [1, 0, 0],
                            [2, 0, 0],
                        ],
                        Sticks:
                        [
                            [0, 1],
                            [1, 2],
                        ]
                    )
                )
            )
            .Allowed.ShouldContain("one line");
        Refusals
            .Of(() =>
                Frame.Of(
                    new(
                        Joints: joints,
                        Sticks:
                        [
                            [0, 1],
                            [1, 0],
                            [2, 3],
                        ]
                    )
                )
            )
            .Field.ShouldBe("sticks[1]");
        Refusals
            .Of(() =>
                Frame.Of(
                    new(
                        Joints: joints,
                        Sticks:
                        [
                            [0, 9],
                        ]
                    )
                )
            )
            .Field.ShouldBe("sticks[0]");
        Refusals.Of(() => Frame.Of(new("cube", StickLength: double.NaN))).Field.ShouldBe("stickLength");
        Refusals.Of(() => Frame.Of(new("dome"))).Allowed.ShouldContain("tetrahedron");
        Refusals.Of(() => Frame.Of(new("cube", StickLength: 150, StrawLength: 197))).Field.ShouldBe("strawLength");
    }

    private static int Rank(double[][] joints, int[][] sticks)
    {
        var matrix = Matrix<double>.Build.Dense(sticks.Length, joints.Length * 3);
        for (var e = 0; e < sticks.Length; e++)
        {
            for (var k = 0; k < 3; k++)
            {
                var d = joints[sticks[e][0]][k] - joints[sticks[e][1]][k];
                matrix[e, (sticks[e][0] * 3) + k] = d;
                matrix[e, (sticks[e][1] * 3) + k] = -d;
            }
        }

        return matrix.Rank();
    }
}
