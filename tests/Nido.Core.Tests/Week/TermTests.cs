using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Core.Week.Term;

namespace Nido.Core.Tests.Week;

/// <summary>From week to week: what fell short, letters and numbers, and a week for another group.</summary>
public class TermTests
{
    private static readonly string[] Names = ["Mina", "Milo", "Tavi"];

    [Fact]
    public void Each_week_has_the_letter_its_words_begin_with_most_and_none_twice()
    {
        var plan = LetterPlan.Of(
            [
                new Dictionary<char, int> { ['P'] = 9, ['S'] = 4 },
                new Dictionary<char, int> { ['P'] = 7, ['S'] = 3 },
                new Dictionary<char, int>(),
            ],
            Names,
            new HashSet<char> { 'B' }
        );
        plan.Select(f => f.Letter).ShouldBe(["P", "S", "M"], "where no word helps, the letter of most names");
        plan.Select(f => f.NumbersTo).ShouldBe([5, 5, 6]);
    }

    [FsCheck.Xunit.Property]
    public bool No_letter_comes_twice_in_twenty_six_weeks_and_numbers_never_shrink(byte[] counts)
    {
        var plan = LetterPlan.Of(
            [
                .. Enumerable
                    .Range(0, 26)
                    .Select(w =>
                        counts
                            .Select((n, i) => ((char)('A' + ((i + w) % 26)), (int)n))
                            .DistinctBy(x => x.Item1)
                            .ToDictionary(x => x.Item1, x => x.Item2)
                    ),
            ],
            Names,
            new HashSet<char>()
        );
        return plan.Select(f => f.Letter).Distinct().Count() == 26
            && plan.Zip(plan.Skip(1)).All(x => x.First.NumbersTo <= x.Second.NumbersTo)
            && plan.All(f => f.NumbersTo is >= 2 and <= 20 && f.OlderNumbersTo <= 100);
    }

    [Fact]
    public void A_letter_of_ones_own_brings_its_word_and_the_themes_letter_comes_second()
    {
        var theme = Published.Content.Theme("little-post-office")!;
        Theme With(string letter) =>
            new WeekFocus(letter, 5, 10).Over(
                theme,
                l => Data.WeekInputs.Sorted(Published.Content, l, theme.Words, "en", theme.Fits)
            );
        var s = With("s");
        (s.Letter, s.Sound, s.SecondLetter, s.NumbersTo, s.OlderNumbersTo).ShouldBe(("S", "/s/", "P", 5, 10));
        s.LetterWord.ShouldBe("sack", "clear for s, which stamp and string are not");
        With("p").LetterWord.ShouldBe(theme.LetterWord);
        With("q").LetterWord.ShouldBe("queen", "no word of the theme begins with it");
    }

    [Fact]
    public void What_fell_short_is_asked_for_in_the_next_week_up_to_a_fifth()
    {
        var problem = Weeks.Build(Things.Week(Weeks.Six));
        var thin = new WeekPlan(problem, [.. Weeks.Compose(problem).Plan.Where(p => p.Day < 3)]);
        var carried = CarryOver.Of(thin);
        carried["Ada"].ShouldAllBe(lack => lack > 0);
        var next = Weeks.Build(problem.Input with { Carried = carried });
        for (var k = 0; k < next.Target.Length; k++)
        {
            next.Target[k].ShouldBeInRange(problem.Target[k], (int)Math.Ceiling(problem.Target[k] * 1.2));
        }

        next.Target.Sum().ShouldBeGreaterThan(problem.Target.Sum());
        CarryOver
            .Of(new WeekPlan(problem, Weeks.Compose(problem).Plan))
            .Values.ShouldAllBe(lacks => lacks.Sum() < carried["Ada"].Sum());
    }

    [Fact]
    public void A_copy_finds_its_blocks_by_name_or_kind_and_its_days_by_the_weekday()
    {
        var home = Weeks.Six;
        var to = Weeks.Six with
        {
            Id = "other",
            Days = WeekDays.Tuesday | WeekDays.Friday,
            Blocks =
            [
                new("trays", "Trays", BlockKind.Shelf, new(9, 0), 40, 2),
                new("circle", "Circle", BlockKind.Circle, new(10, 0), 10, 1),
            ],
        };
        Placement[] plan =
        [
            new(0, "welcome", 0, "a", true),
            new(1, "welcome", 1, "b", true),
            new(4, "welcome", 2, "c", false),
            new(4, "circle", 0, "d", false),
            new(1, "table", 0, "e", false),
        ];
        CarryOver.Copy(plan, home, to).ShouldBe([new(0, "trays", 1, "b", false), new(1, "circle", 0, "d", false)]);
        CarryOver.Copy(plan, home, home).ShouldBe(plan.Select(p => p with { Locked = false }));
    }
}
