using Nido.Core;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas.Ways;

namespace Nido.Catalog;

/// <summary>Reads a ladder.</summary>
internal static class LadderReader
{
    public static Ladder Read(ContentFile f)
    {
        LadderStep[] steps = [.. f.Maps("steps").Select(StepOf)];
        if (steps.Length is < 5 or > 9)
        {
            f.Refuse("steps", $"a ladder has 5 to 9 steps, this one {steps.Length}");
        }

        for (var i = 1; i < steps.Length; i++)
        {
            if (steps[i].TypicalMonths < steps[i - 1].TypicalMonths)
            {
                f.Refuse("steps", $"step {i + 1} has a lower typical age than the one before it");
            }

            if (steps[i].Size is { } size && steps[i - 1].Size is { } below && size.Index < below.Index)
            {
                f.Refuse(
                    "steps",
                    $"step {i + 1} is easier by its sizes ({size.InWords}) than the one before it ({below.InWords})"
                );
            }
        }

        var feels = f.Map("feels");
        var ladder = new Ladder(
            f.Text("id"),
            f.Both("name"),
            f.Both("head"),
            ContentReader.StrandOf(f, "strand", f.Text("strand")),
            steps
        )
        {
            Moves = f.Texts("moves", least: 1),
            Needs = [.. f.Maps("needs").Select(n => Need(n, f.Text("id")))],
            Feels = feels.Keys().ToDictionary(k => k, k => feels.Whole(k, 1, Math.Max(1, steps.Length))),
        };
        return ladder;
    }

    /// <summary>Notes prerequisites on ladders or steps that there are not.</summary>
    public static void NeedsStandOnLadders(
        IReadOnlyDictionary<string, Ladder> ladders,
        IEnumerable<Difference> differences,
        List<ContentProblem> problems
    )
    {
        var needs = ladders
            .Values.SelectMany(l => l.Needs.Select(n => (File: $"ladders/{l.Id}.yaml", Ladder: l.Id, Need: n)))
            .Concat(
                from d in differences
                from e in d.Choices.SelectMany(c => c.Effects)
                where e.Needs is not null
                select (File: $"differences/{d.Id}.yaml", e.Needs!.Value.Ladder, e.Needs!.Value.Need)
            );
        problems.AddRange(
            from n in needs
            where
                !ladders.ContainsKey(n.Ladder)
                || !ladders.TryGetValue(n.Need.On, out var earlier)
                || n.Need.Step > earlier.Steps.Count
            select new ContentProblem(
                n.File,
                1,
                $"step {n.Need.Step} of `{n.Need.On}` is asked for `{n.Ladder}`, and there is no such ladder or step"
            )
        );
    }

    public static Prerequisite Need(ContentFile f, string ladder)
    {
        var need = new Prerequisite(
            f.Whole("from", 1, 9),
            f.Text("on"),
            f.Whole("step", 1, 9),
            f.Has("why") ? f.Both("why") : InBoth.None
        )
        {
            ByAge = f.Flag("by-age"),
        };
        if (need.On == ladder)
        {
            f.Refuse("on", "a ladder cannot wait for itself");
        }

        f.NothingElse();
        return need;
    }

    private static LadderStep StepOf(ContentFile f, int index)
    {
        var size = f.Map("size");
        var step = new LadderStep(
            index + 1,
            f.Both("name"),
            f.Whole("typical-months", 0, 96),
            f.Both("adult"),
            f.Both("easier"),
            f.Both("harder"),
            f.Text("source")
        )
        {
            Size = f.Has("size") ? SizeOf(size) : null,
        };
        size.NothingElse();
        f.NothingElse();
        return step;
    }

    private static StepSize? SizeOf(ContentFile f)
    {
        double Over0(string key) => f.Number(key) is { } n and > 0 ? n : Refused(f, key);
        return f.Has("reach")
                ? new CarrySize(
                    Over0("reach"),
                    Over0("piece"),
                    Over0("opening"),
                    f.Choice<CarryTool>("tool"),
                    f.Flag("round")
                )
            : f.Has("line")
                ? new LineSize(
                    Over0("line"),
                    Over0("width"),
                    f.Number("turns") ?? 0,
                    f.Number("smooth") ?? 0,
                    f.Choice<SheetKind>("sheet", SheetKind.Paper)
                )
            : f.Has("hole") ? new HoleSize(Over0("hole"), Over0("lace"), f.Flag("stiff"))
            : null;
    }

    private static double Refused(ContentFile f, string key)
    {
        f.Refuse(key, $"`{key}` must be a size in mm over 0");
        return 1;
    }
}
