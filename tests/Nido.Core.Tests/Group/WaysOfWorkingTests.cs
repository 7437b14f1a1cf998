using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Week.Problem;

namespace Nido.Core.Tests.Group;

/// <summary>What practitioners differ on: every choice has a reason, and every one changes cards, steps or
/// plan.</summary>
public class WaysOfWorkingTests
{
    private static readonly IReadOnlyList<Difference> All = Published.Content.Differences;
    private static readonly IReadOnlyList<Technique> Techniques = Published.Content.Techniques;

    public static TheoryData<string, string> EveryOtherChoice { get; } =
    [.. All.SelectMany(d => d.Choices.Skip(1).Select(c => new TheoryDataRow<string, string>(d.Id, c.Id)))];

    [Fact]
    public void There_are_many_each_with_reasons()
    {
        All.Count.ShouldBeGreaterThanOrEqualTo(20);
        All.Select(d => d.Order).ShouldBeUnique();
        All.SelectMany(d => d.Choices).ShouldAllBe(c => c.Reason.En.Length > 15 && c.Name.En.Length > 0);
        All.Count(d => d.OfChild).ShouldBeGreaterThanOrEqualTo(4);
    }

    [Theory]
    [MemberData(nameof(EveryOtherChoice))]
    public void Every_choice_changes_a_card_a_step_or_the_plan(string difference, string choice) =>
        Picture(Of((difference, choice))).ShouldNotBe(Picture(Of()), $"{difference}: {choice} changes nothing");

    [Fact]
    public void A_choice_that_is_not_there_is_the_first()
    {
        Of(("helping", "shouting")).ChoiceOf("helping").ShouldBe(All.First(d => d.Id == "helping").Choices[0].Id);
        Of().ChoiceOf("flying").ShouldBeNull();
    }

    [Fact]
    public void Cues_stand_on_the_cards_they_fit_only()
    {
        var ways = Of();
        ways.Cues(Technique("snip-and-cut")).ShouldContain(c => c.Say.Contains("lower hole"));
        ways.Cues(Technique("sort-by-kind")).ShouldNotContain(c => c.Say.Contains("lower hole"));
        ways.Cues(Technique("snip-and-cut")).Select(c => c.At).ShouldBeInOrder(SortDirection.Ascending);
    }

    [Fact]
    public void Without_sheets_what_is_done_on_sheets_is_not_offered_and_says_why()
    {
        var group = Things.Group([Things.Child("Ada", 50)], Data.Demo.DemoScenario.Blocks);
        var none = group with
        {
            Settings = group.Settings with { Ways = new Dictionary<string, string> { ["sheets"] = "none" } },
        };
        var (usual, without) = (Things.Week(group), Things.Week(none));
        usual.Ideas.ShouldContain(i => i.Technique.Id == "snip-and-cut");
        without.Ideas.ShouldNotContain(i => i.Technique.Traits.Contains("sheet"));
        without.Unsuited.ShouldContain(u =>
            u.Technique.Id == "snip-and-cut" && u.Reasons[0].StartsWith("Paper sheets: none")
        );
    }

    [Fact]
    public void Preparation_is_left_out_or_added()
    {
        var drawn = Technique("glue-guide");
        drawn.Prep.ShouldContain(p => p.Kind == "lines");
        Of(("guide-lines", "free")).Adapt(drawn).Prep.ShouldNotContain(p => p.Kind == "lines");
        drawn.Paper.ShouldNotBeEmpty();
        Of(("guide-lines", "free")).Adapt(drawn).Paper.ShouldBeEmpty();
        var name = Technique("own-name");
        name.Paper.Select(p => p.Sheet).ShouldBe(["name-tags", "own-name"]);
        Of(("sheets", "none"))
            .Adapt(name)
            .Paper.Select(p => p.Sheet)
            .ShouldBe(["name-tags"], "cards to handle are no sheets");
        Of(("product", "model")).Adapt(drawn).Prep.ShouldContain(p => p.What.En == "Make one to look at");
        Of(("product", "model"))
            .Adapt(Technique("sort-by-kind"))
            .Prep.ShouldBe(Of().Adapt(Technique("sort-by-kind")).Prep);
    }

    [Fact]
    public void A_step_is_passed_over_as_long_as_another_is_left()
    {
        var match = Technique("letter-match");
        match.Steps.ShouldContain(s => s.Step == 3);
        Of(("letter-match", "across-at-once")).Adapt(match).Steps.ShouldNotContain(s => s.Step == 3);
        var only = match with { Steps = [.. match.Steps.Where(s => s.Step == 3)] };
        Of(("letter-match", "across-at-once")).Adapt(only).Steps.Count.ShouldBe(1);
    }

    [Fact]
    public void Prerequisites_turn_with_the_choice()
    {
        Of().Needs("sounds").ShouldContain(n => n.On == "letters");
        Of(("letter-name-or-sound", "sound-first")).Needs("sounds").ShouldNotContain(n => n.On == "letters");
        Of(("letter-name-or-sound", "sound-first")).Needs("letters").ShouldContain(n => n.On == "sounds");
    }

    [Fact]
    public void A_child_has_ways_of_its_own_where_it_may()
    {
        var group = Of(("helping", "wait"));
        var child = Things.Child("Ada", 40) with
        {
            Ways = new Dictionary<string, string> { ["helping"] = "guide", ["sheets"] = "none" },
        };
        group.For(child).Help.ShouldBe(HelpManner.HandsAtOnce);
        group.For(child).ChoiceOf("sheets").ShouldBe(Of().ChoiceOf("sheets"), "sheets are the group's to decide");
        group.For(Things.Child("Ben", 40)).ShouldBeSameAs(group);
    }

    [Fact]
    public void A_child_helped_in_another_manner_gets_another_offer_in_the_week()
    {
        var blocks = Data.Demo.DemoScenario.Blocks;
        double Fit(string manner) =>
            Offers(
                Things.Group(
                    [Things.Child("Ada", 22) with { Ways = new Dictionary<string, string> { ["helping"] = manner } }],
                    blocks
                )
            );
        Fit("wait").ShouldNotBe(Fit("guide"));

        static double Offers(ChildrenGroup group) =>
            WeekProblem.Build(Things.Week(group)).Problem.Uses.Sum(u => u.Children[0].Fit);
    }

    [Fact]
    public void The_letter_is_small_and_a_feast_is_kept_where_the_group_says_so()
    {
        var theme = Published.Content.Theme("little-post-office")!;
        theme.As(smallLetters: true, "neutral").Letter.ShouldBe("p");
        theme.As(smallLetters: false, "neutral").ShouldBe(theme);
        theme.As(smallLetters: false, "festive").Greeting.ShouldBe(theme.Occasions["festive"].Greeting);
        theme.As(smallLetters: false, "faith").ShouldBe(theme, "this theme has nothing of the kind");
    }

    [Theory]
    [InlineData("cost: 12, ladders: [name]", "cost: 120, ladders: [name]", "from 0 to 100")]
    [InlineData("on: name, step: 3", "on: nome, step: 3", "no such ladder or step")]
    [InlineData("on: name, step: 3", "on: balance, step: 9", "no such ladder or step")]
    [InlineData("order: 6", "order: none", "is not a number")]
    public void A_wrong_file_is_refused(string right, string wrong, string reason)
    {
        var folder = Directory.CreateTempSubdirectory("nido-ways").FullName;
        try
        {
            CopyAll(Path.Combine(Published.Root, "content"), folder);
            var file = Path.Combine(folder, "differences/letter-order.yaml");
            var text = File.ReadAllText(file);
            text.ShouldContain(right);
            File.WriteAllText(file, text.Replace(right, wrong, StringComparison.Ordinal));
            Nido.Catalog.ContentReader.Read(folder)
                .Problems.ShouldContain(p => p.Reason.Contains(reason) && p.File.Contains("letter-order"));
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    /// <summary>All that follows from ways of working, as one text to compare.</summary>
    private static string Picture(WaysOfWorking ways)
    {
        var theme = Published.Content.Theme("little-post-office")!.As(ways.SmallLetters, ways.ChoiceOf("celebrations"));
        return string.Join(
                '\n',
                Techniques
                    .Select(t => ways.Adapt(t))
                    .Select(t =>
                        $"{t.Id} {ways.KeptOut(t)} {ways.CostOf(t)} "
                        + $"{string.Join('|', ways.Cues(t).Select(c => c.Say))} "
                        + $"{string.Join('|', t.Prep.Select(p => p.What))} "
                        + $"{string.Join('|', t.Steps.Select(s => s.Step))} "
                        + $"{string.Join('|', t.Roles.Select(r => string.Join(',', r.Needs.Prefer)))}"
                    )
            )
            + $"\n{ways.Help} {theme.Letter} {theme.Greeting} "
            + $"{string.Join('|', Published.Content.Ladders.Keys.Select(l => $"{l} {string.Join(',', ways.Needs(l))}"))}";
    }

    private static void CopyAll(string from, string to)
    {
        foreach (var file in Directory.EnumerateFiles(from, "*.yaml", SearchOption.AllDirectories))
        {
            var target = Path.Combine(to, Path.GetRelativePath(from, file));
            Directory.CreateDirectory(Path.GetDirectoryName(target)!);
            File.Copy(file, target);
        }
    }

    private static WaysOfWorking Of(params (string, string)[] chosen) =>
        new(All, chosen.ToDictionary(c => c.Item1, c => c.Item2));

    private static Technique Technique(string id) => Techniques.First(t => t.Id == id);
}
