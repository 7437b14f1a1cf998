using System.Diagnostics;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;

namespace Nido.Bench;

/// <summary>Works out the beliefs of a large group from all that was seen, and of one child after one more
/// observation.</summary>
internal static class EvidenceBench
{
    private const int Children = 40;
    private const int Ladders = 16;
    private const int Seen = 200;

    /// <summary>Seconds for all of it, and for one more observation.</summary>
    public static (double All, double One) Measure(Content content)
    {
        var chance = new SeededChance(3);
        var today = new DateOnly(2026, 12, 7);
        Child[] children =
        [
            .. Enumerable
                .Range(0, Children)
                .Select(c => new Child(
                    $"c{c}",
                    $"Child {c}",
                    today.AddMonths(-20 - c),
                    WeekDays.MondayToFriday,
                    false,
                    Hand.Undecided,
                    false,
                    [],
                    "en",
                    ""
                )),
        ];
        Ladder[] ladders = [.. content.Ladders.Values.Take(Ladders)];
        Observation[] seen =
        [
            .. from c in children
            from l in ladders
            from k in Enumerable.Range(0, Seen)
            select new Observation(
                k,
                c.Id,
                l.Id,
                1 + chance.Next(l.Steps.Count),
                (HelpLevel)chance.Next(4),
                today.AddDays(-Seen + k),
                "",
                ""
            ),
        ];
        double Time(IReadOnlyList<Observation> of, IEnumerable<Child> who, IEnumerable<Ladder> on)
        {
            var watch = Stopwatch.GetTimestamp();
            var evidence = new Evidence(of, [], today);
            foreach (var (child, ladder) in who.SelectMany(c => on.Select(l => (c, l))))
            {
                _ = evidence.Belief(child, ladder).Mean;
            }

            return Stopwatch.GetElapsedTime(watch).TotalSeconds;
        }

        Observation[] ofOne = [.. seen.Where(o => o.ChildId == "c0" && o.Ladder == ladders[0].Id)];
        Time(seen, children, ladders);
        return (Time(seen, children, ladders), Time(ofOne, children.Take(1), ladders.Take(1)));
    }
}
