using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Data;
using Nido.Data.Demo;

namespace Nido.Bench;

/// <summary>Weeks larger than any demo: many children, blocks and ideas, made from the catalogue and a seed.</summary>
internal static class LargeWeek
{
    /// <summary>A week of this size; ideas beyond those the catalogue carries are ways of working with other shares of
    /// the strands.</summary>
    public static WeekInput Input(Content content, int children, int days, int blocks, int ideas, bool lean)
    {
        var chance = new SeededChance(23);
        var group = DemoScenario.WrenRoom(() => $"g{chance.Next(1_000_000)}") with
        {
            Days = days > 5 ? WeekDays.MondayToFriday | WeekDays.Saturday : WeekDays.MondayToFriday,
            Children =
            [
                .. Enumerable
                    .Range(0, children)
                    .Select(c => new Child(
                        $"c{c}",
                        $"Child {c}",
                        DemoScenario.Monday.AddMonths(-(19 + chance.Next(48))).AddDays(-chance.Next(28)),
                        c % 6 == 5
                            ? WeekDays.Tuesday | WeekDays.Wednesday | WeekDays.Thursday
                            : WeekDays.MondayToFriday | WeekDays.Saturday,
                        c % 11 == 0,
                        (Hand)(c % 3),
                        c % 13 == 4,
                        c % 9 == 3 ? ["wheat"] : [],
                        "en",
                        ""
                    )),
            ],
            Adults =
            [
                .. Enumerable
                    .Range(0, Math.Max(3, children / 4))
                    .Select(a => new Adult(
                        $"a{a}",
                        $"Adult {a}",
                        WeekDays.MondayToFriday | WeekDays.Saturday,
                        new(8, 0),
                        new(16, 0)
                    )),
            ],
            Blocks =
                blocks > 5
                    ? [.. DemoScenario.Blocks, new("late", "Late table", BlockKind.Table, new(15, 0), 25, 3)]
                    : DemoScenario.Blocks,
        };
        var onHand = content.Materials.ToDictionary(m => m.Id, m => m.IsCounted ? 400.0 : 20_000);
        var input = WeekInputs.Of(content, group, content.Theme(DemoScenario.ThemeId)!, DemoScenario.Monday, onHand);
        return input with
        {
            Ideas =
            [
                .. Enough(
                    lean ? [.. input.Ideas.Where(i => LeanCatalogue.Has(i.Technique))] : input.Ideas,
                    ideas,
                    chance,
                    lean
                ),
            ],
        };
    }

    private static IEnumerable<Idea> Enough(IReadOnlyList<Idea> real, int wanted, SeededChance chance, bool lean)
    {
        for (var k = 0; k < wanted; k++)
        {
            var idea = real[k % real.Count];
            yield return k < real.Count ? idea : Other(idea, k / real.Count, chance, lean);
        }
    }

    /// <summary>The same work with its minutes shared otherwise, as a way of working of its own.</summary>
    private static Idea Other(Idea idea, int round, SeededChance chance, bool lean)
    {
        // A lean catalogue stays lean: its strands in other shares, none besides.
        string[] strands = lean
            ? [.. idea.Technique.Strands.Keys]
            : [.. idea.Technique.Strands.Keys, Strand.All[chance.Next(Strand.All.Count)].Id];
        var shares = strands.Distinct().ToDictionary(s => s, _ => 10);
        for (var left = 100 - (10 * shares.Count); left > 0; left -= 5)
        {
            shares[shares.Keys.ElementAt(chance.Next(shares.Count))] += 5;
        }

        var technique = idea.Technique with { Id = $"{idea.Technique.Id}-{round}", Strands = shares };
        return idea with { Technique = technique, Id = Idea.IdOf(technique, idea.Lead) };
    }
}
