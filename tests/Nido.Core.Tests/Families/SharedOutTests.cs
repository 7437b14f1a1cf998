using FsCheck.Xunit;
using Nido.Core.Cupboard;
using Nido.Core.Families;

namespace Nido.Core.Tests.Families;

/// <summary>What is asked of families adds up, is alike, and lies on many shoulders.</summary>
public class SharedOutTests
{
    private static readonly string[] Families = [.. Enumerable.Range(0, 9).Select(k => $"f{k}")];

    [Property(MaxTest = 100)]
    public void It_adds_up_to_what_is_missing_in_alike_amounts_and_nobody_is_asked_twice_for_a_thing(
        byte[] amounts,
        byte families
    )
    {
        var needs = Needs(amounts);
        var who = Families[..(1 + (families % Families.Length))];
        var shared = SharedOut.Of(needs, who, [], (_, _) => true);
        foreach (var (material, amount) in needs)
        {
            var of = shared.Where(s => s.Material == material).ToArray();
            of.Sum(s => s.Amount).ShouldBe(Math.Ceiling(amount));
            of.Select(s => s.ChildId).ShouldBeUnique();
            (of.Max(s => s.Amount) - of.Min(s => s.Amount)).ShouldBeLessThanOrEqualTo(1);
            of.ShouldAllBe(s => s.Amount > 0);
        }
    }

    /// <summary>A law: no family has two things more to bring than another that could have been asked.</summary>
    [Property(MaxTest = 100)]
    public void Nobody_is_asked_for_much_more_than_another(byte[] amounts)
    {
        var shared = SharedOut.Of(Needs(amounts), Families, [], (_, _) => true);
        int[] load = [.. Families.Select(f => shared.Count(s => s.ChildId == f))];
        (load.Max() - load.Min()).ShouldBeLessThanOrEqualTo(1);
    }

    [Fact]
    public void Who_may_not_be_asked_is_not_and_what_nobody_may_bring_is_not_asked()
    {
        var (lids, nuts) = (Things.Thing("lids", consumable: true), Things.Thing("nuts", consumable: true));
        var shared = SharedOut.Of(
            [(lids, 20), (nuts, 5)],
            Families,
            [],
            (family, material) => material == lids && family != "f3"
        );
        shared.ShouldAllBe(s => s.Material == lids && s.ChildId != "f3");
        shared.Sum(s => s.Amount).ShouldBe(20);
    }

    [Fact]
    public void Who_was_asked_before_is_asked_last()
    {
        var lids = Things.Thing("lids", consumable: true);
        AskedOfFamily[] before = [.. Families[..8].Select(f => new AskedOfFamily(f, Things.Thing("rolls"), 1))];
        SharedOut.Of([(lids, 3)], Families, before, (_, _) => true).Single().ChildId.ShouldBe("f8");
    }

    [Theory]
    [InlineData(MaterialUnit.Gram, false, 300, 1)]
    [InlineData(MaterialUnit.Piece, true, 8, 2)]
    [InlineData(MaterialUnit.Piece, false, 5, 5)]
    [InlineData(MaterialUnit.Piece, true, 400, 9)]
    public void What_is_weighed_comes_from_one_what_is_saved_up_by_fours_what_is_lent_one_by_one(
        MaterialUnit unit,
        bool consumable,
        double amount,
        int families
    ) =>
        SharedOut
            .Of(
                [(Things.Thing("x", consumable: consumable) with { Unit = unit }, amount)],
                Families,
                [],
                (_, _) => true
            )
            .Count.ShouldBe(families);

    private static (Material, double)[] Needs(byte[] amounts) =>
        [.. amounts.Take(6).Select((a, k) => (Things.Thing($"m{k}", consumable: a % 2 == 0), 0.5 + (a % 50)))];
}
