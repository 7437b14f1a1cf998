using FsCheck.Xunit;
using Nido.Core.Cupboard;

namespace Nido.Core.Tests.Cupboard;

public class StandInsTests
{
    [Theory]
    [InlineData("soft", "", "", null)]
    [InlineData("wood", "", "", "is not wood")]
    [InlineData("", "wood metal", "", "is none of wood, metal")]
    [InlineData("", "", "soft", "is soft")]
    public void Tags_all_any_none(string all, string any, string none, string? reason) =>
        $"{StandIns.Fails(Things.Ball(50), Things.Needs(all, any, none), null)}".ShouldBe(reason ?? "");

    [Theory]
    [InlineData(12, true)]
    [InlineData(60, true)]
    [InlineData(11.9, false)]
    [InlineData(60.1, false)]
    public void Sizes_include_their_ends(double width, bool meets) =>
        (StandIns.Fails(Things.Ball(width), Things.Needs(width: new SizeRange(12, 60)), null) is null).ShouldBe(meets);

    [Theory]
    [InlineData(50, true)]
    [InlineData(49.9, false)]
    public void An_opening_must_be_wide_enough_for_the_piece(double opening, bool meets)
    {
        var dish = Things.Thing("dish", opening: opening, tags: "container");
        var reason = StandIns.Fails(dish, Things.Needs("container", over: 1.25, overRole: "piece"), 40);
        (reason is null).ShouldBe(meets);
        if (!meets)
        {
            reason!.ShouldContain("asked 50 mm");
        }
    }

    [Fact]
    public void A_score_says_what_it_is_made_of()
    {
        var scored = StandIns.Score(
            Things.Ball(36),
            Things.Needs("soft", prefer: "soft", width: new SizeRange(12, 60)),
            10,
            10,
            []
        );
        scored.Score.ShouldBe(100);
        scored.Reasons.Count.ShouldBe(5);
        StandIns
            .Score(Things.Ball(60), Things.Needs("soft", width: new SizeRange(12, 60)), 0, 10, ["red"])
            .Score.ShouldBeLessThan(50);
    }

    [Property]
    public bool More_on_hand_never_scores_lower(byte have, byte more, byte wanted)
    {
        var needs = Things.Needs("soft", width: new SizeRange(10, 70));
        int Score(double onHand) => StandIns.Score(Things.Ball(40), needs, onHand, 1 + wanted, []).Score;
        return Score(have + more) >= Score(have);
    }

    [Property]
    public bool A_score_is_from_0_to_100(byte width, byte have, bool colour)
    {
        var score = StandIns
            .Score(
                Things.Ball(10 + (width % 60)),
                Things.Needs("soft", prefer: "wood", width: new SizeRange(10, 70)),
                have,
                20,
                colour ? ["red"] : []
            )
            .Score;
        return score is >= 0 and <= 100;
    }

    [Fact]
    public void Stand_ins_for_soft_pieces_are_found_by_rule()
    {
        var needs = Published.Content.Techniques.Single(t => t.Id == "carry-dry").Roles[0].Needs;
        string[] found =
        [
            .. Published.Content.Materials.Where(m => StandIns.Fails(m, needs, null) is null).Select(m => m.Id),
        ];
        found.ShouldContain("cotton-balls");
        found.ShouldContain("paper-balls");
        found.ShouldNotContain("marbles");
        found.ShouldNotContain("grapes");
    }
}
