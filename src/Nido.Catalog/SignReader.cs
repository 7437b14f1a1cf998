using Nido.Core;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Journal;

namespace Nido.Catalog;

/// <summary>Reads what can be seen of work on a ladder: signs that it goes wrong, and ways to hold a tool.</summary>
internal static class SignReader
{
    /// <summary>The signs of a ladder.</summary>
    public static IReadOnlyList<Sign> Signs(ContentFile f)
    {
        var (ladder, source) = (f.Text("id"), f.Text("source"));
        Sign[] signs =
        [
            .. f.Maps("signs")
                .Select(s =>
                {
                    var sign = new Sign(ladder, s.Text("id"), s.Both("sign"), s.Both("change"), source);
                    s.NothingElse();
                    return sign;
                }),
        ];
        if (signs.Length is < 3 or > 6 || signs.DistinctBy(s => s.Id).Count() < signs.Length)
        {
            f.Refuse("signs", $"a ladder has 3 to 6 signs, no two of one id; this one {signs.Length}");
        }

        return signs;
    }

    /// <summary>What goes wrong at one way of working, told of beside its ladder's own signs.</summary>
    public static IReadOnlyList<Sign> OfTechnique(ContentFile f, string ladder)
    {
        var technique = f.Text("id");
        Sign[] signs =
        [
            .. f.Maps("goes-wrong")
                .Select(s =>
                {
                    var sign = new Sign(
                        ladder,
                        $"{technique}.{s.Text("id")}",
                        Plain(s, "sign"),
                        Plain(s, "try"),
                        "common practice"
                    )
                    {
                        Technique = technique,
                    };
                    s.NothingElse();
                    return sign;
                }),
        ];
        if (signs.Length is < 3 or > 5 || signs.DistinctBy(s => s.Id).Count() < signs.Length)
        {
            f.Refuse("goes-wrong", $"a way of working has 3 to 5 signs, no two of one id; this one {signs.Length}");
        }

        return signs;
    }

    /// <summary>A text that is read without a theme: in the journal, weeks later.</summary>
    private static InBoth Plain(ContentFile f, string key)
    {
        var text = f.Both(key);
        if (text.En.Contains('{') || text.Es.Contains('{'))
        {
            f.Refuse(key, "a sign is kept in the journal, where no theme fills its braces");
        }

        return text;
    }

    /// <summary>The grips of a ladder, earliest first.</summary>
    public static IReadOnlyList<Grip> Grips(ContentFile f)
    {
        var (ladder, source) = (f.Text("id"), f.Text("source"));
        Grip[] grips =
        [
            .. f.Maps("grips")
                .Select(g =>
                {
                    var grip = new Grip(ladder, g.Text("id"), g.Both("name"), g.Whole("typical-months", 6, 96), source);
                    g.NothingElse();
                    return grip;
                }),
        ];
        if (grips.Zip(grips.Skip(1)).Any(x => x.First.TypicalMonths > x.Second.TypicalMonths))
        {
            f.Refuse("grips", "grips stand in the order in which children come to them");
        }

        return grips;
    }

    /// <summary>Notes signs and grips of a ladder that there is not, and ladders without signs.</summary>
    public static void StandOnLadders(
        IReadOnlyDictionary<string, Ladder> ladders,
        IReadOnlyList<Sign> signs,
        IReadOnlyList<Grip> grips,
        List<ContentProblem> problems
    ) =>
        problems.AddRange([
            .. signs
                .Select(s => s.Ladder)
                .Distinct()
                .Where(l => !ladders.ContainsKey(l))
                .Select(l => new ContentProblem($"signs/{l}.yaml", 1, $"there is no ladder `{l}`")),
            .. grips
                .Select(s => s.Ladder)
                .Distinct()
                .Where(l => !ladders.ContainsKey(l))
                .Select(l => new ContentProblem($"grips/{l}.yaml", 1, $"there is no ladder `{l}`")),
            .. ladders
                .Keys.Except(signs.Select(s => s.Ladder))
                .Select(l => new ContentProblem(
                    $"ladders/{l}.yaml",
                    1,
                    $"nothing says what is seen when it goes wrong: write signs/{l}.yaml"
                )),
        ]);
}
