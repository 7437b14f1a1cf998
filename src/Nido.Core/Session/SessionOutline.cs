using Nido.Core.Group;
using Nido.Core.Ideas;
using Nido.Core.Week.Problem;
using Nido.Core.Week.Reading;

namespace Nido.Core.Session;

/// <summary>
/// A session from welcome to farewell in its own minutes: the story as long as the younger half listens, a rhyme after it,
/// the tables, and the last minutes for putting away and goodbye. The minutes of the parts are those of the blocks.
/// </summary>
public static class SessionOutline
{
    /// <summary>Minutes of the greeting where no block is for arriving (common practice: a name song).</summary>
    private const int Greeting = 3;

    /// <summary>Minutes of a rhyme, at least: once slowly, once with the hands.</summary>
    private const int Rhyme = 2;

    /// <summary>Minutes for putting away and goodbye.</summary>
    private const int Goodbye = 3;

    /// <summary>The shortest story.</summary>
    private const int ShortestStory = 3;

    /// <summary>Words told in a minute to young children, slower than talk (common practice).</summary>
    private const double WordsAMinute = 100;

    /// <summary>Minutes a question takes with its answers.</summary>
    private const double Question = 0.75;

    private const int MostQuestions = 3;

    /// <summary>The parts of a session, in order; empty where the children are known or nothing takes place.</summary>
    public static IReadOnlyList<PartOfSession> Of(WeekPlan plan, Theme theme, int day)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(theme);
        var problem = plan.Problem;
        Block[] blocks =
        [
            .. problem.Blocks.Where(
                (x, b) => problem.Attendance.TakesPlace(day, b) || plan.OwnWords(day, x.Id) is not null
            ),
        ];
        if (problem.Group.Kind != GroupKind.DropIn || blocks.Length == 0)
        {
            return [];
        }

        Use[] In(Block block) =>
            [.. plan.Filled.Where(f => f.Placement.Day == day && f.Placement.BlockId == block.Id).Select(f => f.Use)];
        // Where no block is a circle, its first minutes are the circle.
        Block[] planned = [.. blocks.Where(b => plan.OwnWords(day, b.Id) is null)];
        var gathers = planned.FirstOrDefault(b => b.Kind == BlockKind.Circle) ?? planned.FirstOrDefault();
        var parts = new List<PartOfSession>();
        foreach (var block in blocks)
        {
            if (plan.OwnWords(day, block.Id) is { } own)
            {
                parts.Add(new(PartKind.Tables, block.Starts, block.Minutes, Said.Name(own), [], []));
            }
            else if (block == gathers)
            {
                parts.AddRange(Circle(plan, theme, day, block, In(block), greets: parts.Count == 0));
            }
            else if (parts.All(p => p.Kind == PartKind.Welcome))
            {
                parts.Add(
                    new(PartKind.Welcome, block.Starts, block.Minutes, $"Arriving: {theme.Greeting}", [], In(block))
                );
            }
            else
            {
                parts.Add(new(PartKind.Tables, block.Starts, block.Minutes, Tables(In(block)), [], In(block)));
            }
        }

        return WithGoodbye(parts, theme);
    }

    /// <summary>Minutes the younger ones listen: the attention of the age a quarter of them are under.</summary>
    public static double Listens(ChildrenGroup group, DateOnly day)
    {
        ArgumentNullException.ThrowIfNull(group);
        int[] ages = [.. group.Children.Select(c => c.MonthsOn(day)).Order()];
        return ages.Length == 0
            ? ShortestStory
            : Math.Max(ShortestStory, Minutes.Attention(ages[ages.Length / 4], group.Settings));
    }

    private static List<PartOfSession> Circle(WeekPlan plan, Theme theme, int day, Block block, Use[] uses, bool greets)
    {
        var parts = new List<PartOfSession>();
        var (at, left) = (block.Starts, block.Minutes);
        void Add(PartKind kind, int minutes, Said what, IReadOnlyList<Said> lines, IReadOnlyList<Use> ideas)
        {
            parts.Add(new(kind, at, minutes, what, lines, ideas));
            (at, left) = (at.AddMinutes(minutes), left - minutes);
        }

        if (greets && left > Greeting + ShortestStory)
        {
            Add(PartKind.Welcome, Greeting, theme.Greeting, [], []);
        }

        var circle = block.Kind == BlockKind.Circle;
        var rhyme = left >= ShortestStory + Rhyme ? Rhyme : 0;
        var room = Math.Min((int)Math.Ceiling(Listens(plan.Problem.Group, plan.Problem.Days[day].Date)), left - rhyme);
        Use[] story = circle ? [.. uses.Where(u => u.Idea.Technique.InSession == SessionPart.Story)] : [];
        Use[] songs = circle ? [.. uses.Except(story)] : [];
        Add(PartKind.Story, room, Told(theme, room), Lines(theme, room), story);
        // What the story leaves of a circle is sung; of a table it is work.
        var sung = circle ? left : Math.Min(left, rhyme);
        if (sung > 0)
        {
            Add(
                PartKind.Rhyme,
                sung,
                songs.Length > 0 ? (Said)$"{songs.Select(s => (Said)s.Idea.Title)}" : $"The rhyme of the week",
                [.. theme.Rhyme.Select(l => (Said)l)],
                songs
            );
        }

        if (left > 0)
        {
            Add(PartKind.Tables, left, Tables(uses), [], uses);
        }

        return parts;
    }

    private static Said Told(Theme theme, int minutes) =>
        BookFor(theme, minutes) is { } book
            ? (Said)$"Read “{book.Title}”, {book.Minutes} min, and ask"
            : $"Tell the story of {theme.Name}, and ask";

    /// <summary>The longest book on the shelf that the minutes hold with one question.</summary>
    private static Book? BookFor(Theme theme, int minutes) =>
        theme
            .Books.Where(b => b.OnShelf && b.Minutes + Question <= minutes)
            .OrderByDescending(b => b.Minutes)
            .FirstOrDefault();

    /// <summary>The story as far as the minutes hold it, then as many questions as are left time for, one at least.</summary>
    private static Said[] Lines(Theme theme, int minutes)
    {
        var book = BookFor(theme, minutes);
        InBoth[] whole = theme.StoryParts.Count > 0 ? [.. theme.StoryParts] : [theme.Story];
        InBoth[] told =
            book is not null ? []
            : Telling(whole) + Question <= minutes ? whole
            : [theme.Story];
        var over = minutes - (book?.Minutes ?? Telling(told));
        var questions = Math.Clamp((int)(over / Question), 1, MostQuestions);
        return [.. told.Select(t => (Said)t), .. theme.Questions.Take(questions).Select(q => (Said)q)];
    }

    private static double Telling(IEnumerable<InBoth> texts) =>
        texts.Sum(t => Math.Max(t.En.Split(' ').Length, t.Es.Split(' ').Length)) / WordsAMinute;

    private static Said Tables(Use[] uses) =>
        uses.Length == 0 ? (Said)$"Nothing lies out yet" : $"{uses.Select(u => (Said)u.Idea.Title)}";

    /// <summary>The last minutes are the farewell's, taken from the part before it where that one is longer.</summary>
    private static List<PartOfSession> WithGoodbye(List<PartOfSession> parts, Theme theme)
    {
        var last = parts[^1];
        var minutes = Math.Min(Goodbye, last.Minutes - 1);
        if (minutes > 0)
        {
            parts[^1] = last with { Minutes = last.Minutes - minutes };
            parts.Add(
                new(PartKind.Farewell, last.From.AddMinutes(last.Minutes - minutes), minutes, theme.Farewell, [], [])
            );
        }

        return parts;
    }
}
