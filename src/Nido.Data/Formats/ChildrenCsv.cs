using System.Globalization;
using System.Text;
using Nido.Core;
using Nido.Core.Allergens;
using Nido.Core.Group;

namespace Nido.Data.Formats;

/// <summary>Children as a table, both ways.</summary>
public static class ChildrenCsv
{
    private static readonly string[] Needed = ["name", "born"];
    private static readonly string[] Known =
    [
        "name",
        "born",
        "days",
        "mouths",
        "hand",
        "avoids touch",
        "allergies",
        "language",
        "note",
    ];
    private static readonly (string Short, WeekDays Day)[] Days =
    [
        ("Mo", WeekDays.Monday),
        ("Tu", WeekDays.Tuesday),
        ("We", WeekDays.Wednesday),
        ("Th", WeekDays.Thursday),
        ("Fr", WeekDays.Friday),
        ("Sa", WeekDays.Saturday),
    ];

    /// <summary>Reads children; ids are given by <paramref name="newId"/>.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="group">The group they join: its days are the default, its names are taken.</param>
    /// <param name="today">For judging birth dates.</param>
    /// <param name="newId">Makes opaque ids.</param>
    /// <param name="book">The vocabulary allergies are read with; a word that maps to nothing is kept, a near miss is
    /// asked back.</param>
    public static ListReading<Child> Read(
        byte[] bytes,
        ChildrenGroup group,
        DateOnly today,
        Func<string> newId,
        AllergenBook book
    )
    {
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(book);
        var table = TableText.Read(bytes, Needed, Known);
        var problems = table.Problems.ToList();
        var good = new List<Child>();
        var taken = group.Children.ToDictionary(c => Key(c.Name), _ => 0);
        foreach (var (row, cells) in table.Rows)
        {
            var before = problems.Count;
            string Cell(string column) => cells.GetValueOrDefault(column, "");
            void Refuse(string column, Said message) => problems.Add(new(row, column, Cell(column), message));

            var name = Cell("name");
            if (name.Length is 0 or > 60)
            {
                Refuse("name", $"A name of 1 to 60 letters is wanted.");
            }
            else if (taken.TryGetValue(Key(name), out var first))
            {
                Refuse(
                    "name",
                    first == 0
                        ? (Said)
                            $"{name} is already in {group.Name}. Add a letter of the family name, or leave the row out."
                        : $"{name} stands twice, first in row {first}. Add a letter of the family name, or leave the row out."
                );
            }

            var born = Born(Cell("born"), today, message => Refuse("born", message));
            var days = DaysOf(Cell("days"), group.Days, message => Refuse("days", message));
            var mouths = YesOrNo(Cell("mouths"), message => Refuse("mouths", message));
            var avoids = YesOrNo(Cell("avoids touch"), message => Refuse("avoids touch", message));
            var hand = HandOf(Cell("hand"), message => Refuse("hand", message));
            var allergies = book.Read(Cell("allergies"));
            foreach (var near in allergies.Asked)
            {
                Refuse(
                    "allergies",
                    $"\u201c{near.Word}\u201d is no allergen Nido knows. Did you mean "
                        + $"{near.DidYouMean.Select(book.Called):or}? Write that, or leave the word out here "
                        + $"and keep it as it is in the child's own dialog."
                );
            }

            if (problems.Count == before)
            {
                taken[Key(name)] = row;
                good.Add(
                    new Child(
                        newId(),
                        name.Normalize(NormalizationForm.FormC),
                        born,
                        days,
                        mouths,
                        hand,
                        avoids,
                        allergies.Allergens,
                        Cell("language") is { Length: 2 } language ? language.ToLowerInvariant() : "en",
                        Cell("note")
                    )
                    {
                        UnknownAllergies = allergies.Unknown,
                    }
                );
            }
        }

        return new(good, [.. problems.OrderBy(p => p.Row)], table.Encoding);
    }

    /// <summary>Writes the children of a group.</summary>
    public static string Write(ChildrenGroup group) =>
        TableWriter.Write(
            Known,
            group.Children.Select(c =>
                (string[])
                    [
                        c.Name,
                        c.BornOn.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                        string.Join(' ', Days.Where(d => c.Days.HasFlag(d.Day)).Select(d => d.Short)),
                        c.Mouths ? "yes" : "no",
                        $"{c.Hand}".ToLowerInvariant(),
                        c.AvoidsTouch ? "yes" : "no",
                        string.Join(", ", c.Allergies.Concat(c.UnknownAllergies)),
                        c.HomeLanguage,
                        c.Note,
                    ]
            )
        );

    /// <summary>Why a birth date cannot be, or null.</summary>
    public static Said? BornProblem(DateOnly born, DateOnly today) =>
        born > today ? (Said)$"{born:yyyy-MM-dd} is in the future. Check the year."
        : Age.Months(born, today) > 9 * 12 ? (Said)$"{born:yyyy-MM-dd} is more than 9 years ago. Check the year."
        : null;

    private static string Key(string name) => name.Normalize(NormalizationForm.FormC).ToUpperInvariant();

    private static DateOnly Born(string text, DateOnly today, Action<Said> refuse)
    {
        if (
            !DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var born)
        )
        {
            refuse($"\"{text}\" is not a date of the calendar. Write year-month-day, for example 2022-04-21.");
        }
        else if (BornProblem(born, today) is { } problem)
        {
            refuse(problem);
        }

        return born;
    }

    private static WeekDays DaysOf(string text, WeekDays otherwise, Action<Said> refuse)
    {
        if (text.Length == 0)
        {
            return otherwise;
        }

        var days = WeekDays.None;
        foreach (var word in text.Split([' ', ',', ';', '/'], StringSplitOptions.RemoveEmptyEntries))
        {
            var day = Days.FirstOrDefault(d => word.StartsWith(d.Short, StringComparison.OrdinalIgnoreCase)).Day;
            if (day == WeekDays.None)
            {
                refuse($"\"{word}\" is not a day. Write Mo Tu We Th Fr Sa with spaces between.");
                return otherwise;
            }

            days |= day;
        }

        return days;
    }

    private static bool YesOrNo(string text, Action<Said> refuse)
    {
        switch (text.ToLowerInvariant())
        {
            case "yes" or "y" or "true" or "1" or "sí" or "si" or "x":
                return true;
            case "" or "no" or "n" or "false" or "0":
                return false;
            default:
                refuse($"\"{text}\" is neither yes nor no.");
                return false;
        }
    }

    private static Hand HandOf(string text, Action<Said> refuse)
    {
        if (text.Length == 0)
        {
            return Hand.Undecided;
        }

        if (Enum.TryParse<Hand>(text, ignoreCase: true, out var hand) && !int.TryParse(text, out _))
        {
            return hand;
        }

        refuse($"\"{text}\" is not a hand. Write left, right or undecided.");
        return Hand.Undecided;
    }
}
