using Nido.Core.Families;
using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Safety;
using Nido.Core.Tests.Week;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;
using Nido.Data;

namespace Nido.Core.Tests.Families;

/// <summary>What a home has, who else is there, and the bags that go to it.</summary>
public class AtHomeTests
{
    private static readonly Theme Theme = Published.Content.Theme("little-post-office")!;
    private static readonly IReadOnlyList<HomeKind> Kinds = Published.Content.HomeKinds;

    /// <summary>A law: whatever a family ticks, nothing is taken that it has neither itself nor in a stand-in.</summary>
    [Fact]
    public void Nothing_is_taken_that_the_home_lacks()
    {
        var (instead, without) = (0, 0);
        for (var seed = 0; seed < 200; seed++)
        {
            var chance = new SeededChance((ulong)seed);
            var ticked = Kinds.Where(_ => chance.Next(3) > 0).Select(k => k.Id).ToHashSet();
            foreach (var way in Published.Content.Techniques.Select(t => t.Home).OfType<HomeWay>())
            {
                if (HomeUse.Of(way, ticked) is not { } uses)
                {
                    without++;
                    way.Things.ShouldContain(t =>
                        t.Kind != null
                        && !ticked.Contains(t.Kind)
                        && (t.Instead == null || (t.Instead.Kind != null && !ticked.Contains(t.Instead.Kind)))
                    );
                    continue;
                }

                uses.Count.ShouldBe(way.Things.Count);
                foreach (var use in uses)
                {
                    (use.Thing.Kind is null || ticked.Contains(use.Thing.Kind)).ShouldBeTrue(use.Thing.Id);
                    (use.InPlaceOf is null || !ticked.Contains(use.InPlaceOf.Kind!)).ShouldBeTrue("it is there itself");
                    instead += use.InPlaceOf is null ? 0 : 1;
                }
            }
        }

        instead.ShouldBeGreaterThan(0);
        without.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void A_home_with_nothing_ticked_still_has_something_to_do()
    {
        var bare = Things.Child("Child", 48) with { AtHome = new("", [], null) };
        var home = Home(bare, Things.Monday);
        home.Count.ShouldBe(HomeActivities.Most);
        home.SelectMany(a => a.Things).ShouldAllBe(u => u.Thing.Kind == null);
    }

    [Fact]
    public void Of_a_home_nobody_spoke_of_only_usual_things_are_asked()
    {
        HomeActivities
            .Has(Kinds, Things.Child("Child", 40))
            .ShouldBe(Kinds.Where(k => k.IsUsual).Select(k => k.Id), ignoreOrder: true);
        Kinds.Count(k => !k.IsUsual).ShouldBeGreaterThan(3);
    }

    /// <summary>Every kind that can be ticked stands behind a thing, and every stand-in is another kind of thing.</summary>
    [Fact]
    public void Every_tick_matters()
    {
        HomeThing[] things = [.. Published.Content.Techniques.SelectMany(t => t.Home?.Things ?? []).Distinct()];
        HashSet<string?> asked = [.. things.Select(t => t.Kind), .. things.Select(t => t.Instead?.Kind)];
        Kinds.Select(k => k.Id).Where(k => !asked.Contains(k)).ShouldBeEmpty();
        things.Where(t => t.Instead is not null).ShouldAllBe(t => t.Instead!.Kind != t.Kind || t.Kind == "cloths");
    }

    // A word of a text, what must be in the list for it, and where the word means something else.
    private static readonly (string Word, string Thing, string[] Not)[] Named =
    [
        ("die", "die", []),
        ("broom", "broom", []),
        ("glue", "glue", []),
        ("tape", "tape", []),
        ("basket", "basket", ["rubbings", "throw-to-target", "free-collage"]),
        ("tray", "tray", []),
        ("sponge", "sponge", []),
        ("brush", "brush", []),
        ("lace", "lace", []),
        ("rice", "rice", []),
        ("dough", "dough", ["dough-shapes"]),
        ("jars", "jars", []),
        ("newspaper", "paper", []),
        ("pot", "pot", ["look-under-leaves"]),
        ("scarf", "scarf", []),
        ("blanket", "blanket", []),
        ("towel", "towel", ["push-and-pull"]),
        ("lids", "lids", []),
        ("cup", "cup", []),
        ("cups", "cups", []),
        ("napkin", "napkin", ["treasure-basket"]),
        ("napkins", "napkin", ["carry-dry"]),
        ("peg", "peg", []),
        ("spoon", "spoon", ["float-or-sink", "sound-guess", "retell-with-things", "print-stamps"]),
        ("spoons", "spoon", ["fill-to-number", "sort-by-kind"]),
        ("socks", "sock", []),
        ("sock", "sock", ["retell-with-things"]),
        ("bowl", "bowl", []),
        ("bowls", "bowl", ["pinch-and-coil"]),
        ("scissors", "scissors", []),
        ("book", "book", ["number-hunt", "fold-a-hat", "story-into-a-book"]),
    ];

    /// <summary>A thing that a text names is a thing the home is asked for: what is described can be done with what stands
    /// there.</summary>
    [Fact]
    public void What_a_text_names_stands_in_its_list()
    {
        var missing =
            from t in Published.Content.Techniques
            where t.Home is not null
            let way = t.Home!
            let words = System.Text.RegularExpressions.Regex.Split(way.Do.En.ToLowerInvariant(), "[^a-z]+").ToHashSet()
            from n in Named
            where words.Contains(n.Word) && !n.Not.Contains(t.Id)
            where !way.Things.Any(x => x.Name.En.Contains(n.Thing, StringComparison.Ordinal))
            select $"{t.Id}: {n.Word}";
        missing.ShouldBeEmpty();
    }

    /// <summary>What is too small for the youngest at home is not asked there, though the child itself is old enough.</summary>
    [Fact]
    public void The_youngest_at_home_is_thought_of()
    {
        var alone = Things.Child("Child", 60);
        Suited(alone with { AtHome = new("", null, Things.Monday.AddMonths(-12)) }).ShouldBeLessThan(Suited(alone));

        int Suited(Child child)
        {
            var plan = Plan(child, Things.Monday);
            return Published.Content.Techniques.Count(t =>
                HomeActivities.For(plan, Theme, [t], Kinds, plan.Problem.Group.Children[0]).Count > 0
            );
        }
    }

    [Theory]
    [InlineData(20, Hand.Undecided, "crayons-thick")]
    [InlineData(44, Hand.Right, "pencils")]
    [InlineData(66, Hand.Left, "pencils")]
    public void A_readiness_bag_is_packed_for_the_steps_of_the_child(int months, Hand hand, string pen)
    {
        var plan = Plan(Things.Child("Child", months) with { Hand = hand }, Things.Monday);
        var bag = ReadinessBag.Of(plan, Published.Content.Materials, plan.Problem.Group.Children[0]);
        bag.Days.ShouldBe(14);
        bag.Things.ShouldContain(t => t.Id == pen && t.ComesBack);
        bag.Things.Any(t => t.Id == "scissors-left").ShouldBe(hand == Hand.Left);
        bag.Sheets.Sum(s => s.Copies).ShouldBe(bag.Things.Where(t => !t.ComesBack).Sum(t => t.Count));
        bag.Steps.ShouldAllBe(s => s.En.Length > 10 && s.Es.Length > 10 && s.En != s.Es);
        // Where a rule keeps the scissors out it is said, and nothing is cut.
        (
            bag.LeftOut.Count > 0 && bag.Things.Any(t => t.Id.StartsWith("scissors", StringComparison.Ordinal))
        ).ShouldBeFalse();
    }

    [Fact]
    public void Scissors_stay_here_where_a_toddler_is_at_home_if_the_rules_block_them()
    {
        foreach (var months in (int[])[24, 30, 36, 42, 60])
        {
            var child = Things.Child("Child", months) with { AtHome = new("", null, Things.Monday.AddMonths(-10)) };
            var plan = Plan(child, Things.Monday);
            var bag = ReadinessBag.Of(plan, Published.Content.Materials, plan.Problem.Group.Children[0]);
            var scissors = Published.Content.Material("scissors-child")!;
            var blocked = Things
                .Safety.Of(
                    [.. HandledThing.AtHand(scissors, null)],
                    ["cut"],
                    Weeks.Six with
                    {
                        Children = [child, Things.Child("Baby", 10)],
                    },
                    Things.Monday
                )
                .Any(f => f.Rule.Severity == Severity.Block);
            (blocked && bag.Things.Any(t => t.Id == scissors.Id)).ShouldBeFalse($"{months}");
        }
    }

    [Fact]
    public void A_week_bag_holds_what_its_activities_take_and_no_water()
    {
        var plan = Plan(Things.Child("Child", 50), Things.Monday);
        var child = plan.Problem.Group.Children[0] with { AtHome = new("", [.. Kinds.Select(k => k.Id)], null) };
        var home = HomeActivities.For(plan, Theme, Published.Content.Techniques, Kinds, child, 2, things: true);
        var bag = WeekBag.Of(Theme, home);
        home.Count.ShouldBe(2);
        bag.Things.ShouldNotBeEmpty();
        bag.Things.ShouldAllBe(t => t.Id != "water");
        foreach (var use in home.SelectMany(h => h.Things).Where(u => u.Thing.Like is { Id: not "water" }))
        {
            bag.Things.ShouldContain(t => t.Id == use.Thing.Like!.Id);
        }
    }

    /// <summary>However long its texts are, every activity there is goes on a bag's pages, in either language.</summary>
    [Theory]
    [InlineData("en")]
    [InlineData("es")]
    public void Every_activity_fits_the_pages_of_a_bag(string language)
    {
        var plan = Plan(Things.Child("Child", 50), Things.Monday);
        HomeActivity[] all =
        [
            .. Published
                .Content.Techniques.Where(t => t.Home is not null)
                .Select(t => new HomeActivity(
                    t,
                    Theme.Fill(t.Home!.Do),
                    new(
                        Published.Content.Ladders[t.Ladder].Steps[0],
                        Theme.Fill(t.Steps[0].Easier),
                        Theme.Fill(t.Steps[0].Harder)
                    ),
                    null,
                    Said.None
                )
                {
                    Things = [.. t.Home.Things.Select(x => new HomeUse(x, null))],
                }),
        ];
        foreach (var two in all.Chunk(2))
        {
            var pad = new Pad(
                new(PaperSize.Letter, language, false, new()) { Tongue = Published.Content.Tongue(language)! },
                Nido.Sheets.Lettering.Ours
            );
            BagPages.Draw(pad, plan, WeekBag.Of(Theme, two));
            pad.Done().Count.ShouldBeGreaterThanOrEqualTo(3);
        }
    }

    /// <summary>What is asked for is to be there on a working day.</summary>
    [Theory]
    [InlineData("2026-12-07", "2026-12-04")]
    [InlineData("2026-12-09", "2026-12-08")]
    [InlineData("2026-12-12", "2026-12-11")]
    [InlineData("0001-01-01", "0001-01-01")]
    public void Things_are_brought_by_the_last_working_day_before(string first, string by) =>
        SharedOut
            .BringBy(DateOnly.Parse(first, System.Globalization.CultureInfo.InvariantCulture))
            .ShouldBe(DateOnly.Parse(by, System.Globalization.CultureInfo.InvariantCulture));

    [Fact]
    public void What_is_missing_of_a_bag_is_what_was_lent_and_did_not_come_back()
    {
        var lent = new BagThing("cups", InBoth.Same("cups"), 3, ComesBack: true);
        lent.Missing.ShouldBe(0, "nobody looked yet");
        (lent with { Back = 1 }).Missing.ShouldBe(2);
        (lent with { Back = 1, ComesBack = false }).Missing.ShouldBe(0);
    }

    [Theory]
    [InlineData("She said \u201cIt rolls!\u201d and did it again.", "It rolls!")]
    [InlineData("Dijo «¡otra vez!» y siguió.", "¡otra vez!")]
    [InlineData("\"Look at mine\"", "Look at mine")]
    [InlineData("Nothing was said.", "")]
    [InlineData("\u201cGive it to Tavi\u201d", "")]
    [InlineData("\u201cOh\u201d", "")]
    public void What_a_child_said_is_found_without_the_names_of_others(string text, string said) =>
        string.Join('|', SaidByChildren.In([text], ["Tavi"])).ShouldBe(said);

    [Theory]
    [InlineData("en", "Our week", "after it was shown", "Friday")]
    [InlineData("es", "Nuestra semana", "después de verlo", "viernes")]
    public void The_letter_after_a_week_says_what_was_seen_in_one_language(
        string language,
        string title,
        string how,
        string day
    )
    {
        var plan = Plan(Things.Child("Xiomara", 50), Things.Monday);
        var child = plan.Problem.Group.Children[0];
        var step = Published.Content.Ladders["scissors"].Steps[2];
        var letter = LetterAfter.Of(
            plan,
            Theme,
            PaperWords.In(language, Published.Content.Tongue(language)),
            child,
            new(
                [(new("Towers", "Torres"), true)],
                [new(step, Core.Group.Steps.HelpLevel.Shown)],
                ["<b>It rolls</b>"],
                [new(7, Things.Monday.AddDays(4), "", 0.75)]
            ),
            Home(Things.Child("Xiomara", 50), Things.Monday.AddDays(7))
        );
        var text = letter.AsText();
        text.ShouldStartWith(title);
        text.ShouldContain($"{step.Name.NameIn(language)} — {how}");
        text.ShouldContain(day);
        text.ShouldContain(language == "en" ? "Towers" : "Torres");
        var html = letter.AsHtml(language, id => $"cid:{id}");
        html.ShouldContain("&lt;b&gt;It rolls&lt;/b&gt;");
        html.ShouldContain("<img src=\"cid:7\"");
        html.ShouldContain($"lang=\"{language}\"");
        html.ShouldNotContain("http");
    }

    [Fact]
    public void Of_a_week_nothing_was_written_of_the_letter_says_so()
    {
        var plan = Plan(Things.Child("Child", 50), Things.Monday);
        LetterAfter
            .Of(plan, Theme, PaperWords.In("en"), null, new([], [], [], []), [])
            .AsText()
            .ShouldContain("Nothing was written down");
    }

    /// <summary>A family whose language is not written here gets the pictures with a line each for its own word.</summary>
    [Theory]
    [InlineData("en", "en", true)]
    [InlineData("es", "es", true)]
    [InlineData("yo", "en", false)]
    public void Words_stand_under_their_pictures_or_a_line_for_ones_own(string atHome, string language, bool written)
    {
        var plan = Plan(Things.Child("Child", 50) with { HomeLanguage = atHome }, Things.Monday);
        var letter = LetterBefore.Of(
            plan,
            Theme,
            PaperWords.In(language, Published.Content.Tongue(language)),
            plan.Problem.Group.Children[0],
            []
        );
        var words = letter.Sections.SelectMany(s => s.Lines).Where(l => l.Kind == FamilyLineKind.Word).ToArray();
        words.Length.ShouldBeGreaterThan(3);
        words.ShouldAllBe(w => Pictures.All.ContainsKey(w.Drawing!) && w.Text.Length > 0 == written);
        words.Select(w => w.Drawing).ShouldBeUnique();
        letter.AsText().ShouldNotContain("\n\n\n\n");
    }

    /// <summary>Whole in Spanish: every source a caution names is said in it.</summary>
    [Fact]
    public void Every_source_of_a_caution_is_said_in_spanish()
    {
        var spanish = Published.Content.Tongue("es")!;
        string[] plain = ["16 CFR", "ASTM", "EN 71"];
        Published
            .Content.SafetyRules.Select(r => r.Source)
            .Distinct()
            .Where(s => spanish.Speak(Said.Word(s)) == s && !plain.Any(p => s.StartsWith(p, StringComparison.Ordinal)))
            .ShouldBeEmpty();
    }

    [Fact]
    public void A_reminder_holds_only_what_is_open()
    {
        var plan = Plan(Things.Child("Child", 50), Things.Monday);
        var words = PaperWords.In("en");
        var lids = Published.Content.Material("jar-lids")!;
        LetterReminder
            .Of(plan, words, plan.Problem.Group.Children[0], [new("c", lids, 4)])
            .Sections[^1]
            .Lines.Count(l => l.Kind == FamilyLineKind.Tick)
            .ShouldBe(1);
        LetterReminder.Of(plan, words, null, []).AsText().ShouldContain("Nothing is open");
    }

    private static IReadOnlyList<HomeActivity> Home(Child child, DateOnly monday)
    {
        var plan = Plan(child, monday);
        return HomeActivities.For(plan, Theme, Published.Content.Techniques, Kinds, plan.Problem.Group.Children[0]);
    }

    private static WeekPlan Plan(Child child, DateOnly monday)
    {
        var group = Weeks.Six with { Children = [child] };
        return new(
            WeekProblem.Build(WeekInputs.Of(Published.Content, group, Theme, monday, Things.Plenty)).Problem,
            []
        );
    }
}
