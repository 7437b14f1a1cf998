using System.Xml.Linq;
using Nido.Core.Group;
using Nido.Core.Making;
using Nido.Core.Paper;
using Nido.Sheets;

namespace Nido.Core.Tests.Paper;

/// <summary>What holds of every sheet, whatever is asked of it.</summary>
public sealed class SheetLawTests
{
    private static readonly string[] SomeTexts = ["Ñ", "Zoë", "snail", "7", "Ω", "ab cd", ""];
    private static readonly string[] SomeEntries = ["Anouk", "a long word of one's own", "moon", "Дима", "5"];

    public static TheoryData<string> Kinds => [.. SheetKinds.All.Select(k => k.Id)];

    internal static SheetSetting Setting(PaperSize paper = PaperSize.A4, bool left = false, string language = "en") =>
        new(paper, language, left, new("Cut the stamps", "Step 4", "Tuesday 8 December", "Anouk")) { Beats = _ => 2 };

    [Theory]
    [MemberData(nameof(Kinds))]
    public void As_it_begins_it_is_drawn_inside_the_printable_area_on_both_papers_for_both_hands(string id)
    {
        foreach (
            var setting in new[] { Setting(), Setting(PaperSize.Letter), Setting(left: true), Setting(language: "es") }
        )
        {
            var sheet = SheetKinds.Get(id).Make(new(), setting, Lettering.Ours);
            sheet.Pages.Count.ShouldBeGreaterThan(0);
            Holds(sheet);
        }
    }

    /// <summary>Values by a seeded chance, some of them outside: a sheet that keeps the laws, or a refusal that names
    /// the field.</summary>
    [Theory]
    [MemberData(nameof(Kinds))]
    public void Whatever_is_asked_it_keeps_the_laws_or_is_refused_with_its_field(string id)
    {
        var kind = SheetKinds.Get(id);
        var chance = new SeededChance(7);
        var made = 0;
        for (var k = 0; k < 25; k++)
        {
            try
            {
                Holds(
                    kind.Make(
                        Drawn(kind, chance),
                        Setting(k % 2 == 0 ? PaperSize.A4 : PaperSize.Letter, k % 3 == 0),
                        Lettering.Ours
                    )
                );
                made++;
            }
            catch (MakingException e)
            {
                e.Allowed.Length.ShouldBeGreaterThan(10);
                e.Field.ShouldNotBeEmpty();
            }
        }

        made.ShouldBeGreaterThan(0, "nothing of all this was made");
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Numbers_outside_their_range_are_refused_with_field_value_and_range(string id)
    {
        var kind = SheetKinds.Get(id);
        foreach (var field in kind.Fields.Where(f => f.Kind is FieldKind.Number or FieldKind.Whole))
        {
            foreach (
                var bad in new[] { field.Least - 1, field.Most + 1, double.NaN, double.PositiveInfinity, -1e300, 1e300 }
            )
            {
                var refused = Should.Throw<MakingException>(
                    () =>
                        kind.Make(
                            new(new Dictionary<string, double> { [field.Name] = bad }),
                            Setting(),
                            Lettering.Ours
                        ),
                    $"{id}.{field.Name} took {bad}"
                );
                refused.Field.ShouldBe(field.Name);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void The_same_values_give_the_same_bytes(string id)
    {
        byte[] Once() => SheetPdf.Of(id, "en", SheetKinds.Get(id).Make(new(), Setting(), Lettering.Ours).Pages);
        Once().ShouldBe(Once());
    }

    [Fact]
    public void A_name_that_is_no_field_and_a_kind_that_is_none_are_refused()
    {
        Should
            .Throw<MakingException>(() =>
                SheetKinds
                    .Get("squares")
                    .Make(new(new Dictionary<string, double> { ["colour"] = 1 }), Setting(), Lettering.Ours)
            )
            .Allowed.ShouldContain("side");
        Should.Throw<MakingException>(() => SheetKinds.Get("castle")).Field.ShouldBe("kind");
    }

    [Theory]
    [InlineData("name-tags", "names")]
    [InlineData("word-cards", "words")]
    [InlineData("spinner", "sectors")]
    public void An_empty_list_says_what_to_write(string id, string field)
    {
        var lists = new Dictionary<string, IReadOnlyList<string>> { [field] = ["", "  "] };
        var refused = Should.Throw<MakingException>(() =>
            SheetKinds.Get(id).Make(new(null, null, lists), Setting(), Lettering.Ours)
        );
        (refused.Field, $"{refused.Allowed}").ShouldBe((field, "write at least 1 of them, a line each"));
    }

    [Fact]
    public void A_name_of_sixty_letters_is_printed_whole_and_two_hundred_names_too()
    {
        string[] names =
        [
            "Maria Anunciación de los Ángeles Fernández-Villaseñor y Ruiz",
            .. Enumerable.Range(1, 199).Select(k => $"Child {k}"),
        ];
        names[0].Length.ShouldBe(60);
        foreach (var id in new[] { "name-tags", "observation-sheet", "name-tiles" })
        {
            var sheet = SheetKinds
                .Get(id)
                .Make(
                    new(null, null, new Dictionary<string, IReadOnlyList<string>> { ["names"] = names }),
                    Setting(),
                    Lettering.Ours
                );
            Holds(sheet);
            var said = string.Join(" ", sheet.Pages.SelectMany(p => p.Marks).OfType<Writing>().Select(s => s.Text));
            if (id != "name-tiles")
            {
                names.ShouldAllBe(n => n.Split(' ', StringSplitOptions.None).All(part => said.Contains(part)));
            }
        }
    }

    [Fact]
    public void A_word_without_a_picture_leaves_a_frame_and_says_so()
    {
        var sheet = SheetKinds
            .Get("word-cards")
            .Make(
                new(null, null, new Dictionary<string, IReadOnlyList<string>> { ["words"] = ["quark"] }),
                Setting(),
                Lettering.Ours
            );
        sheet.Notes.ShouldBe(["There is no picture of “quark”: an empty frame is left to draw in."]);
    }

    [Fact]
    public void Every_text_of_a_sheet_is_there_in_both_languages_with_the_same_slots()
    {
        foreach (var (key, (english, spanish)) in PaperWords.All)
        {
            Enumerable
                .Range(0, 6)
                .Where(n => english.Contains($"{{{n}}}"))
                .ShouldBe(Enumerable.Range(0, 6).Where(n => spanish.Contains($"{{{n}}}")), key);
            spanish.ShouldNotBeEmpty(key);
        }

        var words = PaperWords.In("en");
        foreach (var kind in SheetKinds.All)
        {
            words.Kind(kind.Id).ShouldNotBeEmpty();
            words.Family(kind.Family).ShouldNotBeEmpty();
            kind.Fields.ShouldAllBe(f =>
                words.Field(f.Name).Length > 0
                && f.Choices.All(c => c.All(char.IsUpper) || words.Choice(c) != c || words.Choice(c).Length > 0)
            );
        }
    }

    /// <summary>Values in and about the range of each field.</summary>
    private static SheetValues Drawn(SheetKind kind, SeededChance chance)
    {
        var numbers = new Dictionary<string, double>();
        var texts = new Dictionary<string, string>();
        var lists = new Dictionary<string, IReadOnlyList<string>>();
        foreach (var f in kind.Fields.Where(_ => chance.Next(3) > 0))
        {
            switch (f.Kind)
            {
                case FieldKind.Number:
                    numbers[f.Name] = f.Least + ((f.Most - f.Least) * chance.Next(1001) / 1000);
                    break;
                case FieldKind.Whole:
                    numbers[f.Name] = Math.Min(f.Most, f.Least + chance.Next((int)Math.Min(200, f.Most - f.Least) + 1));
                    break;
                case FieldKind.Choice:
                    texts[f.Name] = f.Choices[chance.Next(f.Choices.Count)];
                    break;
                case FieldKind.Text:
                    texts[f.Name] = SomeTexts[chance.Next(7)];
                    break;
                default:
                    lists[f.Name] =
                    [
                        .. Enumerable
                            .Range(0, 1 + chance.Next((int)Math.Min(12, f.Most)))
                            .Select(n => SomeEntries[chance.Next(5)]),
                    ];
                    break;
            }
        }

        return new(numbers, texts, lists);
    }

    /// <summary>The laws: nothing outside the printable area, the check line of 100 mm, letters that can be read, a
    /// drawing that is XML.</summary>
    internal static void Holds(Sheet sheet)
    {
        foreach (var page in sheet.Pages)
        {
            foreach (var mark in page.Marks)
            {
                page.Printable.Inside(-0.5)
                    .Holds(Covers(mark))
                    .ShouldBeTrue($"{sheet.Kind}: {mark} covers {Covers(mark)} on {page.Width} × {page.Height}");
                if (mark is Writing said)
                {
                    said.Size.ShouldBeGreaterThanOrEqualTo(said.Grey == 1 ? 0.9 : Leaf.Smallest * 0.85, said.Text);
                }
            }

            page.Marks.OfType<Core.Paper.Drawn>()
                .Count(d => d.Figure.Bounds.Height == 0 && Math.Abs(d.Figure.Length - 100) < 1e-9 && d.Line == 0.4)
                .ShouldBe(1);
            XDocument.Parse(SheetSvg.Of(page, sheet.Title)).Root!.Name.LocalName.ShouldBe("svg");
        }
    }

    private static Box Covers(Mark mark) =>
        mark switch
        {
            Core.Paper.Drawn d => d.Figure.Bounds.Inside(-(d.FlatEnds ? 0 : d.Line / 2)),
            Writing s => Lettering.Ours.Width(s.Text, s.Face, s.Size) is var w
            && s.Align switch
            {
                Align.Left => s.Where.X,
                Align.Middle => s.Where.X - (w / 2),
                _ => s.Where.X - w,
            }
                is var x
                ? new Box(x, s.Where.Y - (s.Size * 0.75), w, s.Size * 0.75)
                : default,
            _ => default,
        };
}
