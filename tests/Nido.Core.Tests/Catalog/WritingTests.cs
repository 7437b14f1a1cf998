using Nido.Core.Ideas;

namespace Nido.Core.Tests.Catalog;

/// <summary>What a machine can see of how the catalogue is written; the rest stands in docs/writing-content.md and is
/// read aloud.</summary>
public class WritingTests
{
    private static readonly IReadOnlyList<Technique> All = Published.Content.Techniques;

    private static IEnumerable<(string Of, InBoth Text)> Cues =>
        All.SelectMany(t =>
            t.Steps.SelectMany(s =>
                (IEnumerable<(string, InBoth)>)[(t.Id, s.Say), (t.Id, s.Easier), (t.Id, s.Harder), (t.Id, s.Seen)]
            )
        );

    [Fact]
    public void A_cue_belongs_to_its_work_and_is_not_used_in_more_than_three() =>
        Cues.Where(c => c.Text.En.Length > 12)
            .GroupBy(c => c.Text.En)
            .Where(g => g.Select(c => c.Of).Distinct().Count() > 3)
            .Select(g => g.Key)
            .ShouldBeEmpty();

    [Fact]
    public void A_sentence_can_be_read_on_the_way_to_the_table()
    {
        foreach (var step in All.SelectMany(t => t.Steps))
        {
            foreach (var text in (InBoth[])[step.Do, step.Say, step.Easier, step.Harder, step.Seen])
            {
                text.En.Length.ShouldBeLessThanOrEqualTo(110, text.En);
                text.Es.Length.ShouldBeLessThanOrEqualTo(120, text.Es);
            }

            foreach (var text in (InBoth[])[step.Do, step.Say])
            {
                text.En.ShouldMatch("[.?!…][’']?$", text.En);
                text.Es.ShouldMatch("[.?!…][»’]?\\.?$", text.Es);
            }

            foreach (var text in (InBoth[])[step.Easier, step.Harder, step.Seen])
            {
                text.En.ShouldNotEndWith(".");
                text.Es.ShouldNotEndWith(".");
            }
        }
    }

    /// <summary>Words of a profession, or praise, where a plain word does.</summary>
    [Theory]
    [InlineData("tripod")]
    [InlineData("pincer")]
    [InlineData("propriocept")]
    [InlineData("bilateral")]
    [InlineData("vestibular")]
    [InlineData("manipulat")]
    [InlineData("encourage")]
    [InlineData("good job")]
    [InlineData("is safe")]
    [InlineData("diagnos")]
    public void It_is_said_in_plain_words(string word)
    {
        foreach (
            var text in Cues.Select(c => c.Text)
                .Concat(All.SelectMany(t => t.Steps).Select(s => s.Do))
                .Concat(All.SelectMany(t => t.Signs).SelectMany(s => (InBoth[])[s.Seen, s.Change]))
        )
        {
            text.En.ShouldNotContain(word);
        }
    }

    [Fact]
    public void Most_ways_of_working_are_something_for_a_home_too()
    {
        All.Count(t => t.Home is not null).ShouldBeGreaterThanOrEqualTo(50);
        All.Select(t => t.Home).OfType<HomeWay>().ShouldAllBe(h => h.Minutes <= 10 && h.Do.En.Length <= 200);
    }

    [Fact]
    public void How_much_there_is_is_counted() =>
        Nido.Catalog.ContentCounts.Of(Published.Content)[0].ShouldStartWith($"{All.Count} ways of working, 24 themes");
}
