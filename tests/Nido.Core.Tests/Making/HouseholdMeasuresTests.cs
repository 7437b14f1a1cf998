using FsCheck.Xunit;
using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

public class HouseholdMeasuresTests
{
    // USDA FoodData Central portion weights (from memory), g in a US cup.
    [Theory]
    [InlineData("salt", 292)]
    [InlineData("flour", 125)]
    [InlineData("sugar", 200)]
    [InlineData("oats", 81)]
    [InlineData("rice", 185)]
    [InlineData("cornstarch", 128)]
    public void A_cup_of_food_weighs_what_the_table_says(string food, double grams)
    {
        (HouseholdMeasures.CupDensity(food) * HouseholdMeasures.Cup).ShouldBe(grams, 1e-9);
        TrayFill.Of(new(1000, 1000, HouseholdMeasures.Cup / 1000, Material: food)).MassG.ShouldBe(grams, 0.01);
    }

    // NIST Handbook 44 appendix C (from memory).
    [Fact]
    public void Spoons_and_cups_are_in_their_ratios()
    {
        (HouseholdMeasures.Tablespoon / HouseholdMeasures.Teaspoon).ShouldBe(3, 0.001);
        (HouseholdMeasures.Cup / HouseholdMeasures.Tablespoon).ShouldBe(16, 0.001);
    }

    [Property(MaxTest = 200)]
    public bool What_is_shown_is_within_half_a_step_of_what_is_asked(ushort tenths, bool us)
    {
        var ml = 1 + (tenths / 10.0);
        var (amount, shown, unit) = HouseholdMeasures.Nearest(ml, us);
        var step =
            !us
                ? (
                    ml <= 50 ? 1
                    : ml <= 500 ? 5
                    : 25
                )
            : ml <= 10 * HouseholdMeasures.Teaspoon ? HouseholdMeasures.Teaspoon / 4
            : ml <= 10 * HouseholdMeasures.Tablespoon ? HouseholdMeasures.Teaspoon
            : ml <= 1.25 * HouseholdMeasures.Cup ? HouseholdMeasures.Tablespoon
            : HouseholdMeasures.Cup / 8;
        return Math.Abs(amount - ml) <= (step / 2) + 1e-6 && shown > 0 && (us == (unit.Length > 0));
    }

    [Fact]
    public void A_recipe_in_cups_is_the_same_dough_as_in_grams()
    {
        var metric = RecipeScale.Of(new(10, 100, "dough-wheat-cooked"), Published.Content.Recipes);
        var cups = RecipeScale.Of(new(10, 100, "dough-wheat-cooked", Measures: "us"), Published.Content.Recipes);
        foreach (var (m, c) in metric.Ingredients.Zip(cups.Ingredients))
        {
            m.Name.ShouldBe(c.Name);
            (c.ExactAmount / cups.Factor).ShouldBe(m.ExactAmount / metric.Factor, 0.1);
        }
    }
}
