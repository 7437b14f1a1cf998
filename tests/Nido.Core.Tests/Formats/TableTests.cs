using System.Text;
using Nido.Data.Demo;
using Nido.Data.Formats;

namespace Nido.Core.Tests.Formats;

public class TableTests
{
    // RFC 4180: fields with commas, quotes or line breaks stand in quotes, quotes are doubled, lines end with CRLF.
    [Fact]
    public void Tables_are_written_by_the_standard() =>
        TableWriter
            .Write(
                ["name", "note"],
                [
                    ["Tavi", "says \"more\", often"],
                ]
            )
            .ShouldBe("name,note\r\nTavi,\"says \"\"more\"\", often\"\r\n");

    [Theory]
    [InlineData("=1+1")]
    [InlineData("@home")]
    [InlineData("+44")]
    public void Text_that_looks_like_a_formula_goes_out_marked_and_comes_back_plain(string note)
    {
        var written = TableWriter.Write(
            ["name", "note"],
            [
                ["Tavi", note],
            ]
        );
        written.ShouldContain("'" + note);
        TableText
            .Read(Encoding.UTF8.GetBytes(written), ["name"], ["name", "note"])
            .Problems.Count.ShouldBe(note == "+44" ? 0 : 1);
    }

    [Theory]
    [InlineData("name,born\nTavi,2023-01-01\n")]
    [InlineData("name;born\nTavi;2023-01-01\n")]
    [InlineData("name\tborn\nTavi\t2023-01-01\n")]
    [InlineData("\uFEFFName , BORN\r\n Tavi ,2023-01-01\r\n\r\n")]
    public void Commas_semicolons_tabs_spaces_and_capitals_are_all_read(string text)
    {
        var table = TableText.Read(Encoding.UTF8.GetBytes(text), ["name", "born"], ["name", "born"]);
        table.Problems.ShouldBeEmpty();
        table.Rows.Single().Cells["name"].ShouldBe("Tavi");
        table.Rows.Single().Cells["born"].ShouldBe("2023-01-01");
    }

    [Fact]
    public void An_unknown_column_is_named_and_the_rest_is_read()
    {
        var table = TableText.Read(Encoding.UTF8.GetBytes("name,shoe size\nTavi,24\n"), ["name"], ["name"]);
        table.Problems.Single().Column.ShouldBe("shoe size");
        table.Rows.Count.ShouldBe(1);
    }

    [Theory]
    [InlineData("Rice,2,kg", 2000)]
    [InlineData("Rice,2.5,g", 2.5)]
    [InlineData("Water,1.5,l", 1500)]
    [InlineData("String,250,cm", 2.5)]
    [InlineData("String,3,", 3)]
    // NIST SP 811: one ounce is 28.349523125 g (exact).
    [InlineData("Rice,2,oz", 56.69904625)]
    public void Units_are_turned_into_those_of_the_material(string row, double amount)
    {
        var read = CupboardCsv.Read(Encoding.UTF8.GetBytes($"material,amount,unit\n{row}\n"), Published.Content);
        read.Problems.ShouldBeEmpty();
        read.Good.Single().Amount.ShouldBe(amount, 1e-9);
    }

    [Fact]
    public void The_demo_children_come_back_as_they_went_out()
    {
        var next = 0;
        var room = DemoScenario.WrenRoom(() => $"{next++}");
        var read = ChildrenCsv.Read(
            Encoding.UTF8.GetBytes(ChildrenCsv.Write(room)),
            room with
            {
                Children = [],
            },
            DemoScenario.Monday,
            () => "",
            Published.Content.Allergens
        );
        read.Problems.ShouldBeEmpty();
        read.Good.Select(c =>
                (
                    c.Name,
                    c.BornOn,
                    c.Days,
                    c.Mouths,
                    c.Hand,
                    c.AvoidsTouch,
                    Allergies: string.Join(';', c.Allergies),
                    c.HomeLanguage,
                    c.Note
                )
            )
            .ShouldBe(
                room.Children.Select(c =>
                    (
                        c.Name,
                        c.BornOn,
                        c.Days,
                        c.Mouths,
                        c.Hand,
                        c.AvoidsTouch,
                        Allergies: string.Join(';', c.Allergies),
                        c.HomeLanguage,
                        c.Note
                    )
                )
            );
    }

    [Fact]
    public void The_demo_input_is_the_same_every_time()
    {
        var (first, second) = (DemoWeek.Input(Published.Content), DemoWeek.Input(Published.Content));
        first.Ideas.Select(i => i.Id).ShouldBe(second.Ideas.Select(i => i.Id));
        first.Group.Children.Count.ShouldBe(14);
        first.OnHand.Count.ShouldBeInRange(55, 80);
        first.Days.Count.ShouldBe(5);
    }
}
