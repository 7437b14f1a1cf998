using Nido.Core.Ideas;
using Nido.Core.Ideas.SetUps;

namespace Nido.Core.Tests.Ideas.SetUps;

/// <summary>Set-up pictures, as laws over every step of every idea a full cupboard carries.</summary>
public class SettingUpTests
{
    private static readonly Core.Cupboard.Material Tray = Published.Content.Material("trays")!;

    private static readonly IReadOnlyList<Idea> Ideas = IdeaComposer
        .Compose(
            Published.Content.Techniques,
            Published.Content.Theme("little-post-office")!,
            Published.Content.Materials,
            Things.Plenty,
            10,
            Published.Content.GoesWith
        )
        .Ideas;

    private static readonly (Idea Idea, IdeaStep Step, SetUp Laid)[] All =
    [
        .. Ideas
            .SelectMany(i => i.Steps.Select(s => (Idea: i, Step: s, Laid: SettingUp.Of(i, s, Tray)!)))
            .Where(x => x.Laid is not null),
    ];

    [Fact]
    public void Most_of_what_lies_on_tables_has_a_picture() => All.Length.ShouldBeGreaterThan(400);

    [Fact]
    public void Nothing_that_lies_beside_another_covers_it()
    {
        foreach (var (idea, _, laid) in All)
        {
            var beside = laid.Shapes.Where(s => !s.IsInside).ToArray();
            foreach (var (a, k) in beside.Select((a, k) => (a, k)))
            {
                foreach (var b in beside.Skip(k + 1))
                {
                    (
                        Math.Abs(a.X - b.X) < ((a.Width + b.Width) / 2) - 0.01
                        && Math.Abs(a.Y - b.Y) < ((a.Depth + b.Depth) / 2) - 0.01
                    ).ShouldBeFalse($"{idea.Id}: {a} {b}");
                }
            }
        }
    }

    [Fact]
    public void Everything_lies_within_the_place()
    {
        foreach (var (idea, _, laid) in All)
        {
            foreach (var s in laid.Shapes)
            {
                (s.X - (s.Width / 2)).ShouldBeGreaterThanOrEqualTo(-0.01, idea.Id);
                (s.Y - (s.Depth / 2)).ShouldBeGreaterThanOrEqualTo(-0.01, idea.Id);
                (s.X + (s.Width / 2)).ShouldBeLessThanOrEqualTo(laid.Width + 0.01, idea.Id);
                (s.Y + (s.Depth / 2)).ShouldBeLessThanOrEqualTo(laid.Depth + 0.01, idea.Id);
            }
        }
    }

    [Fact]
    public void What_lies_in_a_round_vessel_stays_within_its_rim()
    {
        foreach (var (idea, _, laid) in All)
        {
            var vessel = laid.Shapes.FirstOrDefault(s => s.Kind == SetUpForm.OpenRound);
            foreach (var s in laid.Shapes.Where(s => s.IsInside && vessel is not null && laid.Shapes[0] == vessel))
            {
                var half = s.Kind is SetUpForm.Round or SetUpForm.Filling or SetUpForm.Coil
                    ? s.Width / 2
                    : Math.Sqrt((s.Width * s.Width) + (s.Depth * s.Depth)) / 2;
                var off = Math.Sqrt(Math.Pow(s.X - vessel!.X, 2) + Math.Pow(s.Y - vessel.Y, 2));
                (off + half).ShouldBeLessThanOrEqualTo((vessel.Width / 2) + 0.01, idea.Id);
            }
        }
    }

    [Fact]
    public void As_many_are_drawn_as_the_step_counts()
    {
        foreach (var (idea, _, laid) in All)
        {
            for (var t = 0; t < laid.Things.Count; t++)
            {
                var thing = laid.Things[t];
                var drawn = laid.Shapes.Count(s => s.Thing == t);
                if (thing.Material.Shape == Core.Cupboard.Shape.Loose)
                {
                    drawn.ShouldBe(1, idea.Id);
                }
                else
                {
                    drawn.ShouldBe(Math.Min(SettingUp.MostDrawn, (int)Math.Ceiling(thing.Amount - 1e-9)), idea.Id);
                }
            }
        }
    }

    [Fact]
    public void It_is_on_the_tray_exactly_where_it_fits()
    {
        foreach (var (idea, step, laid) in All)
        {
            (laid.Tray is not null).ShouldBe(laid.Width <= Tray.Length && laid.Depth <= Tray.Width, idea.Id);
            laid.AtTable.ShouldBeGreaterThanOrEqualTo(1, idea.Id);
            SettingUp.Of(idea, step, null)!.Tray.ShouldBeNull();
        }

        All.ShouldContain(x => x.Laid.Tray != null);
        All.ShouldContain(x => x.Laid.Tray == null);
    }

    [Fact]
    public void Carrying_lies_full_tool_empty_from_left_to_right()
    {
        var idea = Ideas.First(i => i.Id == "carry-dry.pom-poms-large");
        var step = idea.Steps.First(s => s.Number == 4);
        var laid = SettingUp.Of(idea, step, Tray)!;
        var vessels = laid.Shapes.Where(s => s.Kind is SetUpForm.OpenRound or SetUpForm.OpenSquare).ToArray();
        var tool = laid.Shapes.Single(s => s.Kind == SetUpForm.Thin);
        vessels.Length.ShouldBe(2);
        tool.X.ShouldBeInRange(vessels[0].X, vessels[1].X);
        laid.Shapes.Count(s => s.IsInside).ShouldBe(step.Count);
        laid.Shapes.Where(s => s.IsInside).ShouldAllBe(s => Math.Abs(s.X - vessels[0].X) < vessels[0].Width / 2);
    }

    [Fact]
    public void What_is_done_outdoors_or_in_a_circle_has_none()
    {
        foreach (
            var idea in Ideas.Where(i =>
                i.Technique.Blocks.All(b => b is Core.Group.BlockKind.Outdoors or Core.Group.BlockKind.Circle)
            )
        )
        {
            idea.Steps.ShouldAllBe(s => SettingUp.Of(idea, s, Tray, "Ana") == null);
        }
    }
}
