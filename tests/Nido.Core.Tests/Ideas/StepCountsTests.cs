using Nido.Core.Cupboard;
using Nido.Core.Ideas;

namespace Nido.Core.Tests.Ideas;

/// <summary>Techniques that let a calculator count what they take.</summary>
public class StepCountsTests
{
    [Theory]
    [InlineData("cube", 12, 8, 3)]
    [InlineData("tetrahedron", 6, 4, 3)]
    [InlineData("octahedron", 12, 6, 4)]
    public void A_frame_takes_its_sticks_and_joints(string frame, double sticks, double joints, int busiest)
    {
        var making = StepMaking.None with { Frame = frame };
        Count("frame sticks", making, Stick).ShouldBe(sticks);
        Count("frame joints", making, Stick).ShouldBe(joints);
        Count("10 x frame joints", making, Stick).ShouldBe(10 * joints);
        StepCounts.BusiestJoint(making).ShouldBe(busiest);
    }

    [Fact]
    public void An_arc_takes_as_many_pieces_as_fit_along_it() =>
        // ⌊(π 60 + 12)/(20 + 12)⌋ = ⌊200.5/32⌋
        Count("arc pieces", StepMaking.None with { ArcRadius = 60, ArcGap = 12 }, Things.Ball(20)).ShouldBe(6);

    [Fact]
    public void A_layer_takes_volume_times_density()
    {
        // 300 × 200 × 3 mm = 180 mL; salt of 292 g a US cup weighs 222 g (computation, Bulk).
        var tray = Things.Thing("tray", length: 300, width: 200);
        var salt = Things.Thing("salt") with { Unit = MaterialUnit.Gram, Weight = new(null, 292 / 236.588) };
        StepCounts.Of(Role("tray layer"), StepMaking.None with { LayerDepth = 3 }, salt, tray)!.Amount.ShouldBe(222);
        StepCounts.Of(Role("tray layer"), StepMaking.None with { LayerDepth = 3 }, salt, null).ShouldBeNull();
    }

    [Fact]
    public void What_is_measured_takes_its_own_amount()
    {
        var glue = Role("1") with { Loose = 20 };
        StepCounts
            .Of(glue, StepMaking.None, Things.Thing("glue") with { Unit = MaterialUnit.Millilitre }, null)!
            .Amount.ShouldBe(20);
        StepCounts.Of(glue, StepMaking.None, Things.Thing("stick"), null).ShouldBeNull();
    }

    [Fact]
    public void Another_material_is_counted_anew()
    {
        var arc = Role("arc pieces");
        StandIn Bound(double d) => new(Things.Ball(d), 80, []);
        var step = new IdeaStep(1, InBoth.Same(""), 1, new Dictionary<string, StandIn>(), [])
        {
            Making = StepMaking.None with { ArcRadius = 60 },
        };
        double With(double d) =>
            step.With(new Dictionary<string, StandIn> { ["piece"] = Bound(d) }, [arc]).Each(arc, "");
        With(18).ShouldBe(10);
        With(36).ShouldBe(5);
    }

    private static Material Stick { get; } = Things.Thing("stick", Shape.Rod, 150, 6, 0);

    private static Role Role(string quantity) =>
        new("piece", Things.Needs(), Per.Child, QuantityRule.Parse(quantity)!, 0, Optional: false);

    private static double Count(string quantity, StepMaking making, Material material) =>
        StepCounts.Of(Role(quantity), making, material, null)!.Amount;
}
