using Nido.Core.Cupboard;

namespace Nido.Core.Families;

/// <summary>
/// Shares out what is asked of families: as few ask-fors a family as can be, and for the same thing alike amounts. Nobody is
/// asked for what its own child must keep away from.
/// </summary>
public static class SharedOut
{
    /// <summary>What a family saves up of a counted thing without trouble; twice <see cref="AskFamilies.UsualEach"/>, a week's
    /// and a little. What is only lent, a tray or a bowl, comes one by one.</summary>
    private static double Easy(Material material) => material.Consumable ? 2 * AskFamilies.UsualEach : 1;

    /// <summary>Things have to be there on the last working day before the first day they are used.</summary>
    public static DateOnly BringBy(DateOnly firstDay)
    {
        if (firstDay <= DateOnly.MinValue.AddDays(7))
        {
            return firstDay;
        }

        var day = firstDay.AddDays(-1);
        while (day.DayOfWeek is DayOfWeek.Saturday or DayOfWeek.Sunday)
        {
            day = day.AddDays(-1);
        }

        return day;
    }

    /// <summary>Who is asked for what. What nobody may be asked for is not shared out.</summary>
    /// <param name="needs">What is missing, each once, over 0.</param>
    /// <param name="families">Ids of the children, in the order in which they are asked.</param>
    /// <param name="already">What families have been asked for before; it counts against asking them again.</param>
    /// <param name="mayAsk">Whether a family may be asked for a thing.</param>
    public static IReadOnlyList<AskedOfFamily> Of(
        IReadOnlyList<(Material Material, double Amount)> needs,
        IReadOnlyList<string> families,
        IReadOnlyCollection<AskedOfFamily> already,
        Func<string, Material, bool> mayAsk
    )
    {
        ArgumentNullException.ThrowIfNull(needs);
        ArgumentNullException.ThrowIfNull(families);
        ArgumentNullException.ThrowIfNull(already);
        ArgumentNullException.ThrowIfNull(mayAsk);
        var load = families.ToDictionary(f => f, f => already.Count(a => a.ChildId == f));
        var shared = new List<AskedOfFamily>();
        // What takes most families first, so that the others even out what it leaves.
        foreach (
            var (material, amount) in needs
                .OrderByDescending(n => Wanted(n.Material, n.Amount))
                .ThenBy(n => n.Material.Id, StringComparer.Ordinal)
        )
        {
            string[] may = [.. families.Where(f => mayAsk(f, material))];
            if (may.Length == 0)
            {
                continue;
            }

            var whole = Math.Ceiling(amount - 1e-9);
            var many = Math.Clamp(Wanted(material, amount), 1, may.Length);
            var asked = may.OrderBy(f => load[f]).Take(many).ToArray();
            for (var k = 0; k < asked.Length; k++)
            {
                // Alike amounts that add up to the whole: the first ones bring the one more.
                var part = Math.Floor(whole / many) + (k < whole % many ? 1 : 0);
                if (part > 0)
                {
                    shared.Add(new(asked[k], material, part));
                    load[asked[k]]++;
                }
            }
        }

        return shared;
    }

    /// <summary>How many families it takes: what is weighed or poured comes from one.</summary>
    private static int Wanted(Material material, double amount) =>
        material.Unit is MaterialUnit.Piece or MaterialUnit.Sheet
            ? (int)Math.Ceiling((amount / Easy(material)) - 1e-9)
            : 1;
}
