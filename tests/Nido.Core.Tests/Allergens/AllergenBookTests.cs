using FsCheck.Xunit;
using Nido.Core.Allergens;

namespace Nido.Core.Tests.Allergens;

public class AllergenBookTests
{
    private static readonly AllergenBook Book = Published.Content.Allergens;

    [Theory]
    [InlineData("gluten", "gluten")]
    [InlineData("Coeliac", "gluten")]
    [InlineData("coeliac disease", "gluten")]
    [InlineData("Celíaca", "gluten")]
    [InlineData("sin gluten", "gluten")]
    [InlineData("gluten-free", "gluten")]
    [InlineData("wheats", "wheat")]
    [InlineData("Wheat", "wheat")]
    [InlineData("  WHEAT  ", "wheat")]
    [InlineData("wheat flour", "wheat")]
    [InlineData("whole wheat bread", "wheat")]
    [InlineData("trigo", "wheat")]
    [InlineData("nuts", "tree-nut peanut")]
    [InlineData("allergic to all nuts (severe)", "tree-nut peanut")]
    [InlineData("frutos secos", "tree-nut peanut")]
    [InlineData("tree nuts", "tree-nut")]
    [InlineData("Tree-Nut", "tree-nut")]
    [InlineData("cacahuete", "peanut")]
    [InlineData("Maní", "peanut")]
    [InlineData("peanut butter", "peanut")]
    [InlineData("dairy", "milk")]
    [InlineData("lactose intolerance", "milk")]
    [InlineData("cow's milk protein", "milk")]
    [InlineData("almond milk", "almond")]
    [InlineData("coconut milk", "coconut")]
    [InlineData("oat milk", "oats")]
    [InlineData("maize", "maize")]
    [InlineData("corn starch", "maize")]
    [InlineData("raw egg whites", "egg")]
    [InlineData("huevos", "egg")]
    [InlineData("shellfish", "crustacean mollusc")]
    [InlineData("prawns", "crustacean")]
    [InlineData("Látex", "latex")]
    [InlineData("bees", "bee-wasp")]
    [InlineData("buckwheat", "buckwheat")]
    [InlineData("strawberries", "berry")]
    [InlineData("milk, eggs and soya", "milk egg soy")]
    [InlineData("leche y huevo", "milk egg")]
    [InlineData("peanut; sesame / kiwi", "peanut sesame kiwi")]
    public void Words_of_families_are_read(string written, string ids)
    {
        var read = Book.Read(written);
        read.Allergens.ShouldBe(ids.Split(' '));
        read.Unknown.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("none")]
    [InlineData("No known allergies")]
    [InlineData("ninguna")]
    [InlineData("-")]
    [InlineData("n/a")]
    [InlineData("")]
    public void No_allergy_is_no_word(string written) => Book.Read(written).Words.ShouldBeEmpty();

    [Theory]
    [InlineData("annatto")]
    [InlineData("quorn")]
    [InlineData("Xylitol gum")]
    [InlineData("unknown")]
    [InlineData("not known")]
    [InlineData("not yet known")]
    [InlineData("desconocida")]
    [InlineData("?")]
    [InlineData("花生")]
    public void A_word_that_nobody_knows_is_kept_as_it_is(string written)
    {
        var read = Book.Read(written);
        read.Allergens.ShouldBeEmpty();
        read.Unknown.ShouldBe([written]);
    }

    [Fact]
    public void What_stands_beside_a_known_word_is_not_dropped()
    {
        var read = Book.Read("peanut annatto, wheat");
        read.Allergens.ShouldBe(["peanut", "wheat"]);
        read.Unknown.ShouldBe(["annatto"]);
    }

    [Theory]
    [InlineData("penut", "peanut")]
    [InlineData("peanutt", "peanut")]
    [InlineData("weat", "wheat")]
    [InlineData("whaet", "wheat")]
    [InlineData("sessame", "sesame")]
    [InlineData("almon", "almond")]
    public void A_near_miss_is_asked_back_and_not_taken(string written, string meant)
    {
        var near = Book.Read(written).Asked.Single();
        near.Word.ShouldBe(written);
        near.DidYouMean.ShouldContain(meant);
        Book.Read(written).Allergens.ShouldBeEmpty();
    }

    [Fact]
    public void Every_word_of_the_vocabulary_stands_for_what_its_file_says_in_any_spelling()
    {
        foreach (var allergen in Book.All)
        {
            string[] stands = allergen.Means.Count > 0 ? [.. allergen.Means] : [allergen.Id];
            foreach (var word in AllergenBook.WordsOf(allergen))
            {
                Book.Read(word).Allergens.ShouldBe(stands, word);
                Book.Read(word.ToUpperInvariant()).Allergens.ShouldBe(stands, word);
                Book.Read($"{word} allergy (severe)").Allergens.ShouldBe(stands, word);
                Book.Read(word.Replace(' ', '-')).Allergens.ShouldBe(stands, word);
            }
        }
    }

    [Property(MaxTest = 300)]
    public bool Nothing_written_is_taken_in_silence(string? written)
    {
        // Whatever is written is read, kept as unknown, or says that there is none: as a whole ("n/a") or in each part.
        var read = Book.Read(written ?? "");
        return read.Words.Count > 0
            || AllergenWords.SaysNone(written ?? "")
            || AllergenWords.Parts(written ?? "").All(AllergenWords.SaysNone);
    }

    // Regulation (EU) 1169/2011 Annex II has fourteen; FALCPA 2004 with the FASTER Act 2021 nine (from memory).
    [Fact]
    public void The_published_lists_are_whole()
    {
        Book.All.Where(a => a.Lists.Contains(Allergen.EuropeanList))
            .Select(a => a.Id)
            .Order()
            .ShouldBe(
                (
                    (string[])
                        [
                            "gluten",
                            "crustacean",
                            "egg",
                            "fish",
                            "peanut",
                            "soy",
                            "milk",
                            "tree-nut",
                            "celery",
                            "mustard",
                            "sesame",
                            "sulphite",
                            "lupin",
                            "mollusc",
                        ]
                ).Order()
            );
        Book.All.Where(a => a.Lists.Contains(Allergen.AmericanList))
            .Select(a => a.Id)
            .Order()
            .ShouldBe(
                (
                    (string[])["milk", "egg", "fish", "crustacean", "tree-nut", "peanut", "wheat", "soy", "sesame"]
                ).Order()
            );
        Book.All.Where(a => a.Lists.Contains(Allergen.CraftRoomList))
            .Select(a => a.Id)
            .Order()
            .ShouldBe(
                ((string[])["latex", "maize", "oats", "coconut", "wool", "bee-wasp", "scent", "plaster"]).Order()
            );
    }

    [Theory]
    [InlineData("gluten", "wheat", true)]
    [InlineData("gluten", "oats", true)]
    [InlineData("wheat", "gluten", true)]
    [InlineData("wheat", "oats", false)]
    [InlineData("tree-nut", "almond", true)]
    [InlineData("almond", "tree-nut", true)]
    [InlineData("almond", "walnut", false)]
    [InlineData("peanut", "tree-nut", false)]
    public void A_kind_is_met_by_the_wider_word_and_the_other_way_round(string allergy, string held, bool meets) =>
        Book.Meets(allergy, held).ShouldBe(meets);

    // Damerau 1964: the four slips of a typist count one.
    [Theory]
    [InlineData("wheat", "whet", 1)]
    [InlineData("wheat", "wheats", 1)]
    [InlineData("wheat", "wheet", 1)]
    [InlineData("wheat", "whaet", 1)]
    [InlineData("wheat", "oats", 4)]
    public void Slips_of_a_typist(string a, string b, int apart) => AllergenWords.Apart(a, b).ShouldBe(apart);
}
