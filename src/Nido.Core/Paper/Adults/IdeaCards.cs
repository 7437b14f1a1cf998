using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Paper.Adults;

/// <summary>Idea cards, two on a page where they fit: what to say, each step with what the adult does, what to lay out,
/// what to mind, and how it lies there.</summary>
public static class IdeaCards
{
    /// <summary>Draws a card for each idea of a plan, in the order it is first met.</summary>
    public static void Draw(Pad pad, WeekPlan plan)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(plan);
        Leaf? leaf = null;
        var half = 0;
        foreach (var use in plan.Filled.Select(f => f.Use).DistinctBy(u => u.Idea.Id))
        {
            var lines = Lines(pad, plan, use).ToArray();
            var step = SetUpOfPlan.StepOfMost(use);
            var laid = step is null ? null : SetUpOfPlan.Of(plan, use.Idea, step);
            var picture = laid is null ? 0 : SetUpOnPaper.Height(laid);
            var next = leaf is null || half == 2 ? pad.New() : leaf;
            half = next == leaf ? half : 0;
            leaf = next;
            var high = (leaf.Room.Height / 2) - 4;
            var size = 4.2;
            while (size > Leaf.Smallest && Height(leaf, lines, size) + picture > high)
            {
                size -= 0.1;
            }

            if (Height(leaf, lines, size) + picture > high)
            {
                // It takes a page of its own.
                leaf = half == 0 ? leaf : pad.New();
                (half, high, size) = (0, leaf.Room.Height, 4.2);
                while (size > Leaf.Smallest && Height(leaf, lines, size) + picture > high)
                {
                    size -= 0.1;
                }
            }

            var y = leaf.Room.Y + (half * ((leaf.Room.Height / 2) + 2));
            if (half == 1)
            {
                leaf.Draw(Figures.Line(new(leaf.Room.X, y - 3), new(leaf.Room.Right, y - 3)), Stroke.Cut);
            }

            foreach (var (text, bold) in lines)
            {
                y =
                    leaf.Paragraph(
                        text,
                        leaf.Room.X,
                        y,
                        leaf.Room.Width,
                        bold ? size * 1.25 : size,
                        bold ? Face.AdultBold : Face.Adult
                    ) + 0.6;
            }

            if (laid is not null)
            {
                SetUpOnPaper.Draw(pad, leaf, laid, step!.Number, y + 1);
            }

            half = high > (leaf.Room.Height / 2) ? 2 : half + 1;
        }
    }

    private static double Height(Leaf leaf, (string Text, bool Bold)[] lines, double size) =>
        lines.Sum(l =>
            leaf.HeightOf(l.Text, leaf.Room.Width, l.Bold ? size * 1.25 : size, l.Bold ? Face.AdultBold : Face.Adult)
            + 0.6
        );

    private static IEnumerable<(string Text, bool Bold)> Lines(Pad pad, WeekPlan plan, Use use)
    {
        var (idea, words, on) = (use.Idea, pad.Words, use.Fullest);
        yield return (words.Of(idea.Title), true);
        yield return (
            $"{words.Say("minutes", $"{idea.Technique.Minutes}")} · "
                + $"{words.Say("cleanUp", $"{idea.Technique.CleanUpMinutes}")}{(use.Adults > 0 ? $" · {words.Say("beside", $"{use.Adults}")}" : "")}",
            false
        );
        yield return (string.Join(" ", idea.Technique.Instructions.Select(i => words.Of(idea.Theme.Fill(i)))), false);
        foreach (var step in WeekProblem.StepsInUse(idea, on.Children))
        {
            var names = string.Join(
                ", ",
                on.Children.Where(c => c.InReach && c.Offer!.Step == step.Number).Select(c => c.Child.Name)
            );
            yield return (
                $"{words.Say("step", $"{step.Number}")} · {words.Of(step.Do)}{(names.Length > 0 ? $" — {names}" : "")}. "
                    + $"{words.Of(step.Say)} {words.Say("easier", words.Of(step.Easier))} {words.Say("harder", words.Of(step.Harder))}",
                false
            );
        }

        if (on.Demand.Count > 0)
        {
            yield return (
                words.Say("layOut", string.Join(", ", on.Demand.Select(d => words.Amount(d.Material, d.Amount)))),
                false
            );
        }

        foreach (var caution in use.Cautions.Select(c => c.Rule.Message).Distinct())
        {
            yield return (words.Say("mindThis", words.Of(caution)), false);
        }
    }
}
