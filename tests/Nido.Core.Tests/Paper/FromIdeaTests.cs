using Nido.Core.Group;
using Nido.Core.Paper;
using Nido.Data.Demo;
using Nido.Sheets;

namespace Nido.Core.Tests.Paper;

/// <summary>What ideas put into their sheets is taken by them, whatever the step, the thing it is bound to and the
/// paper.</summary>
public sealed class FromIdeaTests
{
    [Fact]
    public void Every_sheet_of_every_idea_can_be_made_at_every_step_it_serves()
    {
        var input = DemoWeek.Input(Published.Content);
        var made = new HashSet<string>();
        foreach (var idea in input.Ideas)
        {
            foreach (var need in idea.Technique.Paper)
            {
                foreach (var step in idea.Steps.Where(s => s.Number >= need.FromStep && s.Number <= need.ToStep))
                {
                    var rung = input.Ladders[idea.Technique.Ladder].Steps[step.Number - 1];
                    var values = new FromIdea(idea.Theme, idea, step, rung, ["Anouk", "Zoë"]).For(need.Sheet);
                    foreach (var paper in Enum.GetValues<PaperSize>())
                    {
                        var sheet = SheetKinds
                            .Get(need.Sheet)
                            .Make(values, SheetLawTests.Setting(paper), Lettering.Ours);
                        SheetLawTests.Holds(sheet);
                        made.Add(need.Sheet);
                    }
                }
            }
        }

        made.Count.ShouldBeGreaterThanOrEqualTo(12, string.Join(", ", made));
    }

    [Fact]
    public void Lines_narrow_with_the_step_as_the_ladder_says()
    {
        var input = DemoWeek.Input(Published.Content);
        var idea = input.Ideas.First(i => i.Technique.Id == "snip-and-cut" && i.Steps.Any(s => s.Number == 5));
        double Width(int step) =>
            new FromIdea(
                idea.Theme,
                idea,
                idea.Steps.First(s => s.Number == step),
                input.Ladders["scissors"].Steps[step - 1],
                []
            )
                .For("cutting-lines")
                .Numbers!["width"];
        Width(4).ShouldBe(10);
        Width(5).ShouldBe(8);
    }
}
